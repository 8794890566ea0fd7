import {
  entriesOf,
  find,
  knownName,
  openingOf,
  say,
  text,
  whyNot,
  type BodyOf,
  type Finding,
  type Move,
  type Ranked,
} from '@dialytica/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { useJob } from './job.ts'

/** Something that was reported left over or short and is not explained yet. */
export interface Open extends BodyOf<'leftover-reported'> {
  id: string
  missed: string[]
}

const explains: Record<Ranked['kind'], (words: string) => string> = {
  hole: words => `found in ${words}`,
  owed: words => `belongs to what is ${words}`,
  'old part': words => `from ${words}`,
  tray: () => 'was in the tray before',
  cell: words => `found in ${words}`,
  fallen: words => `found ${words}`,
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

  /** Reports it; returns why not. */
  function report(body: Omit<BodyOf<'leftover-reported'>, 'what'>): string | null {
    const short = body.short && job.state.debts.get(body.short)
    const what = [
      ...(body.known ? [text(knownName(body.known, moveOf))] : []),
      ...(short ? [text(say`one short of ${short.label}`)] : []),
    ]
    chosen.value = null
    return whyNot(job.record('leftover-reported', { ...body, what: what.join('; ') }))
  }
  function look(place: string, found: boolean): string | null {
    return whyNot(job.record('place-looked', { leftover: current.value!.id, place, found }))
  }
  /** It is here: the search ends with its explanation. */
  function here(place: Ranked): string | null {
    const leftover = current.value!.id
    return (
      look(place.id, true) ??
      whyNot(
        job.record('leftover-explained', { leftover, place: place.id, by: explains[place.kind](text(place.words)) }),
      )
    )
  }
  const explain = (by: string): string | null =>
    whyNot(job.record('leftover-explained', { leftover: current.value!.id, by }))

  /** Takes a cover off again, and what fastens it, to look behind it; what is under it stays as it is. */
  function openUp(step: string): string | null {
    const holds = job.planned.arcs.flatMap(a => (a.reason === 'holds' && a.first === step ? [a.then] : []))
    for (const id of [...holds, step]) {
      const r = job.plan.find(p => p.step.id === id)
      const debts = (r?.debts ?? []).flatMap(d =>
        (['refitted', 'replaced', 'scrapped', 'missing'] as const).flatMap(how =>
          d.settled[how] > 0 ? [{ debt: d.id, how, count: d.settled[how] }] : [],
        ),
      )
      if (debts.length === 0) continue
      const refusal = job.record('step-reopened', { step: id, debts, reason: `to look for ${current.value!.what}` })
      if (refusal) return whyNot(refusal)
    }
    return null
  }
  return { open, current, chosen, finding, explained, moveOf, report, look, here, explain, openUp, openingOf }
})
