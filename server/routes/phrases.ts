import type { ShopPhrase } from '@dialytica/core/quick-line'
import { calls } from '@dialytica/core/wire'
import { route } from './routing.ts'

const most = 400

export const phrases = route(calls.phrases, {
  summary: "The words of the shop's own steps, most frequent first: places, parts, points of routes",
  who: 'viewer',
  joined: true,
  replies: { 200: 'Phrases with how often each stands in a step' },
  async answer({ db }, { person }) {
    const rows = (await db.query('SELECT text, times FROM phrase WHERE shop_id = ? ORDER BY times DESC LIMIT ?', [
      person.shopId,
      most,
    ])) as ShopPhrase[]
    return rows.map(({ text, times }) => ({ text, times }))
  },
})
