import { NIGHTS_C } from '../../plant'
import { addDays, dayOf, daysBetween, memory, practice, reason, type Reason } from '../../units'
import { sorted } from '../course'
import { windowOf } from '../plant'
import { doneOn, type PlantFacts } from './facts'
import { firstFreeDay, hottestC, workHold } from './holds'
import type { Amount, Job, JobKind } from './job'
import { cardOf } from './plantingCard'
import { jobsOf, once, type Times, type Window } from './schedule'

/** Of the seeds sown, how many come up (memory). */
const COMES_UP: Readonly<Record<'tomato' | 'pepper', number>> = { tomato: 0.85, pepper: 0.75 }
const SOWN_DEEP_MM = 10
/** Hours out, day by day, over the eight days of hardening off (practice: 7–10 days; hours from memory). */
const HOURS_OUT = [1, 2, 3, 4, 6, 8, 10, 12] as const
/** A tray stays in on a day that is colder than this at its warmest, °C (memory). */
const TOO_COLD_OUT_C = 10
/** Who has not sown so long after the last day of its window buys plants. */
const SOWS_LATE_DAYS = 14
/** A planting of which nothing was recorded is taken to have been made after so many days. */
const TAKEN_AS_PLANTED_DAYS = 14
/** Planting waits for a better day so long, as far as the forecast goes. */
const WAITS_DAYS = 7
/** A measured mix is believed for so long, days. */
const MEASURED_DAYS = 3
/** Records that only a plant in its pot can have. */
const OF_GROWING: ReadonlySet<string> = new Set([
  ...[
    'prune',
    'height',
    'tie',
    'support',
    'pick',
    'firstFlower',
    'firstRipe',
    'shake',
    'water',
    'feed',
  ],
  ...['sign', 'look', 'mulch', 'topUp', 'remove'],
])

/** When it was planted, as far as anything tells; undefined where it still is to be. */
export function plantedOn({ plant, records, today }: PlantFacts): string | undefined {
  const { id, varietyId, plantedOn: planned, containerId } = plant.planting
  const recorded = records.find(
    (record) =>
      record.kind === 'plant' &&
      (record.plantingId === id ||
        (record.plantingId === undefined &&
          record.varietyId === varietyId &&
          record.containerId === containerId &&
          Math.abs(daysBetween(dayOf(record.at), planned)) <= TAKEN_AS_PLANTED_DAYS)),
  )
  if (recorded) return dayOf(recorded.at)
  if (daysBetween(planned, today) > TAKEN_AS_PLANTED_DAYS) return planned
  const hasGrown =
    planned <= today &&
    records.some(
      ({ kind, at }) => OF_GROWING.has(kind) && dayOf(at) >= planned && dayOf(at) <= today,
    )
  return hasGrown ? planned : undefined
}

/** The gardener's way as the school of it is called. */
const SOIL_SCHOOL = { 7: 'early', 10: 'usual', 16: 'warm' } as const

/** The days between which a planting is to be made: those of the years, or later where it is planned so. */
function plantWindow(facts: PlantFacts, goes: ReturnType<typeof windowOf>): Window {
  const { plantedOn: planned } = facts.plant.planting
  const warmOn = goes.schools[SOIL_SCHOOL[facts.ways.soilC]]?.middle ?? goes.goesOutOn
  const from = goes.afterFrost.from > warmOn ? goes.afterFrost.from : warmOn
  if (goes.isYearRound || planned > from) {
    const to = addDays(from, 7)
    return { from: goes.isYearRound ? planned : from, to: planned > to ? addDays(planned, 7) : to }
  }
  return { from, to: addDays(from, 7) }
}

