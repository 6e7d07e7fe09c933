import { onScopeDispose } from 'vue'
import { LoadError } from '../loading'
import { wrap, type Remote } from './door'
import { stopped } from './useWorker'

/** A worker that stays open between questions: begun with the first, ended with what asks. */
export function useOpenWorker<W>(create: () => Worker) {
  let open: ReturnType<typeof begin> | undefined
  function begin() {
    const worker = create()
    const ends = stopped(worker)
    // Told to whoever asks; between two questions there is nobody to tell.
    ends.catch(() => undefined)
    return { worker, work: wrap<W>(worker), ends }
  }
  function close(): void {
    open?.worker.terminate()
    open = undefined
  }

  /** @throws LoadError where the worker cannot be had; asked again, it is fetched again */
  async function ask<T>(question: (work: Remote<W>) => Promise<T>): Promise<T> {
    open ??= begin()
    try {
      return await Promise.race([question(open.work), open.ends])
    } catch (error) {
      close()
      throw error instanceof LoadError ? error : new LoadError(String(error))
    }
  }
  onScopeDispose(close)
  return { ask }
}
