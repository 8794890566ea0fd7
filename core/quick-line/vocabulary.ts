import type { Fact, Value } from '../grammar/fact.ts'
import type { Words } from '../grammar/grammar.ts'
import type { Posture } from '../machine/postures.ts'
import { moveKinds } from '../moves/registry.ts'

/**
 * The words of the trade and what they say, in lower case, singular, without hyphens. The longest phrase that fits is
 * taken; a plural `s` at its end is allowed for. Verbs and things come from the kinds of move.
 */
export const phrases = new Map<string, Fact>()

const add = (fact: Fact, words: string) => words.split(',').forEach(phrase => phrases.set(phrase.trim(), fact))
const set = (words: string, sets: Record<string, Value>) => add({ as: 'set', sets }, words)
const posture = (posture: Posture, words: string) => add({ as: 'posture', posture }, words)
const told = (words: Words) => (typeof words === 'string' ? ([words] as const) : words)

add({ as: 'act', act: 'away' }, 'off, take off, takes off, took off, comes off, came off, remove, removed, take out')
add({ as: 'act', act: 'away' }, 'took out, out, lift off, lift out, lifted off, get off, took, got, rem, rmv, r/o')
add({ as: 'act', act: 'away' }, 'undo, undone, detach, open')
const kinds = Object.entries(moveKinds)
for (const [act, { grammar }] of kinds)
  for (const [words, sets] of grammar.acts.map(told)) add({ as: 'act', act, ...(sets && { sets }) }, words)
for (const [, { grammar }] of kinds)
  for (const [noun, all] of Object.entries(grammar.things ?? {}))
    for (const thing of all) {
      const [words, sets, passing] = typeof thing === 'string' ? [thing] : thing
      add({ as: 'noun', noun, ...(sets && { sets }), ...(passing && { passing }) }, words)
    }
add({ as: 'word' }, 'drain pump, drain valve, drain hole, terminal block')

set('torx', { drive: 'torx' })
set('phillips, philips, crosshead, cross head, cross', { drive: 'phillips' })
set('pozi, pozidriv', { drive: 'pozidriv' })
set('slotted, flat blade, flathead, slot head', { drive: 'slotted' })
set('hex head, hex, hexagon, hex headed', { drive: 'hex head' })
set('allen, hex socket, hex key', { drive: 'hex socket' })
set('square drive', { drive: 'square' })
set('pan head, pan', { head: 'pan' })
set('countersunk, csk, flush head', { head: 'countersunk' })
set('flange, flanged, flange head', { head: 'flange' })
set('cap head', { head: 'cap' })
set('left hand, left hand thread, lh, lh thread, reverse thread, left handed, left thread', { hand: 'left' })
set('right hand, right hand thread, rh, right thread', { hand: 'right' })
set('washer, with washer, with a washer, w/ washer', { washers: 1 })
set('no washer', { washers: 0 })
set('captive', { captive: true })
set('not captive', { captive: false })
set('finger tight, finger', { feel: 'finger' })
set('snug', { feel: 'snug' })
set('firm, tight', { feel: 'firm' })
set('circle, in a circle, crosswise', { pattern: 'circle' })
set('row, in a row, in line', { pattern: 'row' })
set('any order', { pattern: 'any' })
set('thread lock, threadlock, locked thread, thread locked', { secured: 'thread-lock' })
set('greased, with grease', { secured: 'grease' })
set('into plastic, in plastic, plastic', { into: 'plastic' })
set('into metal, in metal, into steel', { into: 'metal' })
set('fragile, brittle', { fragile: true })
set('clockwise, cw', { direction: 'clockwise' })
set('anticlockwise, counterclockwise, ccw, anti clockwise', { direction: 'anticlockwise' })
for (const how of ['from the left', 'from the right', 'from above', 'from below', 'from behind', 'from inside'])
  set(`${how}, ${how.replace('the ', '')}`, { releases: how })
for (const how of ['press inwards', 'press outwards', 'push in', 'push up', 'push down', 'squeeze sides'])
  set(how, { releases: how })
set('tab lock, locking tab, press tab, with tab', { lock: 'tab' })
set('slider, secondary slider, second lock, secondary lock, slide lock', { lock: 'secondary slider' })
set('no lock, unlocked', { lock: 'none' })
for (const sits of ['upper', 'middle', 'lower', 'left', 'right']) set(`on the ${sits} terminal`, { sits })
for (const sits of ['upper', 'middle', 'lower']) set(`${sits} terminal`, { sits })
set('stands upright, terminal upright', { sits: 'upright' })
set('lies flat, terminal flat', { sits: 'flat' })
set('keyed', { keyed: true })
set('not keyed, unkeyed', { keyed: false })
set('missing, gone, absent', { condition: 'missing' })
set('corroded, rusty, rusted, rust, seized', { condition: 'corroded' })
set('stripped, rounded, rounded off, chewed, chewed up', { condition: 'stripped' })
set('cracked, broken, snapped, split', { condition: 'cracked' })
set('not original, non original, odd one, wrong one, bodged', { condition: 'not original' })
set('spring clamp', { clamp: 'spring' })
set('clamp spring', { clamp: 'spring' })
set('worm clamp, worm drive, worm, screw clamp, clamp worm', { clamp: 'worm' })
set('ear clamp, crimp clamp, clamp ear', { clamp: 'ear' })
set('no clamp', { clamp: 'none' })
set('click, clicks in', { seat: 'click' })
set('flush', { seat: 'flush' })
set('bottomed, to the stop', { seat: 'bottomed' })
set('splined, on a spline, on spline', { fit: 'spline' })
set('press fit, interference fit', { fit: 'press' })
set('loose fit', { fit: 'loose' })
set('heavy', { people: 2 })
set('one way, goes on once, once only', { oneWay: true })
set('again', { again: true })
for (const by of ['filter', 'plug', 'cap']) set(`by ${by}, by the ${by}, at the ${by}, from the ${by}`, { by })
set('drain tube, by drain tube, by the drain tube, by tube', { by: 'drain tube' })
set('by hose, by the hose, by gravity, bucket', { by: 'hose' })
set('arrow up, mark up, label up, label out, label outwards, logo up', { orientation: '' })

