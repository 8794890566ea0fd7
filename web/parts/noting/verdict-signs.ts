/** The sign before each verdict of a reading. */
export const verdictSigns = { good: '✓', bad: '✗', 'cannot tell': '?' } as const
