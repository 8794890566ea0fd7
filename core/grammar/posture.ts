import { cover, each, source, take, type Telling } from './telling.ts'

/** How the machine is to stand: the first posture that is said. */
export function tellTurn(t: Telling): void {
  each(t, (fact, i) => fact.as === 'posture' && take(t, i, i, 'to', fact.posture, 'sure'))
  each(t, (_, i) => /^machine$/i.test(source(t, i, i)) && cover(t, i, i, 'act', 'sure'))
}
/** How it stood before: a second posture. */
export const tellTurnedFrom = (t: Telling): void =>
  each(t, (fact, i) => fact.as === 'posture' && take(t, i, i, 'from', fact.posture, 'guess'))
