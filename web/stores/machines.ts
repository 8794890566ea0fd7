import type { Family } from '@dialytica/core/machine'
import { calls, type KnownUnit, type ListedModel, type Model, type Unit } from '@dialytica/core/wire'
import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { v4 } from 'uuid'
import { api } from '../data/api.ts'
import { askOrRecall, keepSaid, recallAfter } from '../data/kept.ts'

/** So many models fill the list; where there are more, they stand first and the others follow. */
const atFirst = 12

/** The name under which this device keeps the list; another where it says more than before. */
export const listed = 'models with their plates'

/** The models of the shop, and the units that came in last. */
export const useMachines = defineStore('machines', () => {
  const models = shallowRef<ListedModel[]>([])
  const units = shallowRef<KnownUnit[]>([])

  async function load(): Promise<void> {
    await Promise.all([
      loadModels(),
      askOrRecall('units', calls.units, {}).then(some => {
        units.value = some
      }),
    ])
  }
  async function loadModels(): Promise<void> {
    if (!models.value.length) {
      try {
        models.value = await api(calls.models, { query: { most: atFirst } })
      } catch (error) {
        models.value = await recallAfter(error, listed)
        return
      }
      if (models.value.length < atFirst) return void (await keepSaid(listed, models.value))
    }
    models.value = await askOrRecall(listed, calls.models, {})
  }
  /** Units that a serial can mean, of all that the shop has: so many as the server tells at once. */
  async function find(model: string, serial: string): Promise<void> {
    const found = await api(calls.units, { query: { model, serial } })
    const ids = new Set(found.map(u => u.id))
    units.value = [...found, ...units.value.filter(u => !ids.has(u.id))]
  }
  /** Makes one model of two; the lists are as they were until they are loaded anew. */
  const makeOne = (model: string, into: string): Promise<Model> =>
    api(calls.makeOne, { params: { model }, body: { into } })
  async function addModel(maker: string, code: string, family: Family): Promise<Model> {
    const model = await api(calls.addModel, { body: { id: v4(), maker, code, family, notes: '' } })
    models.value = [...models.value, { ...model, units: 0, also: [] }]
    return model
  }
  async function addUnit(modelId: string, serial: string, stands: string, made?: number): Promise<Unit> {
    const unit = await api(calls.addUnit, { body: { id: v4(), modelId, serial, stands, ...(made && { made }) } })
    units.value = [{ ...unit, jobs: 0, open: null, last: null }, ...units.value]
    return unit
  }
  return { models, units, load, find, makeOne, addModel, addUnit }
})
