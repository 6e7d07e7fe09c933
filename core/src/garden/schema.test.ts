import { describe, expect, test } from '@jest/globals'
import { faultsOf } from '../units'
import { emptyGarden, gardenSchema, plantingSchema, recordSchema, settingsSchema } from '.'

const fields = (result: { error?: Parameters<typeof faultsOf>[0] | undefined }) =>
  result.error ? faultsOf(result.error).map((fault) => [fault.path.join('.'), fault.code]) : []

describe('a garden', () => {
  test('that is new is valid, and has a place to stand and nothing in it', () => {
    const garden = emptyGarden('g', 'Mine', 'Balcony')
    expect(fields(gardenSchema.safeParse(garden))).toEqual([])
    expect(garden.containers).toEqual([])
  })
  test('needs at least one space', () => {
    const garden = { ...emptyGarden('g', 'Mine', 'Balcony'), spaces: [] }
    expect(fields(gardenSchema.safeParse(garden))).toEqual([['spaces', 'tooSmall']])
  })
  test('keeps a record whose container is gone', () => {
    const record = {
      id: 'r',
      at: '2026-06-01T07:00',
      containerId: 'gone',
      kind: 'water',
      volumeL: 2,
    }
    const garden = { ...emptyGarden('g', 'Mine', 'Balcony'), records: [record] }
    expect(gardenSchema.safeParse(garden).success).toBe(true)
  })
})

describe('records', () => {
  const record = { id: 'r', at: '2026-06-18T07:30', containerId: 'c' }
  test.each([
    [{ ...record, kind: 'water', volumeL: 2.5 }],
    [{ ...record, kind: 'skipWater', reason: 'rain' }],
    [{ ...record, kind: 'feed', productId: 'boneMeal', massG: 30 }],
    [{ ...record, kind: 'finger', knuckle: 'second', feel: 'dry' }],
    [{ ...record, kind: 'pick', count: 3, massG: 120 }],
    [{ ...record, kind: 'sign', sign: 'wilting', note: 'at noon' }],
    [{ id: 'r', at: '2026-03-01T10:00', kind: 'sow', varietyId: 'stupice', count: 6 }],
  ])('%j is one', (given) => expect(fields(recordSchema.safeParse(given))).toEqual([]))

  test.each([
    ['no water', { ...record, kind: 'water', volumeL: 0 }, 'volumeL', 'tooSmall'],
    ['a flood', { ...record, kind: 'water', volumeL: 5000 }, 'volumeL', 'tooBig'],
    [
      'half a plant',
      { ...record, kind: 'plant', varietyId: 'v', count: 0.5 },
      'count',
      'wrongType',
    ],
    ['a date there is not', { ...record, at: '2026-02-30T07:30', kind: 'note' }, 'at', 'badDate'],
    [
      'a date out of range',
      { ...record, at: '1926-02-20T07:30', kind: 'note' },
      'at',
      'dateOutOfRange',
    ],
    [
      'another feel',
      { ...record, kind: 'finger', knuckle: 'third', feel: 'dry' },
      'knuckle',
      'notAllowed',
    ],
    ['an unknown kind', { ...record, kind: 'sing' }, 'kind', 'notAllowed'],
  ])('%s is refused at its field', (_, given, field, code) => {
    expect(fields(recordSchema.safeParse(given, { reportInput: true }))).toContainEqual([
      field,
      code,
    ])
  })
})

test('plantings and settings hold to their limits', () => {
  const planting = { id: 'p', containerId: 'c', varietyId: 'v', count: 1, plantedOn: '2026-05-01' }
  expect(fields(plantingSchema.safeParse(planting))).toEqual([])
  expect(fields(plantingSchema.safeParse({ ...planting, count: 61 }))).toEqual([
    ['count', 'tooBig'],
  ])
  expect(fields(plantingSchema.safeParse({ ...planting, plantedOn: '1.5.2026' }))).toEqual([
    ['plantedOn', 'badDate'],
  ])
  const settings = {
    unitSystem: 'metric',
    measures: { canL: 10, handfulMl: 40, scoopL: 5, tubL: 1 },
    currency: 'euro',
    baggedMix: { looseL: 40, price: -1 },
    water: { kind: 'tap', ecDsM: 11, caMgL: 60, mgMgL: 10 },
  }
  expect(fields(settingsSchema.safeParse(settings))).toEqual([
    ['measures.tubL', 'tooSmall'],
    ['currency', 'badFormat'],
    ['baggedMix.price', 'tooSmall'],
    ['water.ecDsM', 'tooBig'],
  ])
})
