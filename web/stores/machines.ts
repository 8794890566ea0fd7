import type { Family } from '@dialytica/core/machine'
import { calls, type JobCard, type Model, type Unit } from '@dialytica/core/wire'
import { defineStore } from 'pinia'
import { ref } from 'vue'
import { v4 } from 'uuid'
import { api } from '../data/api.ts'
import { fetchLog } from '../data/job-log.ts'
import { askOrRecall, keepSaid } from '../data/kept.ts'

/** So many open jobs are kept on this device. */
const atHand = 24

/** The machines of the shop and the jobs on them. */
export const useMachines = defineStore('machines', () => {
  const models = ref<Model[]>([])
  const units = ref<Unit[]>([])
  const jobs = ref<JobCard[]>([])

  async function load(): Promise<void> {
    const all = await Promise.all([
      askOrRecall('models', calls.models, {}),
      askOrRecall('units', calls.units, {}),
      askOrRecall('jobs', calls.jobs, {}),
    ])
    ;[models.value, units.value, jobs.value] = all
    void bringHome()
  }
  /** The jobs that stand open are brought to this device one after the other, so that they go on without the server. */
  async function bringHome(): Promise<void> {
    for (const job of jobs.value.filter(j => !j.closedAt).slice(0, atHand))
      try {
        await fetchLog(job.id)
        await keepSaid(`job ${job.id}`, job)
      } catch {
        return
      }
  }
  async function addModel(maker: string, code: string, family: Family): Promise<Model> {
    const model = await api(calls.addModel, { body: { id: v4(), maker, code, family, notes: '' } })
    models.value.push(model)
    return model
  }
  async function addUnit(modelId: string, serial: string, stands: string, made?: number): Promise<Unit> {
    const unit = await api(calls.addUnit, { body: { id: v4(), modelId, serial, stands, ...(made && { made }) } })
    units.value.push(unit)
    return unit
  }
  return { models, units, jobs, load, addModel, addUnit }
})
