import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { gardenToday, readGarden, recordKinds, recordSchema } from '@rimbo/core'
import { nurseryForms, recordForms } from './forms'

const demo = readGarden(
  readFileSync(new URL('../../../demo/port-maren.rimbo.json', import.meta.url), 'utf8'),
)
const { pots } = gardenToday(demo, demo.clock!)
/** Recorded where they happen: the can, the feed, a test, a planting, what was seen of a plant. */
const ELSEWHERE = [
  ...['water', 'skipWater', 'feed', 'finger', 'plant', 'height', 'weigh', 'drained', 'probe'],
  ...['firstFlower', 'firstRipe', 'count', 'did', 'check', 'photo', 'buy'],
]

test('every kind of record can be made on screen', () => {
  const made = [...recordForms, ...nurseryForms].map(({ kind }) => kind as string)
  expect([...made, ...ELSEWHERE].sort()).toEqual([...recordKinds].sort())
})

describe.each(recordForms)('the form of $kind', ({ kind, fields, usual, also }) => {
  test('asks for fields that its record has', () => {
    const shape = recordSchema.options.find((one) => one.shape.kind.value === kind)!.shape
    for (const { field } of fields) expect(Object.keys(shape)).toContain(field)
  })
  test('is right as it stands, or lacks only what nobody can guess', () => {
    const asked = { lime: { massG: 20 } } as Readonly<Record<string, object>>
    for (const pot of pots) {
      const values = { ...usual?.(pot), ...asked[kind] }
      const record = { ...values, ...also?.(values, pot) }
      const every = { id: 'r', at: demo.clock, containerId: pot.container.id, kind }
      expect(recordSchema.safeParse({ ...every, ...record }).error?.issues ?? []).toEqual([])
    }
  })
})

test('a pot that comes in and goes out again in its own space keeps its place on the plan', () => {
  const move = recordForms.find(({ kind }) => kind === 'move')!
  const pot = pots.find(({ container }) => container.standing)!
  const { spaceId, standing } = pot.container
  expect(move.also!({ spaceId }, pot)).toEqual({ standing })
  expect(move.also!({ spaceId: 'another' }, pot)).toEqual({})
})
