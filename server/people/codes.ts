import { randomBytes } from 'node:crypto'

/** Figures and letters that are not taken for one another (Crockford's base 32). */
const signs = '0123456789ABCDEFGHJKMNPQRSTVWXYZ'
/** Five bits a sign: fifty in all. */
const length = 10

/** A code that is read from a screen and typed: `K7QF2-9MXTR`, from at least ten bytes. */
export function codeFrom(bytes: Buffer): string {
  const code = [...bytes.subarray(0, length)].map(b => signs[b % signs.length]!).join('')
  return `${code.slice(0, 5)}-${code.slice(5)}`
}
export const newCode = (): string => codeFrom(randomBytes(length))

/** A code as it was meant, however it was typed: in small letters, with spaces, with O for 0 and I or L for 1. */
export const codeMeant = (typed: string): string =>
  typed
    .toUpperCase()
    .replace(/O/g, '0')
    .replace(/[IL]/g, '1')
    .replace(/[^0-9A-Z]/g, '')
