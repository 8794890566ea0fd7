/** The rectangle of a picture of some size, whole, in the middle of a frame; pixels. */
export function fit(picture: { width: number; height: number }, frame: { width: number; height: number }) {
  const scale = Math.min(frame.width / picture.width, frame.height / picture.height)
  const [width, height] = [picture.width * scale, picture.height * scale]
  return { x: (frame.width - width) / 2, y: (frame.height - height) / 2, width, height }
}
