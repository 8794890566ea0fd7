import { createHash } from 'node:crypto'
import { mkdir, rename, writeFile } from 'node:fs/promises'
import { dirname, join } from 'node:path'
import type { DataSource } from 'typeorm'
import { PhotoEntity, type PhotoRow } from '../entities/index.ts'
import { ProblemError } from '../problems.ts'
import { ignoreDouble, retried } from '../retried.ts'
import { develop, type Size } from './develop.ts'

export const sha256 = (bytes: Buffer): string => createHash('sha256').update(bytes).digest('hex')

/** The file of a photo in one size; photos of each shop lie apart. */
export const photoFile = (data: string, shopId: string, hash: string, size: Size): string =>
  join(data, 'photos', shopId, hash.slice(0, 2), `${hash}.${size}.jpg`)

/** Writes beside, then renames: a killed server leaves no half photo under its name. */
async function put(file: string, bytes: Buffer): Promise<void> {
  await mkdir(dirname(file), { recursive: true })
  const beside = `${file}.${process.pid}.part`
  await writeFile(beside, bytes)
  await rename(beside, file)
}

/**
 * Takes in a photo under the hash of its bytes as taken. The same photo again is stored once.
 * Throws `invalid` when the bytes do not have that hash.
 */
export async function takeIn(
  db: DataSource,
  data: string,
  shopId: string,
  hash: string,
  bytes: Buffer,
): Promise<PhotoRow> {
  const photos = db.getRepository(PhotoEntity)
  if (sha256(bytes) !== hash)
    throw new ProblemError('invalid', 'The bytes do not have the hash of the address: send the photo again.')
  const there = await photos.findOneBy({ shopId, hash })
  if (there) return there
  const { jpegs, width, height, takenAt } = await develop(bytes)
  await Promise.all((Object.keys(jpegs) as Size[]).map(size => put(photoFile(data, shopId, hash, size), jpegs[size])))
  const row = { shopId, hash, width, height, bytes: jpegs.full.length, takenAt, createdAt: new Date() }
  // A plain insert locks its own row only; photos that come in side by side do not stand in each other's way.
  await retried(() => photos.insert(row).catch(ignoreDouble))
  return row
}
