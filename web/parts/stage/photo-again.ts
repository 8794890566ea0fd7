import { computed, ref, watch, type Ref } from 'vue'

/** So often a photo that is not there yet is asked for again, and how long it waits between, in milliseconds. */
const [most, pause] = [20, 700]

/** A photo that another device took may still be on its way: it is asked for again, until it is given up as missing. */
export function usePhotoAgain(src: Readonly<Ref<string | undefined>>) {
  const missing = ref(false)
  const tries = ref(0)
  watch(src, () => {
    missing.value = false
    tries.value = 0
  })
  function onMissing(): void {
    if (tries.value < most) setTimeout(() => (tries.value += 1), pause)
    else missing.value = true
  }
  const address = computed(() =>
    src.value && tries.value && src.value.startsWith('/') ? `${src.value}?again=${tries.value}` : src.value,
  )
  return { address, missing, onMissing }
}
