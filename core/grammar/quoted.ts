/** A text in quotes, so that it is read again as it is whatever stands in it. */
export const quote = (text: string): string => `"${text.replace(/["\\]/g, '\\$&')}"`
/** What stands in quotes; a text without them is as it is. */
export const unquoted = (text: string): string =>
  text.startsWith('"') ? text.slice(1, -1).replace(/\\([^])/gu, '$1') : text
