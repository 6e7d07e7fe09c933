import type { StoresWork } from '../../workers/stores.worker'
import { useOpenWorker } from '../../workers/useOpenWorker'

/** What reckons needs, lists and costs, away from the screen. */
export const useStores = () =>
  useOpenWorker<StoresWork>(
    () =>
      new Worker(new URL('../../workers/stores.worker.ts', import.meta.url), { type: 'module' }),
  )
