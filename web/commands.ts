import { glyphNames, type Glyph } from '@dialytica/core/items'
import { useKeys } from './devices/keys.ts'
import { glyphKeys } from './parts/moves/glyph-keys.ts'

/** One thing that keys and pedals do in every view that has it: its keys as `event.key`, as they are shown, and what they do. */
interface Command {
  keys: readonly string[]
  shows: string
  says: string
}

/** Every command of the product. The bindings of the views and the help of the keys are made from it. */
export const commands = {
  forth: { keys: [' ', 'PageDown'], shows: 'Space, right pedal', says: 'done, or next' },
  back: { keys: ['PageUp'], shows: 'left pedal', says: 'back' },
  all: { keys: ['Shift  ', 'Shift PageDown'], shows: 'Shift Space', says: 'all of it at once' },
  photo: { keys: ['p'], shows: 'P', says: 'photo' },
  line: { keys: ['/'], shows: '/', says: 'the quick line' },
  more: { keys: ['+'], shows: '+', says: 'one more' },
  fewer: { keys: ['-'], shows: '−', says: 'one fewer' },
  remove: { keys: ['Delete', 'Backspace'], shows: 'Del', says: 'take the mark away' },
  zone: { keys: ['z'], shows: 'Z', says: 'zone' },
  device: { keys: ['j'], shows: 'J', says: 'a second device' },
  undo: { keys: ['u'], shows: 'U', says: 'undo' },
  ghost: { keys: ['g'], shows: 'G', says: 'the next step as it was before' },
  leave: { keys: ['Escape'], shows: 'Esc', says: 'leave what is open' },
  close: { keys: ['d'], shows: 'D', says: 'debts, close' },
  narration: { keys: ['v'], shows: 'V', says: 'a narration' },
  merge: { keys: ['w'], shows: 'W', says: 'in a narration: one step with the next' },
  part: { keys: ['s'], shows: 'S', says: 'in a narration: part the step here' },
  note: { keys: ['e'], shows: 'E', says: 'a reading, old against new, a note' },
  failed: { keys: ['x'], shows: 'X', says: 'in the proof: it failed; at the cause: not as it should be' },
  triage: { keys: ['c'], shows: 'C', says: 'the cause: what it can be, what to look at next' },
  wayIn: { keys: ['i'], shows: 'I', says: 'the way in: what comes off, with which tools' },
  bench: { keys: ['k'], shows: 'K', says: 'the bench: old against new' },
  notDone: { keys: ['o'], shows: 'O', says: 'in the proof: not done' },
  proof: { keys: ['t'], shows: 'T', says: 'the proof' },
  compare: { keys: ['b'], shows: 'B', says: 'then and now: beside, laid over, only then' },
  finder: { keys: ['f'], shows: 'F', says: 'Finder' },
  search: { keys: ['q'], shows: 'Q', says: 'search everything that was recorded' },
  help: { keys: ['?'], shows: '?', says: 'these keys' },
  comeIn: { keys: ['n'], shows: 'N', says: 'a machine comes in' },
} as const satisfies Record<string, Command>
export type CommandName = keyof typeof commands

/** What each key does in a job, for the help: as it is shown, and what it does. */
export const keyHelp: readonly (readonly [string, string])[] = [
  ...Object.entries(commands).flatMap(([name, { shows, says }]) => (name === 'comeIn' ? [] : [[shows, says] as const])),
  ['arrows, Enter', 'move the cross, mark'],
  ...glyphKeys.map(([key, kind]) => [key.toUpperCase(), `a tap marks: ${glyphNames[kind]}`] as const),
]

/** Binds commands of a view to what they do there, and, where it marks, the keys of the glyphs. */
export function useCommands(does: Partial<Record<CommandName, () => void>>, pick?: (kind: Glyph) => void): void {
  const bound = (Object.entries(does) as [CommandName, () => void][]).flatMap(([name, act]) =>
    commands[name].keys.map(key => [key, act] as const),
  )
  const marks = pick ? glyphKeys.map(([key, kind]) => [key, () => pick(kind)] as const) : []
  useKeys(Object.fromEntries([...bound, ...marks]))
}
