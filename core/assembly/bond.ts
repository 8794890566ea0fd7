/**
 * How something binds a part, seen from what binds it: it fastens the part; it lies under it and is hidden by it; it rides on it and is
 * joined to it on the bench; it runs behind it, and is laid before the part is on; it runs over it, and is laid after.
 */
export const bonds = ['fastens', 'lies under', 'rides on', 'runs behind', 'runs over'] as const
/** A way in which something binds a part. */
export type Bond = (typeof bonds)[number]
