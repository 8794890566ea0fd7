import type { InferType } from 'yup'
import * as yup from 'yup'
import { bonds } from '../assembly/bond.ts'
import { fates, hows, offerStates, verdicts } from '../fit/judged.ts'
import { known } from '../finder/known.ts'
import { postures } from '../machine/postures.ts'
import { meanings } from '../moves/taught-word.ts'
import { quantityNames } from '../readings/names.ts'
import { readRitual } from '../ritual/notation.ts'
import { purposes } from '../ritual/ritual.ts'
import { limits } from '../schema/limits.ts'
import { knownThings } from '../side-by-side/known.ts'
import { settingNames } from '../shop/settings.ts'
import { circuitNames } from '../triage/table/circuits.ts'
import {
  count,
  debtId,
  line,
  listOf,
  oneOf,
  photoHash,
  shape,
  uuid,
  wholeWithin,
  within,
  zoneId,
} from '../schema/atoms.ts'
import { photo, spot } from './step.ts'

/** How a thing was found before anybody touched it. */
export const foundStates = ['missing', 'broken', 'worn', 'wrong part', 'leaking'] as const

/** A ritual in its notation; refused with the place and the reason. */
const ritualLine = () =>
  line().test('ritual', (text, context) => {
    const read = text === undefined ? null : readRitual(text)
    if (read === null || read.ok) return true
    return context.createError({ message: `\${path}, at sign ${read.at + 1}: ${read.reason}` })
  })

/** What became of something that was tried before the machine is closed. */
export const proofResults = ['passed', 'failed', 'not done'] as const

/** Whether something is so that a machine can show. */
export const findingTold = ['so', 'not so', 'not known'] as const
/** What a check showed. */
export const checkResults = ['good', 'bad', 'cannot tell'] as const

