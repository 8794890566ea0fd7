import { randomUUID } from 'node:crypto'
import type { Page } from '@playwright/test'
import { Hand } from './test/hand.ts'
import { expect, newJob, signIn, test } from './test/test.ts'
import { tellIn } from './test/told-job.ts'

/** Five descents as they are typed, a line a step; and what is otherwise on the second machine: the step, and the keys that put it right. */
const models: readonly { lines: readonly string[]; otherwise?: readonly [step: number, key: string] }[] = [
  {
    lines: [
      'unplug power; cold water off',
      '2x T20x12 top panel; off top panel',
      'plug white 3w red/blue/green control board',
      '4x T20x18 control board; off control board',
    ],
  },
  {
    lines: [
      'unplug power',
      '8x T20x12 rear panel; off rear panel',
      'belt off',
      '1x 13 mm left-hand pulley; off pulley',
      'plug black 2w brown/blue heating element',
      '1x 10 mm heating element; off heating element',
    ],
  },
  {
    lines: [
      'unplug power; cold water off; drain hose off',
      '3x PH2 kick plate; off kick plate',
      'joint sump hose spring clamp',
      'plug white 2w drain pump',
      '3x T20x24 drain pump; off drain pump',
    ],
  },
  {
    lines: [
      'unplug power',
      '2x T15x14 door lock',
      'plug white 3w door lock; off door lock',
      'clamp door seal; off door seal',
    ],
    otherwise: [2, '+'],
  },
  {
    lines: [
      'unplug power',
      '6x T20x16 front panel; off front panel',
      'loom: tie > retainer > behind left spring',
      '4x 13 mm shock absorber',
      'off shock absorber',
      '2x 10 mm counterweight; off counterweight',
    ],
    otherwise: [4, '-'],
  },
]

const step = (page: Page, n: number) =>
  expect(page.getByRole('heading', { name: `Descent, step ${n}`, exact: true })).toBeAttached()

test('a second recording of a model takes a third of the inputs of the first at most, counted on five models', async ({
  page,
}) => {
  await signIn(page, 'Jon Tarrow')
  const table: string[] = ['', ' first  second  steps']
  for (const [i, { lines, otherwise }] of models.entries()) {
    const model = `SR-${randomUUID().slice(0, 6)}`
    const hand = new Hand(page)
    const path = await newJob(page, `9302-00${i}1`, model)
    await page.goto(`${path}/descent`)
    for (const [k, line] of lines.entries()) {
      await step(page, k + 1)
      await hand.photo()
      await hand.line(line)
      await hand.key('PageDown')
    }
    await step(page, lines.length + 1)
    const first = hand.counted()
    await expect
      .poll(async () => ((await (await page.request.get(`/api${path}/events`)).json()) as unknown[]).length)
      .toBeGreaterThan(lines.length)
    await tellIn(page, path, [
      { kind: 'phase-changed', body: { phase: 'descent' } },
      { kind: 'job-closed', body: { clean: false, note: 'told for the book' } },
    ])

    const again = await newJob(page, `9302-00${i}2`, model)
    await page.goto(`${again}/descent`)
    for (const k of lines.keys()) {
      await step(page, k + 1)
      await hand.photo()
      await expect(page.getByRole('region', { name: 'Next, as it was before' })).toBeVisible()
      if (otherwise?.[0] === k + 1) {
        await hand.press('Correct it')
        await hand.key(otherwise[1], 'PageDown')
      } else await hand.key('g')
    }
    await step(page, lines.length + 1)
    const second = hand.counted()
    table.push(`${String(first).padStart(6)}  ${String(second).padStart(6)}  ${lines.length}`)
    expect(second, model).toBeLessThanOrEqual(first / 3)
    const told = async (of: string) => {
      const log = (await (await page.request.get(`/api${of}/events`)).json()) as {
        body: { step?: { moves: { kind: string; count?: number }[] } }
      }[]
      const moves = log.flatMap(e => e.body.step?.moves ?? [])
      return { kinds: moves.map(m => m.kind), pieces: moves.reduce((n, m) => n + (m.count ?? 1), 0) }
    }
    const { kinds, pieces } = await told(path)
    const by = otherwise ? (otherwise[1] === '+' ? 1 : -1) : 0
    await expect.poll(() => told(again)).toEqual({ kinds, pieces: pieces + by })
  }
  console.log(table.join('\n'))
})
