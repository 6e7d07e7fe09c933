import { supportFor } from '../../fit'
import { overOn } from '../../plant'
import { practice, reason } from '../../units'
import { dayTall, doneOn, grownMm, heightOn, type PlantFacts } from './facts'
import { stormHold } from './holds'
import type { Amount, Job, Tool } from './job'
import { jobsOf, type Times } from './schedule'
import { dayInCourse } from './days'

/** A stake goes in before a plant is so tall, mm (practice: at planting, or at 15–20 cm). */
const STAKE_FROM_MM = 150
const STAKE_BY_MM = 200
/** Tied first when it is so tall, and again after so much growth, mm (practice). */
const TIED_FROM_MM = 300
const TIED_EVERY_MM = 200
const TIE_WINDOW_DAYS = 6
/** So long before its end a plant is no longer staked, or tied (memory). */
const STAKED_END_DAYS = 45
const TIED_END_DAYS = 14

const TOOL_OF: Partial<Record<string, Tool>> = { stake: 'stake', cage: 'cage', string: 'string' }

/** What holds a plant up, and tying it as it grows. */
export function holdingJobs(facts: PlantFacts, times: Times): readonly Job[] {
  const { plant, variety, base, ways, containerId, date, from, endsOn, growth } = facts
  const { planting } = plant
  const needed = supportFor(variety, base.container, grownMm(facts), ways)
  const stands = base.state.supports.filter(
    ({ plantingId }) => plantingId === undefined || plantingId === planting.id,
  )
  const one = { containerId, plantingId: planting.id, plantingIds: [planting.id] }
  const ends = Math.min(endsOn, overOn(facts.growth), growth.days)
  const isWanted = needed.support !== 'none'
  const supportFrom = ways.staking === 'atPlanting' ? from : dayTall(facts, STAKE_FROM_MM)
  const supportBy = Math.max(supportFrom, dayTall(facts, STAKE_BY_MM))
  const done = doneOn(facts, 'support', { plantingId: planting.id, since: date(from - 7) })
  // What stood in the pot before it was planted serves.
  const isSupported = done.length > 0 || stands.length > 0
  const support = jobsOf(
    {
      ...one,
      kind: 'support',
      until: date(ends - STAKED_END_DAYS),
      done: done.slice(0, 1),
      next: (_last, ordinal) =>
        ordinal === 0 && isWanted && (!isSupported || done.length) && supportFrom < ends
          ? { from: date(supportFrom), to: date(Math.min(ends, supportBy)) }
          : undefined,
      details: () => ({
        amounts: needed.parts.flatMap(({ what, count, lengthMm }): Amount[] => [
          { what: 'count', value: count * planting.count, of: what },
          { what: 'mm', value: lengthMm, of: what },
        ]),
        tools: [
          ...new Set(needed.parts.flatMap(({ what }) => TOOL_OF[what] ?? [])),
          ...(needed.support === 'cage' ? [] : (['ties'] as const)),
        ],
        reasons: [...needed.reasons, reason('job.support.beforeRoots', {}, practice)],
        cautions: needed.support === 'string' ? [] : [reason('job.caution.eyes')],
        held: stormHold(facts),
      }),
    },
    times,
  )
  const held = stands.at(-1)?.support ?? (isSupported ? undefined : needed.support)
  const isTied = isWanted && held !== 'cage' && held !== 'twoCages' && held !== 'net'
  const tieDone = doneOn(facts, 'tie', { plantingId: planting.id, since: date(from) })
  const tie = jobsOf(
    {
      ...one,
      kind: 'tie',
      until: date(ends - TIED_END_DAYS),
      done: tieDone,
      next: (last) => {
        if (!isTied) return undefined
        const before = last === undefined ? 0 : heightOn(facts, dayInCourse(facts, last))
        const tall = dayTall(facts, Math.max(TIED_FROM_MM, before + TIED_EVERY_MM))
        return tall < ends && tall < growth.days
          ? { from: date(tall), to: date(tall + TIE_WINDOW_DAYS) }
          : undefined
      },
      details: (on) => ({
        amounts: [{ what: 'count', value: planting.count, of: 'ties' }],
        tools: ['ties'],
        reasons: [
          reason(
            'job.tie.grown',
            { grownMm: TIED_EVERY_MM, heightMm: heightOn(facts, dayInCourse(facts, on)) },
            practice,
          ),
        ],
        held: stormHold(facts),
      }),
    },
    times,
  )
  return [...support, ...tie]
}
