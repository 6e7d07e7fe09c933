import type { Garden, GardenRecord } from '../../garden'
import { WILTING_CM } from '../../mix'
import { addDays } from '../../units'
import { checkProbe, type ProbeCheck, type ProbeReading } from '../../water'
import { HOURS_A_DAY } from '../../weather'
import type { GardenCourse, PotCourse } from '../course'

/** Depth of the probe, and how long it keeps its readings. */
export const PROBE_DEPTH_MM = 100
const KEPT_HOURS = 48
/** Only one reading in so many hours is recorded: mix does not change faster. */
const EVERY_HOURS = 4

/** What the simulated probe is told of the pot it stands in. */
export interface ProbeQuestion {
  readonly [name: string]: string | number
  readonly from: string
  readonly hours: number
  readonly fullShare: number
  readonly wiltingShare: number
  readonly useShareADay: number
  /** Hours after `from` in which it was watered, with commas. */
  readonly wateredAfterH: string
  readonly seed: number
}

/** How wet the mix about a probe can be, and when it was watered in the two days before now. */
export function probeQuestion(
  { garden, from: courseFrom }: GardenCourse,
  pot: PotCourse,
): ProbeQuestion {
  const { mixOrUsual, volumes, ofWater, needL, container } = pot
  const { firstHour, nowHour, run } = ofWater
  const from = Math.max(firstHour, nowHour - KEPT_HOURS)
  const hours = Math.max(0, nowHour - from)
  const wateredAfterH = Array.from({ length: hours }, (_, hour) => hour).filter(
    (hour) => run.givenL[from + hour]! > 0,
  )
  const hour = String(from % HOURS_A_DAY).padStart(2, '0')
  return {
    from: `${addDays(courseFrom, Math.floor(from / HOURS_A_DAY))}T${hour}:00`,
    hours: Math.max(1, hours),
    fullShare: mixOrUsual.drained.containerCapacity,
    wiltingShare: mixOrUsual.curve.waterShare(WILTING_CM),
    useShareADay: Math.min(
      1,
      (needL[Math.floor(nowHour / HOURS_A_DAY)] ?? 0) / volumes.fillVolumeL,
    ),
    wateredAfterH: wateredAfterH.join(','),
    seed: garden.containers.findIndex(({ id }) => id === container.id) + 1,
  }
}

/** What a probe told, and which readings to record: sound, a few hours apart, not recorded yet. */
export function readingsToKeep(
  { records }: Pick<Garden, 'records'>,
  containerId: string,
  readings: readonly ProbeReading[],
): ProbeCheck & { readonly kept: readonly ProbeReading[] } {
  const check = checkProbe(readings)
  const isOfPot = (record: GardenRecord) =>
    record.kind === 'probe' && record.containerId === containerId
  const known = new Set(records.filter(isOfPot).map(({ at }) => at))
  const kept = check.good.filter(({ at }, index) => index % EVERY_HOURS === 0 && !known.has(at))
  return { ...check, kept }
}
