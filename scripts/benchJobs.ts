// The jobs of a season: from nothing, with the season and its feeds already known, and after one record.
import {
  changeBetween,
  feedToday,
  gardenCourse,
  jobsOfCourse,
  potOnDay,
  stamped,
  type Garden,
  type GardenRecord,
} from '@rimbo/core'

/** Middle of several runs of each, ms: what jobs are worked out from is made ready before. */
export function jobsTimes(garden: Garden): { readonly wholeMs: number; readonly editMs: number } {
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
  const middle = (work: () => number) =>
    Array.from({ length: 7 }, work).sort((one, other) => one - other)[3]!
  return {
    wholeMs: middle(() => {
      const course = ready(structuredClone(garden))
      return timed(() => jobsOfCourse(course, course.to))
    }),
    editMs: middle(() => {
      const before = ready(garden)
      jobsOfCourse(before, before.to)
      // As it is stored, with the marks of its device.
      const made = { ...garden, records: [...garden.records, record()] }
      const now = `2026-07-12T07:00:00.000Z bench${count}`
      const changed = stamped(garden, made, changeBetween(garden, made), now)
      const course = ready(changed)
      return timed(() => jobsOfCourse(course, course.to))
    }),
  }
}
