import type { HarvestWork } from '../../workers/harvest.worker'
import { useOpenWorker } from '../../workers/useOpenWorker'

/** What reckons harvests, seasons and trials, away from the screen. */
export const useHarvest = () =>
  useOpenWorker<HarvestWork>(
    () =>
      new Worker(new URL('../../workers/harvest.worker.ts', import.meta.url), { type: 'module' }),
  )
