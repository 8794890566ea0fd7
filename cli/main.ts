import { readRecord, type ReadRecord } from '@dialytica/core/record'
import { readFile } from 'node:fs/promises'
import { text as textOf } from 'node:stream/consumers'
import { parseArgs } from 'node:util'
import { Unfit, type Command } from './answer.ts'
import { balance } from './balance.ts'
import { finder } from './finder.ts'
import { fit } from './fit.ts'
import { gates } from './gates.ts'
import { lookAlikes } from './look-alikes.ts'
import { plan } from './plan.ts'
import { readLines, readNarrated } from './read-lines.ts'
import { ritual } from './ritual.ts'
import { tighten } from './tighten.ts'
import { triage } from './triage.ts'

export const commands: Record<string, Command> = {
  plan,
  gates,
  finder,
  'look-alikes': lookAlikes,
  tighten,
  balance,
  fit,
}

interface ReadingOptions {
  family?: string | undefined
  play?: boolean | undefined
  text?: boolean | undefined
}
const asJson = (rows: readonly unknown[]): string[] => rows.map(row => JSON.stringify(row))
/** Commands that read a text that is no record: each answers in lines. */
const readers: Record<string, (text: string, options: ReadingOptions) => string[]> = {
  read: (text, { family }) => asJson(readLines(text, family)),
  narrate: (text, { family }) => asJson(readNarrated(text, family)),
  ritual: (text, { play }) => ritual(text, play ?? false),
  triage: (said, { family, text }) => triage(said, family, text ?? false),
}

export const help = `dialytica COMMAND FILE [--text]
       dialytica read|narrate [--family front-loader|top-loader] FILE
       dialytica ritual FILE [--play]
       dialytica triage [--family front-loader|top-loader] FILE [--text]

Reads the record of a job (docs/formats.md) from FILE, or from the standard input when FILE is -, and answers in
JSON; with --text in words.

${Object.entries(commands)
  .map(
    ([name, c]) =>
      `  ${name.padEnd(12)} ${c.says}${c.options ? `\n               ${c.options.join('  ')}` : ''}\n               exit 1: ${c.no}`,
  )
  .join('\n')}

  read         what lines of text say, as one JSON object a line: {"text", "items", "unsure", "rest"}
               exit 1: never; empty lines are left out
  narrate      what a narration (WebVTT, SubRip, lines with times) says, one stretch a line in the order of its times:
               {"from", "to" in seconds, "text", "items", "unsure"}, "back" where it tells of the way back
               exit 1: never
  ritual       a ritual of a control in its notation (docs/formats.md): its plain form and its beats; with --play the
               beats as lines to be read aloud
               exit 1: never
  triage       what a complaint in a customer's words may come from, how likely each is, and what to look at first; a
               line "good: CHECK" or "bad: CHECK" is what a check showed
               exit 1: never

Exit status: 0 the answer is given; 1 as told above; 2 the question or the file is not right: each problem is one
line on the standard error, with its path into the file.

  dialytica plan job.json --text
  dialytica finder job.json --left "T20x18" --text
  echo "lid: 2x T20 at the back, off" | dialytica read -
  echo "hold START 6 s; (selector left, right) x3 in 20 s" | dialytica ritual - --play
  echo "it hums and does not pump the water out" | dialytica triage - --text
  dialytica fit job.json --pieces 12 | dialytica balance - --text
`

async function textFrom(file: string): Promise<string> {
  const read = file === '-' ? textOf(process.stdin) : readFile(file, 'utf8')
  return read.catch((error: NodeJS.ErrnoException) => {
    throw new Unfit(`${file}: ${error.code === 'ENOENT' ? 'there is no such file' : error.message}`)
  })
}
async function recordFrom(file: string): Promise<ReadRecord> {
  const text = await textFrom(file)
  const checked = readRecord(text)
  if (checked.ok) return checked.value
  throw new Unfit(checked.problems.map(p => `${file}: ${p.path ? `${p.path}: ` : ''}${p.message}`).join('\n'))
}

/** Runs one command line; writes its answer, and returns the exit status. */
export async function main(
  args: readonly string[],
  out: (text: string) => void = text => void process.stdout.write(text),
  err: (text: string) => void = text => void process.stderr.write(text),
): Promise<number> {
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        help: { type: 'boolean', short: 'h' },
        text: { type: 'boolean' },
        left: { type: 'string' },
        short: { type: 'string' },
        pieces: { type: 'string' },
        step: { type: 'string' },
        missed: { type: 'string', multiple: true },
        family: { type: 'string' },
        play: { type: 'boolean' },
      },
    })
    const [name, file, more] = positionals
    if (values.help || !name) {
      out(help)
      return values.help ? 0 : 2
    }
    const reader = Object.hasOwn(readers, name) ? readers[name] : undefined
    if (reader) {
      if (!file || more) throw new Unfit(`${name} takes one FILE; - is the standard input`)
      for (const line of reader(await textFrom(file), values)) out(`${line}\n`)
      return 0
    }
    const command = Object.hasOwn(commands, name) ? commands[name] : undefined
    if (!command)
      throw new Unfit(`${name} is no command: ${[...Object.keys(commands), ...Object.keys(readers)].join(', ')}`)
    if (!file || more) throw new Unfit(`${name} takes one FILE; - is the standard input`)
    const answer = command.run(await recordFrom(file), values)
    out(values.text ? `${answer.text}\n` : `${JSON.stringify(answer.json, null, 2)}\n`)
    return answer.exit
  } catch (error) {
    const isUnfit = error instanceof Unfit || (error as { code?: string }).code?.startsWith('ERR_PARSE_ARGS')
    if (!isUnfit) throw error
    err(`${(error as Error).message}\n`)
    return 2
  }
}
