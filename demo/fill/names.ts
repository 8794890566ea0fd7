/** Makers of a made-up trade. */
export const makers = [
  'Aldermoor',
  'Brackwell',
  'Corrane',
  'Ferncote',
  'Hollinset',
  'Merrowdale',
  'Netherby',
  'Oxenholt',
  'Pellinor',
  'Stainmere',
  'Wexmoor',
] as const
export const rooms = [
  'cellar',
  'kitchen',
  'wash room',
  'under the stairs',
  'bay',
  'second floor',
  'yard house',
] as const

/** What machines come in for, as people say it. */
export const complaints = [
  'Water stays in the drum',
  'Hums and does not pump',
  'Bangs in the spin',
  'Trips the breaker when it heats',
  'Does not heat, clothes come out cold',
  'Leaks at the front after the fill',
  'Puddle under the machine in the morning',
  'Stops in the middle, all lamps blink',
  'Door does not open after the wash',
  'Door does not lock, nothing begins',
  'Drum does not turn, motor hums',
  'Smells of rubber in the spin',
  'Grinds louder every week',
  'Fills and empties at the same time',
  'Fills without end',
  'No water comes in, hot or cold',
  'Softener stays in the drawer',
  'Foam comes out of the drawer',
  'Walks through the room',
  'Display is dark',
  'Grey streaks on white clothes',
  'Squeals when it starts to turn',
  'Shows a code and beeps',
  'Agitator slips under load',
  'Spins wet, clothes drip',
] as const
export const since = [
  'since the move',
  'since last week',
  'after a long wash',
  'only when hot',
  'every second time',
  'for months',
] as const

/** What somebody writes down while working. */
export const remarks = [
  'sits under the sticker, peel it back',
  'the lower one is longer',
  'white dust around it, wash hands',
  'tab breaks when it is cold, warm it first',
  'mark it before it comes off',
  'hidden behind the loom',
  'was fitted upside down before us',
  'rust at the edge, grind before it goes back',
  'ask for a second pair of hands',
  'spring jumps, hold it with the pliers',
  'needs the long extension',
  'comes out to the left only',
  'somebody had glued it',
  'pull at the housing, never at the wires',
] as const
