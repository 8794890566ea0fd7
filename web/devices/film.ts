/** A film of this device, opened to be looked into. `length` is in seconds. */
export interface Film {
  name: string
  length: number
  /** When its recording ended, as far as its file says. */
  endedAt: Date
  /** The picture at a second of it, as a JPEG. Rejects, with what to do, where there is none. */
  still(second: number): Promise<Blob>
  close(): void
}

/** Long enough for a slow disk; after that the film does not answer. */
const patience = 15_000
const edge = 1920

const until = (video: HTMLVideoElement, event: 'loadeddata' | 'seeked', begin: () => void): Promise<void> =>
  new Promise((done, fail) => {
    const wait = setTimeout(() => fail(new Error('The film does not answer: choose it again.')), patience)
    const over = (how: () => void) => () => {
      clearTimeout(wait)
      how()
    }
    video.addEventListener(event, over(done), { once: true })
    video.addEventListener(
      'error',
      over(() => fail(new Error('This device cannot show that film: save it as MP4 or WebM and choose it again.'))),
      { once: true },
    )
    begin()
  })

/** Opens a film; rejects, with what to do, where this device cannot show it. */
export async function openFilm(file: File): Promise<Film> {
  const url = URL.createObjectURL(file)
  const video = document.createElement('video')
  video.muted = true
  video.preload = 'auto'
  try {
    await until(video, 'loadeddata', () => (video.src = url))
    // A film that was recorded in a browser says no length until its end was looked for.
    if (!Number.isFinite(video.duration)) await until(video, 'seeked', () => (video.currentTime = 1e7))
  } catch (error) {
    URL.revokeObjectURL(url)
    throw error
  }
  const length = Number.isFinite(video.duration) ? video.duration : video.currentTime
  return {
    name: file.name,
    length,
    endedAt: new Date(file.lastModified),
    async still(second) {
      const at = Math.min(Math.max(0, second), Math.max(0, length - 0.05))
      if (Math.abs(video.currentTime - at) > 0.001) await until(video, 'seeked', () => (video.currentTime = at))
      const scale = Math.min(1, edge / Math.max(video.videoWidth, video.videoHeight))
      const canvas = document.createElement('canvas')
      canvas.width = Math.max(1, Math.round(video.videoWidth * scale))
      canvas.height = Math.max(1, Math.round(video.videoHeight * scale))
      canvas.getContext('2d')!.drawImage(video, 0, 0, canvas.width, canvas.height)
      return new Promise((done, fail) =>
        canvas.toBlob(
          blob => (blob ? done(blob) : fail(new Error('There is no picture at that time: choose another.'))),
          'image/jpeg',
          0.9,
        ),
      )
    },
    close: () => URL.revokeObjectURL(url),
  }
}
