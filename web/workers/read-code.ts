import jsQR from 'jsqr'

/** Reads the square code on a picture; answers with its text, or null when there is none. */
self.onmessage = ({ data: { id, image } }: MessageEvent<{ id: number; image: ImageData }>) => {
  const found = jsQR(image.data, image.width, image.height)
  self.postMessage({ id, answer: found?.data ?? null })
}
