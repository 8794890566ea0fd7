import { limits } from '@dialytica/core/schema'
import exifr from 'exifr'
import sharp from 'sharp'
import { ProblemError } from '../problems.ts'

/** Longest edge of each stored size, in pixels. */
export const sizes = { full: 4096, stage: 1600, thumb: 320 } as const
export type Size = keyof typeof sizes

export interface Developed {
  width: number
  height: number
  takenAt: Date | null
  jpegs: Record<Size, Buffer>
}

const readable = new Set(['jpeg', 'png', 'webp', 'avif', 'tiff'])
const jpeg = { quality: 84, chromaSubsampling: '4:2:0' } as const

/** `2026:01:31 08:00:00`, the form in which a photo carries its time. */
const exifTime = (t: Date) => t.toISOString().slice(0, 19).replace(/-/g, ':').replace('T', ' ')

/**
 * Re-encodes a photo in every size: upright, sRGB, stripped of everything but the time at which it was taken.
 * Throws `not-a-photo` when the bytes cannot be read, `too-large` above the limit of pixels.
 */
export async function develop(bytes: Buffer): Promise<Developed> {
  if (bytes.length === 0) throw new ProblemError('not-a-photo', 'The photo was empty: send it again.')
  const source = sharp(bytes, { limitInputPixels: limits.photoPixels, failOn: 'error' })
  const meta = await source.metadata().catch(() => null)
  const format = meta?.format === 'heif' && meta.compression === 'av1' ? 'avif' : meta?.format
  if (!meta?.width || !meta.height || !readable.has(format ?? ''))
    throw new ProblemError('not-a-photo', 'Send a JPEG, PNG, WebP, AVIF or TIFF picture.')
  if (meta.width * meta.height > limits.photoPixels)
    throw new ProblemError(
      'too-large',
      `A photo can have ${limits.photoPixels / 1e6} megapixels; take it at a smaller size.`,
    )
  const tags = (await exifr.parse(bytes, ['DateTimeOriginal']).catch(() => null)) as { DateTimeOriginal?: Date } | null
  const told = tags?.DateTimeOriginal
  // A clock that was never set, or a damaged tag, tells years that no camera has seen: they say nothing.
  const takenAt = told instanceof Date && told.getFullYear() >= 1990 && told.getFullYear() < 2200 ? told : null
  const inside = (edge: number) => ({ width: edge, height: edge, fit: 'inside', withoutEnlargement: true }) as const
  const upright = source.rotate().toColourspace('srgb')
  const dated = takenAt ? upright.withExif({ IFD0: { DateTime: exifTime(takenAt) } }) : upright
  try {
    const sized = (edge: number) => dated.clone().resize(inside(edge)).jpeg(jpeg).toBuffer({ resolveWithObject: true })
    const isSmall = Math.max(meta.width, meta.height) <= sizes.stage
    // Side by side: each decodes by itself, and one after the other would keep a hand waiting twice as long.
    const [full, { data: stage }] = isSmall
      ? await sized(sizes.full).then(only => [only, only] as const)
      : await Promise.all([sized(sizes.full), sized(sizes.stage)])
    const thumb = await sharp(stage).resize(inside(sizes.thumb)).jpeg(jpeg).toBuffer()
    return { width: full.info.width, height: full.info.height, takenAt, jpegs: { full: full.data, stage, thumb } }
  } catch {
    throw new ProblemError('not-a-photo', 'The picture is damaged: take it again or send another copy.')
  }
}
