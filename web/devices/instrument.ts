/** Something that measures: tells what it shows, again and again, until it is left. */
export interface Instrument<T> {
  read(tell: (shown: T) => void, wrong: (why: string) => void): Promise<() => void>
}

/** So often a simulated instrument shows something, in milliseconds. */
const pace = 250
/** An instrument that ships with it: what it shows the nth time, with a noise from -1 to 1. */
export const simulated = <T>(show: (n: number, noise: number) => T): Instrument<T> => ({
  read(tell) {
    let n = 0
    const timer = setInterval(() => {
      n += 1
      tell(show(n, (Math.sin(n * 12.9898) * 43758.5453) % 1))
    }, pace)
    return Promise.resolve(() => clearInterval(timer))
  },
})

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
async function serialLines(tell: (line: string) => void, gone: () => void): Promise<() => void> {
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

/** An instrument on a serial cable: asks which one, and tells each of its lines that can be read; `gone` says what to do when it went away. */
export const onSerial = <T>(readLine: (line: string) => T | null, gone: string): Instrument<T> => ({
  read: (tell, wrong) =>
    serialLines(
      line => {
        const shown = readLine(line)
        if (shown !== null) tell(shown)
      },
      () => wrong(gone),
    ),
})
