import { entriesOf, whyNot, type BodyOf } from '@dialytica/core/log'
import { numberSet, settingsOf } from '@dialytica/core/shop'
import { calls } from '@dialytica/core/wire'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { askOrRecall, recall } from '../data/kept.ts'
import { useJob } from './job.ts'

type Said = BodyOf<'shop-set'> & { at: string }

/** What the shop set: what the server last told, and over it what was said in the job in hand, sent or not. */
export const useSettings = defineStore('settings', () => {
  const job = useJob()
  const told = shallowRef<readonly Said[]>([])
  const own = computed(() => entriesOf(job.state, 'shop-set').map(({ at, body }): Said => ({ at, ...body })))
  const all = computed(() => settingsOf([...told.value, ...own.value]))

  async function load(): Promise<void> {
    told.value = (await recall<Said[]>('settings')) ?? []
    told.value = await askOrRecall('settings', calls.settings, {}).catch(() => told.value)
  }
  const numberOf = (setting: Said['setting']) => numberSet(all.value, setting)
  /** Sets it for the whole shop; says why not. Without a value it is given up. */
  const set = (setting: Said['setting'], value: string): string | null =>
    all.value[setting] === (value || undefined)
      ? null
      : whyNot(job.says('shop-set', { setting, ...(value && { value }) }))
  return { all, load, numberOf, set }
})
