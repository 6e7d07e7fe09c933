import type { Place } from '../../place'
import { withService, withWeather, type DailyWeather, type MonthNormal } from '../../weather'
import { hasTypedNormals } from '../starting'
import { isSame, withTouched } from '../touched'
import { editOf, type GardenEdit } from './edit'

/** One day as it was typed. */
export const keepDay = (day: DailyWeather): GardenEdit =>
  editOf('weather', { date: day.date }, (draft) => {
    draft.weather = withWeather(draft.weather, [day])
  })

/**
 * The place as its form has it. Normals that were guessed, or that nobody has typed, become
 * those of the new place; typed ones stay.
 *
 * @param guessed normals of the place as the form has it
 */
export const keepPlace = (
  place: Place,
  placeAtStart: Place,
  guessed: readonly MonthNormal[],
): GardenEdit =>
  editOf('place', { name: place.name }, (draft) => {
    draft.place = withTouched(draft.place, placeAtStart, place)
    if (hasTypedNormals(draft)) return
    draft.normals = [...guessed]
    draft.normalsAreGuessed = true
  })

/** Days of the simulated service; what was measured or typed stays. */
export const takeServiceDays = (days: readonly DailyWeather[]): GardenEdit =>
  editOf('weatherService', { count: days.length }, (draft) => {
    draft.weather = [...withService(draft.weather, days)]
  })

/** Days of a file: typical ones fill gaps, measured ones replace what was there. */
export const takeFileDays = (days: readonly DailyWeather[], areTypical: boolean): GardenEdit =>
  editOf('weatherFile', { count: days.length }, (draft) => {
    draft.weather = areTypical ? withWeather(days, draft.weather) : withWeather(draft.weather, days)
  })

/** Normals and frost dates as a form has them. */
export interface ClimateTyped {
  readonly normals: readonly MonthNormal[]
  readonly frosts: Pick<Place, 'lastFrost' | 'firstFrost'>
}

/** The figures of the climate that were touched; guessed normals stay a guess until one of them is. */
export const keepNormals = (typed: ClimateTyped, start: ClimateTyped): GardenEdit =>
  editOf('normals', {}, (draft) => {
    if (!isSame(typed.normals, start.normals)) {
      draft.normals = [...typed.normals]
      delete draft.normalsAreGuessed
    }
    for (const key of ['lastFrost', 'firstFrost'] as const)
      if (typed.frosts[key] !== start.frosts[key]) {
        if (typed.frosts[key]) draft.place[key] = typed.frosts[key]
        else delete draft.place[key]
      }
  })
