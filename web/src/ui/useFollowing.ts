import { reactive, watch } from 'vue'
import { isSame } from '@rimbo/core'

/**
 * Fields of a form that stands open: filled from what is stored, and following it
 * where they were not touched, whoever changes it.
 *
 * @param source what is stored, a plain object of the fields
 */
export function useFollowing<T extends object>(source: () => T) {
  let start = source()
  const fields = reactive({ ...start }) as T
  const keys = () => Object.keys(start) as (keyof T)[]
  const isTouched = (key: keyof T) => !isSame(fields[key], start[key])

  watch(source, (next) => {
    const untouched = keys().filter((key) => !isTouched(key))
    for (const key of untouched) fields[key] = next[key]
    start = next
  })

  /** Fills every field anew. */
  function reset(): void {
    start = source()
    Object.assign(fields, start)
  }
  /** As the form was filled, to tell what was touched. */
  const filled = (): T => start
  return { fields, isTouched, filled, reset }
}
