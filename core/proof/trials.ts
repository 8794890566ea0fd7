import { anatomy, zoneTitle, type Family } from '../machine/families.ts'
import { toOpen } from '../machine/to-open.ts'
import { traitsOf } from '../moves/registry.ts'
import { text } from '../words/language.ts'
import { list, say, type Phrase } from '../words/phrase.ts'
import type { Opened, Work } from './opened.ts'
import { circuits, type Circuit, type Side } from '../assembly/part-work.ts'
import type { Trial } from './trial.ts'

/** So many seconds a joint is looked at: a drop takes that long to gather. */
const look = 60
/** So many litres are poured in by hand: enough to stand in sump, pump and hoses, not to reach the door. Our own estimate. */
const poured = 5

/** What a look at water connections comes to, for the customer. */
const dry = (all: readonly Opened[]): Phrase => say`Watched for drips, and dry: ${named(all)}.`

/** So many things at most are named in one sentence. */
const most = 4
function named(all: readonly Opened[]): Phrase {
  const things = [...new Map(all.map(o => [text(o.name), o.name])).values()]
  return things.length > most ? say`${list(things.slice(0, most))} and ${things.length - most} more` : list(things)
}

type CircuitTrial = Pick<Trial, 'name' | 'say' | 'sure' | 'fails' | 'plain'> & Partial<Pick<Trial, 'wait' | 'caution'>>

/** Each circuit does its work once, with power on and hands away. */
const byCircuit = (lock: string): Record<Exclude<Circuit, 'lock'>, CircuitTrial> => ({
  control: {
    name: say`controls answer`,
    say: say`Switch it on and try every key and the selector.`,
    sure: say`It wakes, each key answers, no code, nothing trips`,
    fails: say`It stays dark or trips`,
    plain: say`All keys and the selector answer.`,
  },
  fill: {
    name: say`fills`,
    say: say`Start a rinse and let it fill, cold first, then a warm programme.`,
    sure: say`Each valve brings water into its own chamber and stops`,
    fails: say`It fills wrong`,
    plain: say`It fills as it should.`,
  },
  level: {
    name: say`stops at its level`,
    say: say`Let it fill until it stops by itself.`,
    sure: say`It stops by itself below the ${lock}, and the drum begins to turn`,
    fails: say`It fills on or too little`,
    plain: say`It stops filling by itself.`,
  },
  dose: {
    name: say`doses`,
    say: say`Let it dose once, with water in the container.`,
    sure: say`The level in the container falls; nothing runs beside it`,
    fails: say`It does not dose`,
    plain: say`It doses as it should.`,
  },
  heat: {
    name: say`heats`,
    say: say`Run a warm programme for ten minutes.`,
    sure: say`The temperature on the display or at the meter rises; nothing trips`,
    fails: say`It stays cold or trips`,
    plain: say`It heats.`,
    caution: 'hot',
  },
  drum: {
    name: say`drum both ways`,
    say: say`Run a gentle wash and watch the drum through its full change of direction.`,
    sure: say`It turns both ways, starts softly, nothing rubs or knocks`,
    fails: say`It does not turn well`,
    plain: say`The drum turns both ways.`,
  },
  recirculation: {
    name: say`sprays`,
    say: say`Let the wash run until the recirculation starts.`,
    sure: say`Water is seen to spray into the drum`,
    fails: say`It does not spray`,
    plain: say`The spray into the drum works.`,
  },
  pump: {
    name: say`drain runs`,
    say: say`Let it pump out until it runs dry.`,
    sure: say`It empties within two minutes, then sounds dry and stops`,
    fails: say`It does not empty`,
    plain: say`It pumps the water out.`,
  },
  light: {
    name: say`lights`,
    say: say`Open it and start it once.`,
    sure: say`The light comes on`,
    fails: say`It stays dark`,
    plain: say`The light works.`,
  },
  balance: {
    name: say`no false stop`,
    say: say`Let it distribute and come to speed, empty.`,
    sure: say`It comes to speed without stopping and filling again`,
    fails: say`It stops before it is at speed`,
    plain: say`It comes to speed without a false stop.`,
  },
  steam: {
    name: say`steams`,
    say: say`Run the steam programme until steam is seen at the glass.`,
    sure: say`Steam at the glass, none outside`,
    fails: say`No steam, or steam outside`,
    plain: say`The steam works.`,
    caution: 'hot',
  },
  air: {
    name: say`blows`,
    say: say`Run the drying programme for five minutes.`,
    sure: say`Warm air is heard and seen on the glass; no scrape`,
    fails: say`No air, or it scrapes`,
    plain: say`The drying works.`,
    caution: 'hot',
  },
  'leak sensor': {
    name: say`no false alarm`,
    say: say`Run a rinse and watch the display.`,
    sure: say`No alarm while the base is dry`,
    fails: say`It tells of a leak`,
    plain: say`The leak alarm stays quiet while it is dry.`,
  },
})

