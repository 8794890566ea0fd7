import { limits } from '@dialytica/core/schema'
import pLimit from 'p-limit'
import { createHash, randomUUID } from 'node:crypto'
import { mkdir, readdir, rename, rm, stat, statfs, writeFile } from 'node:fs/promises'
import { dirname, join } from 'node:path'
import type { DataSource } from 'typeorm'
import { PhotoEntity, type PhotoRow } from '../entities/index.ts'
import { ProblemError } from '../problems.ts'
import { ignoreDouble, retried } from '../retried.ts'
import { develop, sizes, type Size } from './develop.ts'

/** Developing one photo keeps a core busy and takes up to 200 MB: two are developed at once. */
const developing = pLimit(2)

const sizeNames = Object.keys(sizes) as Size[]

export const sha256 = (bytes: Buffer): string => createHash('sha256').update(bytes).digest('hex')

/** The file of a photo in one size; photos of each shop lie apart. */
export const photoFile = (data: string, shopId: string, hash: string, size: Size): string =>
  join(data, 'photos', shopId, hash.slice(0, 2), `${hash}.${size}.jpg`)

/** Writes beside, then renames: a killed server leaves no half photo under its name, a full disk no half one at all. */
async function put(file: string, bytes: Buffer): Promise<void> {
  await mkdir(dirname(file), { recursive: true })
  const beside = `${file}.${randomUUID()}.part`
  try {
    await writeFile(beside, bytes)
    await rename(beside, file)
  } catch (error) {
    await rm(beside, { force: true })
    throw error
  }
}

/** Takes away what killed servers left half written, an hour ago or longer. */
export async function sweepParts(data: string, now = Date.now()): Promise<void> {
  const photos = join(data, 'photos')
  const files = await readdir(photos, { recursive: true }).catch(() => [])
  for (const file of files.filter(f => f.endsWith('.part'))) {
    const left = await stat(join(photos, file)).catch(() => null)
    if (left && now - left.mtimeMs > 3_600_000) await rm(join(photos, file), { force: true })
  }
}

/** Throws `full` when the disk has no room but what is kept for what is written down. */
async function needRoom(data: string): Promise<void> {
  const { bavail, bsize } = await statfs(data).catch(() => ({ bavail: Infinity, bsize: 1 }))
  if (bavail * bsize < limits.reserve)
    throw new ProblemError(
      'full',
      'The photo is kept on this device. Whoever runs this server must free room on its disk; what is written still goes up.',
    )
}

/** True when a photo is there in every size. */
const isThere = async (data: string, shopId: string, hash: string): Promise<boolean> =>
  (await Promise.all(sizeNames.map(size => stat(photoFile(data, shopId, hash, size)).catch(() => null)))).every(Boolean)

/**
 * Takes in a photo under the hash of its bytes as taken, for a job where one is told. The same photo again is stored once, and stays of the job
 * for which it came first. Throws `invalid` when the bytes do not have that hash.
 */
export async function takeIn(
  db: DataSource,
  data: string,
  shopId: string,
  hash: string,
  bytes: Buffer,
  job?: string,
): Promise<PhotoRow> {
  const photos = db.getRepository(PhotoEntity)
  if (sha256(bytes) !== hash)
    throw new ProblemError('invalid', 'The bytes do not have the hash of the address: send the photo again.')
  const there = await photos.findOneBy({ shopId, hash })
  // A photo whose file is gone is made again from the same bytes.
  if (there && !there.jobId && job) await photos.update({ shopId, hash }, { jobId: job })
  if (there && (await isThere(data, shopId, hash))) return there
  await needRoom(data)
  const { jpegs, width, height, takenAt } = await developing(() => develop(bytes))
  await Promise.all(sizeNames.map(size => put(photoFile(data, shopId, hash, size), jpegs[size])))
  if (there) return there
  const row = {
    shopId,
    hash,
    width,
    height,
    bytes: jpegs.full.length,
    takenAt,
    createdAt: new Date(),
    jobId: job ?? null,
  }
  // A plain insert locks its own row only; photos that come in side by side do not stand in each other's way.
  await retried(() => photos.insert(row).catch(ignoreDouble))
  return row
}

/** Takes a photo away again, in every size. */
export async function takeOut(db: DataSource, data: string, shopId: string, hash: string): Promise<void> {
  await db.getRepository(PhotoEntity).delete({ shopId, hash })
  for (const size of sizeNames) await rm(photoFile(data, shopId, hash, size), { force: true })
}
