import { useDocumentVisibility, useIntervalFn } from '@vueuse/core'
import { defineStore, storeToRefs } from 'pinia'
import { computed, shallowRef, watch } from 'vue'
import {
  courseByPot,
  gardenAsOf,
  gardenCourse,
  gardenOn,
  potOnDay,
  roundOf,
  withoutMarks,
  type Container,
  type Garden,
  type GardenCourse,
  type GardenToday,
  type Round,
} from '@rimbo/core'
import { onTheClock } from '../clock'
import { useGardenStore } from './garden'
import { inTurns } from '../turnByTurn'

/** The walk of today with all it is made from: of all pots, or of those that are ready. */
interface Walked {
  readonly course: GardenCourse
  readonly today: GardenToday
  readonly round: Round
}

/** What changes every pot of a garden where it changes. */
interface Basis {
  readonly id: string
  readonly hour: string
  readonly openDays: GardenCourse['openDays']
}
const basisOf = ({ garden, openDays }: GardenCourse, hour: string): Basis => ({
  id: garden.id,
  hour,
  openDays,
})
const isSame = (one: Basis, other: Basis) =>
  one.id === other.id && one.hour === other.hour && one.openDays === other.openDays

/** Whether two states of a garden differ in nothing but records: what was done bears on its own pot. */
function isOfRecords(one: Garden, other: Garden): boolean {
  const [before, after] = [withoutMarks(one), withoutMarks(other)] as const
  const names = Object.keys(after) as (keyof typeof after)[]
  return names.every((name) => name === 'records' || before[name] === after[name])
}

/** A record waits no longer for what it bears on than this, ms. */
const AHEAD_MS = 400

