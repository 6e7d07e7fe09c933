import type { Garden } from '../../garden'
import { openDay, type OpenDay, type Place } from '../../place'
import { datesFrom, dayOfYear, memory, remembered, type Provenance } from '../../units'
import {
  fitGenerator,
  generatorFromNormals,
  normalsProvenance,
  typicalDay,
  usualFrosts,
  usualNormals,
  type DailyWeather,
  type DayInPlace,
  type MonthNormal,
  type WeatherModel,
} from '../../weather'

/** Where a day's weather is from; `typical` is the mean of its time of the year. */
export type DaySource = 'measured' | 'simulated' | 'forecast' | 'typical'

/** The days of a garden in a row, none missing. */
export interface Sky {
  readonly from: string
  readonly days: readonly DayInPlace[]
  readonly sources: readonly DaySource[]
}

/** What the weather of a place is like, and from what that is known. */
export interface Climate {
  readonly model: WeatherModel
  readonly kind: 'fitted' | 'normals' | 'guessed' | 'usual'
  readonly provenance: Provenance
}

/** Fewer days measured than two years, and their statistics are chance. */
const LEAST_DAYS = 700

const fitted = remembered(
  (
    weather: readonly DailyWeather[],
    latitudeDeg: number,
    elevationM: number,
    coastal: string,
  ): WeatherModel | null => {
    const measured = weather.filter(({ source, rainMm }) => !source && rainMm !== undefined)
    if (measured.length < LEAST_DAYS) return null
    const months = new Set(measured.map(({ date }) => date.slice(5, 7)))
    if (months.size < 12) return null
    try {
      return fitGenerator(measured, { latitudeDeg, elevationM, coastal: coastal === 'true' })
    } catch {
      // Too few days of some month: its normals do as well.
      return null
    }
  },
)
const ofNormals = remembered(
  (normals: readonly MonthNormal[], latitudeDeg: number, elevationM: number, coastal: string) =>
    generatorFromNormals(normals, { latitudeDeg, elevationM, coastal: coastal === 'true' }),
)
const ofPlace = remembered((place: Place) => generatorFromNormals(usualNormals(place), place))

/**
 * What the weather of the garden's place is like: learned from its own days
 * where two years of them are known, else from its normals, else from what is
 * usual at its latitude.
 */
export function climateOf({ weather, normals, normalsAreGuessed, place }: Garden): Climate {
  const site = [place.latitudeDeg, place.elevationM, String(place.coastal)] as const
  const learned = fitted(weather, ...site)
  if (learned) return { model: learned, kind: 'fitted', provenance: { mark: 'measured' } }
  if (!normals) return { model: ofPlace(place), kind: 'usual', provenance: memory }
  const model = ofNormals(normals, ...site)
  return normalsAreGuessed
    ? { model, kind: 'guessed', provenance: memory }
    : { model, kind: 'normals', provenance: normalsProvenance }
}

/** Each day of the year as it usually is, by day of the year. */
const typicalYear = remembered((model: WeatherModel) =>
  datesFrom('2023-12-31', 367).map((date) => typicalDay(model, date)),
)

const frostsOf = remembered(usualFrosts)

/** Last frost of spring and first of autumn, `MM-DD`: the gardener's own, else what is usual; none where frost is rare. */
export function frostsOfPlace(garden: Garden): Pick<Place, 'lastFrost' | 'firstFrost'> {
  const { lastFrost, firstFrost } = garden.place
  if (lastFrost && firstFrost) return { lastFrost, firstFrost }
  const usual = frostsOf(climateOf(garden).model)
  return { lastFrost: lastFrost ?? usual.lastFrost, firstFrost: firstFrost ?? usual.firstFrost }
}

const byDate = remembered(
  (weather: readonly DailyWeather[]) => new Map(weather.map((day) => [day.date, day])),
)

/** Weather of a day in the garden's own list. */
export const weatherOn = (garden: Garden, date: string): DailyWeather | undefined =>
  byDate(garden.weather).get(date)

function sourceOf(known: DailyWeather | undefined, today: string): DaySource {
  if (!known) return 'typical'
  if (known.date > today) return 'forecast'
  return known.source ?? 'measured'
}

/**
 * The garden's days in a row: as measured, then as forecast, and typical where
 * nothing is known.
 *
 * @param today where the forecast begins
 */
export const skyOf = (garden: Garden, from: string, count: number, today: string): Sky =>
  skyFrom(garden.weather, climateOf(garden).model, from, count, today)

/** A day whose humidity is not known has what is usual for its time of the year. */
function withDew(day: DailyWeather, usual: DayInPlace): DayInPlace {
  const isKnown = day.humidityMaxShare !== undefined || day.humidityMinShare !== undefined
  return isKnown || !usual.dewBelowMinK ? day : { ...day, dewBelowMinK: usual.dewBelowMinK }
}

const skyFrom = remembered(
  (
    weather: readonly DailyWeather[],
    model: WeatherModel,
    from: string,
    count: number,
    today: string,
  ): Sky => {
    const typical = typicalYear(model)
    const dates = datesFrom(from, count)
    const inList = byDate(weather)
    const known = dates.map((date) => inList.get(date))
    return {
      from,
      days: known.map((day, index) => {
        const date = dates[index]!
        const usual = typical[dayOfYear(date)]!
        return day ? withDew(day, usual) : { ...usual, date }
      }),
      sources: known.map((day) => sourceOf(day, today)),
    }
  },
)

/** The first day from one on of which nothing is known but the time of year; the number of days where there is none. */
export function firstUnknown({ sources }: Sky, from: number): number {
  const day = sources.findIndex((source, index) => index >= from && source === 'typical')
  return day < 0 ? sources.length : day
}

/** The same days, their sun parted into what comes straight and what from all the sky. */
export const openDaysOf = remembered((sky: Sky, place: Place): readonly OpenDay[] =>
  sky.days.map((day) => openDay(day, place)),
)
