import { expose } from 'comlink'
import jsQR from 'jsqr'

/** Reads the square code on a picture; answers with its text, or null when there is none. */
expose((image: ImageData) => jsQR(image.data, image.width, image.height)?.data ?? null)
