import type { Unit } from '@dialytica/core/wire'
import { computed } from 'vue'
import { squareCodes } from '../../data/square-code.ts'
import type { View } from '../../devices/camera.ts'
import { scan } from '../../devices/simulated-scanner.ts'
import { useMachines } from '../../stores/machines.ts'

/** The plates that the simulated devices can be held to: those of machines that do not stand open. */
export function useSimulatedPlates() {
  const machines = useMachines()
  const free = computed(() => machines.units.filter(u => !u.open))
  const plateOf = (u: Unit) => `${machines.models.find(m => m.id === u.modelId)!.code} ${u.serial}`
  /** What the simulated scanner reads off one of them; undefined when none is before it. */
  const read = () => scan(free.value.map(plateOf))

  /** The plate of one of them, as the simulated camera sees it; null when none is before it. */
  async function view(): Promise<View | null> {
    const text = read()
    const unit = free.value.find(u => plateOf(u) === text)
    const of = machines.models.find(m => m.id === unit?.modelId)
    if (!unit || !of) return null
    const { serial, made } = unit
    const draw = await squareCodes()
    const plate = { maker: of.maker, model: of.code, serial, made, code: draw(plateOf(unit)) }
    return { family: of.family, away: [], taken: 0, plate }
  }
  return { read, view }
}
