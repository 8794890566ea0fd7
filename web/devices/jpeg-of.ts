/** A canvas as a JPEG of a quality from 0 to 1; throws with what to do when there is no picture on it. */
export const jpegOf = (canvas: HTMLCanvasElement, quality: number): Promise<Blob> =>
  new Promise((done, fail) =>
    canvas.toBlob(
      blob => (blob ? done(blob) : fail(new Error('The camera gave no picture: take it again.'))),
      'image/jpeg',
      quality,
    ),
  )
