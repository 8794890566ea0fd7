import * as yup from 'yup'
import { families } from '../../machine/families.ts'
import { line, moment, oneOf, shape, uuid } from '../../schema.ts'
import { eventKind, stampOf } from '../event-kind.ts'
import { accept, refuse } from '../refusals.ts'
import { traySize } from '../../tray/cells.ts'
import { owedCount, phases, type Closing, type JobState } from '../state.ts'

/** A machine comes in: its unit, its family, what is wrong, and the plate as read. */
export const jobOpened = eventKind(
  'job-opened',
  shape({
    unit: uuid().required(),
    family: oneOf(families).required(),
    complaint: line().defined(),
    plate: line().defined(),
  }),
  (state, body, { at, actor }) => {
    if (state.opened) return refuse(2)
    const phase = state.phase.at ? state.phase : { name: 'intake' as const, at }
    return accept({ ...state, opened: { ...body, at, by: actor }, phase })
  },
)

const open = phases.filter(p => p !== 'closed' && p !== 'abandoned')

/** The job goes to another phase, or waits in one. The latest word by the clock of the devices wins. */
export const phaseChanged = eventKind(
  'phase-changed',
  shape({ phase: oneOf(open).required(), waitsFor: line(), due: moment() }),
  (state, { phase, waitsFor, due }, stamp) =>
    stampOf(stamp) < state.phase.at
      ? accept(state)
      : accept({ ...state, phase: { name: phase, at: stampOf(stamp), waitsFor, due } }),
)

/** The tray on the bench: how many rows and columns of cells. The latest word by the clock of the devices wins. */
export const trayChosen = eventKind('tray-chosen', traySize, (state, size, stamp) =>
  stampOf(stamp) < state.trayAt ? accept(state) : accept({ ...state, tray: size, trayAt: stampOf(stamp) }),
)

/** What is owed now, by name: the words of a close with debts. */
export const owedNow = (state: JobState): Closing['owed'] =>
  state.owing
    .toArray()
    .sort()
    .flatMap(id => {
      const debt = state.debts.get(id)
      return debt ? [{ debt: id, label: debt.label, count: owedCount(debt) }] : []
    })

const end = (state: JobState, clean: boolean, abandoned: boolean, at: string, by: string, note?: string): JobState => ({
  ...state,
  phase: { name: abandoned ? 'abandoned' : 'closed', at: `${at}|~` },
  closing: { at, by, clean, abandoned, note, owed: owedNow(state) },
})

/** The machine is closed: clean when nothing is owed; with debts only by name and with a reason. */
export const jobClosed = eventKind(
  'job-closed',
  shape({ clean: yup.boolean().required(), note: line() }),
  (state, { clean, note }, { at, actor }) => {
    if (clean && !state.owing.isEmpty()) return refuse(11, `${state.owing.size} open`)
    if (!clean && state.owing.isEmpty()) return refuse(12)
    if (!clean && !note?.trim()) return refuse(11, 'no reason given')
    return accept(end(state, clean, false, at, actor, note))
  },
)

/** The job ends with what remains off. */
export const jobAbandoned = eventKind(
  'job-abandoned',
  shape({ note: line().required('say why the job is given up') }),
  (state, { note }, { at, actor }) => accept(end(state, false, true, at, actor, note)),
)
