import { useLocalStorage } from '@vueuse/core'
import { watchEffect } from 'vue'
import type { ThemeName } from './naive.ts'

const theme = useLocalStorage<ThemeName>('theme', 'bench')

/** The theme of this device: by day the bench, in the dark the cellar. */
export function useTheme() {
  watchEffect(() => document.documentElement.setAttribute('data-theme', theme.value))
  const flip = () => (theme.value = theme.value === 'bench' ? 'cellar' : 'bench')
  return { theme, flip }
}
