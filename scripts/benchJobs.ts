// The jobs of a season: from nothing, with the season and its feeds already known, and after one record.
import {
  feedToday,
  gardenCourse,
  jobsOfCourse,
  potOnDay,
  type Garden,
  type GardenRecord,
} from '@rimbo/core'

/** What jobs are worked out from, made ready, and the work that is measured. */
export function jobsOf(garden: Garden): {
  readonly fromNothing: () => number
  readonly afterOne: () => number
} {
  const now = garden.clock!
  const ready = (of: Garden) => {
    const course = gardenCourse(of, now)
    for (const pot of course.pots) feedToday(course, pot, potOnDay(course, pot, course.today))
    return course
  }
  const timed = (work: () => unknown) => {
    const start = performance.now()
    work()
    return performance.now() - start
  }
  let count = 0
  const record = (): GardenRecord => ({
    id: `bench-${count++}`,
    at: now,
    containerId: garden.containers[0]!.id,
    kind: 'tie',
  })
  return {
    fromNothing: () => {
      const course = ready(structuredClone(garden))
      return timed(() => jobsOfCourse(course, course.to))
    },
    afterOne: () => {
      const before = ready(garden)
      jobsOfCourse(before, before.to)
      const changed = { ...garden, records: [...garden.records, record()] }
      const course = ready(changed)
      return timed(() => jobsOfCourse(course, course.to))
    },
  }
}
