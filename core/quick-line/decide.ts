import type { Fact, Noun, Said } from '../grammar/fact.ts'
import type { Grammar } from '../grammar/grammar.ts'
import { moveKinds, type MoveKindName } from '../moves/registry.ts'

const kinds = Object.entries(moveKinds) as [MoveKindName, { grammar: Grammar }][]
/** The kind that each class of things stands for where no verb says otherwise. */
const ofNoun: Readonly<Record<Noun, MoveKindName>> = Object.fromEntries(
  kinds.flatMap(([kind, { grammar }]) => Object.keys(grammar.things ?? {}).map(noun => [noun, kind])),
)
const yields = (verb: MoveKindName, noun: Noun) => moveKinds[verb].grammar.yieldsTo?.includes(noun)

const fastenerFields = new Set(['drive', 'size', 'thread', 'pitch', 'length'])

const pick = <A extends Fact['as']>(said: readonly Said[], as: A) =>
  said.flatMap(s => (s.fact.as === as ? [s.fact as Extract<Fact, { as: A }>] : []))
const saysField = (said: readonly Said[], names: ReadonlySet<string>) =>
  pick(said, 'set').some(f => Object.keys(f.sets).some(k => names.has(k)))

/** True when a stretch can stand as an act of its own: it has a verb, or a thing with its count or size. */
export function opens(said: readonly Said[]): boolean {
  if (said[0]?.fact.as === 'lead') return false
  const noun = pick(said, 'noun')[0]?.noun
  const counted = said.some(s => s.fact.as === 'count')
  return (
    pick(said, 'act').length > 0 ||
    pick(said, 'same').length > 0 ||
    pick(said, 'posture').length > 0 ||
    noun === 'connector' ||
    noun === 'isolation' ||
    noun === 'temporary' ||
    noun === 'belt' ||
    (noun === 'fastener' && saysField(said, fastenerFields)) ||
    (counted && (noun !== undefined || saysField(said, fastenerFields))) ||
    said.some(s => s.fact.as === 'next')
  )
}

/** True when a stretch ends in a list such as `clear of the pulley`, which goes on over a comma or `and`. */
export const lists = (said: readonly Said[]): boolean =>
  said.some(({ fact }) => fact.as === 'lead' && (fact.field === 'keepClear' || fact.field === 'carryOver'))
/** True when a stretch is but a thing, without a verb or a count. */
export const isBareThing = (said: readonly Said[]): boolean =>
  !said.some(({ fact }) => fact.as === 'act' || fact.as === 'count' || fact.as === 'set')

/** The kind of move that a stretch of the line tells of; `null` when it names none. */
export function decide(said: readonly Said[]): MoveKindName | null {
  const nouns = pick(said, 'noun').map(f => f.noun)
  const noun = nouns[0]
  const acts = pick(said, 'act').map(f => f.act)
  const verb = acts.find(a => a !== 'away') as MoveKindName | undefined
  const has = (name: string) => saysField(said, new Set([name]))
  const along = said.some(s => s.fact.as === 'next' || s.fact.as === 'passing')

  if (pick(said, 'posture').length && (!verb || verb === 'turn-machine' || verb === 'place-temporary'))
    return 'turn-machine'
  if (verb === 'drain' && nouns.includes('hose') && (has('clamp') || has('clock'))) return 'open-joint'
  if (verb === 'isolate') return noun === 'isolation' || pick(said, 'exact').length ? 'isolate' : null
  if (verb === 'replace-part' || verb === 'attend' || verb === 'draw-mark' || verb === 'drain') return verb
  if (verb === 'cut' || verb === 'place-temporary' || verb === 'slacken' || verb === 'park-part') return verb
  if (verb === 'unroute' && noun && yields(verb, noun)) return ofNoun[noun]!
  if (verb === 'unroute' && !noun && !along && !pick(said, 'exact').length) return 'remove-part'
  if (verb && noun && yields(verb, noun)) return ofNoun[noun]!
  if (verb && verb !== 'turn-machine') return verb
  if (verb) return pick(said, 'exact').length ? verb : null

  const seals = pick(said, 'noun').some(f => f.sets?.consumable === 'seal' || f.sets?.consumable === 'gasket')
  if (noun === 'consumable' && seals && acts.length) return 'remove-part'
  if (noun === 'line' && nouns.includes('connector') && pick(said, 'colour').length && !along) return 'unplug'
  if (noun === 'isolation') return 'isolate'
  if (noun === 'belt') return 'slip-belt'
  if (nouns.includes('hose') && (has('clamp') || has('clock') || has('notch') || nouns.includes('clamp')))
    return 'open-joint'
  if (along && (nouns.includes('line') || nouns.includes('hose'))) return 'unroute'
  if (noun === 'clamp' && acts.length === 0 && nouns.includes('line')) return 'unroute'
  const slack = said.some(s => s.fact.as === 'lead' && s.fact.field === 'slack')
  if (slack && (noun === 'fastener' || saysField(said, fastenerFields))) return 'slacken'
  if (saysField(said, fastenerFields) && noun !== 'connector' && noun !== 'consumable') return 'remove-fasteners'
  if (noun === 'temporary' && acts.length) return 'place-temporary'
  if (noun) return ofNoun[noun]!
  if (pick(said, 'mm').length && said.some(s => s.fact.as === 'count')) return 'remove-fasteners'
  if (has('ways') || pick(said, 'colour').some(f => f.colours.length > 1)) return 'unplug'
  if (has('clamp') || has('clock')) return 'open-joint'
  if (acts.length && said.some(s => s.fact.as === 'word' || s.fact.as === 'exact' || s.fact.as === 'quoted'))
    return 'remove-part'
  if (along) return 'unroute'
  if (acts.length && said.some(s => s.fact.as === 'count')) return 'remove-fasteners'
  return null
}
