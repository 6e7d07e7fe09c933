import {
  readGarden,
  type DailyMapping,
  type Garden,
  type WeatherFileKind,
  type WeatherRead,
} from '@rimbo/core'
import { readWeatherFile } from '../data/weatherFile'
import { expose } from './door'

const work = {
  /** Reads a garden file, whole or not at all. */
  readGarden: async (file: File, progress: (share: number) => void): Promise<Garden> =>
    readGarden(await file.text(), progress),
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
