// A change of a garden: taken apart, done again, taken back; refused where it could not be read back; put upon what others have written.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demo } from '../../test/demo'
import { anyGarden } from '../../test/anyGarden'
import { InputError } from '../units'
import {
  changeBetween,
  emptyGarden,
  inverseOf,
  keepIn,
  readGarden,
  requireReadable,
  withChange,
  withTouched,
  writeGarden,
  type Garden,
} from '.'

const RUNS = { numRuns: 12 }

describe('what is different between two gardens', () => {
  test('leads from any one to any other, and back', () =>
    fc.assert(
      fc.property(anyGarden, anyGarden, (one, other) => {
        const change = changeBetween(one, other)
        expect(withChange(one, change)).toEqual(other)
        expect(withChange(other, inverseOf(change))).toEqual(one)
        expect(changeBetween(one, one)).toEqual([])
      }),
      RUNS,
    ))
  test('of one record among many is that record', () => {
    const [first, ...rest] = demo.records
    const change = changeBetween(demo, { ...demo, records: rest })
    expect(change).toEqual([{ field: 'records', at: 0, removed: [first], added: [] }])
  })
  test('finds its records again in another order, as they are after they were stored', () => {
    const added = { ...demo.records[0]!, id: 'new', at: '2026-01-01T08:00' }
    const after = { ...demo, records: [...demo.records, added] }
    const change = changeBetween(demo, after)
    const sorted = { ...after, records: [added, ...demo.records] }
    expect(withChange(sorted, inverseOf(change)).records).toEqual(demo.records)
  })
})

describe('the gate', () => {
  const refusal = (before: Garden, after: Garden): InputError | undefined => {
    try {
      requireReadable(before, after, changeBetween(before, after))
      return undefined
    } catch (error) {
      if (error instanceof InputError) return error
      throw error
    }
  }

  /** A garden with one value somewhere in it exchanged for another. */
  function tampered(garden: Garden, steps: readonly number[], value: unknown): Garden {
    const copy = structuredClone(garden) as unknown as Record<string, unknown>
    let at: Record<string, unknown> = copy
    for (const step of steps) {
      const keys = Object.keys(at).filter((key) => at !== copy || !/format|version|^id$/.test(key))
      const key = keys[step % Math.max(1, keys.length)]
      if (key === undefined) break
      const next = at[key]
      if (typeof next !== 'object' || next === null || step === steps.at(-1)) {
        at[key] = value
        break
      }
      at = next as Record<string, unknown>
    }
    return copy as unknown as Garden
  }
  const oddValue = fc.constantFrom<unknown>(
    500,
    1e9,
    -1,
    0,
    0.5,
    NaN,
    Infinity,
    '',
    ' ',
    'x'.repeat(81),
    'x'.repeat(3000),
    'b1',
    '2026-02-30',
    null,
    undefined,
    [],
    {},
    true,
  )

  test('whatever passes it can be written to a file and read back', () => {
    let refused = 0
    const path = fc.array(fc.nat(30), { minLength: 2, maxLength: 6 })
    // As a file brings it: a key that no object can have got another name by then.
    const asRead = anyGarden.map((garden) => readGarden(writeGarden(garden)))
    fc.assert(
      fc.property(
        fc.oneof({ weight: 4, arbitrary: fc.constant(demo) }, { weight: 1, arbitrary: asRead }),
        path,
        oddValue,
        (garden, steps, value) => {
          const next = tampered(garden, steps, value)
          if (refusal(garden, next)) refused++
          else expect(() => readGarden(writeGarden(next))).not.toThrow()
        },
      ),
      { numRuns: 150 },
    )
    // Both happen: a gate that lets nothing through would pass as well.
    expect(refused).toBeGreaterThan(20)
    expect(refused).toBeLessThan(140)
  })
  test('names the field and its limit', () => {
    const water = { id: 'w', at: '2026-06-18T07:30', kind: 'water' as const, containerId: 'b1' }
    const after = { ...demo, records: [...demo.records, { ...water, volumeL: 500 }] }
    expect(refusal(demo, after)).toMatchObject({
      code: 'refused',
      faults: [
        {
          path: ['records', demo.records.length, 'volumeL'],
          code: 'tooBig',
          params: { limit: 200, given: '500' },
        },
      ],
    })
  })
  test('holds between things: no id twice, no name of what is not there, not too many', () => {
    const pot = demo.containers[0]!
    expect(refusal(demo, { ...demo, containers: [...demo.containers, pot] })?.faults[0]?.code).toBe(
      'repeatedId',
    )
    const others = demo.containers.filter(({ id }) => id !== pot.id)
    const codes = refusal(demo, { ...demo, containers: others })?.faults.map(({ code }) => code)
    expect(new Set(codes)).toEqual(new Set(['unknownReference']))
    const spaces = Array.from({ length: 51 }, (_, index) => ({
      ...demo.spaces[0]!,
      id: `s${index}`,
    }))
    expect(
      refusal(demo, { ...demo, spaces: [...demo.spaces, ...spaces] })?.faults[0],
    ).toMatchObject({ path: ['spaces'], code: 'tooBig' })
  })
  test('what was wrong before does not stop another change', () => {
    const broken = {
      ...demo,
      varieties: [],
      plantings: [{ ...demo.plantings[0]!, varietyId: 'gone' }],
    }
    expect(refusal(broken, { ...broken, name: 'Still mine' })).toBeUndefined()
    const moved = { ...broken, plantings: [demo.plantings[1]!, ...broken.plantings] }
    expect(refusal(broken, moved)).toBeUndefined()
  })
})

describe('what a form has touched', () => {
  const pot = demo.containers.find(({ shape }) => shape.kind === 'round')!

  test('is put upon what another has written in the meantime', () => {
    const elsewhere = { ...pot, name: 'Renamed elsewhere', mulchMm: 40 }
    const edited = { ...pot, code: 'Z9', shape: { ...pot.shape, heightMm: 333 } }
    expect(withTouched(elsewhere, pot, edited)).toEqual({
      ...elsewhere,
      code: 'Z9',
      shape: edited.shape,
    })
  })
  test('a field emptied is emptied, one that only lost its last digit is not touched', () => {
    const start = { id: 'x', note: 'old', heightMm: 301.5, depth: { a: 1, b: 2 } }
    const stored = { ...start, heightMm: 280 }
    const edited = { id: 'x', heightMm: 301.5 + 1e-10, depth: { a: 1, b: 3 } }
    expect(withTouched<object>(stored, start, edited)).toEqual({
      id: 'x',
      heightMm: 280,
      depth: { a: 1, b: 3 },
    })
  })
  test('another kind of shape is another shape, none of the old one’s sizes left in it', () => {
    const box = { kind: 'rectangular', topLengthMm: 500, topWidthMm: 200 }
    const edited = { ...pot, shape: box as unknown as typeof pot.shape }
    expect(withTouched({ ...pot, name: 'There' }, pot, edited).shape).toEqual(box)
  })
  test('is refused for a thing that is gone; a new one goes to the end', () => {
    const { containers } = emptyGarden('g', 'Mine', 'Here')
    expect(() => keepIn(containers, pot, pot, false)).toThrow(InputError)
    expect(containers).toEqual([])
    keepIn(containers, pot, undefined, true)
    expect(containers).toEqual([pot])
  })
})
