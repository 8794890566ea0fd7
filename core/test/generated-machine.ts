import type { JobEvent } from '../log/event.ts'
import { foldAll } from '../log/fold.ts'
import { refusalWords } from '../log/refusals.ts'
import type { JobState } from '../log/state.ts'
import { anatomy, liesIn } from '../machine/families.ts'
import { event, id, opening } from './arbitrary-log.ts'
import { dice, type Dice } from './dice.ts'

type Told = { zone: string; posture?: string; moves: object[] }
const sizes = ['T20', 'T20', 'PH2', '8 mm', '10 mm'] as const
const drives = { T20: 'torx', PH2: 'phillips', '8 mm': 'hex head', '10 mm': 'hex head' } as const
const nouns = ['pump', 'valve', 'sensor', 'motor', 'heater', 'filter', 'damper', 'fan', 'coil', 'switch'] as const
const passings = ['behind', 'under', 'through', 'over'] as const

const screws = (d: Dice, place: string, count = d.int(1, 4)) => {
  const size = d.pick(sizes)
  return {
    kind: 'remove-fasteners',
    place,
    count,
    fastener: { drive: drives[size], size, length: d.pick([12, 16, 20, 30]) },
    cell: `${d.pick(['A', 'B', 'C', 'D'])}${d.int(1, 6)}`,
  }
}
const partOff = (name: string, more: object = {}) => ({ kind: 'remove-part', part: { name, ...more } })

/** What is done in an open zone: parts on one bracket, plugs, hose joints, lines that run behind what comes off later. */
function worksOf(d: Dice, zone: string, n: number): Told[] {
  const name = () => `${d.pick(nouns)} ${String.fromCharCode(97 + d.int(0, 25))}${n}`
  const on = (...moves: object[]): Told => ({ zone, moves })
  switch (d.int(0, 6)) {
    case 0: {
      // several parts on one bracket: its screws hold them all
      const bracket = `bracket ${n}`
      const parts = Array.from({ length: d.int(1, 3) }, name)
      return [on(screws(d, [bracket, ...parts].join(' and '))), ...parts.map(p => on(partOff(p))), on(partOff(bracket))]
    }
    case 1:
      return [on({ kind: 'unplug', connector: { label: `P${n}`, lock: 'tab' } })]
    case 2:
      return [on({ kind: 'open-joint', joint: { hose: `hose ${n}`, clamp: 'spring' } })]
    case 3: {
      // a line that was slipped out from behind a part before that came off
      const part = name()
      const waypoints = [{ by: 'retainer' }, { by: d.pick(passings), of: part }]
      return [on({ kind: 'unroute', route: { type: 'harness', waypoints } }), on(screws(d, part)), on(partOff(part))]
    }
    case 4: {
      // a part, and what was taken off it on the bench
      const part = name()
      return [on(screws(d, part)), on(partOff(part)), ...(d.hit(0.5) ? [on(screws(d, part, 2))] : [])]
    }
    case 5: {
      // a part that goes on new, with what must go over from the old one
      const part = name()
      const carryOver = d.hit(0.5) ? ['bracket'] : []
      return [on(screws(d, part)), on({ kind: 'replace-part', part: { name: part }, carryOver })]
    }
    default:
      return [on(screws(d, `rail ${n}`))]
  }
}

/**
 * The descent of a made-up front loader: isolated, covers off in nested zones, works in what is open, perhaps turned, in about so many
 * steps; with `said` orders between steps, some of which contradict the rest. Follows from the seed alone.
 */
export function generatedMachine(seed: number, steps: number, said = 0): JobEvent[] {
  const d = dice(seed)
  const told: Told[] = [
    { zone: 'outside', moves: [{ kind: 'isolate', what: 'power' }] },
    { zone: 'outside', moves: [{ kind: 'isolate', what: 'cold water' }] },
  ]
  const open = ['outside']
  const covers = [...anatomy['front-loader'].covers]
  let posture: string | undefined
  for (let n = 1; told.length < steps; n++) {
    const reachable = covers.filter(c => open.some(z => liesIn('front-loader', c.zone, z)))
    if (reachable.length && (open.length === 1 || d.hit(0.12))) {
      const cover = d.pick(reachable)
      covers.splice(covers.indexOf(cover), 1)
      told.push({ zone: cover.zone, moves: [screws(d, cover.name)] })
      told.push({ zone: cover.zone, moves: [partOff(cover.name, { opens: [...cover.opens] })] })
      open.push(...cover.opens)
    } else if (!posture && d.hit(0.03)) {
      posture = 'tipped back'
      told.push({ zone: 'outside', moves: [{ kind: 'turn-machine', from: 'upright', to: posture }] })
    } else {
      const inner = open.slice(1)
      const zones = anatomy['front-loader'].zones.filter(z => inner.some(o => liesIn('front-loader', z.id, o)))
      told.push(...worksOf(d, d.pick(zones).id, n).map(t => (posture ? { ...t, posture } : t)))
    }
  }
  const events = told.slice(0, steps).map(({ zone, posture: posed, moves }, i) =>
    event(
      'step-recorded',
      {
        step: {
          id: id(i + 1, 's'),
          zone,
          ...(posed && { posture: posed }),
          photos: [],
          marks: [],
          moves: moves.map((m, k) => ({ id: id((i + 1) * 100 + k, 'm'), way: 'down', ...m })),
        },
      },
      (i + 1) * 40,
    ),
  )
  const orders = Array.from({ length: said }, (_, i) => {
    const [a, b] = [d.int(3, steps), d.int(3, steps)]
    const body = { first: id(a, 's'), then: id(b === a ? (a % steps) + 1 : b, 's'), reason: 'the screw is covered' }
    return event('constraint-added', body, steps * 40 + i + 1)
  })
  return [opening(), ...events, ...orders]
}

/** The same as a state. */
export function machineState(seed: number, steps: number, said = 0): JobState {
  const { state, refused } = foldAll(generatedMachine(seed, steps, said))
  if (refused.length) throw new Error(refusalWords(refused[0]!.refusal))
  return state
}
