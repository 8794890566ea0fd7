import { most, beatsOf, type Ritual, type RitualAct, type RitualStep } from './ritual.ts'

/** A ritual as it was read, or the place and the reason for which it was not. */
export type ReadRitual = { ok: true; ritual: Ritual } | { ok: false; at: number; reason: string }

/** A word alone that says where a thing is put: it goes on with the thing before it, as in `selector left, right`. */
const positions = new Set('left right up down open shut closed on off in out middle'.split(' '))
const sign = /[();,"]/

class Wrong extends Error {
  constructor(
    readonly at: number,
    reason: string,
  ) {
    super(reason)
  }
}

/** Reads signs and words one after the other, with their places. */
function reader(text: string) {
  let at = 0
  const space = () => {
    while (/\s/.test(text[at] ?? '')) at += 1
  }
  return {
    at: () => (space(), at),
    isEnd: () => (space(), at >= text.length),
    next: () => (space(), text[at]),
    take(wanted: string): boolean {
      space()
      if (text[at] !== wanted) return false
      at += 1
      return true
    },
    /** The next word without taking it. */
    peek(): string {
      space()
      const from = at
      let to = at
      while (to < text.length && !/\s/.test(text[to]!) && !sign.test(text[to]!)) to += 1
      return text.slice(from, to)
    },
    skip(word: string) {
      space()
      at += word.length
    },
    /** The word after the one that stands here. */
    after(word: string): string {
      space()
      return /^\s+([^\s();,"]+)/.exec(text.slice(at + word.length))?.[1] ?? ''
    },
    quoted(): string {
      space()
      const from = at
      if (text[at] !== '"') throw new Wrong(at, 'put what is to be seen in quotes: see "all lamps off"')
      const end = text.indexOf('"', at + 1)
      if (end < 0) throw new Wrong(from, 'this quote is not closed')
      at = end + 1
      return text.slice(from + 1, end).trim()
    },
  }
}
type Reader = ReturnType<typeof reader>

/** `6 s`, `6s`, `2 min`: seconds; nothing where no time stands here. */
function timeAt(r: Reader): number | undefined {
  const word = r.peek()
  const together = /^(\d+(?:\.\d+)?)(s|sec|min)$/i.exec(word)
  if (together) {
    const at = r.at()
    r.skip(word)
    return seconds(together[1]!, together[2]!, at)
  }
  if (!/^\d+(\.\d+)?$/.test(word)) return undefined
  const at = r.at()
  r.skip(word)
  const unit = r.peek()
  if (!/^(s|sec|min)$/i.test(unit)) throw new Wrong(at, `say the unit of ${word}: s or min`)
  r.skip(unit)
  return seconds(word, unit, at)
}
function seconds(figure: string, unit: string, at: number): number {
  const all = Number(figure) * (unit.toLowerCase() === 'min' ? 60 : 1)
  if (all <= 0) throw new Wrong(at, 'a time is more than 0 s')
  if (all > most.seconds) throw new Wrong(at, `a time is ${most.seconds / 60} min at most`)
  return Math.round(all * 10) / 10
}
function timeAfter(r: Reader, word: string): number {
  const at = r.at()
  const time = timeAt(r)
  if (time === undefined) throw new Wrong(at, `say how long after "${word}", like ${word} 20 s`)
  return time
}

/** `x3`: how many times; nothing where none stands here. */
function timesAt(r: Reader): number | undefined {
  const word = r.peek()
  const found = /^[x×](\d+)$/i.exec(word)
  if (!found) return undefined
  const at = r.at()
  r.skip(word)
  const n = Number(found[1])
  if (n < 1 || n > most.times) throw new Wrong(at, `between x1 and x${most.times}`)
  return n
}

/** True where a time stands here: a figure with its unit. `4` alone is a word, as in `dial to 4`. */
const isTime = (r: Reader, word: string): boolean =>
  /^\d+(\.\d+)?(s|sec|min)$/i.test(word) || (/^\d+(\.\d+)?$/.test(word) && /^(s|sec|min)$/i.test(r.after(word)))

function actAt(r: Reader, before: RitualAct | undefined): RitualAct {
  const from = r.at()
  const words: string[] = []
  let hold: number | undefined
  for (let word = r.peek(); word; word = r.peek()) {
    if (words.length && (/^[x×]\d+$/i.test(word) || /^(in|every)$/i.test(word))) break
    const isHeld = /^hold$/i.test(words[0] ?? '')
    if (isTime(r, word)) {
      if (!isHeld) throw new Wrong(r.at(), 'only what is held takes a time: hold START 6 s; or wait 6 s')
      hold = timeAt(r)
      break
    }
    words.push(word)
    r.skip(word)
  }
  if (words.length === 0) throw new Wrong(from, 'say what is done here')
  if (/^hold$/i.test(words[0]!)) {
    if (words.length < 2) throw new Wrong(from, 'say what is held: hold START 6 s')
    if (!hold) throw new Wrong(from, `say how long it is held: ${words.join(' ')} 6 s`)
  }
  const alone = words.length === 1 && positions.has(words[0]!.toLowerCase())
  const thing = alone && before ? before.say.split(' ').slice(0, -1).join(' ') : ''
  const say = [...(thing ? [thing] : []), ...words].join(' ')
  if (say.length > most.act) throw new Wrong(from, `shorten this to ${most.act} characters`)
  return { say, ...(hold && { hold }) }
}
function stepAt(r: Reader): RitualStep {
  const word = r.peek().toLowerCase()
  if (word === 'wait') {
    r.skip(word)
    return { wait: timeAfter(r, 'wait') }
  }
  if (word === 'see') {
    const at = r.at()
    r.skip(word)
    const see = r.quoted()
    if (!see) throw new Wrong(at, 'say what is to be seen')
    return { see }
  }
  const acts: RitualAct[] = []
  const from = r.at()
  if (r.take('(')) {
    do acts.push(actAt(r, acts.at(-1)))
    while (r.take(','))
    if (!r.take(')')) throw new Wrong(from, 'this bracket is not closed')
  } else acts.push(actAt(r, undefined))
  let [times, within, apart]: (number | undefined)[] = []
  for (let next = r.peek().toLowerCase(); next; next = r.peek().toLowerCase()) {
    const at = r.at()
    const n = timesAt(r)
    if (n !== undefined) {
      if (times) throw new Wrong(at, 'how many times is said twice')
      times = n
    } else if (next === 'in' || next === 'every') {
      r.skip(next)
      const time = timeAfter(r, next)
      if (next === 'in' ? within : apart) throw new Wrong(at, `"${next}" is said twice`)
      if (next === 'in') within = time
      else apart = time
    } else throw new Wrong(at, `"${next.slice(0, 20)}" is not understood here: end the step with ;`)
  }
  const held = acts.reduce((n, a) => n + (a.hold ?? 0), 0) * (times ?? 1)
  const least = held + (apart ?? 0) * (acts.length * (times ?? 1) - 1)
  if (within && least > within) throw new Wrong(from, `this takes ${least} s and is to be done in ${within} s`)
  return { acts, times: times ?? 1, ...(within && { within }), ...(apart && { apart }) }
}

/**
 * Reads a ritual: `hold START 6 s; (selector left, right) x3 in 20 s; wait 5 s; see "all lamps off"`. Steps are parted by `;`. Acts in brackets
 * follow each other; `x3` does them three times, `in 20 s` all of them within that time, `every 2 s` no two of them nearer than that. What is
 * not understood is told with its place, counted from 0.
 */
export function readRitual(text: string): ReadRitual {
  const r = reader(text)
  try {
    const steps: RitualStep[] = []
    while (!r.isEnd()) {
      if (r.take(';')) continue
      steps.push(stepAt(r))
      if (!r.isEnd() && !r.take(';'))
        throw new Wrong(r.at(), `"${r.next()}" is not understood here: end the step with ;`)
    }
    if (steps.length === 0) throw new Wrong(0, 'say the first act, like: hold START 6 s')
    const beats = beatsOf(steps).length
    if (beats > most.beats) throw new Wrong(0, `${beats} beats are too many: ${most.beats} at most`)
    return { ok: true, ritual: steps }
  } catch (error) {
    if (!(error instanceof Wrong)) throw error
    return { ok: false, at: error.at, reason: error.message }
  }
}

const time = (s: number): string => (s >= 60 && s % 60 === 0 ? `${s / 60} min` : `${s} s`)
const actText = ({ say, hold }: RitualAct): string => (hold ? `${say} ${time(hold)}` : say)

/** A ritual in its notation; read again it is the same. */
export const ritualText = (ritual: Ritual): string =>
  ritual
    .map(step => {
      if ('wait' in step) return `wait ${time(step.wait)}`
      if ('see' in step) return `see "${step.see}"`
      const { acts, times, within, apart } = step
      const all = acts.length > 1 ? `(${acts.map(actText).join(', ')})` : actText(acts[0]!)
      return [all, times > 1 && `x${times}`, within && `in ${time(within)}`, apart && `every ${time(apart)}`]
        .filter(Boolean)
        .join(' ')
    })
    .join('; ')
