import { liftingCaution } from '../../container'
import { NIGHTS_C } from '../../plant'
import { memory, practice, reason, type Reason } from '../../units'
import { plantKgOn } from '../course'
import { doneOn, type PlantFacts, type PotFacts } from './facts'
import type { Job, JobKind } from './job'
import { jobsOf, whenever, type Details, type Times } from './schedule'

/** Shade cloth goes up over this, °C, and comes down when days are so much cooler (practice; 3 K from memory). */
const SHADE_FROM_C = 35
const SHADE_OFF_C = 31
/** A cover comes off when the next nights are so far from frost, °C (memory). */
const COVER_OFF_C = 4
/** At this lowest of the night a plant is covered: frost may come a little lower than told (memory), °C. */
const FROST_NEAR_C = 1
/** Nights that are looked at before something comes off or out again. */
const CLEAR_NIGHTS = 3
const WARM_NIGHTS = 5
/** Heavier than this a pot stays where it is, kg: two lift it (HSE's 25 kg each). */
const CARRIED_KG = 50

/** A weather job: whether it is called for, and from which day on. */
interface Wish {
  readonly kind: JobKind
  /** Day of the course on which it is to be done; undefined where nothing calls for it. */
  readonly on: number | undefined
  readonly untilDay: number
  readonly details: Details
}

/** What weather asks for: shade, covers, in and out again. */
export function weatherJobs(
  facts: PotFacts,
  all: readonly PlantFacts[],
  times: Times,
): readonly Job[] {
  const { base, pot, containerId, date, day, weatherOn, isKnown } = facts
  const plants = all.filter(({ endsOn }) => day < endsOn)
  const here = plants.filter(({ from }) => day >= from)
  const plantingIds = pot.plants.map(({ planting }) => planting.id)
  const { isIndoors, shadeShare, cover } = base.state
  const peppers = here.filter(({ variety }) => variety.crop === 'pepper')
  const massKg = base.mass.wateredKg + plantKgOn(pot.plants, Math.min(day, pot.weather.length - 1))
  const isCarried =
    !base.container.sunken && base.container.type !== 'flatBag' && massKg <= CARRIED_KG
  const isIn = peppers.length > 0 && isCarried
  const last = pot.weather.length
  /** The first day from one on that is known and so. */
  const firstKnown = (from: number, is: (on: number) => boolean) => {
    for (let on = from; on < last && isKnown(on); on++) if (is(on)) return on
    return undefined
  }
  const minC = (on: number) => weatherOn(on)?.tempMinC ?? Infinity
  const maxC = (on: number) => weatherOn(on)?.tempMaxC ?? -Infinity
  const areAll = (from: number, count: number, is: (on: number) => boolean) => {
    for (let on = from; on < from + count && on < last; on++) if (!is(on)) return false
    return from < last
  }
  // A day's lowest is that of the early morning: what it asks for is done the evening before.
  const eveningBefore = (on: number | undefined) =>
    on === undefined ? undefined : Math.max(day, on - 1)
  const hotOn =
    here.length && !isIndoors ? firstKnown(day, (on) => maxC(on) >= SHADE_FROM_C) : undefined
  const frostOn =
    here.length && !isIndoors ? firstKnown(day + 1, (on) => minC(on) <= FROST_NEAR_C) : undefined
  const coldOn =
    isIn && !isIndoors
      ? firstCold(facts, day + 1, Math.max(...peppers.map(({ endsOn }) => endsOn)))
      : undefined
  const leastC = NIGHTS_C.pepper
  const isWarmAgain =
    isIndoors && areAll(day + 1, WARM_NIGHTS, (on) => weatherOutC(facts, on) >= leastC)
  const lift: Reason[] = liftingCaution(massKg)
    ? [
        reason(
          liftingCaution(massKg) === 'lifting25' ? 'job.caution.twoLift' : 'job.caution.lift',
          { massG: massKg * 1000 },
        ),
      ]
    : [reason('job.move.weighs', { massG: massKg * 1000 }, memory)]
  const wishes: readonly Wish[] = [
    {
      kind: 'shadeOn',
      on: shadeShare > 0 ? undefined : eveningBefore(hotOn),
      untilDay: hotOn ?? day,
      details: {
        tools: ['cloth'],
        reasons: [
          reason(
            'job.shadeOn.heat',
            { tempC: maxC(hotOn ?? day), hotDate: date(hotOn ?? day) },
            practice,
          ),
        ],
      },
    },
    {
      kind: 'shadeOff',
      on:
        shadeShare > 0 && areAll(day, CLEAR_NIGHTS, (on) => maxC(on) < SHADE_OFF_C)
          ? day
          : undefined,
      untilDay: day + CLEAR_NIGHTS,
      details: { reasons: [reason('job.shadeOff.cooler', { tempC: SHADE_OFF_C }, memory)] },
    },
    {
      kind: 'coverOn',
      // What is carried in needs no cover.
      on: cover !== 'none' || (isIn && coldOn !== undefined) ? undefined : eveningBefore(frostOn),
      untilDay: frostOn ?? day,
      details: {
        hour: 18,
        tools: ['fleece'],
        reasons: [
          reason(
            'job.coverOn.frost',
            { tempC: minC(frostOn ?? day), frostDate: date(frostOn ?? day) },
            practice,
          ),
        ],
      },
    },
    {
      kind: 'coverOff',
      on:
        cover !== 'none' && areAll(day + 1, CLEAR_NIGHTS, (on) => minC(on) > COVER_OFF_C)
          ? day
          : undefined,
      untilDay: day + CLEAR_NIGHTS,
      details: { reasons: [reason('job.coverOff.milder', { tempC: COVER_OFF_C }, memory)] },
    },
    {
      kind: 'moveIn',
      on: isIndoors ? undefined : eveningBefore(coldOn),
      untilDay: coldOn ?? day,
      details: {
        hour: 18,
        reasons: [
          coldOn !== undefined && isKnown(coldOn)
            ? reason(
                'job.moveIn.cold',
                { tempC: minC(coldOn), leastC, coldDate: date(coldOn) },
                practice,
              )
            : reason('job.moveIn.usual', { leastC, coldDate: date(coldOn ?? day) }, practice),
        ],
        cautions: lift,
      },
    },
    {
      kind: 'moveOut',
      on: isWarmAgain ? day : undefined,
      untilDay: day + WARM_NIGHTS,
      details: { reasons: [reason('job.moveOut.warm', { leastC }, practice)], cautions: lift },
    },
  ]
  return wishes.flatMap(({ kind, on, untilDay, details }) => {
    const done = doneOfKind(facts, kind)
    return jobsOf(
      {
        kind,
        containerId,
        plantingIds,
        done,
        isOccasion: true,
        next: whenever(
          done,
          on === undefined ? undefined : { from: date(on), to: date(Math.max(on, untilDay)) },
        ),
        details: () => details,
      },
      times,
    )
  })
}

