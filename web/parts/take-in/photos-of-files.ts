import type { Photo } from '@dialytica/core/log'
import { calls } from '@dialytica/core/wire'
import { api } from '../../data/api.ts'
import { hashOf } from '../../data/hash.ts'
import { remember } from '../../data/photo-url.ts'

/** Sends photos of files up, one after the other; each says when it was taken, or when its file was written. `told` hears of each. */
export async function photosOfFiles(
  files: readonly File[],
  actor: string,
  told: (done: number) => void,
): Promise<{ photos: Photo[]; problems: string[] }> {
  const photos: Photo[] = []
  const problems: string[] = []
  for (const [i, file] of files.entries()) {
    try {
      const hash = await hashOf(await file.arrayBuffer())
      const kept = await api(calls.putPhoto, { params: { hash }, query: { actor }, body: file })
      remember(hash, file)
      const takenAt = kept.takenAt ?? new Date(file.lastModified).toISOString()
      photos.push({ hash, width: kept.width, height: kept.height, takenAt })
    } catch (error) {
      problems.push(`${file.name}: ${(error as Error).message}`)
    }
    told(i + 1)
  }
  return { photos, problems }
}
