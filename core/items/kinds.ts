/** Kinds of item that can be owed; each has a glyph of its own. */
export const itemKinds = [
  'fastener',
  'clip',
  'connector',
  'line',
  'joint',
  'part',
  'consumable',
  'temporary',
  'posture',
  'isolation',
] as const
/** A kind of thing that comes off or is changed; what is owed is counted by it. */
export type ItemKind = (typeof itemKinds)[number]

/** What a mark on a photo can be: every kind of item, and the plain mark. */
export const glyphs = [...itemKinds, 'mark'] as const
/** A sign that marks what a tap on a photo is: of a kind of item, or a drawn mark. */
export type Glyph = (typeof glyphs)[number]

/** The noun of each kind, singular and plural, for counts. */
export const itemNouns: Record<ItemKind, readonly [string, string]> = {
  fastener: ['fastener', 'fasteners'],
  clip: ['clip', 'clips'],
  connector: ['connector', 'connectors'],
  line: ['line', 'lines'],
  joint: ['hose joint', 'hose joints'],
  part: ['part', 'parts'],
  consumable: ['new consumable', 'new consumables'],
  temporary: ['temporary thing', 'temporary things'],
  posture: ['turn of the machine', 'turns of the machine'],
  isolation: ['isolation', 'isolations'],
}

/** In what way an item is not as the closed machine needs it. */
export const debtStates = {
  out: 'out',
  slack: 'slack',
  open: 'open',
  off: 'off',
  parked: 'parked, still attached',
  owed: 'a new one owed',
  placed: 'still in place',
  turned: 'not upright',
  isolated: 'isolated',
  unfit: 'not made to fit yet',
} as const
export type DebtState = keyof typeof debtStates