for (const [field, words] of Object.entries({
  note: 'note, nb, remark',
  why: 'why, because, to catch, to hold, holds, holding, so that',
  label: 'label, labelled, named',
  orientation: 'faces, facing',
  lies: 'lies, lying, lay it',
  notch: 'notch to, notch at, notch',
  opens: 'opens, opens up',
  carryOver: 'carry over, carries over, transfer, carry',
  keepClear: 'clear of, keep clear of, keep clear, away from, keep away from, not near',
  slack: 'slack',
  shares: 'shares, sharing, under them, under its head, under the heads',
  terminal: 'on terminal, at terminal, terminal marked',
  look: 'look',
  releases: 'releases, release from',
}))
  add({ as: 'lead', field }, words)

for (const look of ['long', 'short', 'stainless', 'brass', 'zinc', 'plain', 'coarse', 'fine', 'thin', 'thick'])
  add({ as: 'look', look }, look)
for (const look of ['shiny', 'painted', 'blunt', 'pointed', 'shouldered', 'security', 'silver', 'gold', 'small', 'big'])
  add({ as: 'look', look }, look)

/** Colours by name and by the letter code of IEC 60757. */
export const colours = new Map<string, string>()
for (const [name, code] of Object.entries({
  black: 'bk',
  brown: 'bn',
  red: 'rd',
  orange: 'og',
  yellow: 'ye',
  green: 'gn',
  blue: 'bu',
  violet: 'vt',
  purple: '',
  grey: 'gy',
  gray: '',
  white: 'wh',
  pink: 'pk',
  turquoise: 'tq',
  'green-yellow': 'gnye',
  'yellow-green': '',
})) {
  const means = { purple: 'violet', gray: 'grey', 'yellow-green': 'green-yellow' }[name] ?? name
  colours.set(name, means)
  if (code) colours.set(code, means)
}
for (const [name, means] of colours) add({ as: 'colour', colours: [means] }, name.replace('-', ' '))

for (const by of ['over', 'under', 'behind', 'through', 'groove', 'grommet'] as const) add({ as: 'passing', by }, by)
add({ as: 'passing', by: 'retainer' }, 'retainer, in retainer, in the retainer, holder')
add({ as: 'passing', by: 'groove' }, 'channel, in groove, in the groove, trough')
add({ as: 'passing', by: 'through' }, 'thru')
add({ as: 'passing', by: 'grommet' }, 'through grommet, thru grommet, through the grommet')
add({ as: 'passing', by: 'under' }, 'below, beneath')

posture('upright', 'stand up, stand upright, upright, on its feet, stand machine up')
posture('tipped back', 'tip back, tipped back, tilt back, tip it back, tilted back')
posture('on its back', 'on its back, on back, on the back, lay on back')
posture('on its front', 'on its front, on front, on its face, lay on front')
posture('on its left side', 'on its left side, on left side, on its left, lay on left side')
posture('on its right side', 'on its right side, on right side, on its right, lay on right side')

add({ as: 'same' }, 'same, same again, ditto, again same, and again, the same')
add({ as: 'same-cell' }, 'same cell')
add({ as: 'and' }, 'and, then, &, +')
add(
  { as: 'filler' },
  'a, an, the, of, at, on, in, from, to, with, for, by, into, is, are, was, it, its, all, per, each',
)
add({ as: 'filler' }, 'about, approx, pcs, pc, piece, qty, found, of them, them')

const numbers = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve']
numbers.forEach((word, i) => add({ as: 'count', n: i + 1 }, word))
add({ as: 'count', n: 2 }, 'pair, pair of, a pair of, both, couple, couple of, a couple of')
add({ as: 'count', n: 1 }, 'single, a single')

/** Words that are places or parts of a machine: a stretch with one of them in it is surely a place or a name. */
export const thingWords = new Set(
  (
    'panel bracket cover lid console drawer pump motor drum tub heater thermostat sensor valve board door hinge handle ' +
    'bellows counterweight weight spring damper pulley bearing filter hatch rail frame base top rear front left right ' +
    'bottom upper lower side edge corner rim plate kick shroud guard shaft rotor stator switch interlock lock suppressor ' +
    'dispenser housing tank sump dosing unit module fascia knob foot crossbar brace holder rod leg chassis'
  ).split(' '),
)
/** Words with which the place where a part lies begins. */
export const lying = new Set(
  'on against behind over beside under onto hung hanging leaning back aside in to'.split(' '),
)
