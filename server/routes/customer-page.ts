import { calls } from '@dialytica/core/wire'
import { Job, Shop } from '../entities/index.ts'
import { linkLife, linked, linkTo } from '../people/links.ts'
import { ProblemError } from '../problems.ts'
import { jobOf } from './jobs.ts'
import { route } from './routing.ts'
import { sendSheet } from './sheets.ts'

export const share = route(calls.share, {
  summary:
    "A link to the customer's page that is good for 30 days, and the code that opens it; nothing else of the job can be seen by it",
  who: 'technician',
  replies: { 201: 'The link, its code, and until when it is good' },
  async answer(context, asked) {
    const { id } = await jobOf(context, asked)
    const until = Math.floor(Date.now() / 1000) + linkLife
    asked.res.status(201)
    return { ...(await linkTo(context.db, id, until)), until: new Date(until * 1000).toISOString() }
  },
})

export const shared = route(calls.shared, {
  summary: "The customer's page by its link and code, without an account",
  who: 'anyone',
  replies: { 200: 'application/pdf', 403: 'The link and the code do not go together', 410: 'The link is over' },
  rates: [{ what: 'reports', most: 30, minutes: 5, by: 'address' }],
  async answer(context, { body, res }) {
    const found = await linked(context.db, body.link, body.code)
    if (found === 'over') throw new ProblemError('over', 'Ask the workshop for a new link: one is good for 30 days.')
    if (found === 'wrong') throw new ProblemError('wrong-code', 'Check the code, then try again.')
    const job = await context.db.getRepository(Job).findOneBy({ id: found.job })
    const shop = job && (await context.db.getRepository(Shop).findOneBy({ id: job.shopId }))
    if (!job || !shop) throw new ProblemError('over', 'The job of this link is no longer there.')
    const { name, timeZone } = shop
    const page = { sheet: 'customerPage', named: 'repair', job: job.id, shop: name, timeZone } as const
    await sendSheet(context, res, page, 'customers')
  },
})
