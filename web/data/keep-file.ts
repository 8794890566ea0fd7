/** Hands a file that was made here to the browser, which keeps it under this name. */
export function keepFile(text: string, type: string, name: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type }))
  link.download = name
  link.click()
  // The browser reads it after this returns.
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
}
