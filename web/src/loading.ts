import { defineAsyncComponent, shallowRef, type Component } from 'vue'

/** A part of the application could not be fetched: no connection, or a newer build has taken its place. */
export class LoadError extends Error {
  override readonly name = 'LoadError'
}

/** A connection may be back in a moment, ms. */
const WAITS_MS = [0, 300, 1200]
const after = (waitMs: number) => new Promise((resolve) => setTimeout(resolve, waitMs))

/**
 * Fetches a part of the application, a few times where it has to.
 *
 * @throws LoadError where it cannot be had; asked again later it is tried again
 */
export async function load<T>(bring: () => Promise<T>): Promise<T> {
  let reason: unknown
  for (const waitMs of WAITS_MS) {
    await after(waitMs)
    try {
      return await bring()
    } catch (error) {
      reason = error
    }
  }
  throw new LoadError(reason instanceof Error ? reason.message : String(reason))
}

type Again = () => void
/** What is missing, and how it is asked for again. */
export const missing = shallowRef<ReadonlyMap<object, Again>>(new Map())

/** Says that a part is missing; it is asked for again when the gardener says so. */
export function reportMissing(part: object, again: Again): void {
  missing.value = new Map(missing.value).set(part, again)
}
export function forgetMissing(part: object): void {
  missing.value = new Map([...missing.value].filter(([other]) => other !== part))
}
export function tryAgain(): void {
  const all = [...missing.value.values()]
  missing.value = new Map()
  for (const again of all) again()
}

/** A component that is fetched when it is shown. Where it cannot be had, its place waits for it. */
export const lazily = <T extends Component>(bring: () => Promise<T | { default: T }>) =>
  defineAsyncComponent<T>({
    loader: () => load(bring),
    onError: (_error, retry) => reportMissing(bring, retry),
  })
