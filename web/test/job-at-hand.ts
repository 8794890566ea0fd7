import { createPinia, setActivePinia } from 'pinia'
import { vi } from 'vitest'
import { does, happens } from '@dialytica/core/acts'
import { refusalWords, type Mark, type Step } from '@dialytica/core/log'
import { createMemoryHistory, createRouter, type Router } from 'vue-router'
import { local } from '../data/local.ts'
import { memorySource } from '../job/memory-source.ts'
import { useJob } from '../stores/job.ts'
import { useSession } from '../stores/session.ts'
import { jobViews, toJob, type JobView } from '../ways.ts'

export const jobId = '22222222-2222-4222-8222-222222222222'
export const person = {
  id: '11111111-1111-4111-8111-111111111111',
  shopId: 'shop',
  login: 'jon',
  name: 'Jon',
  role: 'technician' as const,
  shop: 'Shop',
  timeZone: 'UTC',
  joined: null,
  demo: false,
}
export const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
export const photo = { hash: 'a'.repeat(64), width: 1600, height: 1000, takenAt: '2026-01-05T08:00:00.000Z' }

/** A mark of a move at a place of the photo. */
export const mark = (n: number, move: number, x: number, y: number): Mark => ({
  id: id(n),
  photo: photo.hash,
  move: id(move),
  glyph: 'fastener',
  path: [{ x, y }],
})

/** Two screws of the lid, the lid, and a plug under it. */
export const steps: Step[] = [
  {
    id: id(1),
    zone: 'outside',
    photos: [photo],
    marks: [mark(11, 101, 0.2, 0.2), mark(12, 101, 0.8, 0.2)],
    moves: [{ id: id(101), kind: 'remove-fasteners', way: 'down', fastener: { size: 'T20' }, count: 2, cell: 'A1' }],
  },
  {
    id: id(2),
    zone: 'outside',
    photos: [],
    marks: [],
    moves: [{ id: id(102), kind: 'remove-part', way: 'down', part: { name: 'top panel', opens: ['top'] } }],
  },
  {
    id: id(3),
    zone: 'top',
    photos: [],
    marks: [],
    moves: [{ id: id(103), kind: 'unplug', way: 'down', connector: { label: 'P1' } }],
  },
]

/** A person at a device without a server, with a job open and the steps above recorded. */
export async function jobAtHand(role: 'viewer' | 'technician' = 'technician') {
  setActivePinia(createPinia())
  await Promise.all([local.events.clear(), local.shots.clear(), local.drafts.clear()])
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')))
  useSession().person = { ...person, role }
  const job = useJob()
  job.from(memorySource())
  await job.open(jobId, true)
  const opened = { unit: id(9), family: 'front-loader' as const, complaint: 'drips', plate: 'FL-84 1' }
  const told = steps.map(step => happens('step-recorded', { step }))
  const refusal = job.act(does(happens('job-opened', opened), ...told))
  if (refusal) throw new Error(refusalWords(refusal))
  return job
}

/** A router with the addresses of a job, standing at one of them. */
export async function routerAt(path: JobView): Promise<Router> {
  const component = { template: '<i/>' }
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      ...jobViews.map(name => ({ name, path: `/jobs/:job/${name}`, component })),
      { name: 'sign-in', path: '/sign-in', component },
      { name: 'floor', path: '/', component },
    ],
  })
  await router.push(toJob(jobId, path))
  return router
}
