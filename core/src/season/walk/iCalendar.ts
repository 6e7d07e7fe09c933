import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator'
import { InputError } from '../../units'
import type { Job } from '../jobs'

/** How a calendar of jobs is made. */
export interface CalendarOptions {
  readonly name: string
  /** When it was written. */
  readonly now: string
  /** What a job says in a line. */
  readonly textOf: (job: Job) => string
  /** Remind in the morning, or at the job's own hour. */
  readonly alarms?: boolean
}

/** Reminded at this hour of the day, unless the job has one of its own. */
const REMINDED_H = 7
const MINUTE_MS = 60_000

const utc = (moment: string) => new Date(`${moment.length > 10 ? moment : `${moment}T00:00`}:00Z`)

/** A revision that grows with time, so that a second import takes the place of the first. */
const revisionOf = (now: string) =>
  Math.max(0, Math.floor((utc(now).getTime() - Date.UTC(2020, 0, 1)) / MINUTE_MS))

/**
 * Jobs as a calendar that other programs read: one all-day event each, with the job's id in
 * its UID, so that a second import updates the first.
 *
 * @throws InputError `emptyCalendar` where there is no job: a calendar of nothing is none
 * @source RFC 5545
 */
export function toICalendar(jobs: readonly Job[], options: CalendarOptions): string {
  const { name, now, textOf, alarms = false } = options
  if (!jobs.length) throw new InputError('emptyCalendar')
  const calendar = ical({ name, prodId: '//rimbo//jobs//EN', method: ICalCalendarMethod.PUBLISH })
  for (const job of jobs) {
    const summary = textOf(job)
    const event = calendar.createEvent({
      id: `${job.id}@rimbo`,
      start: utc(job.dueOn),
      allDay: true,
      summary,
      stamp: utc(now),
      sequence: revisionOf(now),
    })
    if (alarms)
      event.createAlarm({
        type: ICalAlarmType.display,
        // After the day's beginning.
        trigger: -(job.hour ?? REMINDED_H) * 3600,
        description: summary,
      })
  }
  return calendar.toString()
}
