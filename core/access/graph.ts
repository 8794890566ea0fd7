import { knownAt, named, partNamed } from '../assembly/named.ts'
import { catalogue } from '../assembly/catalogue.ts'
import type { Book, BookAct } from '../book/book.ts'
import { countOf } from '../book/signature.ts'
import { anatomy, shutOver, type Cover, type Family } from '../machine/families.ts'
import { effortOf, type Posture } from '../machine/postures.ts'
import { glyphFor, traitsOf, type Move } from '../moves/registry.ts'
import { placeOf, reachedFrom } from '../triage/table/places.ts'
import type { Openable, Openings } from './openings.ts'
import { usuallyBefore } from './usually-before.ts'

/** What is to be reached: a zone that is to be open, a part that is to be off, an act of the book that is to be done. */
export type Target = { to: 'zone'; zone: string } | { to: 'part'; part: string } | { to: 'act'; act: string }

/** Where the way begins: what is open already, which acts of the book are done, how the machine stands. */
export interface From {
  open: readonly string[]
  done: ReadonlySet<string>
  stands: Posture
}
/** What is asked of the ways in: the build, its book where there is one, what is to be reached, where it begins, and what is isolated. */
export interface WaysAsked {
  family: Family
  book: Book | null
  target: Target
  from: From
  isolated: readonly string[]
}
/** One thing to do on a way in: an act of the book, a cover that the family usually has, or a part as it usually comes off. */
export type Source = { act: BookAct } | { cover: Cover } | { part: string }
/** Openings with where each comes from, and what may be in the way besides. */
export interface Graph extends Openings {
  sources: readonly Source[]
  /** For each opening the acts of the book that were off by then in the one job that tells of it. */
  perhaps: readonly (readonly string[])[]
}

/** Minutes to undo what is mostly one thing, where no recording says: our own estimates. */
const usual: Partial<Record<ReturnType<typeof glyphFor>, number>> = {
  fastener: 0.4,
  clip: 0.3,
  connector: 0.4,
  line: 1,
  joint: 1.5,
  consumable: 0.4,
}
const byMass = { light: 2, middling: 5, heavy: 15 } as const
const change = 0.3
/** A cover that no recording of the model shows counts double: every second model has it otherwise. Our own estimate. */
const unseen = 2

/** Minutes of a move where no recording says. */
function minutesFor(move: Move, family: Family, zone: string | undefined): number {
  const each = usual[glyphFor(move.kind)]
  if (each !== undefined) return each * countOf(move)
  return 'part' in move ? byMass[partNamed(move.part, family, zone).known?.mass ?? 'light'] / 2 : 0.5
}

/** How the machine stands, or whether it has power, is no act of a way in: turns are planned, and it is made safe before. */
const isWay = ({ move, bench }: BookAct) =>
  !bench && !traitsOf(move).turns && !traitsOf(move).isolates && !traitsOf(move).temporary

