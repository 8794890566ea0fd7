import deepEqual from 'fast-deep-equal'

/** True when two values say the same, whatever the order of their fields; a field that is undefined is one that is not there. */
export const isSame = (a: unknown, b: unknown): boolean => deepEqual(a, b) || deepEqual(written(a), written(b))

const written = (value: unknown): unknown => (value === undefined ? undefined : JSON.parse(JSON.stringify(value)))
