import { promiseTimeout } from '@vueuse/core'

/**
 * A piece of work that is tried again after each of some waits, while that may help.
 *
 * @param waitsMs  before each further try
 * @param mayHelp  whether another try may end better than this error
 * @throws what the last try throws
 */
export async function tried<T>(
  work: () => Promise<T>,
  waitsMs: readonly number[],
  mayHelp: (error: unknown) => boolean = () => true,
): Promise<T> {
  for (const waitMs of waitsMs) {
    try {
      return await work()
    } catch (error) {
      if (!mayHelp(error)) throw error
    }
    await promiseTimeout(waitMs)
  }
  return work()
}
