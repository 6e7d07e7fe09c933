import { defineAsyncComponent, shallowRef, type Component } from 'vue'
import { tried } from './tried'

/** A part of the application could not be fetched: no connection, or a newer build has taken its place. */
export class LoadError extends Error {
  override readonly name = 'LoadError'
}

/** A connection may be back in a moment, ms. */
const WAITS_MS = [300, 1200]

/**
 * Fetches a part of the application, a few times where it has to.
 *
 * @throws LoadError where it cannot be had; asked again later it is tried again
 */
export async function load<T>(bring: () => Promise<T>): Promise<T> {
  try {
    return await tried(bring, WAITS_MS)
  } catch (error) {
    throw new LoadError(error instanceof Error ? error.message : String(error))
  }
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
