import { randomUUID } from 'node:crypto'
import { createWriteStream } from 'node:fs'
import { mkdir, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { Transform } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import express, { type Request, type RequestHandler, type Response } from 'express'
import { ipKeyGenerator, rateLimit, type Store } from 'express-rate-limit'
import { ProblemError } from '../problems.ts'

/**
 * What stands between a request and its handler: how often it may come, and how much of it is read. Nothing of a body is read
 * before it is known who sends it, and whether they may.
 */
export interface Rate {
  /** What is counted, as it is said to whoever does it too often. */
  what: string
  most: number
  minutes: number
  /** Counted for each address, or for each account from wherever it comes. */
  by: 'address' | 'account'
  /** True where only what failed is counted. */
  failures?: boolean
}

/** An address as it is counted: one network of a provider is one address. */
export const addressOf = (req: Request): string => ipKeyGenerator(req.ip ?? '')

const wait = (minutes: number) => (minutes === 1 ? 'a minute' : `${minutes} minutes`)

/** The count of one rate. Without a store it is kept in memory: what it protects is this very server. */
export function counted(
  { what, most, minutes, by, failures = false }: Rate,
  store?: Store,
  key?: (req: Request) => string,
) {
  return rateLimit({
    windowMs: minutes * 60_000,
    limit: most,
    ...(store && { store }),
    keyGenerator: (req, res) => key?.(req) ?? (by === 'address' ? addressOf(req) : String(res.locals.account)),
    skipSuccessfulRequests: failures,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    validate: { keyGeneratorIpFallback: false },
    handler: () => {
      throw new ProblemError('too-many', `Too many ${what}: wait ${wait(minutes)}, then try again.`)
    },
  })
}

/** Runs a middleware to its end. */
export const passed = (handler: RequestHandler, req: Request, res: Response): Promise<void> =>
  new Promise((done, fail) => {
    const next = (error?: unknown) => (error ? fail(error as Error) : done())
    Promise.resolve(handler(req, res, next)).catch(fail)
  })

const kilobytes = 1024
/** The usual size of a body: a form filled in by hand. */
export const formBytes = 32 * kilobytes

const json = new Map<number, RequestHandler>()
/** Reads a JSON body of at most so many bytes; a longer one is refused as soon as that is known. */
export async function readJson(req: Request, res: Response, most: number): Promise<unknown> {
  if (!json.has(most)) json.set(most, express.json({ limit: most, type: () => true }))
  await passed(json.get(most)!, req, res)
  return req.body
}
/** Reads the bytes of a body, at most so many. */
export async function readBytes(req: Request, res: Response, most: number): Promise<Buffer> {
  await passed(express.raw({ type: () => true, limit: most }), req, res)
  return Buffer.isBuffer(req.body) ? req.body : Buffer.alloc(0)
}

/** Writes a body to a file of its own in a folder, as it comes, and returns its path. A longer one is refused as soon as that is known, and nothing of it stays. */
export async function readToFile(req: Request, most: number, folder: string): Promise<string> {
  const tooLarge = () =>
    new ProblemError('too-large', `This can be ${Math.floor(most / 1024 / 1024)} MB at most: take it in in parts.`)
  if (Number(req.headers['content-length'] ?? 0) > most) throw tooLarge()
  await mkdir(folder, { recursive: true })
  const file = join(folder, `in-${randomUUID()}`)
  let bytes = 0
  const counting = new Transform({
    transform(chunk: Buffer, _, done) {
      bytes += chunk.length
      if (bytes > most) done(tooLarge())
      else done(null, chunk)
    },
  })
  try {
    await pipeline(req, counting, createWriteStream(file))
    return file
  } catch (error) {
    await rm(file, { force: true })
    throw error
  }
}
