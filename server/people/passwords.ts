import { hash, verify } from '@node-rs/argon2'

/** Argon2id with the parameters that OWASP's password storage sheet names first: 19 MiB, two passes, one lane. */
const cost = { memoryCost: 19456, timeCost: 2, parallelism: 1 }

export const hashPassword = (password: string): Promise<string> => hash(password, cost)

const nobody = hashPassword('nobody has this password')

/** True when the password fits the hash. Without a hash it takes as long, and is false. */
export async function fits(password: string, passwordHash: string | undefined): Promise<boolean> {
  const right = await verify(passwordHash ?? (await nobody), password)
  return right && passwordHash !== undefined
}
