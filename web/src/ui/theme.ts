import { useColorMode } from '@vueuse/core'

export const themes = ['light', 'dark', 'sun'] as const

/** The look of the pages: paper, dark, or high contrast for strong sun. Kept in this browser. */
export function useTheme() {
  const { store } = useColorMode<(typeof themes)[number]>({
    attribute: 'data-theme',
    storageKey: 'rimbo-theme',
    initialValue: 'light',
    modes: { sun: 'sun' },
  })
  return store
}