const interlock: Record<Family, CircuitTrial> = {
  'front-loader': {
    name: say`door stays shut`,
    say: say`Start a rinse. While the drum turns, pull at the door handle; then stop the programme.`,
    sure: say`The door stays shut until the drum stands still, and opens then`,
    fails: say`It opens, or stays shut`,
    plain: say`The door lock was tried: it stops, or stays shut, as it must.`,
  },
  'top-loader': {
    name: say`lid open: stops`,
    say: say`Start a spin, empty. Lift the lid and keep your hands out.`,
    sure: say`It is locked, or the basket stands still within seconds`,
    fails: say`It turns on`,
    plain: say`The lid lock was tried: it stops, or stays shut, as it must.`,
  },
}

const bySide: Record<
  Side,
  { name: Phrase; say: (what: Phrase, where: Phrase, isShut: boolean) => Phrase; sure: Phrase }
> = {
  pressure: {
    name: say`look, water on`,
    say: (what, where) => say`Water is on. Look at ${what}${where} for a minute.`,
    sure: say`Dry. A drop hangs first at the lowest edge of the nut`,
  },
  standing: {
    name: say`pour and look`,
    say: (what, where) => say`Pour ${poured} litres in by hand. Look at ${what}${where} for a minute.`,
    sure: say`Dry. A drop hangs first at the notch, or under the clamp`,
  },
  running: {
    name: say`look while it runs`,
    say: (what, where, isShut) =>
      isShut
        ? say`The covers stay on. While it fills and pumps, look from outside with a torch: under it, at the paper that lies under ${what}.`
        : say`While it fills and pumps, look at ${what}${where} with a torch, hands away.`,
    sure: say`Dry, and the paper under it stays dry`,
  },
}

/** Joints are looked at by where their water comes from, and zone by zone: one look is one place of the eye. */
function looks({ joints }: Work, family: Family): Trial[] {
  const groups = new Map<string, Work['joints']>()
  for (const j of joints) {
    const key = `${j.side} ${j.step.zone ?? ''}`
    groups.set(key, [...(groups.get(key) ?? []), j])
  }
  return [...groups.values()].map(of => {
    const { side, step } = of[0]!
    const { zone } = step
    const { name, say: words, sure } = bySide[side]
    const where = zone && zone !== 'outside' ? say`, ${zoneTitle(family, zone)},` : ''
    return {
      id: `look ${side}: ${zone ?? 'anywhere'}`,
      // Several looks of one kind are told apart by their place.
      name: zone && zone !== 'outside' ? say`${name}, ${zoneTitle(family, zone)}` : name,
      stage: side === 'running' ? 'power' : 'water',
      say: words(named(of), where, zone !== undefined && toOpen(family, zone, []).length > 0),
      sure,
      fails: say`It drips`,
      plain: dry(of),
      wait: look,
      because: of,
      looksInto: zone ? [zone] : [],
    }
  })
}

const zonesOf = (all: readonly Opened[]): string[] => [...new Set(all.flatMap(o => o.step.zone ?? []))]

