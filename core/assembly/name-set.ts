/** Parts of the catalogue by their usual names, written one after the other. */
export const nameSet = (list: string): ReadonlySet<string> => new Set(list.split(',').map(name => name.trim()))