/** The first day on which nights are too cold for peppers: as forecast, else as is usual in autumn. */
function firstCold(facts: PotFacts, from: number, to: number): number | undefined {
  const { weatherOn, isKnown, pot } = facts
  const leastC = NIGHTS_C.pepper
  for (let on = from; on < Math.min(to, pot.weather.length); on++) {
    const tempC = weatherOn(on)?.tempMinC
    if (tempC !== undefined && tempC < leastC && (isKnown(on) || isFalling(facts, on))) return on
  }
  return undefined
}

/** A usual year gets colder from here on: it is autumn, and no cool night of spring. */
const WEEKS_ON = 28
const isFalling = ({ weatherOn, pot }: PotFacts, on: number) => {
  const later = weatherOn(Math.min(pot.weather.length - 1, on + WEEKS_ON))
  const here = weatherOn(on)
  return !!later && !!here && later.tempMinC < here.tempMinC
}

/** A night's lowest in the open, whatever stands over the pot now. */
const weatherOutC = ({ course }: PotFacts, on: number) => course.sky.days[on]?.tempMinC ?? -Infinity

/** When it was done before: records say what a pot was moved, shaded or covered to. */
function doneOfKind(facts: PotFacts, kind: JobKind): readonly string[] {
  switch (kind) {
    case 'shadeOn':
      return doneOn(facts, 'shade', { is: ({ share }) => share > 0 })
    case 'shadeOff':
      return doneOn(facts, 'shade', { is: ({ share }) => share === 0 })
    case 'coverOn':
      return doneOn(facts, 'cover', { is: ({ cover }) => cover !== 'none' })
    case 'coverOff':
      return doneOn(facts, 'cover', { is: ({ cover }) => cover === 'none' })
    case 'moveIn':
      return doneOn(facts, 'move', { is: ({ isIndoors }) => isIndoors === true })
    default:
      return doneOn(facts, 'move', { is: ({ isIndoors }) => !isIndoors })
  }
}