/** What is said or measured besides the moves, by the event that says it: kept as entered, it changes no debt. */
export const entryBodies = {
  /** A value read from an instrument; `unit` as shown on it. */
  'reading-taken': shape({
    of: line().required(),
    value: within(-1e12, 1e12).required(),
    unit: line().required(),
    note: line(),
    /** What kind of thing it says something about, in which state it was read, and what it was judged by (`readings`). */
    quantity: oneOf(quantityNames),
    state: line(),
    given: listOf(shape({ name: line().required(), value: within(-1e12, 1e12).required() }).required(), 8),
    /** One step of the last figure; and that the instrument showed that it was over its range. */
    step: within(0, 1e12),
    over: yup.boolean(),
    /** The group that was weighed, and how many pieces of it lay on the scale. */
    debt: debtId(),
    pieces: count(),
  }),
  /** The old part and the new one were held side by side. */
  'part-compared': shape({
    part: line().required(),
    same: yup.boolean().required(),
    differs: line(),
    /** The move with which the old one came off, and what was said of the new one as a whole. */
    move: uuid(),
    verdict: oneOf(verdicts),
  }),
  /**
   * One point of an old part and of the new one: what each has, as typed, and what the hand says of it where no rule can tell. Without any of
   * these it is not looked at any more.
   */
  'point-compared': shape({
    part: line().required('name the part'),
    move: uuid(),
    /** The kind that it is compared as, where it is not that of its name. */
    kind: line(),
    point: line().required(),
    old: line(),
    fresh: line(),
    how: oneOf(hows),
    words: line(),
  }),
  /** Who has the new part, under which number, for how much and in how many days; and how far it has come. */
  'part-offered': shape({
    part: line().required('name the part'),
    move: uuid(),
    supplier: line().required('say who has it'),
    number: line(),
    price: within(0, 1e6),
    days: wholeWithin(0, 365),
    /** Months of warranty. */
    warranty: wholeWithin(0, 240),
    how: oneOf(offerStates).required(),
  }),
  /** A photo of the old part or of the new one, and what is known on it: places that somebody tapped, with a length, a diameter, or two sides in mm; none where the same thing of an unknown size lies on both. */
  'part-photographed': shape({
    part: line().required('name the part'),
    move: uuid(),
    which: oneOf(['old', 'new']).required(),
    photo: photo.required(),
    known: shape({
      is: oneOf(knownThings).required(),
      mm: listOf(within(0.1, 2000).required(), 2).required(),
      at: listOf(spot().required(), 4).min(1).required(),
    })
      .test('sides', 'type both sides of the card', known => known?.is !== 'card' || known.mm.length === 2)
      .default(undefined)
      .optional(),
  }),
  /** A new part was made to fit: at which point, how, by which step of the return, and what of the old one is scrapped for it. */
  'part-adapted': shape({
    part: line().required(),
    move: uuid(),
    point: line().required(),
    says: line().required('say how it is made to fit'),
    step: uuid().required(),
    /** Debts of what nobody refits any more: they were scrapped for it. */
    scrapped: listOf(debtId().required(), limits.debts).required(),
  }),
  /** A tool that was made for a part: what it is, and for what. */
  'tool-made': shape({
    part: line().required(),
    move: uuid(),
    tool: line().required('say what was made'),
    use: line(),
  }),
  /** The old part leaves the bench: clean when nothing that belongs on the new one is still on it, else with what goes with it and why. */
  'old-part-left': shape({
    part: line().required(),
    move: uuid().required(),
    to: oneOf(fates).required(),
    clean: yup.boolean().required(),
    left: listOf(line().required(), limits.moves),
    reason: line().when('clean', ([clean], reason) => (clean ? reason : reason.required('say why it goes with it'))),
  }),
  /** Something was checked. */
  'check-done': shape({
    check: line().required(),
    passed: yup.boolean().required(),
    note: line(),
    /** The step it belongs to, and the debt that was checked, where it is a check of refitting. */
    step: uuid(),
    debt: debtId(),
  }),
  /** Something was tried before the machine is closed: by its name in the proof, with what was seen or why it was not done. */
  'proof-done': shape({
    trial: line().required(),
    result: oneOf(proofResults).required(),
    seen: line().when('result', ([result], seen) =>
      result === 'passed' ? seen : seen.required(result === 'failed' ? 'say what was seen' : 'say why it is not done'),
    ),
    /** The move at which it was seen: the joint that drips. */
    at: uuid(),
    photos: listOf(photo.required(), 8),
  }),
  /** Somebody tapped the same places on a photo of then and on one of now. */
  'photos-matched': shape({
    then: photoHash().required(),
    now: photoHash().required(),
    places: listOf(shape({ then: spot().required(), now: spot().required() }).required(), 12)
      .min(4, '${path}: four places at least')
      .required(),
  }),
  /** A step that closes zones was taken: clean, or with something still owed behind it and a reason. */
  'gate-passed': shape({
    step: uuid().required(),
    owed: listOf(debtId().required(), limits.debts).required(),
    reason: line().when('owed', ([owed], reason) =>
      Array.isArray(owed) && owed.length ? reason.required('say why it is closed all the same') : reason,
    ),
    zones: listOf(zoneId().required(), limits.zones),
    /** Temporaries and tools that were counted out, by name, and those that were not. */
    counted: listOf(line().required(), limits.counted),
    uncounted: listOf(line().required(), limits.counted),
  }),
  /** Something is left over, or one is short, or both. */
  'leftover-reported': shape({
    what: line().required('say what is left over or short'),
    asks: oneOf(['left over', 'one short', 'swap']),
    /** What is known of the thing that is left over. */
    known: known.default(undefined).optional(),
    /** The debt of which one is short. */
    short: debtId(),
  }),
  /** A place was looked at for it: by its name in the search. */
  'place-looked': shape({ leftover: uuid().required(), place: line().required(), found: yup.boolean().required() }),
  /** Where the leftover came from, or where what was short is. */
  'leftover-explained': shape({ leftover: uuid().required(), by: line().required(), place: line() }),
  /** Something worth writing down. */
  'note-added': shape({ text: line().required(), step: uuid() }),
  /** A word of the shop means this from now on; without a meaning it is forgotten. It is the shop's, not only this job's. */
  'word-taught': shape({ word: line().required(), means: oneOf(meanings) }),
  /** What the control of this model wants: kept under its name for the model; without a text it is given up. */
  'ritual-kept': shape({
    name: line().required('name the ritual'),
    purpose: oneOf(purposes).required(),
    text: ritualLine(),
  }),
  /** Something that was missing or broken before we came: it stays in the record, and is never a debt. */
  'found-before': shape({
    what: line().required('say what was found'),
    how: oneOf(foundStates).required(),
    zone: zoneId(),
    photos: listOf(photo.required(), 8).required(),
  }),
  /** Whether something that a machine can show is so: what the complaint was read into, corrected, or what was asked and tried. */
  'finding-told': shape({ finding: line().required(), how: oneOf(findingTold).required() }),
  /** A check on the way to the cause was done, by its name in the table. */
  'trouble-checked': shape({
    check: line().required(),
    result: oneOf(checkResults).required(),
    note: line(),
  }),
  /**
   * This is the cause, by its name in the table or in words of one's own; or it was put right, and was not it. With what had been told and done by
   * then, from which the shop learns.
   */
  'cause-told': shape({
    cause: line().required('say what it was'),
    is: yup.boolean().required(),
    told: listOf(line().required(), limits.counted),
    did: listOf(shape({ check: line(), good: yup.boolean(), notIt: line() }).required(), limits.counted),
  }),
  /** What a code of this model says, and the circuit that it names; without either it is given up. */
  'code-kept': shape({ code: line().required('name the code'), says: line(), circuit: oneOf(circuitNames) }),
  /** Something on the list to fetch is there, or is not any more: by its name. */
  'fetch-ticked': shape({ item: line().required(), is: yup.boolean().required() }),
  /** Something that the whole shop sets for its jobs; without a value it is given up. */
  'shop-set': shape({ setting: oneOf(settingNames).required(), value: line() }),
  /** Somebody says how one thing is bound to a part: both by their moves. Without a move that binds: nothing does. */
  'liaison-told': shape({
    how: oneOf(bonds).required(),
    move: uuid(),
    part: uuid().required(),
    not: yup.boolean(),
  }),
  /** Somebody says that a step can also be done while the machine stands so. */
  'posture-allowed': shape({ step: uuid().required(), posture: oneOf(postures).required() }),
  /** Somebody says: this before that, on the way back. */
  'constraint-added': shape({
    first: uuid().required(),
    then: uuid().required(),
    reason: line().required('say why'),
  }),
} as const

export type EntryName = keyof typeof entryBodies
export interface EntryOf<K extends EntryName> {
  kind: K
  at: string
  by: string
  body: InferType<(typeof entryBodies)[K]>
}
/** What was said or measured besides the moves, by its event. */
export type Entry = { [K in EntryName]: EntryOf<K> }[EntryName]

/** The entries of one kind with their ids, in the order of their time. */
export const entriesOf = <K extends EntryName>(
  { entries }: { readonly entries: Iterable<readonly [string, Entry]> },
  kind: K,
): (EntryOf<K> & { id: string })[] =>
  [...entries]
    .flatMap(([id, entry]) => (entry.kind === kind ? [{ id, ...(entry as EntryOf<K>) }] : []))
    .sort((a, b) => (a.at < b.at ? -1 : 1))
