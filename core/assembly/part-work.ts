import { nameSet } from './name-set.ts'

/** What parts of the catalogue do, by their usual names: for what a job has to prove of them. */

/** Where the water of a joint comes from: the tap's pressure, what stands in the tub or is poured in, or only what runs while it works. */
export const sides = ['pressure', 'standing', 'running'] as const
export type Side = (typeof sides)[number]

/** What a circuit does when it is proved. */
export const circuits = [
  'control',
  'lock',
  'fill',
  'level',
  'dose',
  'heat',
  'drum',
  'recirculation',
  'pump',
  'light',
  'balance',
  'steam',
  'air',
  'leak sensor',
] as const
export type Circuit = (typeof circuits)[number]

const table = <K extends string>(lines: Readonly<Record<K, string>>): ReadonlyMap<string, K> =>
  new Map(
    (Object.entries(lines) as [K, string][]).flatMap(([of, list]) =>
      list.split(',').map(name => [name.trim(), of] as const),
    ),
  )

/** Parts and hoses that hold water back when they are in place. */
export const sideOf = table<Side>({
  pressure:
    'inlet hose, hot inlet hose, cold inlet hose, anti-flood hose, inlet valve, cold inlet valve, hot inlet valve, inlet screen, flow meter',
  standing:
    'tub, front tub half, rear tub half, tub seal, sump hose, drain pump, pump filter, pump housing, recirculation pump, check valve, heater, temperature sensor, air chamber, drain tube of bellows, bearing seal, drum bearing, drawer hose, drawer housing, tub inlet grommet, dosing pump, softener cup, unit',
  running:
    'drain hose, recirculation hose, fill hose to drawer, water distributor, bellows, bellows clamp, inner bellows clamp, vent hose, steam hose, steam generator, door glass, tub ring',
})
/** What is tight only by its own fastening: a screw or a band that is undone there opens a way for water. */
export const sealedByFastening = nameSet(
  'heater, bellows clamp, inner bellows clamp, front tub half, rear tub half, pump housing, clamp',
)

/** The circuit that a part belongs to. */
export const circuitOf = table<Circuit>({
  control:
    'control board, display board, power module, timer, mains filter, mains lead, terminal block, console, buzzer, programme knob',
  lock: 'door lock, lid lock, door lock loom, lock cord, lid strike, door hook, lid hinge, door hinge, door, lid, door handle, reed switch',
  fill: 'inlet valve, cold inlet valve, hot inlet valve, flow meter, water distributor, fill hose to drawer',
  level: 'pressure switch, pressure hose, air chamber',
  dose: 'dosing pump',
  heat: 'heater, temperature sensor, thermostat, thermal fuse, water heater relay',
  drum: 'drive motor, motor board, motor brush, capacitor, speed sensor, stator, rotor, motor loom, drive belt, motor pulley, drum pulley, clutch, shift actuator, slider, gearbox, motor coupler, brake, belt tensioner, rotor bolt',
  recirculation: 'recirculation pump, recirculation hose',
  pump: 'drain pump, pump filter, pump housing, pump impeller, drain hose',
  light: 'drum light',
  balance: 'out-of-balance sensor',
  steam: 'steam generator, steam nozzle, steam hose',
  air: 'fan, drying duct',
  'leak sensor': 'leak sensor',
})
/** Moving parts whose circuit is touched by mechanics alone, without a plug. */
export const provedWithoutPlug: ReadonlySet<Circuit> = new Set([
  'lock',
  'drum',
  'level',
  'fill',
  'pump',
  'recirculation',
])

/** It turns with the drum, or the drum turns in it: turned by hand before anything else. */
export const turns = nameSet(
  'drum, basket, drum spider, drum pulley, drum shaft, drive belt, motor pulley, rotor, stator, rotor bolt, drive motor, motor brush, agitator, agitator dogs, wash plate, basket nut, basket hub, motor coupler, clutch, brake, drive tube, gearbox, drum bearing, bearing seal, bearing housing, rear tub half, front tub half, drum paddle, heater, unit, tub, bellows, tub ring, balance ring',
)
/** The tub hangs or stands on it: pressed down and let go. */
export const hangs = nameSet(
  'spring, left spring, right spring, damper, damper pin, suspension rod, snubber, upper counterweight, front counterweight, counterweight, unit, tub',
)
