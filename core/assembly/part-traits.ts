import { nameSet } from './name-set.ts'

/** A screw that is too long in one of these meets the wall of the tub. */
export const onTheTub = nameSet(
  'tub, front tub half, rear tub half, tub seal, tub ring, drum, basket, drum spider, drum paddle, balance ring, bellows, bellows clamp, inner bellows clamp, drain tube of bellows, sump hose, tub inlet grommet, air chamber, unit, front counterweight, upper counterweight, counterweight',
)
/** A screw that is too long in one of these meets a wire. */
export const amongWires = nameSet(
  'console, control board, display board, motor board, power module, timer, mains filter, mains lead, terminal block, pressure switch, heater, heater bracket, heater cover, temperature sensor, thermostat, thermal fuse, wiring harness, motor loom, door lock loom, cable duct, drive motor, motor bracket, stator, stator bracket, capacitor, lid lock, door lock, reed switch, water heater relay, buzzer, speed sensor, console end cap',
)
/** Water gets at what is fastened here in use. */
export const inTheWet = nameSet(
  'tub, front tub half, rear tub half, tub seal, tub ring, drum, basket, drum paddle, drum spider, agitator, wash plate, balance ring, drain pump, recirculation pump, pump filter, pump housing, pump bracket, pump cover, pump impeller, drawer, drawer housing, drawer front, softener cup, dosing pump, inlet valve, cold inlet valve, hot inlet valve, valve bracket, inlet screen, inlet hose, hot inlet hose, cold inlet hose, bellows, bellows clamp, inner bellows clamp, drain tube of bellows, sump hose, drain hose, recirculation hose, drawer hose, fill hose to drawer, check valve, water distributor, flow meter, heater, unit, hose holder, steam hose',
)
/** It turns with the drum or the motor. */
export const turning = nameSet(
  'drum, basket, drum spider, drum pulley, drum shaft, drive belt, motor pulley, rotor, rotor bolt, drive motor, agitator, wash plate, basket nut, basket hub, fan, motor coupler, clutch, drive tube, pump impeller, unit',
)
/** The earth of the machine hangs on it. */
export const earthing = nameSet('ground strap, ground screw, ground eyelet')
/** It sits on the outside, guards nothing that turns or is live, carries no wire and no water: power may come on while it is off. */
export const guardsNothing = nameSet(
  'foot, transport bolt cap, programme knob, drawer, drawer front, softener cup, cap, rating plate, hose holder, agitator cap, foam strip',
)
