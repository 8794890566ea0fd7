import { password } from '../server/test/world.ts'

/** Signs somebody in, and asks or tells a server as a browser does: over one connection that stays. */
export async function asking(url: string, login: string): Promise<<T>(path: string, body?: unknown) => Promise<T>> {
  const signedIn = await fetch(`${url}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ login, password }),
  })
  const cookie = signedIn.headers.get('set-cookie')!.split(';')[0]!
  return async <T>(path: string, body?: unknown) => {
    const sent = body !== undefined && {
      method: 'POST',
      headers: { cookie, 'content-type': 'application/json' },
      body: JSON.stringify(body),
    }
    return (await (await fetch(`${url}/api/${path}`, sent || { headers: { cookie } })).json()) as T
  }
}