/** What follows from the open garden on this day. Derived, never stored. */
export const useTodayStore = defineStore('today', () => {
  const { garden, workOutFirst } = storeToRefs(useGardenStore())
  const wallClock = shallowRef(new Date())
  const lookAtClock = () => (wallClock.value = new Date())
  useIntervalFn(lookAtClock, 30_000)
  // A phone that was asleep is looked at again: what is tapped first has the hour of now.
  watch(useDocumentVisibility(), lookAtClock)
  const now = computed(() => garden.value?.clock ?? onTheClock(wallClock.value))
  const date = computed(() => now.value.slice(0, 10))
  /** The morning's round is not the evening's. */
  const hour = computed(() => now.value.slice(0, 13))
  const year = computed(() => Number(date.value.slice(0, 4)))
  /** The garden as its pots stand today, for questions that do not look back. */
  const asItStands = computed(() => garden.value && gardenAsOf(garden.value, date.value))
  /** What all pots share, at once. */
  const frame = computed<GardenCourse | undefined>(
    () => garden.value && { ...courseByPot(garden.value, hour.value).frame, pots: [] },
  )
  /** For which garden, hour and weather all pots are worked out. */
  const ready = shallowRef<Basis>()
  const isOpen = computed(() => !!garden.value && ready.value?.id === garden.value.id)
  /** The pots that are ready while the season of a garden is first worked out. */
  const opening = shallowRef<GardenCourse>()

  /** The walk does not wait for the last pot: it begins with the first that is due. */
  const started = shallowRef<Walked>()
  /** Feeds and jobs of the pots of a course, worked out ahead by who shows them. */
  const ahead: Partial<Record<'feeds' | 'jobs', (course: GardenCourse) => void>> = {}

  /** One pot in turns of the browser: how it stands, its season, and what follows from it. */
  function potInTurns(
    of: Garden,
    container: Container,
    works: readonly (keyof typeof ahead)[],
  ): Promise<void> {
    const { frame, potOf, standOf } = courseByPot(of, hour.value)
    return inTurns([
      () => standOf(container),
      () => potOf(container),
      ...works.map((work) => () => ahead[work]?.({ ...frame, pots: [potOf(container)] })),
    ])
  }

  /** Works out the season pot by pot. Core keeps the answers: who asks for all has them at once. */
  async function workOut(basis: Basis): Promise<void> {
    const isStill = () =>
      garden.value && frame.value && isSame(basis, basisOf(frame.value, hour.value))
    for (let index = 0; index < (garden.value?.containers.length ?? 0); index++) {
      if (!isStill() || !garden.value) return
      // The first card has its feed on it.
      const works = isOpen.value || started.value ? [] : (['feeds'] as const)
      await potInTurns(garden.value, garden.value.containers[index]!, works)
      // What was changed in the meantime is asked for anew; all else is remembered.
      const soFar = isStill() && upTo(index)
      if (!soFar) return
      if (!isOpen.value) opening.value = soFar
    }
    if (isStill()) ready.value = basis
  }
  /** The season of the first pots, and how the last of them stands. */
  function upTo(index: number): GardenCourse | undefined {
    if (!garden.value || !frame.value) return undefined
    const { potOf } = courseByPot(garden.value, hour.value)
    const pots = garden.value.containers.slice(0, index + 1).map(potOf)
    const soFar = { ...frame.value, pots }
    const last = pots.at(-1)
    if (last) potOnDay(soFar, last, soFar.today)
    return soFar
  }
  watch(
    () => frame.value && basisOf(frame.value, hour.value),
    (basis, before) => {
      if (!basis || (before && isSame(basis, before))) return
      workOut(basis)
        // What cannot be worked out is told by the view that asks for it.
        .catch(() => (ready.value = basis))
        .finally(() => {
          if (isOpen.value) opening.value = undefined
        })
    },
    { immediate: true },
  )
  // What is recorded while it opens is on the card at once.
  watch(garden, (changed) => {
    const { value: soFar } = opening
    if (changed && soFar?.garden.id === changed.id) opening.value = upTo(soFar.pots.length - 1)
  })
  /** A record is shown once all that it bears on is worked out: in turns, so that nothing stands still. */
  workOutFirst.value = async (next) => {
    const { value: before } = garden
    if (!isOpen.value || !before || next.id !== before.id || !isOfRecords(before, next)) return
    const from = performance.now()
    for (const container of next.containers) {
      // What bears on many pots is shown before all of them are worked out.
      if (performance.now() - from > AHEAD_MS) return
      await potInTurns(next, container, ['feeds', 'jobs'])
    }
  }
  let whole: GardenCourse | undefined
  /**
   * The whole season about this day; undefined until all pots are worked out. Another hour or
   * other weather changes all of them: until they are worked out anew, it is told of the last
   * hour, and of the last weather.
   */
  const course = computed<GardenCourse | undefined>(() => {
    if (!isOpen.value || !garden.value || !frame.value || !ready.value) return undefined
    const isOfItsWeather = ready.value.openDays === frame.value.openDays
    if (isOfItsWeather || whole?.garden.id !== garden.value.id)
      whole = gardenCourse(garden.value, ready.value.hour)
    return whole
  })
  const onDay = (of: GardenCourse | undefined) => of && gardenOn(of, of.today)
  const roundOn = (of: GardenToday | undefined) =>
    of && garden.value && roundOf(of, garden.value.settings.measures.canL)
  /** The open air of today, without a pot. */
  const air = computed<GardenToday | undefined>(() => onDay(frame.value))
  const today = computed<GardenToday | undefined>(() => onDay(course.value))
  const round = computed<Round | undefined>(() => roundOn(today.value))
  watch(opening, (soFar) => {
    const { value: before } = started
    if (!soFar) started.value = undefined
    // What was recorded since it began is seen at once: nobody shall water twice.
    else if (before?.course.garden !== soFar.garden) {
      const begun = walkedOn(soFar, onDay(soFar))
      if (before || begun?.round.dueCount) started.value = begun
    }
  })
  const walkedOn = (course: GardenCourse | undefined, day: GardenToday | undefined) => {
    const round = roundOn(day)
    return course && day && round && { course, today: day, round }
  }
  const walked = computed<Walked | undefined>(
    () => walkedOn(course.value, today.value) ?? started.value,
  )
  /** How many pots are worked out, as long as some are not. */
  const progress = computed(() =>
    !garden.value || isOpen.value
      ? undefined
      : { done: opening.value?.pots.length ?? 0, of: garden.value.containers.length },
  )
  return { now, date, year, asItStands, frame, air, course, today, round, walked, progress, ahead }
})
