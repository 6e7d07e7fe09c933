import { watch } from 'vue'
import {
  monthDates,
  monthlyRadiation,
  type DailyWeather,
  type Place,
  type Plan,
  type SunMap,
} from '@rimbo/core'
import type { SunWork } from './sun.worker'
import { useWorker } from './useWorker'

/** Fine enough for contours, quick enough to follow a change. */
const CELL_MM = 100
/** Leaves of a grown plant in a usual pot. */
const LEAVES_MM = 600

/** The sun over a plan, worked out anew in a worker when the plan or the place changes. */
export function useSunMap(
  given: () =>
    { plan: Plan; place: Place; weather: readonly DailyWeather[]; year: number } | undefined,
) {
  const worker = useWorker<SunWork, SunMap>(
    () => new Worker(new URL('./sun.worker.ts', import.meta.url), { type: 'module' }),
    (work, progress) => {
      const { plan, place, weather, year } = given()!
      const dates = monthDates(year)
      return work.sunMap(
        {
          plan,
          place,
          cellMm: CELL_MM,
          zMm: LEAVES_MM,
          dates,
          radiationMjM2: monthlyRadiation(place, weather, dates),
        },
        progress,
      )
    },
  )
  // By what the sun depends on, not by the garden: a pot that is moved casts no shadow here.
  watch(
    [() => given()?.plan, () => given()?.place, () => given()?.weather, () => given()?.year],
    ([plan]) => {
      worker.result.value = undefined
      if (plan) void worker.start()
      else worker.cancel()
    },
    { immediate: true },
  )
  return { ...worker, leavesMm: LEAVES_MM }
}
