import { catalogue, type KnownPart } from '../../assembly/catalogue.ts'
import { once } from '../../assembly/kept.ts'
import { families, type Family } from '../../machine/families.ts'

/** Where hands get at a part, in a front loader and in a top loader; what the catalogue has at its place is not named again. */
const own: Readonly<Record<string, readonly [front: string, top: string]>> = {
  tap: ['outside', 'outside'],
  'inlet strainer': ['outside', 'outside'],
  'house supply': ['outside', 'outside'],
  'stop hose': ['outside', 'outside'],
  'washer of the inlet joint': ['outside', 'outside'],
  drawer: ['drawer', 'console'],
  'drawer hose': ['top', 'console'],
  'vent hose': ['top', 'console'],
  'siphon of the drawer': ['drawer', 'console'],
  detergent: ['drawer', 'tub'],
  'wire of the lock': ['front', 'top'],
  'heating element': ['rear', 'base'],
  'terminal of the element': ['rear', 'base'],
  'temperature sensor': ['rear', 'base'],
  'heating relay on the board': ['top', 'console'],
  nothing: ['outside', 'outside'],
  'motor connector': ['drive', 'drive'],
  'drum bearings': ['drive', 'drive'],
  drum: ['tub', 'tub'],
  'foreign body': ['tub', 'tub'],
  'house drain': ['outside', 'outside'],
  tub: ['rear', 'suspension'],
  'tub seal': ['rear', 'suspension'],
  'transit bolts': ['outside', 'outside'],
  feet: ['outside', 'outside'],
  dampers: ['base', 'base'],
  'suspension rods': ['front', 'suspension'],
  'balance weight': ['top', 'base'],
  load: ['tub', 'tub'],
  floor: ['outside', 'outside'],
  socket: ['outside', 'outside'],
  'mains cord': ['rear', 'rear'],
  'drum and seal': ['door', 'tub'],
  'plug of the pump': ['base', 'base'],
}

/** The zones of the catalogue by every name of a part. */
const byName = once(
  () =>
    new Map(
      catalogue()
        .toReversed()
        .flatMap(k => [...k.also, k.name].map(name => [name, k.zone] as const)),
    ),
)

/** The zone in which hands get at a part, by what it is called here or in the catalogue. */
export function placeOf(family: Family, part: string): string {
  return own[part]?.[families.indexOf(family)] ?? byName().get(part)?.[family] ?? 'outside'
}

/** The zone from which hands get at a part of the catalogue: as the table here has it by any of its names, else where the catalogue has it. */
export function reachedFrom(family: Family, { name, also, zone }: KnownPart): string {
  const here = [name, ...also].find(n => own[n])
  return here ? own[here]![families.indexOf(family)]! : (zone[family] ?? 'outside')
}
