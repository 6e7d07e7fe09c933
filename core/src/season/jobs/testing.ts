import { addDays, dayOf, daysBetween, memory, practice, reason } from '../../units'
import { tellingTest } from '../water'
import { feedProductOf } from '../../garden'
import { doneOn, plantFacts, type PotFacts } from './facts'
import type { Job } from './job'
import { jobsOf, whenever, type Times } from './schedule'

/** Lime has done most of its work after a week (practice). */
const AFTER_LIME_DAYS = 7
/** A test that is expected to tell less is not worth the walk, bits (memory). */
const TELLS_BITS = 0.5
/** And no more often than this, days (memory). */
const TESTED_EVERY_DAYS = 4
/** A pot that somebody can lift onto a scale tells more than a finger, kg (memory). */
const LIFTED_KG = 12

/** Measuring pH after lime, and tests of water where they tell much. */
export function testingJobs(facts: PotFacts, times: Times): readonly Job[] {
  const { records, containerId, pot, garden, today, base, day } = facts
  const plantingIds = pot.plants.map(({ planting }) => planting.id)
  const limed = records
    .filter(
      (record) =>
        record.kind === 'lime' ||
        (record.kind === 'feed' && feedProductOf(garden, record.productId)?.form === 'lime'),
    )
    .map(({ at }) => dayOf(at))
    .sort()
  const measured = doneOn(facts, 'measurePh')
  const after = limed.flatMap((on, index) => {
    const until = limed[index + 1] ?? '9999-12-31'
    const done = measured.find((one) => one > on && one <= until)
    // Limed again before it was measured: the last lime is what is waited for.
    return done || index === limed.length - 1 ? [{ on, done }] : []
  })
  const ph = jobsOf(
    {
      kind: 'measurePh',
      containerId,
      plantingIds,
      done: after.flatMap(({ done }) => done ?? []),
      next: (_last, ordinal) => {
        const lime = after[ordinal]
        const from = lime && addDays(lime.on, AFTER_LIME_DAYS)
        return from === undefined ? undefined : { from, to: addDays(from, AFTER_LIME_DAYS) }
      },
      details: () => ({
        tools: ['phMeter'],
        reasons: [reason('job.measurePh.lime', {}, practice)],
      }),
    },
    times,
  )
  const isGrowing = plantFacts(facts).some(({ from, endsOn }) => day >= from && day < endsOn)
  const kind = base.mass.wateredKg <= LIFTED_KG ? ('weigh' as const) : ('fingerTest' as const)
  const tests = [
    ...doneOn(facts, 'finger'),
    ...doneOn(facts, 'weigh'),
    ...doneOn(facts, 'probe'),
  ].sort()
  const lastTest = tests.at(-1)
  const isFresh = lastTest !== undefined && daysBetween(lastTest, today) < TESTED_EVERY_DAYS
  const asked = isGrowing && !isFresh ? tellingTest(pot) : undefined
  const isTelling = asked !== undefined && asked.bits >= TELLS_BITS
  const done = doneOn(facts, kind === 'weigh' ? 'weigh' : 'finger')
  const test = jobsOf(
    {
      kind,
      containerId,
      plantingIds,
      done,
      isOccasion: true,
      next: whenever(done, isTelling ? { from: today, to: addDays(today, 1) } : undefined),
      details: () => ({
        tools: kind === 'weigh' ? ['scale'] : ['fingers'],
        reasons: asked
          ? [reason('job.test.tells', { bits: Math.round(asked.bits * 10) / 10 }, memory)]
          : [],
      }),
    },
    times,
  )
  return [...ph, ...test]
}
