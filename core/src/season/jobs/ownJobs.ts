import type { OwnJob } from '../../garden'
import { addDays, dayOf, daysBetween, practice, reason } from '../../units'
import type { CourseFrame } from './facts'
import type { Job } from './job'
import { every, jobsOf, once, type Schedule, type Times } from './schedule'

const FAR = '2100-12-31'

/** The first day from one on whose weather, as far as it is known, is as the rule has it. */
function dayLike({ sky, from }: CourseFrame, when: NonNullable<OwnJob['when']>, on: string) {
  for (let day = Math.max(0, daysBetween(from, on)); day < sky.days.length; day++) {
    if (sky.sources[day] === 'typical') continue
    const value = sky.days[day]![when.what]
    if (value === undefined) continue
    if (when.is === 'above' ? value > when.value : value < when.value) return addDays(from, day)
  }
  return undefined
}

function timesOf(course: CourseFrame, job: OwnJob): Schedule['next'] {
  const { on, every: days, from, until = FAR, when } = job
  if (on !== undefined) return once({ from: on, to: on })
  if (days !== undefined) return every(days, { from: from ?? course.today, to: until })
  if (!when) return () => undefined
  return (last) => {
    const day = dayLike(course, when, last === undefined ? course.today : addDays(last, 1))
    return day === undefined || day > until ? undefined : { from: day, to: day }
  }
}

/** Jobs that the gardener thought of. One of a pot that is gone is told without it. */
export const ownJobsOf = (course: CourseFrame, times: Times): readonly Job[] =>
  (course.garden.ownJobs ?? []).flatMap((job) => {
    const containerId = course.garden.containers.find(({ id }) => id === job.containerId)?.id
    return jobsOf(
      {
        kind: 'own',
        containerId,
        plantingIds: [],
        of: job.id,
        done: course.garden.records
          .filter(
            (record) =>
              record.kind === 'did' && record.what === 'own' && record.ownJobId === job.id,
          )
          .map(({ at }) => dayOf(at))
          .sort(),
        next: timesOf(course, job),
        details: () => ({
          own: { id: job.id, text: job.text },
          reasons: [reason('job.own.yours', {}, practice)],
        }),
      },
      times,
    )
  })
