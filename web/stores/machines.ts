import type { Family } from '@dialytica/core'
import { defineStore } from 'pinia'
import { ref } from 'vue'
import { v4 } from 'uuid'
import { api } from '../data/api.ts'
import type { JobCard, Model, Unit } from '../data/shapes.ts'

/** The machines of the shop and the jobs on them. */
export const useMachines = defineStore('machines', () => {
  const models = ref<Model[]>([])
  const units = ref<Unit[]>([])
  const jobs = ref<JobCard[]>([])

  async function load(): Promise<void> {
    const all = await Promise.all([
      api<Model[]>('GET', '/models'),
      api<Unit[]>('GET', '/units'),
      api<JobCard[]>('GET', '/jobs'),
    ])
    ;[models.value, units.value, jobs.value] = all
  }
  async function addModel(maker: string, code: string, family: Family): Promise<Model> {
    const model = await api<Model>('POST', '/models', { id: v4(), maker, code, family, notes: '' })
    models.value.push(model)
    return model
  }
  async function addUnit(modelId: string, serial: string, stands: string): Promise<Unit> {
    const unit = await api<Unit>('POST', '/units', { id: v4(), modelId, serial, stands })
    units.value.push(unit)
    return unit
  }
  return { models, units, jobs, load, addModel, addUnit }
})
