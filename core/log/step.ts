import type { InferType } from 'yup'
import * as yup from 'yup'
import { glyphs } from '../items/kinds.ts'
import { limits } from '../schema/limits.ts'
import { postures } from '../machine/postures.ts'
import { moveSchema, type Move } from '../moves/registry.ts'
import { line, listOf, moment, oneOf, photoHash, shape, uuid, wholeWithin, within, zoneId } from '../schema/atoms.ts'

/** A share of the photo's width or height. */
const ratio = () => within(0, 1).required()

/** A point of a photo, in shares of its width and height from the top left. */
export const spot = () => shape({ x: ratio(), y: ratio() })

/** A region of another photo, in shares of its width and height. */
const region = shape({ photo: photoHash().required(), x: ratio(), y: ratio(), width: ratio(), height: ratio() })

/** How a camera stood, where it knows: the map from the plane of a place that it names to the photo, row by row, in shares of both. */
const stand = shape({
  place: line().required(),
  map: listOf(within(-1e6, 1e6).required(), 9).length(9, '${path} is a map of nine numbers').required(),
})

/** A photo by its content hash; sizes in pixels. A close-up can be tied to the region of a wide photo that it shows. */
export const photo = shape({
  hash: photoHash().required(),
  width: wholeWithin(1, limits.photoEdge).required(),
  height: wholeWithin(1, limits.photoEdge).required(),
  takenAt: moment().required(),
  closeUpOf: region.default(undefined).optional(),
  stand: stand.default(undefined).optional(),
  /** The focal length of its lens, in widths of the photo, where the picture says it. */
  lens: within(0.2, 20),
})
/** A photo as a step names it: by the hash of its bytes, with its size in pixels. */
export type Photo = InferType<typeof photo>

/** A typed point or path on a photo, tied to one move; coordinates are shares of the photo, 0 to 1, from the top left. */
export const mark = shape({
  id: uuid().required(),
  photo: photoHash().required(),
  move: uuid(),
  glyph: oneOf(glyphs).required(),
  path: yup.array(spot().required()).min(1, '${path} has no point').max(limits.waypoints).required(),
})
/** A place on a photo of a step, or a path along it, that belongs to a move. */
export type Mark = InferType<typeof mark>

const content = {
  title: line(),
  zone: zoneId(),
  /** The move with which a part came off that lies on the bench and is taken apart by this step. */
  of: uuid(),
  posture: oneOf(postures),
  /** True when it was done while the machine had power, at a place that may be live. */
  live: yup.boolean(),
  photos: yup
    .array(photo.required())
    .max(limits.photos, `\${path}: a step can hold ${limits.photos} photos`)
    .required(),
  marks: yup.array(mark.required()).max(limits.marks, `\${path}: a step can hold ${limits.marks} marks`).required(),
  moves: yup
    .array(moveSchema as unknown as yup.Schema<Move>)
    .max(limits.moves, `\${path}: a step can hold ${limits.moves} moves`)
    .test('down', '${path}: a step records moves on the way down', moves => !moves?.some(m => m?.way === 'back'))
    .required(),
}

/** One thing done at one place. */
export const step = shape({ id: uuid().required(), ...content })
/** One thing done at one place: its photos, the marks on them, its moves. */
export interface Step {
  id: string
  title?: string | undefined
  zone?: string | undefined
  /** The move with which a part came off that lies on the bench and is taken apart by this step. */
  of?: string | undefined
  posture?: (typeof postures)[number] | undefined
  live?: boolean | undefined
  photos: Photo[]
  marks: Mark[]
  moves: Move[]
}

/** What was recorded of a step, without what became of it since. */
export const contentOf = ({ id, title, zone, of, posture, live, photos, marks, moves }: Step): Step => ({
  id,
  ...(title !== undefined && { title }),
  ...(zone !== undefined && { zone }),
  ...(of !== undefined && { of }),
  ...(posture !== undefined && { posture }),
  ...(live !== undefined && { live }),
  photos,
  marks,
  moves,
})
