/** The pixels of a picture, made at most so wide; drawn on a canvas of the page, or of a worker. */
export async function pixelsOf(
  source: ImageBitmapSource,
  widest: number,
  canvas: HTMLCanvasElement | OffscreenCanvas,
): Promise<ImageData> {
  const bitmap = await createImageBitmap(source)
  const scale = Math.min(1, widest / bitmap.width)
  canvas.width = Math.round(bitmap.width * scale)
  canvas.height = Math.round(bitmap.height * scale)
  const pen = canvas.getContext('2d', { willReadFrequently: true }) as
    CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D
  pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  return pen.getImageData(0, 0, canvas.width, canvas.height)
}
