// What a file may hold and what it may not, and every record in the book that is taken out.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demoText } from '../../test/demo'
import Papa from 'papaparse'
import { valid } from '../../test/arbitrary'
import { InputError } from '../units'
import { readGarden, recordsCsv, recordSchema, writeGarden, type GardenRecord } from '.'

const base = readGarden(demoText)

describe('what a file may hold', () => {
  const withDocument = (change: (document: Record<string, unknown>) => void) => {
    const document = JSON.parse(demoText) as Record<string, unknown>
    change(document)
    return JSON.stringify(document)
  }
  const codesOf = (text: string) => {
    try {
      readGarden(text)
      return []
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      const { code, faults } = error
      return [code, ...faults.map((fault) => `${fault.code} ${fault.path.join('.')}`)]
    }
  }
  test('nested deeper than any garden is refused, and what is read can be written', () => {
    const nested = (levels: number) => '['.repeat(levels) + ']'.repeat(levels)
    const text = (levels: number) => demoText.replace('{', `{ "later": ${nested(levels)},`)
    expect(codesOf(text(100_000))).toEqual(['nestedTooDeep'])
    expect(() => writeGarden(readGarden(text(60)))).not.toThrow()
  })
  test('a container may be called what objects inherit, and keeps its plan', () => {
    for (const id of ['constructor', 'toString', 'hasOwnProperty', '__proto__']) {
      const text = demoText.replaceAll('"k1"', JSON.stringify(id))
      const garden = readGarden(text)
      const kept = garden.containers.find(({ code }) => code === 'K1')!
      expect(Object.hasOwn(garden.feedPlans, kept.id)).toBe(true)
      expect(garden.plantings.some(({ containerId }) => containerId === kept.id)).toBe(true)
      expect(readGarden(writeGarden(garden))).toEqual(garden)
    }
  })
  test('whatever stands in a file of whatever version, it is read or refused in words', () => {
    const odd = fc.oneof(
      fc.constantFrom<unknown>(null, 0, -1, '', [], {}, [null], [[]], [{}], { a: null }, true),
      fc.jsonValue({ maxDepth: 3 }),
    )
    const fields = fc.constantFrom(...Object.keys(base), 'normals', 'arrangement')
    fc.assert(
      fc.property(fc.dictionary(fields, odd), fc.integer({ min: 0, max: 8 }), (put, version) => {
        const text = withDocument((document) => Object.assign(document, put, { version }))
        // What is not refused in words is thrown out of here.
        expect(() => codesOf(text)).not.toThrow()
      }),
      { numRuns: 300 },
    )
  })
  test('an outline of no corners is a fault at its field', () =>
    expect(
      codesOf(
        withDocument((document) => {
          const [space] = document['spaces'] as { plan: { corners: unknown[] } }[]
          space!.plan.corners = []
        }),
      ),
    ).toContain('tooSmall spaces.0.plan.corners'))
})

describe('the book as CSV', () => {
  test('every field of every kind of record is in its line', () =>
    fc.assert(
      fc.property(valid<GardenRecord>(recordSchema), (record) => {
        const [header, line] = Papa.parse<string[]>(recordsCsv({ ...base, records: [record] })).data
        const cells = new Set(line)
        expect(line).toHaveLength(header!.length)
        const told = (value: unknown) => (typeof value === 'string' ? value : JSON.stringify(value))
        for (const [field, value] of Object.entries(record))
          if (!['at', 'containerId', 'reason', 'feel', 'knuckle', 'sign'].includes(field))
            expect([field, cells.has(told(value)) || cells.has(`'${told(value)}`)]).toEqual([
              field,
              true,
            ])
      }),
    ))
})
