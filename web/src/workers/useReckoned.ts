import { shallowRef, watch } from 'vue'
import { load } from '../loading'

/**
 * An answer that is worked out elsewhere whenever its question changes: the last question
 * counts, and what is shown carries the question it answers.
 */
export function useReckoned<Q, R>(question: () => Q, ask: (asked: Q) => Promise<R>) {
  const shown = shallowRef<{ readonly asked: Q; readonly found: R }>()
  const failure = shallowRef<unknown>()
  let turn = 0
  watch(
    question,
    async (asked) => {
      const mine = ++turn
      try {
        const found = await load(() => ask(asked))
        if (mine !== turn) return
        shown.value = { asked, found }
        failure.value = undefined
      } catch (error) {
        if (mine === turn) failure.value = error
      }
    },
    { immediate: true },
  )
  return { shown, failure }
}
