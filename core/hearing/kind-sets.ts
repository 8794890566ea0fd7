/** Kinds that handle a part by its name. */
export const partKinds = ['remove-part', 'park-part', 'pull-off', 'fold-back', 'replace-part', 'fit-new', 'exchange']
/** Kinds that say how many. */
export const counted = ['remove-fasteners', 'slacken', 'release-clips', 'unplug', 'cut', 'place-temporary']
/** Kinds that undo fasteners. */
export const ofFasteners = ['remove-fasteners', 'slacken']
