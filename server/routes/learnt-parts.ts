import type { BodyOf } from '@dialytica/core/log'
import { calls } from '@dialytica/core/wire'
import { modelNow } from '../machines/made-one.ts'
import { saidIn } from './last-said-in.ts'
import { route } from './routing.ts'

/** So many words of each kind are read, the newest first. */
const newest = 200

const source = ({ supplier, number, price, days }: BodyOf<'part-offered'>) =>
  [supplier, number, price === undefined ? '' : price.toFixed(2), days === undefined ? '' : `${days} d`]
    .filter(Boolean)
    .join(' · ')

export const learntParts = route(calls.learntParts, {
  summary: 'What earlier jobs of a model learnt of its parts',
  who: 'viewer',
  joined: true,
  replies: { 200: 'How new parts were made to fit, tools that were made, sources and verdicts, the newest first' },
  async answer({ db }, { person, params }) {
    const { id: model } = await modelNow(db, person.shopId, params.model!)
    const [adapted, made, offered, compared] = await Promise.all([
      saidIn(db, person.shopId, 'part-adapted', newest, model),
      saidIn(db, person.shopId, 'tool-made', newest, model),
      saidIn(db, person.shopId, 'part-offered', newest, model),
      saidIn(db, person.shopId, 'part-compared', newest, model),
    ])
    const all = [
      ...adapted.map(({ job, said }) => ({ job, said, what: 'made to fit' as const, says: said.says })),
      ...made.map(({ job, said }) => ({
        job,
        said,
        what: 'tool' as const,
        says: said.use ? `${said.tool}, ${said.use}` : said.tool,
      })),
      ...offered
        .filter(({ said }) => said.how === 'here' || said.how === 'sent back')
        .map(({ job, said }) => ({ job, said, what: 'source' as const, says: `${source(said)}: ${said.how}` })),
      ...compared.flatMap(({ job, said }) => {
        const says = [said.verdict, said.differs].filter(Boolean).join(': ')
        return says ? [{ job, said, what: 'compared' as const, says }] : []
      }),
    ]
    return all
      .map(({ job, said, what, says }) => ({ job, part: said.part, what, says, at: said.at }))
      .sort((a, b) => (a.at > b.at ? -1 : 1))
  },
})
