import * as yup from 'yup'
import { families } from '../../machine/families.ts'
import { line, moment, oneOf, shape, uuid } from '../../schema/atoms.ts'
import { eventKind, stampOf } from '../event-kind.ts'
import { accept, refuse } from '../refusals.ts'
import { traySize } from '../../tray/cells.ts'
import { english } from '../../words/english.ts'
import { owedCount, phases, type Closing, type JobState } from '../state.ts'

/** A machine comes in: its unit, its family, what is wrong, and the plate as read. */
export const jobOpened = eventKind(
  'job-opened',
  shape({
    unit: uuid().required(),
    family: oneOf(families).required(),
    complaint: line().defined(),
    plate: line().defined(),
    /** The closed job that came back. */
    callBackOf: uuid(),
  }),
  (state, body, { at, actor }) => {
    if (state.opened) return refuse(2)
    const phase = state.phase.at ? state.phase : { name: 'intake' as const, at }
    return accept({ ...state, opened: { ...body, at, by: actor }, phase })
  },
)

/**
 * The plate was misread: the job is of this machine. What it was taken for stays beside it. The latest word by the clock of the devices wins.
 */
export const machineCorrected = eventKind(
  'machine-corrected',
  shape({
    unit: uuid().required(),
    family: oneOf(families).required(),
    /** Maker, model and serial as they stood before. */
    was: line().required('say what it was taken for'),
  }),
  (state, { unit, family, was }, stamp) => {
    const { opened } = state
    if (!opened) return refuse(1)
    const correctedAt = stampOf(stamp)
    if (correctedAt < (opened.correctedAt ?? '')) return accept(state)
    return accept({ ...state, opened: { ...opened, unit, family, was, correctedAt } })
  },
)

const open = phases.filter(p => p !== 'closed' && p !== 'abandoned')

/** The job goes to another phase, or waits in one. The latest word by the clock of the devices wins. */
export const phaseChanged = eventKind(
  'phase-changed',
  shape({
    phase: oneOf(open).required(),
    waitsFor: line(),
    due: moment(),
    /** The number of the part that it waits for, and who sends it. */
    number: line(),
    supplier: line(),
  }),
  (state, { phase, waitsFor, due, number, supplier }, stamp) => {
    const at = stampOf(stamp)
    const turns = state.turns.set(stamp.id, { at, phase, ...(waitsFor && { waitsFor }) })
    return accept({
      ...state,
      turns,
      ...(at >= state.phase.at && { phase: { name: phase, at, waitsFor, due, number, supplier } }),
    })
  },
)

/** The tray on the bench: how many rows and columns of cells. The latest word by the clock of the devices wins. */
export const trayChosen = eventKind('tray-chosen', traySize, (state, size, stamp) =>
  stampOf(stamp) < state.trayAt ? accept(state) : accept({ ...state, tray: size, trayAt: stampOf(stamp) }),
)

/** What is owed now, by name: the words of a close with debts. */
const owedNow = (state: JobState): Closing['owed'] =>
  state.owing
    .toArray()
    .sort()
    .flatMap(id => {
      const debt = state.debts.get(id)
      return debt ? [{ debt: id, label: english(debt.label), count: owedCount(debt) }] : []
    })

interface End {
  clean: boolean
  proved?: boolean | undefined
  abandoned: boolean
  at: string
  by: string
  note?: string | undefined
  signedBy?: string | undefined
  cause?: string | undefined
  advice?: string | undefined
}
const end = (state: JobState, closing: End): JobState => ({
  ...state,
  phase: { name: closing.abandoned ? 'abandoned' : 'closed', at: `${closing.at}|~` },
  closing: { ...closing, owed: owedNow(state) },
})

/** The machine is closed: clean when nothing is owed; with debts only by name and with a reason. */
export const jobClosed = eventKind(
  'job-closed',
  shape({
    clean: yup.boolean().required(),
    /** Whether all that had to be proved was, and passed; what was not says why for itself. */
    proved: yup.boolean(),
    note: line(),
    signedBy: line(),
    /** What was wrong, and what the customer can do so that it does not come back. */
    cause: line(),
    advice: line(),
  }),
  (state, { clean, proved, note, signedBy, cause, advice }, { at, actor }) => {
    if (clean && !state.owing.isEmpty()) return refuse(11, `${state.owing.size} open`)
    if (!clean && state.owing.isEmpty()) return refuse(12)
    if (!clean && !note?.trim()) return refuse(11, 'no reason given')
    return accept(
      end(state, {
        clean,
        ...(proved !== undefined && { proved }),
        abandoned: false,
        at,
        by: actor,
        note,
        signedBy,
        cause,
        advice,
      }),
    )
  },
)

/** The job ends with what remains off. */
export const jobAbandoned = eventKind(
  'job-abandoned',
  shape({ note: line().required('say why the job is given up') }),
  (state, { note }, { at, actor }) => accept(end(state, { clean: false, abandoned: true, at, by: actor, note })),
)
