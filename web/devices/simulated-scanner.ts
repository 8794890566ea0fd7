/** Reads the plate of one of the given machines, another each time: stands in for a code scanner. */
let turn = 0
export const scan = (plates: readonly string[]): string | undefined => plates[turn++ % Math.max(1, plates.length)]
