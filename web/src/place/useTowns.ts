import type { TownsWork } from '../workers/towns.worker'
import { useOpenWorker } from '../workers/useOpenWorker'

/** The list of towns in a worker of its own: it comes when the first letter is typed. */
export const useTowns = () =>
  useOpenWorker<TownsWork>(
    () => new Worker(new URL('../workers/towns.worker.ts', import.meta.url), { type: 'module' }),
  )
