import { foundAt, lookedAt, openToLook, report as reported, turnAnew, type Act } from '@dialytica/core/acts'
import { find, openingOf, type Finding, type Ranked } from '@dialytica/core/finder'
import { entriesOf, whyNot, type BodyOf } from '@dialytica/core/log'
import type { Posture } from '@dialytica/core/machine'
import type { Move } from '@dialytica/core/moves'
import { defineStore } from 'pinia'
import { v4 } from 'uuid'
import { computed, ref } from 'vue'
import { useJob } from './job.ts'

/** Something that was reported left over or short and is not explained yet. */
export interface Open extends BodyOf<'leftover-reported'> {
  id: string
  missed: string[]
}

/** The search for what is left over or short in the open job: asked, looked for place by place, explained. */
export const useSearch = defineStore('search', () => {
  const job = useJob()
  const chosen = ref<string | null>(null)
  const moves = computed(
    () => new Map([...job.state.steps.values()].flatMap(s => s.moves.map(m => [m.id, m] as const))),
  )
  const moveOf = (id: string): Move | undefined => moves.value.get(id)

  /** What was explained, and by what. */
  const explained = computed(() => {
    const reported = new Map(entriesOf(job.state, 'leftover-reported').map(({ id, body }) => [id, body.what]))
    return entriesOf(job.state, 'leftover-explained').map(({ body }) => ({
      ...body,
      what: reported.get(body.leftover) ?? '',
    }))
  })
  const open = computed<Open[]>(() =>
    entriesOf(job.state, 'leftover-reported')
      .filter(({ id }) => !explained.value.some(x => x.leftover === id))
      .map(({ id, body }) => ({ id, missed: missedFor(id), ...body })),
  )
  const missedFor = (id: string): string[] =>
    entriesOf(job.state, 'place-looked')
      .filter(({ body }) => body.leftover === id && !body.found)
      .map(({ body }) => body.place)
  const current = computed(() => open.value.find(o => o.id === chosen.value) ?? open.value.at(-1) ?? null)
  const finding = computed<Finding | null>(() => {
    const at = current.value
    if (!at) return null
    const { asks = 'left over', known, short, missed } = at
    return find(job.state, job.family, job.planned, { asks, known, short }, missed)
  })

  const tell = (act: Act): string | null => whyNot(job.act(act))
  /** Reports it; like all that follow, returns why not. */
  function report(asked: Omit<BodyOf<'leftover-reported'>, 'what'>): string | null {
    chosen.value = null
    return tell(reported(job.state, asked))
  }
  const lookIn = (place: string) => tell(lookedAt(current.value!.id, place))
  const here = (place: Ranked) => tell(foundAt(current.value!.id, place))
  const explain = (by: string) => whyNot(job.says('leftover-explained', { leftover: current.value!.id, by }))
  /** Takes a cover off again, and what fastens it, to look behind it; what is under it stays as it is. */
  const openUp = (cover: string) => tell(openToLook(job.planned, cover, `to look for ${current.value!.what}`))
  /** The machine is turned to look, as `step`, or although something should have been seen to first, with the reason; it is owed until it stands again as it stood. */
  const turn = (to: Posture, step: string, reason?: string) => {
    const refusal = tell(turnAnew(job.state, { to }, step, v4()))
    return (
      refusal ??
      (reason ? whyNot(job.says('note-added', { text: `Turned ${to} to look, all the same: ${reason}` })) : null)
    )
  }
  return { turn, open, current, chosen, finding, explained, moveOf, report, lookIn, here, explain, openUp, openingOf }
})
