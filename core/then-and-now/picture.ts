/** Pixels of a picture, four bytes each (red, green, blue, opacity), row by row from the top left: what a canvas gives. */
export interface Picture {
  width: number
  height: number
  data: Uint8ClampedArray
}
