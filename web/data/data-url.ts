import { photoUrl } from './photo-url.ts'

/** A photo as a data address, to stand in a file of its own; rejects where it cannot be read now. */
export async function dataUrl(hash: string): Promise<string> {
  const reply = await fetch(await photoUrl(hash, 'stage'))
  if (!reply.ok) throw new Error(`Photo: ${reply.status}`)
  const blob = await reply.blob()
  return new Promise((resolve, reject) => {
    const reader = new FileReader()
    reader.onload = () => resolve(reader.result as string)
    reader.onerror = () => reject(reader.error ?? new Error('The photo could not be read.'))
    reader.readAsDataURL(blob)
  })
}
