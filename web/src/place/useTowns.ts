import { onScopeDispose } from 'vue'
import { LoadError } from '../loading'
import { wrap, type Remote } from '../workers/door'
import type { TownsWork } from '../workers/towns.worker'
import { stopped } from '../workers/useWorker'

/** The list of towns in a worker of its own: it comes when the first letter is typed. */
export function useTowns() {
  let open: ReturnType<typeof begin> | undefined
  function begin() {
    const worker = new Worker(new URL('../workers/towns.worker.ts', import.meta.url), {
      type: 'module',
    })
    const ends = stopped(worker)
    // Told to whoever asks; between two questions there is nobody to tell.
    ends.catch(() => undefined)
    return { worker, towns: wrap<TownsWork>(worker), ends }
  }
  function close(): void {
    open?.worker.terminate()
    open = undefined
  }

  /** @throws LoadError where the list cannot be had; asked again, it is fetched again */
  async function ask<T>(work: (towns: Remote<TownsWork>) => Promise<T>): Promise<T> {
    open ??= begin()
    try {
      return await Promise.race([work(open.towns), open.ends])
    } catch (error) {
      close()
      throw error instanceof LoadError ? error : new LoadError(String(error))
    }
  }
  onScopeDispose(close)
  return { ask }
}
