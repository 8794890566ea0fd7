/** A text within XML or HTML: signs that have a meaning there are escaped, those that XML 1.0 cannot hold are left out. */
export const inMarkup = (text: string): string =>
  text.replace(/(?![\t\n\r])\p{Cc}|\p{Cs}|[\ufffe\uffff]/gu, '').replace(/[&<>"']/g, c => `&#${c.charCodeAt(0)};`)
