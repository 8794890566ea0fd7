import { execFile } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { describe, expect, it } from 'vitest'
import { commands, main } from './main.ts'

const path = (name: string) => fileURLToPath(new URL(name, import.meta.url))
const example = path('../docs/example-job.json')
const folder = mkdtempSync(join(tmpdir(), 'dialytica-cli-'))
async function run(...args: string[]) {
  let [out, err] = ['', '']
  const status = await main(
    args,
    text => (out += text),
    text => (err += text),
  )
  const isOne = out.startsWith('{\n')
  return { status, out, err, json: isOne ? (JSON.parse(out) as Record<string, unknown>) : null }
}
const bent = (change: (record: { log: { body: Record<string, unknown> }[] }) => void): string => {
  const record = JSON.parse(readFileSync(example, 'utf8')) as Parameters<typeof change>[0]
  change(record)
  const file = join(folder, `${Math.abs(JSON.stringify(record).length)}.json`)
  writeFileSync(file, JSON.stringify(record))
  return file
}

describe('the command line', () => {
  it('plan: the order, why it departs from the mirror, its cost, proven', async () => {
    const { status, json } = await run('plan', example)
    expect(status).toBe(0)
    expect(json).toMatchObject({ proven: true, contradiction: null, cost: { broken: 4, turns: 0 } })
    const steps = json!.steps as { from: number; why?: string }[]
    expect(steps.map(s => s.from).slice(0, 6)).toEqual([26, 25, 24, 22, 23, 21])
    expect(steps.find(s => s.from === 12)!.why).toContain('join pulley and ring on the bench')
    const { out } = await run('plan', example, '--text')
    expect(out).toContain('no order is better')
    expect(out).toContain('[moved up: it runs past the belt guard')
  })
  it('plan: a contradiction is told, and is exit status 1', async () => {
    const file = bent(record => {
      const said = record.log.filter(e => 'first' in e.body && 'then' in e.body)
      const { first, then } = said[0]!.body
      said[1]!.body = { ...said[1]!.body, first: then, then: first }
    })
    const { status, out } = await run('plan', file, '--text')
    expect(status).toBe(1)
    expect(out).toContain('These cannot all hold')
  })
  it('fit: the record after the next pieces went on, which every command reads in turn', async () => {
    const owed = (await run('balance', example)).json!.pieces as number
    const { status, out, json } = await run('fit', example, '--pieces', '3')
    expect(status).toBe(0)
    const file = join(folder, 'fitted.json')
    writeFileSync(file, out)
    expect((await run('balance', file)).json!.pieces).toBe(owed - 3)
    expect((json!.log as { kind: string }[]).slice(-3).map(e => e.kind)).toEqual(Array(3).fill('debt-settled'))
    expect((await run('fit', example, '--pieces', '2', '--text')).out.trim().split('\n')).toHaveLength(2)
    const all = await run('fit', file, '--pieces', String(owed))
    expect(all.status).toBe(1)
    writeFileSync(file, all.out)
    expect(await run('balance', file)).toMatchObject({ status: 0, json: { pieces: 0 } })
    expect(await run('fit', example, '--pieces', 'some')).toMatchObject({ status: 2 })
  })
  it('gates, look-alikes, tighten and balance answer in JSON and in words', async () => {
    expect((await run('gates', example)).json!.gates).toHaveLength(3)
    expect((await run('gates', example, '--text')).out).toContain('count out:')
    const alike = await run('look-alikes', example, '--text')
    expect(alike.out).toMatch(/differ in/)
    expect(alike.out).not.toContain('[object')
    for (const pair of (await run('look-alikes', example)).json!.pairs as { differs: object[] }[])
      expect(pair.differs).toEqual(
        pair.differs.map(() => expect.objectContaining({ a: expect.any(String), b: expect.any(String) })),
      )
    expect([0, 1]).toContain(alike.status)
    const { json } = await run('tighten', example, '--step', '16')
    expect(json!.groups).toHaveLength(1)
    expect((await run('tighten', example, '--text')).out).toContain('crosswise')
    const balance = await run('balance', example)
    expect(balance.status).toBe(1)
    expect(balance.json).toMatchObject({ pieces: expect.any(Number), owed: expect.any(Array) })
  })
  it('finder: what is left over, what is short, both', async () => {
    const left = await run('finder', example, '--left', 'T20x18')
    expect(left.status).toBe(0)
    expect((left.json!.order as { words?: string }[])[0]!.words).toContain('still owed: four T20 × 18')
    expect((await run('finder', example, '--short', 'B3', '--text')).out).toContain('cell B3 and those beside it')
  })
  it('bad questions are told with what to do, exit status 2', async () => {
    expect(await run('fold', example)).toMatchObject({ status: 2, err: expect.stringContaining('is no command: plan') })
    expect(await run('plan')).toMatchObject({ status: 2, err: expect.stringContaining('takes one FILE') })
    expect(await run('plan', join(folder, 'none.json'))).toMatchObject({
      status: 2,
      err: expect.stringContaining('no such file'),
    })
    expect((await run('finder', example)).err).toContain('--left WORDS, --short CELL')
    expect((await run('finder', example, '--left', 'hm')).err).toContain('say it like T20x18')
    expect((await run('finder', example, '--short', 'Z9')).err).toContain('cells are ')
    expect((await run('tighten', example, '--step', '99')).err).toContain('the record has 26')
    expect((await run('plan', example, '--wrong')).status).toBe(2)
  })
  it('a bad file is told with the path into it', async () => {
    const file = bent(record => {
      record.log[0]!.body.family = 'dryer'
    })
    const { status, err } = await run('plan', file)
    expect(status).toBe(2)
    expect(err).toContain('log[0].body.family')
    expect(err).toContain('front-loader')
  })
  it('reads what people say: lines, and narrations with their times; what is said of the way back stands apart', async () => {
    const spoken = join(folder, 'spoken.srt')
    writeFileSync(
      spoken,
      '1\n00:00:02,000 --> 00:00:05,000\nLid off, two T20 at the back.\n\n2\n00:01:00,000 --> 00:01:03,000\nWhen it goes back on, mind the hook.\n',
    )
    const rows = (out: string) =>
      out
        .trim()
        .split('\n')
        .map(row => JSON.parse(row) as { from: number; items: { kind: string }[]; back?: boolean })
    const { status, out } = await run('narrate', spoken, '--family', 'top-loader')
    expect(status).toBe(0)
    const read = rows(out)
    expect(read.flatMap(r => r.items.map(i => i.kind)).sort()).toEqual(['remove-fasteners', 'remove-part'])
    expect([read[0]!.from, read.at(-1)]).toMatchObject([2, { from: 60, items: [], back: true }])
    writeFileSync(spoken, '0:75 lid off')
    expect(await run('narrate', spoken)).toMatchObject({ status: 2, err: expect.stringContaining('under 60') })
    expect((await run('narrate', spoken, '--family', 'dryer')).err).toContain('front-loader or top-loader')
    expect((await run('read')).err).toContain('takes one FILE')
  })
  it('reads a ritual: its beats, lines to be read aloud, and what is not understood at its place', async () => {
    const file = join(folder, 'ritual.txt')
    writeFileSync(file, 'hold START 6s; (selector left, right) x2 in 20 s\n')
    const { status, out } = await run('ritual', file)
    expect(status).toBe(0)
    const read = JSON.parse(out) as { ritual: string; beats: unknown[] }
    expect(read.ritual).toBe('hold START 6 s; (selector left, selector right) x2 in 20 s')
    expect(read.beats).toHaveLength(5)
    expect((await run('ritual', file, '--play')).out).toContain('  2. 1 of 4: selector left, all within 20 s')
    writeFileSync(file, 'press START; wait')
    expect(await run('ritual', file)).toMatchObject({
      status: 2,
      err: expect.stringContaining('at sign 18: say how long'),
    })
    expect((await run('ritual')).err).toContain('takes one FILE')
  })
  it('says what a complaint may come from and what to look at first; what a check showed moves it', async () => {
    const file = join(folder, 'complaint.txt')
    writeFileSync(file, 'It hums and does not pump the water out.\n')
    const first = JSON.parse((await run('triage', file)).out) as {
      heard: string[]
      causes: { cause: string | null; share: number }[]
      next: { check: string }[]
    }
    expect(first.heard).toEqual(expect.arrayContaining(['does not drain', 'pump hums']))
    expect(first.causes[0]!.cause).toBe('impeller jammed')
    writeFileSync(file, 'It hums and does not pump the water out.\nbad: open the filter\n')
    const words = (await run('triage', file, '--text')).out
    expect(words).toMatch(/^heard: .*\n\n +\d+ % {2}filter blocked \(drain filter\): /)
    expect(words).toContain('\n1. ')
    expect(words).not.toContain('. open the filter')
    writeFileSync(file, 'bad: kick it\n')
    expect(await run('triage', file)).toMatchObject({ status: 2, err: expect.stringContaining('no check "kick it"') })
    writeFileSync(file, 'hello\n')
    expect((await run('triage', file)).err).toContain('nothing in it is understood')
  })
  it('explains itself, and runs as a program from standard input', async () => {
    const { out } = await run('--help')
    for (const name of Object.keys(commands)) expect(out).toContain(name)
    const status = await new Promise<{ code: number; stdout: string }>(done => {
      const child = execFile(process.execPath, [path('dialytica.mjs'), 'balance', '-', '--text'], (error, stdout) =>
        done({ code: error ? Number(error.code) : 0, stdout }),
      )
      child.stdin!.end(readFileSync(example))
    })
    expect(status.code).toBe(1)
    expect(status.stdout).toContain('owed: ')
  })
})
