/** A folder into which a camera of its own writes: a card, a share, a tethered camera. */
export interface PhotoFolder {
  name: string
  /** Its pictures as they are now, the newest first. */
  pictures(): Promise<File[]>
}

type Picker = typeof globalThis & { showDirectoryPicker?: () => Promise<FileSystemDirectoryHandle> }
type Entries = FileSystemDirectoryHandle & { values(): AsyncIterable<FileSystemHandle> }

const isPicture = (file: File) => /^image\//.test(file.type) || /\.(jpe?g|png|webp|avif)$/i.test(file.name)
/** So many are shown: what is wanted is among the newest. */
const most = 24
const newest = (files: File[]) =>
  files
    .filter(isPicture)
    .sort((a, b) => b.lastModified - a.lastModified)
    .slice(0, most)

/** True where a folder can be followed as it grows; elsewhere its files are chosen once. */
export const canFollow = (): boolean => Boolean((globalThis as Picker).showDirectoryPicker)

/** Asks for a folder, and follows it: what comes in later is seen too. Null when none was chosen. */
export async function followFolder(): Promise<PhotoFolder | null> {
  const handle = await (globalThis as Picker).showDirectoryPicker!().catch(() => null)
  if (!handle) return null
  return {
    name: handle.name,
    async pictures() {
      const files: File[] = []
      for await (const entry of (handle as Entries).values())
        if (entry.kind === 'file') files.push(await (entry as FileSystemFileHandle).getFile())
      return newest(files)
    },
  }
}

/** A folder as its files were chosen once. */
export const chosenFolder = (files: readonly File[]): PhotoFolder => ({
  name: files[0]?.webkitRelativePath.split('/')[0] ?? 'folder',
  pictures: async () => newest([...files]),
})