const handTrials = (work: Work, family: Family): Trial[] => {
  const { lock } = anatomy[family]
  const locks = work.circuits.get('lock') ?? []
  const drum = family === 'front-loader' ? 'drum' : 'basket'
  // A tap is closed again by the hand that opens it; until then there is nothing to dry.
  const opened = work.joints.filter(j => traitsOf(j.move).restores !== 'water')
  const found: (Trial | false)[] = [
    work.turns.length > 0 && {
      id: 'turn by hand',
      name: say`turn by hand`,
      stage: 'hand',
      say: say`The plug is out. Turn the ${drum} by hand, once round each way.`,
      sure: say`It turns free: no rub, no knock, no wire in its way`,
      fails: say`It rubs or knocks`,
      plain: say`The drum was turned by hand and runs free.`,
      caution: 'mains',
      because: work.turns,
      looksInto: zonesOf(work.turns),
    },
    work.hangs.length > 0 && {
      id: 'press down',
      name: say`press down`,
      stage: 'hand',
      say: say`The plug is out. Press the tub down and let it go.`,
      sure: say`It comes up once and rests, level, and meets nothing`,
      fails: say`It swings on or meets something`,
      plain: say`The drum hangs and settles as it should.`,
      caution: 'mains',
      because: work.hangs,
      looksInto: zonesOf(work.hangs),
    },
    locks.length > 0 && {
      id: 'shut by hand',
      name: say`${lock} shuts`,
      stage: 'hand',
      say: say`Open and shut the ${lock} five times.`,
      sure: say`It falls shut by itself, level, and meets its catch`,
      fails: say`It does not meet its catch`,
      plain: say`The ${lock} shuts well.`,
      because: locks,
    },
    opened.length > 0 && {
      id: 'dry the joints',
      name: say`dried first`,
      stage: 'hand',
      say: say`Dry ${named(opened)}. Lay dry paper beneath.`,
      sure: say`Dry to the back of the hand; the paper can be seen later`,
      fails: say`It is wet again`,
      plain: say`The water connections were dried, so that the first drop is seen.`,
      because: opened,
      looksInto: zonesOf(opened),
    },
    (work.electric.length > 0 || work.earth.length > 0 || work.covers.length > 0) && {
      id: 'earth',
      name: say`earth`,
      stage: 'hand',
      say: say`The plug is out. Measure from its earth pin to bare metal of the cabinet.`,
      sure: say`Within the limit of your shop and of your local code; who may measure it, they say too`,
      fails: say`Above the limit`,
      plain: say`The earth connection was measured.`,
      reads: 'Ω',
      caution: 'mains',
      because: [...work.earth, ...work.electric],
    },
    work.electric.length > 0 && {
      id: 'insulation',
      name: say`insulation`,
      stage: 'hand',
      say: say`The plug is out. Measure insulation between live and earth, as your local code has it.`,
      sure: say`Above the limit of your shop and of your local code`,
      fails: say`Below the limit`,
      plain: say`The insulation was measured.`,
      reads: 'MΩ',
      caution: 'capacitor',
      because: work.electric,
    },
  ]
  return found.filter(t => t !== false)
}

/** What is tried of a machine before it is closed, by what this job opened; the order within a stage is the order of the water's way. */
export function trialsOf(work: Work, family: Family): Trial[] {
  const { lock } = anatomy[family]
  const words = byCircuit(lock)
  const of = (circuit: Circuit): Opened[] => work.circuits.get(circuit) ?? []
  const joints = looks(work, family)
  const circuit = (name: Exclude<Circuit, 'lock'>): Trial[] =>
    of(name).length || name === 'control'
      ? [{ id: name, stage: name === 'balance' ? 'spin' : 'power', ...words[name], because: of(name) }]
      : []
  const guard: Trial = { id: 'interlock', stage: 'power', ...interlock[family], because: of('lock') }
  const unknown: Trial[] = work.unknown.length
    ? [
        {
          id: 'other circuits',
          name: say`other circuits`,
          stage: 'power',
          say: say`Let what hangs on ${named(work.unknown)} do its work once.`,
          sure: say`It does its work, and nothing else changes`,
          fails: say`It does not`,
          plain: say`All that was unplugged works again.`,
          because: work.unknown,
        },
      ]
    : []
  const moving = [...work.turns, ...work.hangs]
  const runs: Trial[] = [
    {
      id: 'empty spin',
      name: say`empty spin`,
      stage: 'spin',
      say: say`Spin it empty, covers on. Stand beside it and listen.`,
      sure: say`It comes to speed, stands where it stands, no knock, no scrape`,
      fails: say`It knocks or walks`,
      plain: say`It was spun empty.`,
      because: moving,
    },
    {
      id: 'full load',
      name: say`full load`,
      stage: 'load',
      say: say`Run one wash with a usual load, to the end.`,
      sure: say`It fills, washes, empties and spins; the water is out, the ${lock} opens`,
      fails: say`It does not end well`,
      plain: say`One full wash was run to its end.`,
      because: [],
    },
  ]
  const after: Trial[] = work.joints.length
    ? [
        {
          id: 'dry after the run',
          name: say`dry after the run`,
          stage: 'after',
          say: say`Look under it with a torch, and at the paper under ${named(work.joints)}.`,
          sure: say`Dry everywhere`,
          fails: say`It dripped`,
          plain: say`It was dry underneath after the run.`,
          because: work.joints,
        },
      ]
    : []
  const powered = [
    ...circuit('control'),
    ...circuits.flatMap(name => (name === 'lock' || name === 'control' ? [] : circuit(name))),
  ]
  return [
    ...handTrials(work, family),
    ...joints.filter(t => t.stage === 'water'),
    ...powered.filter(t => t.id === 'control'),
    guard,
    ...powered.filter(t => t.id !== 'control' && t.stage === 'power'),
    ...joints.filter(t => t.stage === 'power'),
    ...unknown,
    ...powered.filter(t => t.stage === 'spin'),
    ...runs,
    ...after,
  ]
}
