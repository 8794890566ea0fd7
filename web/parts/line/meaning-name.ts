import { moveKinds, type Meant } from '@dialytica/core/moves'

/** What a word means, as it is said after `is`. */
export const meaningName = (means: Meant): string =>
  means === 'part'
    ? 'a part'
    : means === 'look'
      ? 'how something looks'
      : `said for: ${moveKinds[means].name.toLowerCase()}`
