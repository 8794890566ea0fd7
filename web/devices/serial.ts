/** The part of Web Serial that is used; not every browser has it. */
interface SerialPort {
  open(options: { baudRate: number }): Promise<void>
  close(): Promise<void>
  readonly readable: ReadableStream<Uint8Array>
}
const serialOf = () => (navigator as { serial?: { requestPort(): Promise<SerialPort> } }).serial
/** True where an instrument can be joined by a cable. */
export const hasSerial = (): boolean => serialOf() !== undefined

/** Asks for an instrument on a serial cable, 9600 baud, and tells its lines until it is left; `gone` when it goes away by itself. */
export async function serialLines(tell: (line: string) => void, gone: () => void): Promise<() => void> {
  const port = await serialOf()!.requestPort()
  await port.open({ baudRate: 9600 })
  const reader = port.readable.getReader()
  const decoder = new TextDecoder()
  let rest = ''
  let left = false
  void (async () => {
    try {
      for (;;) {
        const { value, done } = await reader.read()
        if (done) break
        const lines = (rest + decoder.decode(value, { stream: true })).split(/[\r\n]+/)
        rest = lines.pop() ?? ''
        for (const line of lines) tell(line)
      }
    } catch {
      if (!left) gone()
    }
  })()
  return () => {
    left = true
    void reader.cancel().then(
      () => port.close(),
      () => undefined,
    )
  }
}
