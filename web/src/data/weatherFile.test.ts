import { describe, expect, jest, test } from '@jest/globals'
import { guessTable, writeWeather } from '@rimbo/core'
import { readWeatherFile, startOf } from './weatherFile'

const fileOf = (text: string, name = 'weather.csv') => new File([text], name)
const ignore = () => undefined
const days = [
  { date: '2026-06-01', tempMaxC: 25, tempMinC: 12 },
  { date: '2026-06-02', tempMaxC: 27, tempMinC: 14 },
]

describe('a weather file that was chosen', () => {
  test('is known by its beginning, cut at a whole line', async () => {
    const long = `date,tmax,tmin\n${'2026-06-01,20,10\n'.repeat(4000)}`
    const { kind, beginning } = await startOf(fileOf(long))
    expect(kind).toBe('table')
    expect(beginning.endsWith('\n')).toBe(true)
    expect(beginning.length).toBeLessThan(long.length)
    await expect(startOf(fileOf('nothing of the kind'))).rejects.toMatchObject({
      code: 'unknownWeatherFile',
    })
  })
  test('that is too big to be read at once is refused before it is read', async () => {
    const file = fileOf('LOCATION,Somewhere\n')
    Object.defineProperty(file, 'size', { value: 3e9 })
    await expect(startOf(file)).rejects.toMatchObject({
      code: 'fileTooBig',
      params: { sizeMb: 3000, mostMb: 80 },
    })
  })
  test('of Rimbo’s own is read whole', async () => {
    const file = fileOf(writeWeather(days))
    const read = await readWeatherFile(file, 'own', undefined, undefined, ignore)
    expect(read?.days).toEqual(days)
  })
  test('of another kind inside is refused by name', async () => {
    const file = fileOf('date,tmax\n')
    const asked = (kind: 'epw' | 'ghcn') =>
      readWeatherFile(file, kind, undefined, undefined, ignore)
    await expect(asked('epw')).rejects.toMatchObject({ code: 'notEpw' })
    await expect(asked('ghcn')).rejects.toMatchObject({ code: 'notGhcn' })
  })
  test('a table is not read before its columns are known', async () => {
    const told = jest.fn<(share: number) => void>()
    const file = fileOf('date,tmax,tmin\n2026-06-01,20,10\n')
    expect(await readWeatherFile(file, 'table', undefined, undefined, told)).toBeUndefined()
    expect(told).not.toHaveBeenCalled()
    const { mapping } = guessTable('date,rain\n2026-06-01,3\n')
    await expect(readWeatherFile(file, 'table', mapping, undefined, told)).rejects.toMatchObject({
      code: 'columnMissing',
    })
  })
})
