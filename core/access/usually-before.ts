import type { Family } from '../machine/families.ts'

/**
 * What usually has to be off before a part comes off, beside the covers of its place: our own table, by the names of the catalogue. A model may have it
 * otherwise; its recordings come first.
 */
const lines: Readonly<Record<Family, string>> = {
  'front-loader': `
    console: drawer
    bellows: bellows clamp
    inner bellows clamp: bellows
    front counterweight: bellows clamp
    drive motor: drive belt
    drum pulley: drive belt
    motor brush: drive belt
    speed sensor: drive motor
    tub: bellows, front counterweight, upper counterweight, drive belt, drive motor, damper pin, drawer hose, sump hose, heater
    front tub half: tub
    tub seal: front tub half
    drum: front tub half, drum pulley
    drum spider: drum
    drum shaft: drum
    bearing seal: drum
    drum bearing: drum, bearing seal
    rear tub half: drum
    unit: upper counterweight, bellows, drawer hose
    pump impeller: drain pump
    damper: damper pin
    steam generator: steam hose`,
  'top-loader': `
    agitator: agitator cap
    agitator dogs: agitator cap
    lid lock: lid strike
    basket nut: agitator
    basket: agitator, tub ring, basket nut
    basket hub: basket
    tub: basket, suspension rod, sump hose
    bearing seal: basket, tub
    drum bearing: tub, gearbox
    drive tube: basket, gearbox
    gearbox: drive belt, basket
    clutch: drive belt
    slider: shift actuator
    rotor: rotor bolt
    stator: rotor
    snubber: basket
    pump impeller: drain pump`,
}
const read = (text: string): ReadonlyMap<string, readonly string[]> =>
  new Map(
    text
      .trim()
      .split('\n')
      .map(line => {
        const [part, before] = line.split(':')
        return [part!.trim(), before!.split(',').map(p => p.trim())] as const
      }),
  )
const tables = { 'front-loader': read(lines['front-loader']), 'top-loader': read(lines['top-loader']) }

/** The parts that usually come off before this one, by their usual names; none of a part that is free behind its covers. */
export const usuallyBefore = (family: Family, part: string): readonly string[] => tables[family].get(part) ?? []
