import { isCodeOf, readPlate } from '@dialytica/core/intake'
import type { Family } from '@dialytica/core/machine'
import type { KnownUnit, Model, Unit } from '@dialytica/core/wire'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useMachines } from '../../stores/machines.ts'

/** What the plate of a machine that comes in says, what the shop knows of it, and what has to be told besides. */
export function useAtPlate() {
  const machines = useMachines()
  const plate = ref('')
  /** Told of a model that is new here. */
  const maker = ref('')
  const family = ref<Family | null>(null)
  const stands = ref('')
  const made = ref('')

  const plates = computed(() => machines.models.flatMap(m => [m.code, ...m.also].map(code => ({ id: m.id, code }))))
  /** What the reader made of the plate, and what a hand put right in it. */
  const read = computed(() => readPlate(plate.value, plates.value))
  const ownCode = ref<string | null>(null)
  const ownSerial = ref<string | null>(null)
  watch(plate, () => (ownCode.value = ownSerial.value = null))
  const code = computed({
    get: () => ownCode.value ?? read.value.code,
    set: typed => (ownCode.value = typed.toUpperCase()),
  })
  const serial = computed({
    get: () => ownSerial.value ?? read.value.serial,
    set: typed => (ownSerial.value = typed.toUpperCase()),
  })
  /** Only a code that is written just so is taken; what it can also mean is offered. */
  const model = computed<Model | undefined>(() =>
    code.value.trim() ? machines.models.find(m => isCodeOf(m, code.value)) : undefined,
  )
  const unit = computed<KnownUnit | undefined>(() =>
    machines.units.find(u => u.modelId === model.value?.id && u.serial.toUpperCase() === serial.value.trim()),
  )
  // What the shop has of this serial is looked up while it is typed; without the server the units that are at hand must do.
  const look = useDebounceFn((id: string, typed: string) => machines.find(id, typed).catch(() => undefined), 180)
  watch([() => model.value?.id, serial], ([id, typed]) => {
    if (id && typed.length > 1) void look(id, typed)
  })

  /** What is still missing, in words; null when the machine can come in. */
  const missing = computed(() => {
    if (!code.value.trim()) return 'Read the plate: model code, then serial number.'
    if (!serial.value.trim()) return 'Give the serial number: it stands on the plate beside the model.'
    if (unit.value?.open) return 'This machine already stands open: go on with it from the floor.'
    if (!model.value && !family.value) return 'This model is new here: touch which kind of machine it is.'
    if (!model.value && !maker.value.trim()) return 'This model is new here: name its maker.'
    if (made.value && !/^(19|20)\d\d$/.test(made.value)) return 'The year of make has four figures, like 2019.'
    return null
  })
  /** The model and the unit, added to the shop where they are new. */
  async function known(): Promise<{ of: Model; what: Unit }> {
    const of = model.value ?? (await machines.addModel(maker.value.trim(), code.value.trim(), family.value!))
    const year = Number(made.value) || undefined
    return { of, what: unit.value ?? (await machines.addUnit(of.id, serial.value.trim(), stands.value.trim(), year)) }
  }
  return { plate, maker, family, stands, made, model, code, serial, unit, missing, known }
}
