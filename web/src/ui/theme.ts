import { useColorMode } from '@vueuse/core'

export const themes = ['light', 'dark', 'sun'] as const

/** The look of the pages: paper, dark, or high contrast for strong sun. Kept in this browser. */
export function useTheme() {
  const { store } = useColorMode<(typeof themes)[number]>({
    attribute: 'data-theme',
    storageKey: 'rimbo-theme',
    initialValue: 'light',
    modes: { sun: 'sun' },
    // Nothing here fades from one colour to another: no reason to lay out the whole page twice.
    disableTransition: false,
  })
  return store
}
