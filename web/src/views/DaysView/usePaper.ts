import { useStyleTag } from '@vueuse/core'
import { computed, ref } from 'vue'

export const papers = ['a4', 'letter'] as const
/** The browser keeps no paper: as the language has it, until it is chosen. */
const paper = ref<(typeof papers)[number] | undefined>(
  /-(US|CA|MX)$/.test(navigator.language) ? 'letter' : 'a4',
)

/** The paper that is printed on. */
export function usePaper() {
  useStyleTag(computed(() => `@page { size: ${paper.value ?? 'a4'}; margin: 12mm; }`))
  return { paper, print: () => window.print() }
}
