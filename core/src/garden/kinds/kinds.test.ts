// What holds for every kind of record, whichever is added.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import type { z } from 'zod'
import { valid } from '../../../test/arbitrary'
import { demo } from '../../../test/demo'
import { recordsCsv, recordsFromCsv } from '..'
import { recordKinds, recordSchema, rulesOf, type GardenRecord } from '.'

const fileFormat = readFileSync(new URL('../../../../docs/file-format.md', import.meta.url), 'utf8')

/** Without fields that are empty: a table cannot tell them from missing ones. */
const told = (record: GardenRecord) =>
  Object.fromEntries(Object.entries(record).filter(([, value]) => value !== ''))

describe.each(recordKinds)('a record of kind %s', (kind) => {
  const { schema, detail } = rulesOf[kind]
  const anyOne = valid<GardenRecord>(schema as unknown as z.ZodType<GardenRecord>)

  test('comes back from its table as it was, every field of it', () =>
    fc.assert(
      fc.property(fc.uniqueArray(anyOne, { selector: ({ id }) => id, maxLength: 4 }), (records) => {
        const garden = { ...demo, records }
        const read = recordsFromCsv(recordsCsv(garden), garden, () => 'new')
        const sorted = [...records].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))
        expect(read.map(told)).toEqual(sorted.map(told))
      }),
      { numRuns: 50 },
    ))

  test('has an id, a moment, a pot and a note like every other', () =>
    expect(Object.keys(schema.shape)).toEqual(
      expect.arrayContaining(['id', 'at', 'containerId', 'note', 'kind']),
    ))

  test('names each of its detail fields once, and has them', () => {
    for (const field of detail?.fields ?? []) {
      expect(Object.keys(schema.shape)).toContain(field)
      expect(detail!.text.split(`{${field}}`)).toHaveLength(2)
    }
  })

  test('is told in the format of the file', () => expect(fileFormat).toContain(`\`${kind}\``))
})

describe('a table of records that was changed in a spreadsheet', () => {
  const read = (text: string) => recordsFromCsv(text, demo, () => 'fresh')
  test('columns in any order, semicolons, decimal commas, a line without an id', () =>
    expect(
      read('kind;container;date;time;mass_g;count\npick;F1;2026-06-18;08:30;412,5;3\n'),
    ).toEqual([
      {
        id: 'fresh',
        kind: 'pick',
        at: '2026-06-18T08:30',
        containerId: demo.containers.find(({ code }) => code === 'F1')!.id,
        massG: 412.5,
        count: 3,
      },
    ]))
  test.each([
    ['kind,date,time,mass_g\npick,2026-06-18,08:30,much\n', ['line', 2, 'massG']],
    ['kind,date,time\nnote,2026-06-18,08:00\nfly,2026-06-18,08:30\n', ['line', 3, 'kind']],
    ['kind,date,time\nnote,2026-06-18,08:00\n\nfly,2026-06-18,08:30\n', ['line', 4, 'kind']],
    ['kind,date,time,detail\nfinger,2026-06-18,08:30,soggy\n', ['line', 2, 'knuckle']],
    ['kind,date,time\nnote,18 June,08:30\n', ['line', 2, 'at']],
  ])('a fault is told at its line and field: %j', (text, path) => {
    try {
      read(text)
    } catch (error) {
      expect(error).toMatchObject({ code: 'recordsInvalid' })
      const { faults } = error as { faults: readonly { path: unknown }[] }
      expect(faults.map((one) => one.path)).toContainEqual(path)
      return
    }
    throw new Error('It was read')
  })
  test('what is no such table is refused', () =>
    expect(() => read('a,b\n1,2\n')).toThrow(expect.objectContaining({ code: 'noTable' })))
})

test('the demo’s own records go out and come back', () => {
  const read = recordsFromCsv(recordsCsv(demo), demo, () => 'new')
  const byId = (records: readonly GardenRecord[]) => new Map(records.map((one) => [one.id, one]))
  expect(byId(read)).toEqual(byId(demo.records))
  expect(recordSchema.options).toHaveLength(recordKinds.length)
})