/** A mix that was measured in the last days, and is too cold for the gardener's way. */
function mixHold({ records, today, ways }: PlantFacts): Reason | undefined {
  const since = addDays(today, -MEASURED_DAYS)
  const tempC = records
    .flatMap((record) =>
      record.kind === 'probe' && record.tempC !== undefined && dayOf(record.at) >= since
        ? [{ at: record.at, tempC: record.tempC }]
        : [],
    )
    .sort((one, other) => (one.at < other.at ? -1 : 1))
    .at(-1)?.tempC
  return tempC !== undefined && tempC < ways.soilC
    ? reason('job.hold.coldMix', { tempC, leastC: ways.soilC }, practice)
    : undefined
}

/** What keeps plants in their trays on a day: cold nights, heat, a storm. */
function plantHold(facts: PlantFacts, day: number): Reason | undefined {
  const night = facts.isKnown(day + 1) ? facts.weatherOn(day + 1) : undefined
  const leastC = NIGHTS_C[facts.variety.crop]
  if (night && night.tempMinC < leastC)
    return reason('job.hold.coldNight', { tempC: night.tempMinC, leastC }, practice)
  return workHold(facts, day)
}

/** From seed to pot: sowing, potting on, hardening off, planting out. */
export function nurseryJobs(facts: PlantFacts, times: Times): readonly Job[] {
  const { plant, variety, garden, atHand, pot, containerId, today, date, day } = facts
  const { planting } = plant
  const isPlantedOn = plantedOn(facts)
  const { nursery } = sorted(garden.records)
  const sinceSeason = addDays(planting.plantedOn, -160)
  const ofNursery = (kind: 'sow' | 'potOn') =>
    nursery
      .filter((one) => one.kind === kind && one.varietyId === planting.varietyId)
      .map(({ at }) => dayOf(at))
      .filter((on) => on >= sinceSeason && on <= (isPlantedOn ?? today))
      .sort()
      .slice(0, 1)
  const [sownOn] = ofNursery('sow')
  const one = { containerId, plantingId: planting.id, plantingIds: [planting.id] }
  const hardened = doneOn(facts, 'did', {
    plantingId: planting.id,
    since: sinceSeason,
    is: ({ what }) => what === 'hardenOff',
  })
  if (isPlantedOn !== undefined) {
    // What is behind it needs no window any more.
    const was = (kind: JobKind, done: readonly string[]) =>
      jobsOf({ ...one, kind, done, next: () => undefined, details: () => ({}) }, times)
    return [
      ...was('sow', ofNursery('sow')),
      ...was('potOn', ofNursery('potOn')),
      ...was('hardenOff', hardened),
      ...was('plant', [isPlantedOn]),
    ]
  }
  const goes = windowOf(garden, pot, variety, planting.plantedOn)
  const plants = plantWindow(facts, goes)
  const base = planting.plantedOn < plants.from ? plants.from : planting.plantedOn
  // A later planting is sown as much later.
  const shift = Math.max(0, daysBetween(goes.goesOutOn, base))
  const moved = ({ from, to }: Window): Window => ({
    from: addDays(from, shift),
    to: addDays(to, shift),
  })
  const sow = moved(goes.sow)
  const isSowable = today <= addDays(sow.to, SOWS_LATE_DAYS)
  const hasSeedlings = sownOn !== undefined || isSowable
  const seeds = Math.ceil(planting.count / COMES_UP[variety.crop]) + 1
  const potOnAfter = daysBetween(goes.sow.from, goes.potOn.from)
  const potOn = sownOn
    ? { from: addDays(sownOn, potOnAfter), to: addDays(sownOn, potOnAfter + 14) }
    : moved(goes.potOn)
  const baseDay = daysBetween(date(0), base)
  const freeDay = firstFreeDay(facts, Math.max(day, baseDay), WAITS_DAYS, (_of, on) =>
    plantHold(facts, on),
  )
  const isMoved = freeDay > Math.max(day, baseDay)
  const setOutOn = date(isMoved ? freeDay : baseDay)
  const hardenFrom = addDays(setOutOn, -HOURS_OUT.length)
  const plantNow = { from: setOutOn, to: plants.to < setOutOn ? addDays(setOutOn, 7) : plants.to }
  const frostReasons = goes.reasons
  return [
    ...jobsOf(
      {
        ...one,
        kind: 'sow',
        done: ofNursery('sow'),
        lapses: true,
        next: once(isSowable ? { from: sow.from, to: addDays(sow.to, SOWS_LATE_DAYS) } : undefined),
        details: () => ({
          amounts: [
            { what: 'count', value: seeds, of: variety.id },
            { what: 'mm', value: SOWN_DEEP_MM },
          ],
          tools: ['trays', 'label'],
          reasons: [
            reason(
              'job.sow.back',
              { sowDate: sow.from, lastSowDate: sow.to, outDate: base },
              practice,
            ),
            reason(
              'job.sow.seeds',
              { upShare: COMES_UP[variety.crop], count: planting.count },
              memory,
            ),
            ...frostReasons,
          ],
          ...(variety.crop === 'pepper' &&
            variety.fruitClass !== 'block' && {
              cautions: [reason('job.caution.hotSeed')],
            }),
        }),
      },
      times,
    ),
    ...jobsOf(
      {
        ...one,
        kind: 'potOn',
        done: ofNursery('potOn'),
        next: once(hasSeedlings ? potOn : undefined),
        details: () => ({
          amounts: [{ what: 'count', value: planting.count, of: variety.id }],
          tools: ['smallPots', 'label'],
          reasons: [reason('job.potOn.size', {}, practice)],
        }),
      },
      times,
    ),
    ...jobsOf(
      {
        ...one,
        kind: 'hardenOff',
        done: hardened,
        next: (last, ordinal) => {
          if (ordinal >= HOURS_OUT.length) return undefined
          const from = last === undefined ? hardenFrom : addDays(last, 1)
          return { from, to: from }
        },
        details: (on, ordinal) => {
          const onDay = daysBetween(date(0), on)
          const here = facts.isKnown(onDay) ? facts.weatherOn(onDay) : undefined
          const tempC = here?.tempMaxC ?? Infinity
          return {
            amounts: [{ what: 'h', value: HOURS_OUT[Math.min(ordinal, HOURS_OUT.length - 1)]! }],
            reasons: [
              reason(
                'job.hardenOff.days',
                { dayCount: HOURS_OUT.length, outDate: setOutOn },
                practice,
              ),
              reason('job.hardenOff.hours', {}, memory),
            ],
            held:
              tempC < TOO_COLD_OUT_C
                ? reason('job.hold.coldDay', { tempC, leastC: TOO_COLD_OUT_C }, memory)
                : workHold(facts, onDay),
          }
        },
      },
      times,
    ),
    ...jobsOf(
      {
        ...one,
        kind: 'plant',
        done: [],
        next: once(plantNow),
        details: (on) => {
          const card = cardOf(garden, atHand, planting.id, on)
          const amounts: Amount[] = [
            { what: 'count', value: planting.count, of: variety.id },
            { what: 'mm', value: card.buryMm },
            ...card.hole.map(({ product, massG }): Amount => ({
              what: 'g',
              value: massG,
              of: product.id,
            })),
          ]
          return {
            amounts,
            tools: ['trowel', 'can', 'label'],
            hour: 18,
            reasons: [
              reason('job.plant.evening', {}, practice),
              ...(planting.plantedOn < plants.from
                ? [
                    reason(
                      'job.plant.tooEarly',
                      { plannedDate: planting.plantedOn, outDate: plants.from },
                      practice,
                    ),
                  ]
                : []),
              ...(isMoved
                ? [
                    reason('job.plant.waits', {
                      plannedDate: base,
                      outDate: setOutOn,
                      tempC: hottestC(facts),
                    }),
                  ]
                : []),
              reason('job.plant.soil', { leastC: facts.ways.soilC }, practice),
              ...frostReasons,
            ],
            cautions: card.cautions,
            held: mixHold(facts) ?? plantHold(facts, daysBetween(date(0), on)),
          }
        },
      },
      times,
    ),
  ]
}
