import type { InferType } from 'yup'
import { clip, clipKinds, clips } from '../items/clip.ts'
import { count } from '../schema/atoms.ts'
import { note } from '../words/note.ts'
import { join, say, sentence } from '../words/phrase.ts'
import { cell, count as counted, place } from './field.ts'
import { at, into, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('release-clips', { clip: clip.required(), count: count().required() })
type ReleaseClips = InferType<typeof schema>

const otherWay = { clockwise: 'anticlockwise', anticlockwise: 'clockwise' } as const

/** Releases clips, tabs or a bayonet; the inverse engages them until they click or lock. */
export const releaseClips: MoveKind<ReleaseClips> = {
  kind: 'release-clips',
  name: 'Release',
  item: 'clip',
  schema,
  fresh: () => ({ clip: {}, count: 1 }),
  fields: () => [
    counted,
    { path: 'clip.type', label: 'clip', how: 'choice', options: clipKinds },
    {
      path: 'clip.releases',
      label: 'releases',
      how: 'words',
      options: ['press inwards', 'from the left', 'from below'],
    },
    { path: 'clip.direction', label: 'twist', how: 'choice', options: ['clockwise', 'anticlockwise'] },
    { path: 'clip.fragile', label: 'fragile', how: 'yes' },
    cell,
    place,
  ],
  traits: () => ({ fastens: true }),
  grammar: {
    verb: 'release',
    thing: 'clip',
    verbs:
      'release, unclip, unhook, unlatch, pop, press, squeeze, prise, prize, pry, flick, depress, unsnap, snap, spread/spread, pinch, disengage, push, twist, turn, unlock, lever, open, ping, flip, unclasp, clip, hook, hinge, spring/sprung, click, rock, rotate, undo/undid/undone, slide/slid, bend/bent, lift',
    things: ['clip'],
    also: ['spring', 'ring', 'pin', 'retainer'],
  },
  opens: m => [owes(m, 'clip', 'open', m.count, say`${clips(m.count, m.clip)}${at(m)}`)],
  invert: m => turned(m.clip.direction ? { ...m, clip: { ...m.clip, direction: otherWay[m.clip.direction] } } : m),
  subject: m => say`${clips(m.count, m.clip)}${at(m)}`,
  thing: m => ({ say: m.clip.type ?? 'clip' }),
  down: m =>
    sentence(
      m.clip.type === 'bayonet'
        ? say`${on(m)}${join(' ', say`twist`, m.clip.direction && { say: m.clip.direction })} to free ${clips(m.count, m.clip)}`
        : say`${join(', ', say`${on(m)}release ${clips(m.count, m.clip)}`, m.clip.releases)}${into(m)}`,
    ),
  back: m =>
    sentence(
      m.clip.type === 'bayonet'
        ? say`${on(m)}${join(' ', say`twist`, m.clip.direction && { say: m.clip.direction })} until ${clips(m.count, m.clip)} locks`
        : m.count === 1
          ? say`${on(m)}engage ${clips(m.count, m.clip)} until it clicks`
          : say`${on(m)}engage ${clips(m.count, m.clip)} until each clicks`,
    ),
  notes: m => (m.clip.fragile ? [note(say`Fragile: press beside the clip, not on it`)] : []),
  tools: m => (m.clip.type === 'push-pin' ? ['pin lifter'] : m.clip.type === 'spring clip' ? ['long-nose pliers'] : []),
  cautions: m => (m.clip.type === 'spring clip' ? ['spring'] : []),
  checks: () => ['click'],
}
