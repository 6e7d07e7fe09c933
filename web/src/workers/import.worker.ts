import type { DailyMapping, WeatherFileKind, WeatherRead } from '@rimbo/core'
import { readWeatherFile } from '../data/weatherFile'
import { readGardenFile, type GardenFile } from '../data/zip'
import { expose } from './door'

const work = {
  /** Reads a garden file, whole or not at all. */
  readGarden: (file: File, progress: (share: number) => void): Promise<GardenFile> =>
    readGardenFile(file, progress),
  /** Reads a weather file into days. */
  readWeather: (
    file: File,
    kind: WeatherFileKind,
    mapping: DailyMapping | undefined,
    asYear: number,
    progress: (share: number) => void,
  ): Promise<WeatherRead | undefined> => readWeatherFile(file, kind, mapping, asYear, progress),
}
export type ImportWork = typeof work
expose(work)
