import { daysBetween } from '../../units'
import type { PotFacts } from './facts'

/** The day of its course that a date is. */
export const dayInCourse = ({ course }: Pick<PotFacts, 'course'>, date: string): number =>
  daysBetween(course.from, date)
