import { onScopeDispose, ref, shallowRef } from 'vue'
import { LoadError } from '../loading'
import { proxy, wrap, type Remote } from './door'

/** Rejected where a worker cannot be fetched, or ends by an error that nobody caught. */
export const stopped = (worker: Worker) =>
  new Promise<never>((_resolve, reject) => {
    worker.addEventListener('error', ({ message }) =>
      reject(message ? new Error(message) : new LoadError('worker')),
    )
  })

/**
 * One long piece of work at a time in a worker of its own: with progress, and to
 * be cancelled by ending the worker. A new run cancels the one before.
 */
export function useWorker<W, R>(
  create: () => Worker,
  run: (work: Remote<W>, progress: (share: number) => void) => Promise<R>,
) {
  const isRunning = ref(false)
  const progress = ref(0)
  const result = shallowRef<R>()
  const failure = shallowRef<unknown>()
  let worker: Worker | undefined

  function cancel(): void {
    worker?.terminate()
    worker = undefined
    isRunning.value = false
  }

  async function start(): Promise<void> {
    cancel()
    const own = create()
    worker = own
    isRunning.value = true
    progress.value = 0
    failure.value = undefined
    try {
      const tell = proxy((share: number) => {
        if (worker === own) progress.value = share
      })
      const found = await Promise.race([run(wrap<W>(own), tell), stopped(own)])
      if (worker === own) result.value = found
    } catch (error) {
      if (worker === own) failure.value = error
    }
    if (worker === own) cancel()
  }

  onScopeDispose(cancel)
  return { isRunning, progress, result, failure, start, cancel }
}
