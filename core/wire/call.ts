import type * as yup from 'yup'

/** One address of the API: how it is asked, and what it answers. The server mounts it, the client asks by it, the OpenAPI document tells it. */
export interface Call<P extends string = string, Q extends string = string, B = unknown, R = unknown> {
  method: 'get' | 'post' | 'put' | 'delete'
  /** With parameters in braces: `/api/jobs/{job}`. */
  path: string
  /** The form of each parameter in the path; what does not fit is not found. */
  params?: Readonly<Record<P, RegExp>>
  /** The form of each parameter of the query; each may be left out. */
  query?: Readonly<Record<Q, RegExp>>
  body?: yup.Schema<B>
  /** How long a JSON body may be, in bytes, where it is more than a form. */
  size?: number
  /** The body is raw bytes of at most so many. */
  bytes?: number
  /** The body is a file of at most so many bytes: it is written down as it comes, never held whole in memory. */
  file?: number
  /** What is answered, as JSON; none where the answer is a file, a stream or nothing. */
  reply?: yup.Schema<R>
}

/** Keeps the types of parameters, body and reply between the contract and who uses it. */
export const call = <P extends string = never, Q extends string = never, B = never, R = void>(
  of: Call<P, Q, B, R>,
): Call<P, Q, B, R> => of

/** What a call has to be asked with: its parameters, its query, its body. */
export type AskedWith<C> =
  C extends Call<infer P, infer Q, infer B, unknown>
    ? ([P] extends [never] ? { params?: undefined } : { params: Record<P, string> }) &
        ([Q] extends [never] ? { query?: undefined } : { query?: Partial<Record<Q, string | number>> }) &
        ([B] extends [never] ? { body?: object | Blob } : { body: B })
    : never

/** The address of a call with its parameters and its query filled in. */
export function addressOf<P extends string, Q extends string>(
  { path }: Pick<Call<P, Q>, 'path'> & { params?: Readonly<Record<P, RegExp>>; query?: Readonly<Record<Q, RegExp>> },
  params?: Readonly<Record<P, string>>,
  query?: Readonly<Partial<Record<Q, string | number>>>,
): string {
  const filled = path.replace(/\{(\w+)\}/g, (_, name: string) => encodeURIComponent(params?.[name as P] ?? ''))
  const asked = Object.entries<string | number | undefined>(query ?? {}).filter(([, value]) => value !== undefined)
  const search = asked.map(([name, value]) => `${name}=${encodeURIComponent(String(value))}`).join('&')
  return search ? `${filled}?${search}` : filled
}

/** The header in which each answer carries the clock of the server. */
export const timeHeader = 'dialytica-time'

/** The form of a number in an address. */
export const numberForm = /^\d{1,9}$/
