import { computed, onScopeDispose, ref, watch, type Ref } from 'vue'

/** How long a photo waits that is not there yet until it is asked for again, in milliseconds: often at first, then ever less. */
const pauseAfter = (tries: number): number => (tries < 12 ? 500 : Math.min(30_000, 500 * 1.6 ** (tries - 11)))
/** After so many tries, some minutes, nobody asks any more until the page is opened anew. */
const most = 26
/** So many tries are made before it is said that the photo stays away. */
const soon = 16

/** A photo that another device took may still be on its way: it is asked for again, and no broken picture is shown. */
export function usePhotoAgain(src: Readonly<Ref<string | undefined>>) {
  const tries = ref(0)
  const isAway = ref(false)
  let timer: ReturnType<typeof setTimeout> | undefined
  watch(src, () => {
    clearTimeout(timer)
    isAway.value = false
    tries.value = 0
  })
  function onMissing(): void {
    isAway.value = true
    if (tries.value < most) timer = setTimeout(() => (tries.value += 1), pauseAfter(tries.value))
  }
  function onThere(): void {
    isAway.value = false
  }
  onScopeDispose(() => clearTimeout(timer))
  const address = computed(() =>
    src.value && tries.value && src.value.startsWith('/') ? `${src.value}?again=${tries.value}` : src.value,
  )
  /** What is said in its place while it is away; empty while it only loads. */
  const says = computed(() => {
    if (!isAway.value) return ''
    return tries.value < soon
      ? 'On its way from the device that took it.'
      : 'This photo is still on the device that took it. Where that device is gone, take it anew.'
  })
  return { address, isAway, says, onMissing, onThere }
}
