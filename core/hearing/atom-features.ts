import type { Grammar } from '../grammar/grammar.ts'
import { moveKinds } from '../moves/registry.ts'
import type { Atom } from './atom.ts'
import { counted, ofFasteners } from './kind-sets.ts'

const grammars = Object.entries(moveKinds) as [string, { grammar: Grammar }][]
/** The kinds that a class of things speaks for, those first that it is known by. */
export const kindsOfNoun = ((): ReadonlyMap<string, { first: string[]; all: string[] }> => {
  const found = new Map<string, { first: string[]; all: string[] }>()
  const of = (noun: string) => found.get(noun) ?? found.set(noun, { first: [], all: [] }).get(noun)!
  for (const [kind, { grammar }] of grammars) {
    for (const noun of [...(grammar.things ?? []), ...Object.keys(grammar.words ?? {})]) {
      of(noun).first.push(kind)
      of(noun).all.push(kind)
    }
    for (const noun of grammar.also ?? []) of(noun).all.push(kind)
  }
  return found
})()

/** Parts that sit on a shaft, a spline or a seat and come off by pulling. */
const onShaft =
  /^(pulley|agitator|rotor|knob|impeller|hub|coupler|coupling|bearing|clutch|wheel|gear|plate|pulsator|bush|race|sleeve|spider|cap|cup|magnet|seal|pump|sensor|heater|element|drawer|dispenser)e?s?$/
const shafts = /^(spline|splines|shaft|teeth|axle|stem|seat|cone|taper|puller|magnets|mallet|hammer|drift|press)$/
/** What stands at the wall. */
const atWall = /^(wall|outlet|socket|wall socket|wall outlet|switch|recept|receptacle|lead|isolator|fuse|spur|sink)$/

/** What an atom speaks for by itself, wherever it stands: worked out once. */
interface OwnFeatures {
  names: readonly string[]
  kinds: readonly string[]
  verbKinds: readonly string[]
  isRemark: boolean
  onShaft: boolean
  counts?: 'verb' | 'figure' | 'part' | 'pass' | 'posture'
}
const known = new WeakMap<Atom, OwnFeatures>()
/** The features of an atom; the same ones whenever it is asked for. */
export const ofAtom = (a: Atom): OwnFeatures => known.get(a) ?? known.set(a, ownFeatures(a)).get(a)!

/** Little words that speak by themselves. */
const spoken: ReadonlySet<string> = new Set([
  'later',
  'state',
  'modal',
  'aux',
  'still',
  'reason',
  'warn',
  'neg',
  'conj',
])

function ownFeatures(a: Atom): OwnFeatures {
  const names: string[] = []
  const kinds: string[] = []
  let counts: OwnFeatures['counts']
  let [verbKinds, isRemark]: [readonly string[], boolean] = [[], false]
  if (onShaft.test(a.words)) names.push(`on-shaft:${a.words.replace(/s$/, '')}`)
  if (atWall.test(a.words)) names.push('wall')
  if (/^(hot|cold|h|c)$/.test(a.words)) names.push('hot-cold')
  switch (a.tag) {
    case 'sep':
      names.push(`sign:${a.sign}`)
      break
    case 'verb': {
      const { lemma, kinds: all, form } = a.verb!
      counts = 'verb'
      names.push(`V:${lemma}`, `F:${form}`)
      isRemark = all.includes('remark')
      if (all.includes('away')) names.push('V=away')
      if (isRemark) names.push('V=remark')
      verbKinds = all.filter(k => k !== 'away' && k !== 'remark')
      kinds.push(...verbKinds)
      if (all.length === 1) names.push(`V=${all[0]}`)
      break
    }
    case 'thing':
      names.push(`N:${a.noun}`)
      if (a.plural) names.push(`N+:${a.noun}`)
      kinds.push(...(kindsOfNoun.get(a.noun!)?.all ?? []))
      if (a.sets?.type) names.push(`T:${String(a.sets.type)}`)
      break
    case 'part':
    case 'word':
      counts = 'part'
      names.push(a.tag, `W:${a.words}`)
      break
    case 'away':
      names.push('away', `A:${a.words}`)
      break
    case 'pass':
      counts = 'pass'
      names.push('pass')
      break
    case 'num':
    case 'count':
    case 'times':
      counts = 'figure'
      names.push('figure')
      break
    case 'size':
    case 'mm':
    case 'inch':
    case 'thread':
      names.push('sized', `S:${a.tag}`)
      kinds.push(...ofFasteners)
      break
    case 'quality':
      for (const f of Object.keys(a.sets!)) {
        names.push(`Q:${f}`)
        if (f === 'drive' || f === 'hand') kinds.push(...ofFasteners)
        if (f === 'lock') kinds.push('unplug')
        if (f === 'clamp') kinds.push('open-joint')
        if (f === 'condition') kinds.push(...counted)
      }
      break
    case 'posture':
      counts = 'posture'
      names.push(`P:${a.posture}`, 'posture')
      kinds.push('turn-machine')
      break
    case 'colour':
    case 'ways':
    case 'label':
      names.push(a.tag)
      kinds.push('unplug')
      break
    case 'litres':
      names.push('litres')
      kinds.push('drain')
      break
    case 'turns':
      names.push('turns')
      kinds.push('slacken')
      break
    case 'pron':
      names.push(`I:${a.words}`)
      break
    default:
      names.push(a.tag)
      if (spoken.has(a.tag)) names.push(`${a.tag}:${a.words}`)
  }
  return { names, kinds, verbKinds, isRemark, onShaft: shafts.test(a.words), ...(counts && { counts }) }
}
