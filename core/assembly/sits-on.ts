import { catalogue } from './catalogue.ts'
import { kept, once } from './kept.ts'
import { termsOf } from './terms.ts'

/** What the bench leaves on an old part and misses on the new one: the head word of the part · what sits on it. Our own list. */
const lines = `
pump · two washers, rubber feet, bracket, hose clamp, impeller cover
motor · pulley, rubber bushings, earth wire, speed sensor, bracket
valve · bracket, inlet screens, hose clamps
lock · holder, emergency cord, screw plate
switch · holder, actuator, washers
board · housing, foam, cable ties, heat sink
module · housing, foam, cable ties
element · rubber seal, temperature sensor, earth wire
heater · rubber seal, temperature sensor, earth wire
sensor · grommet, holder, clip
thermostat · grommet, clip
damper · bushings, pins, friction foam
spring · hook cup, rubber cap
bearing · seal, spacer ring, circlip
bellows · clamp ring, drain sleeve, spring band
seal · clamp ring, garter spring
hose · clamps, grommet, sleeve
panel · clips, foam, seal, label
door · hinge, hook, handle, glass
lid · hinge pins, strike, seal
pulley · bolt, washer, key
drum · spider, paddles, balance ring
tub · grommets, weights, sensor clip
counterweight · bushings, washers
console · buttons, light guides, seal
drawer · cup, insert, cover
housing · clips, seal, grommet
harness · grommet, clips, sleeve
knob · spring clip, spacer
foot · lock nut, rubber pad
transmission · pulley, seal, dog ring
rotor · spacer, cover cap
stator · bushings, plug holder
gearcase · seal, pulley
clutch · spring, washer
agitator · cap, bolt, seal ring
`
const byHead = once(
  () =>
    new Map(
      lines
        .trim()
        .split('\n')
        .map(line => line.split('·').map(cell => cell.trim()) as [string, string])
        .map(([head, things]) => [head, things.split(', ')] as const),
    ),
)
/** What may sit on a part of which nothing is known. */
const usually = ['bracket', 'washers', 'grommet', 'holder']

/** The name of the part of the catalogue that a name is, word for word. */
const knownAs = once(
  () =>
    new Map(catalogue().flatMap(part => [part.name, ...part.also].map(name => [termsOf(name).join(' '), part.name]))),
)
const headsOf = (name: string): string[] => termsOf(name.split(/[,(]/)[0]!).reverse()
const found = kept(2000, name => {
  const [own, known] = [headsOf(name), headsOf(knownAs().get(termsOf(name).join(' ')) ?? '')]
  // The head of the name as it was said, that of its usual name, then whatever else they say.
  const heads = [...own.slice(0, 1), ...known.slice(0, 1), ...own, ...known]
  return byHead().get(heads.find(head => byHead().has(head)) ?? '') ?? usually
})
/** What usually sits on a part and goes over to the new one, likeliest first; by the head of its name. Never empty. */
export const sitsOn = (name: string): readonly string[] => found(name)
