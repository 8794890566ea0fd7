import type { Glyph } from '@dialytica/core/items'
import type { Photo } from '@dialytica/core/log'
import type { Family } from '@dialytica/core/machine'
import type { RatingPlate } from '@dialytica/demo'

/** What the simulated camera is pointed at; a real one sees for itself. */
export interface View {
  family: Family
  zone?: string | undefined
  /** Marks of what is away at this place now. */
  away: readonly { glyph: Glyph; path: readonly { x: number; y: number }[] }[]
  /** How many photos were taken before: each has its own angle and light. */
  taken: number
  /** The part of the place that a close-up shows, in shares of the whole. */
  region?: { x: number; y: number; width: number; height: number }
  /** The rating plate that it is held to, instead of a place of the machine. */
  plate?: RatingPlate
  /** A part on the bench that it is held to. */
  part?: { name: string; isNew: boolean }
}

/** A picture, with how the camera stood where it knows. */
export interface Shot {
  blob: Blob
  stand?: Photo['stand']
}

/** The kinds of errand that a camera is sent on. */
export type ErrandKind = 'step' | 'clearer' | 'close-up' | 'now' | 'found' | 'plate' | 'label' | 'proof' | 'part'

/**
 * What a shot is for. It travels with the shot from the button to the record, so that a shot that is slow, or that failed, never
 * takes the place of another's.
 */
export interface Errand {
  kind: ErrandKind
  /** What is to be photographed, as a short imperative. */
  words: string
  /** True where several pictures may be brought at once. */
  many?: boolean
  /** Where a phone that joins the job takes photos for it: lets one in. */
  byPhone?: (() => void) | undefined
  /** What the simulated camera sees; null when there is nothing before it. */
  simulated(): Promise<View | null>
  /** Takes the photo in. Returns what is wrong, or nothing. */
  keep(photo: Photo, blob: Blob): unknown
  /** Where set, a code is read from the picture, and no photo is kept. */
  read?(text: string): unknown
}

/** A camera that looks: its picture as it is now, and what it can do. */
export interface Camera {
  /** The moving picture, to be shown. */
  stream: MediaStream
  /** The lenses of this device, by the id that opens each. */
  lenses: readonly { id: string; name: string }[]
  lens: string | undefined
  /** Switches the light on or off; undefined where there is none. */
  torch?: (on: boolean) => Promise<void>
  /** The picture as it is now, a JPEG at the best size of the device. */
  shoot(): Promise<Blob>
  close(): void
}
