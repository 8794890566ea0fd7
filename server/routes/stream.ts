import { calls } from '@dialytica/core/wire'
import { Hand } from '../entities/index.ts'
import { eventsAfter } from '../joblog/states.ts'
import { jobOf } from './jobs.ts'
import { route } from './routing.ts'

const beat = 20_000

/** Server-sent events: the log after a number, then whatever is appended, by whichever device and server. */
export const stream = route(calls.stream, {
  summary:
    'The log of a job as it grows, as server-sent events, and who one is when that changes; it ends with the session',
  who: 'viewer',
  joined: true,
  replies: {
    200: 'text/event-stream; each message is one event, its id the event number; `person` events tell who one is now',
  },
  async answer(context, asked) {
    const { db, watch, live } = context
    const { req, res, query, person, session } = asked
    const { id } = await jobOf(context, asked)
    let sent = Number(req.headers['last-event-id'] ?? query.after ?? 0) || 0
    res.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' })
    res.write('retry: 1000\n\n')
    let busy = Promise.resolve()
    const seen = new Map<string, number>()
    const send = () => {
      busy = busy
        .then(async () => {
          for (const event of await eventsAfter(db.manager, id, sent)) {
            res.write(`id: ${event.seq}\ndata: ${JSON.stringify(event)}\n\n`)
            sent = event.seq!
          }
          for (const { hand, version, step } of await db.getRepository(Hand).findBy({ jobId: id })) {
            if ((seen.get(hand) ?? 0) >= version) continue
            res.write(`event: hand\ndata: ${JSON.stringify({ hand, version, step })}\n\n`)
            seen.set(hand, version)
          }
        })
        .catch(() => {
          res.end()
        })
    }
    const unfollow = watch.follow(id, send)
    const unheard = live.follow(session, person, now => {
      if (!now) res.end()
      else res.write(`event: person\ndata: ${JSON.stringify(now)}\n\n`)
    })
    const heart = setInterval(() => void res.write(': still here\n\n'), beat)
    res.on('close', () => {
      clearInterval(heart)
      unfollow()
      unheard()
    })
    send()
  },
})
