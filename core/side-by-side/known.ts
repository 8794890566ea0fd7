/** What can be known on a photo: a length, a coin or another round thing, a card or a rule. */
export const knownThings = ['coin', 'card', 'length'] as const
/** One of these. */
export type KnownThing = (typeof knownThings)[number]

/** So many places are tapped for each: the coin anywhere on it, the corners of a card, the ends of a length. */
export const tapsFor: Readonly<Record<KnownThing, number>> = { coin: 1, card: 4, length: 2 }
