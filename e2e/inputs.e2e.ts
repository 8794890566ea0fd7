import { Hand } from './test/hand.ts'
import { comeIn, expect, newJob, nothingWaits, test } from './test/test.ts'

const corners = [
  [0.3, 0.3],
  [0.6, 0.3],
  [0.3, 0.6],
  [0.6, 0.6],
] as const
const route = [
  [0.2, 0.8],
  [0.4, 0.55],
  [0.6, 0.8],
  [0.85, 0.45],
] as const

/** Ten kinds of step, and what must have been recorded of each. */
const steps: readonly [what: string, owed: Record<string, number>, act: (hand: Hand) => Promise<void>][] = [
  [
    'photo, four screws, one connector, one route',
    { fastener: 4, connector: 1, line: 4 },
    async h => {
      await h.photo()
      await h.tap(...corners)
      await h.key('3')
      await h.tap([0.75, 0.2])
      await h.key('4')
      await h.stroke(...route)
      await h.key('PageDown')
    },
  ],
  [
    'photo, four screws',
    { fastener: 4 },
    async h => {
      await h.photo()
      await h.key('1')
      await h.tap(...corners)
      await h.key('PageDown')
    },
  ],
  [
    'photo, four screws by taps, told T20 × 18 in the line',
    { fastener: 4 },
    async h => {
      await h.photo()
      await h.tap(...corners)
      await h.line('T20x18')
      await h.key('PageDown')
    },
  ],
  [
    'photo, a cover and its two screws, in the line',
    { fastener: 2, part: 1 },
    async h => {
      await h.photo()
      await h.line('2x T20; off rear panel')
      await h.key('PageDown')
    },
  ],
  [
    'a plug with its wires, in the line',
    { connector: 1 },
    async h => {
      await h.line('plug P2 white 3w red/blue/green')
      await h.key('PageDown')
    },
  ],
  [
    'photo, a hose joint',
    { joint: 1 },
    async h => {
      await h.photo()
      await h.key('5')
      await h.tap([0.4, 0.5])
      await h.key('PageDown')
    },
  ],
  [
    'photo, three clips, found cracked',
    { clip: 3 },
    async h => {
      await h.photo()
      await h.key('2')
      await h.tap(...corners.slice(0, 3))
      await h.press('cracked')
      await h.key('PageDown')
    },
  ],
  [
    'the belt off, in the line',
    { line: 1 },
    async h => {
      await h.line('belt off')
      await h.key('PageDown')
    },
  ],
  [
    'two towels put in',
    { temporary: 2 },
    async h => {
      await h.key('8', '+')
      await h.key('PageDown')
    },
  ],
  [
    'the same again, at another edge',
    { temporary: 2 },
    async h => {
      await h.line('same again, bottom edge')
      await h.key('PageDown')
    },
  ],
]

test('ten kinds of step take few inputs, counted through the interface', async ({ page }) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-1212')
  await page.goto(`${path}/descent`)
  const hand = new Hand(page)
  const table: { step: string; inputs: number }[] = []
  for (const [i, [what, , act]] of steps.entries()) {
    await expect(page.getByRole('heading', { name: `Descent, step ${i + 1}`, exact: true })).toBeAttached()
    await act(hand)
    await expect(page.getByRole('heading', { name: `Descent, step ${i + 2}`, exact: true })).toBeAttached()
    table.push({ step: what, inputs: hand.counted() })
  }
  console.log(['', 'inputs  step', ...table.map(r => `${String(r.inputs).padStart(6)}  ${r.step}`)].join('\n'))
  expect(table[0]!.inputs).toBeLessThanOrEqual(12)
  for (const row of table) expect(row.inputs, row.step).toBeLessThanOrEqual(12)

  await nothingWaits(page)
  const log = (await (await page.request.get(`/api${path}/events`)).json()) as {
    kind: string
    body: { step?: { moves: { kind: string; count?: number; route?: { waypoints: unknown[] } }[] } }
  }[]
  const recorded = log.filter(e => e.kind === 'step-recorded').map(e => e.body.step!.moves)
  const glyphs: Record<string, string> = {
    'remove-fasteners': 'fastener',
    unplug: 'connector',
    unroute: 'line',
    'slip-belt': 'line',
    'remove-part': 'part',
    'open-joint': 'joint',
    'release-clips': 'clip',
    'place-temporary': 'temporary',
  }
  for (const [i, moves] of recorded.entries()) {
    const owed: Record<string, number> = {}
    for (const m of moves)
      owed[glyphs[m.kind]!] = (owed[glyphs[m.kind]!] ?? 0) + (m.count ?? m.route?.waypoints.length ?? 1)
    expect(owed, steps[i]![0]).toEqual(steps[i]![1])
  }
})
