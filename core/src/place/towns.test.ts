import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { InputError } from '../units'
import { findTowns, foldTown, readTowns } from './towns'

const text = readFileSync(new URL('../../../web/src/data/towns.txt', import.meta.url), 'utf8')
const towns = readTowns(text)
const first = (typed: string, region?: string) => findTowns(towns, typed, 1, region)[0]

describe('the list of towns', () => {
  test('knows where towns lie, and which of them feel the sea (atlas, from memory)', () => {
    expect(first('hull', 'GB')).toMatchObject({ name: 'Kingston upon Hull', coastal: true })
    expect(first('phoenix')).toMatchObject({ country: 'US', state: 'AZ', coastal: false })
    const adelaide = first('adelaide')!
    expect(adelaide.latitudeDeg).toBeCloseTo(-34.9, 1)
    expect(adelaide.longitudeDeg).toBeCloseTo(138.6, 1)
    expect(first('la paz')!.elevationM).toBeGreaterThan(3000)
    expect(first('madrid')!.elevationM).toBeGreaterThan(550)
  })
  test.each([
    ['munchen', 'Munich'],
    ['MÜNCHEN', 'Munich'],
    ['lodz', 'Łódź'],
    ['den haag', 'The Hague'],
    ['sao pau', 'São Paulo'],
  ])('finds %s by its name, with or without marks', (typed, name) =>
    expect(first(typed)?.name).toBe(name),
  )
  test('tells towns of one name apart by what follows the comma, and takes the near one first', () => {
    expect(first('springfield, il')).toMatchObject({ state: 'IL' })
    expect(first('london')!.country).toBe('GB')
    expect(first('london, ca')!.country).toBe('CA')
    expect(first('perth', 'GB')!.country).toBe('GB')
    expect(first('perth', 'AU')!.country).toBe('AU')
  })
  test('finds nothing where nothing is, and never stumbles over what is typed', () => {
    expect(findTowns(towns, 'qqqq', 5)).toEqual([])
    expect(findTowns(towns, ' , ', 5)).toEqual([])
    fc.assert(
      fc.property(fc.string(), (typed) => {
        for (const town of findTowns(towns, typed, 3))
          expect(
            [town.name, ...town.otherNames].some((name) =>
              ` ${foldTown(name)}`.includes(` ${foldTown(typed.split(',')[0]!)}`),
            ),
          ).toBe(true)
      }),
      { numRuns: 60 },
    )
  })
  test('what is no list is refused', () => expect(() => readTowns('<html>')).toThrow(InputError))
  test('all of them lie where Rimbo can reckon', () => {
    for (const line of towns.lines) {
      const [, , country, , lat, lon] = line.split('|')
      expect(country).toMatch(/^[A-Z]{2}$/)
      expect(Math.abs(Number(lat))).toBeLessThanOrEqual(66)
      expect(Math.abs(Number(lon))).toBeLessThanOrEqual(180)
    }
  })
})
