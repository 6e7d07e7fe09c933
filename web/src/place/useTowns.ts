import { onScopeDispose } from 'vue'
import { LoadError } from '../loading'
import { wrap, type Remote } from '../workers/door'
import type { TownsWork } from '../workers/towns.worker'

/** The list of towns in a worker of its own: it comes when the first letter is typed. */
export function useTowns() {
  let worker: Worker | undefined
  let towns: Remote<TownsWork> | undefined

  /** @throws LoadError where the list cannot be had */
  async function ask<T>(work: (towns: Remote<TownsWork>) => Promise<T>): Promise<T> {
    worker ??= new Worker(new URL('../workers/towns.worker.ts', import.meta.url), {
      type: 'module',
    })
    towns ??= wrap<TownsWork>(worker)
    const broken = new Promise<never>((_resolve, reject) =>
      worker!.addEventListener('error', () => reject(new LoadError('towns')), { once: true }),
    )
    try {
      return await Promise.race([work(towns), broken])
    } catch (error) {
      worker?.terminate()
      worker = undefined
      towns = undefined
      throw error instanceof LoadError ? error : new LoadError(String(error))
    }
  }
  onScopeDispose(() => worker?.terminate())
  return { ask }
}