/** What can be opened to reach a target, from the book and from what the family usually has. */
export function graphOf({ family, book, target, from }: WaysAsked): Graph {
  const acts = (book?.steps ?? []).flatMap(s => s.acts).filter(isWay)
  // An act that was done in several postures is an opening for each: what had to be off before it may differ.
  const known = acts.flatMap(act => act.done.map(so => ({ act, so })))
  const place = new Map(acts.map(a => [a.id, known.flatMap((k, i) => (k.act === a ? [i] : []))]))
  const opens = (a: BookAct) => traitsOf(a.move).opens ?? []
  const usualName = (a: BookAct) => ('part' in a.move ? partNamed(a.move.part, family, a.zone).known?.name : undefined)
  const names = new Set(acts.flatMap(a => [usualName(a), ...(opens(a).length ? knownAt(a.move, family, a.zone) : [])]))
  const covers = anatomy[family].covers.filter(c => !names.has(c.name))
  const sources: Source[] = [...known.map(({ act }) => ({ act })), ...covers.map(cover => ({ cover }))]
  const isOpen = new Set(from.open)
  /** By whose coming off a zone opens. */
  const openersOf = (zone: string): number[] => [
    ...known.flatMap(({ act }, i) => (opens(act).includes(zone) ? [i] : [])),
    ...covers.flatMap((c, i) => (c.opens.includes(zone) ? [known.length + i] : [])),
  ]
  const toReach = (zone: string, except: readonly string[] = []): number[][] =>
    shutOver(family, zone)
      .filter(z => !isOpen.has(z) && !except.includes(z))
      .map(openersOf)
      .filter(g => g.length > 0)

  const perhaps: string[][] = sources.map(() => [])
  const ofBook = ({ act: a, so }: (typeof known)[number], i: number): Openable => {
    if (from.done.has(a.id)) return { minutes: 0, needs: [], posture: '', tool: '' }
    const zones = shutOver(family, a.zone)
    // By whom it was reached in another posture says nothing of this one.
    const otherwise = new Set(
      a.done.filter(o => o !== so).flatMap(o => o.needs.flatMap(n => (n.why === 'opens' ? n.acts : []))),
    )
    const mayOpen = (g: number) => !known[g] || !otherwise.has(known[g].act.id)
    const needs = so.needs.flatMap(({ why, acts: before, jobs }): number[][] => {
      const group = before.flatMap(id => place.get(id) ?? [])
      if (!group.length) return []
      if (why === 'off by then' && jobs < 2) {
        perhaps[i]!.push(...before)
        return []
      }
      if (why !== 'opens') return [group]
      const opened = zones.filter(z => group.some(g => opens(known[g]!.act).includes(z)))
      if (opened.length && opened.every(z => isOpen.has(z))) return []
      return [[...new Set([...group, ...opened.flatMap(openersOf).filter(mayOpen)])]]
    })
    return {
      minutes: a.minutes?.median ?? minutesFor(a.move, family, a.zone),
      needs,
      posture: so.posture ?? '',
      tool: a.tools[0] ?? '',
    }
  }
  const ofCover = (c: Cover): Openable => ({
    minutes: (c.minutes / 2) * (book?.recordings.length ? unseen : 1),
    needs: toReach(c.zone, c.opens),
    posture: '',
    tool: 'driver for panel screws',
  })
  const openings = [...known.map(ofBook), ...covers.map(ofCover)]
  const goals: number[][] = []
  if (target.to === 'zone') goals.push(...toReach(target.zone))
  else if (target.to === 'act') goals.push(place.get(target.act) ?? [])
  else {
    const places = new Map<string, number[]>()
    /** The openings by which a part comes off: those of the book, else it as it usually does, behind what usually comes before it. */
    const partOff = (part: string): number[] => {
      const had = places.get(part)
      if (had) return had
      const own = known.flatMap(({ act }, i) => (usualName(act) === part ? [i] : []))
      const cover = covers.findIndex(c => c.name === part)
      if (own.length || cover >= 0) return own.length ? own : [known.length + cover]
      const usually = catalogue().find(k => k.name === part && k.zone[family])
      const zone = usually ? reachedFrom(family, usually) : placeOf(family, part)
      const at = openings.push({ minutes: 0, needs: [], posture: '', tool: '' }) - 1
      sources.push({ part })
      perhaps.push([])
      places.set(part, [at])
      const before = usuallyBefore(family, part).map(partOff)
      openings[at] = {
        minutes: byMass[usually?.mass ?? 'light'],
        needs: [...toReach(zone), ...before],
        posture: '',
        tool: '',
      }
      return [at]
    }
    const { part } = target
    const isName = catalogue().some(k => k.name === part && k.zone[family])
    goals.push(partOff(isName ? part : (named(part, family).known?.name ?? part)))
  }
  const turn = (a: string, b: string) => (a === b ? 0 : effortOf(a as Posture, b as Posture).minutes)
  return { acts: openings, goals, stands: from.stands, turn, change, sources, perhaps }
}
