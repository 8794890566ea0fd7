import type { SessionShown } from '@dialytica/core/wire'
import { expect, it } from 'vitest'
import { byDevice } from './by-device.ts'

const session = (over: Partial<SessionShown>): SessionShown => ({
  ...{ id: over.seen ?? 'x', device: 'web-1', name: '', says: 'Firefox on Android', joined: null, here: false },
  ...{ began: '2026-01-05T08:00:00.000Z', seen: '2026-01-05T08:00:00.000Z', until: '2026-02-05T08:00:00.000Z' },
  ...over,
})

it('groups who is signed in by the device: the one in hand first, then as they were last seen', () => {
  const shown = byDevice([
    {
      name: 'Ada',
      sessions: [
        session({ seen: '2026-01-05T09:00:00.000Z', device: 'web-2', name: 'Tablet of bay 2' }),
        session({ seen: '2026-01-05T08:00:00.000Z', here: true }),
      ],
    },
    {
      name: 'Bea',
      sessions: [
        session({ seen: '2026-01-05T10:00:00.000Z', device: 'web-2', name: 'Tablet of bay 2' }),
        session({ seen: '2026-01-05T11:00:00.000Z', device: null, says: '' }),
        session({ seen: '2026-01-05T12:00:00.000Z', device: null, says: '' }),
      ],
    },
  ])
  expect(shown.map(d => [d.title, d.says, d.on.map(o => o.who)])).toEqual([
    ['Firefox on Android', '', ['Ada']],
    ['A device that does not say what it is', '', ['Bea']],
    ['A device that does not say what it is', '', ['Bea']],
    ['Tablet of bay 2', 'Firefox on Android', ['Bea', 'Ada']],
  ])
})
