import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demoText } from '../../test/demo'
import { typicalContainer, containerTypes } from '../container'
import { catalogue } from '../plant'
import { ingredients, recipes } from '../mix'
import { InputError } from '../units'
import {
  GARDEN_VERSION,
  emptyGarden,
  foundRecords,
  lastRecords,
  measuredMixOf,
  newestFirst,
  gardenJsonSchema,
  nextCode,
  readGarden,
  recordsCsv,
  writeGarden,
  type Garden,
  type GardenRecord,
  type RecordsAsked,
} from '.'

const id = fc.stringMatching(/^[a-z0-9]{1,12}$/)
const words = fc
  .string({ minLength: 1, maxLength: 30 })
  .filter((text) => text.trim() === text && text !== '')
const day = fc
  .integer({ min: 0, max: 20_000 })
  .map((days) => new Date(Date.UTC(2001, 0, 1 + days)).toISOString().slice(0, 10))
const record: fc.Arbitrary<GardenRecord> = fc.oneof(
  fc.record({
    id,
    at: day.map((date) => `${date}T07:30`),
    containerId: id,
    kind: fc.constant('water' as const),
    volumeL: fc.double({ min: 0.01, max: 200, noNaN: true }),
    note: words,
  }),
  fc.record({
    id,
    at: day.map((date) => `${date}T19:05`),
    kind: fc.constant('finger' as const),
    knuckle: fc.constantFrom('first' as const, 'second' as const),
    feel: fc.constantFrom('dry' as const, 'moist' as const, 'wet' as const),
  }),
)
const garden: fc.Arbitrary<Garden> = fc
  .record({
    id,
    name: words,
    types: fc.array(fc.constantFrom(...containerTypes), { maxLength: 6 }),
    records: fc.uniqueArray(record, { maxLength: 8, selector: (one) => one.id }),
    days: fc.uniqueArray(day, { maxLength: 5 }),
    variety: fc.constantFrom(...catalogue),
    recipe: fc.constantFrom(...recipes),
  })
  .map(({ types, days, variety, recipe, records, ...named }) => ({
    ...emptyGarden(named.id, named.name, 'Balcony'),
    containers: types.map((type, index) => ({
      ...typicalContainer(type),
      id: `c${index}`,
      code: `C${index}`,
      name: 'Pot',
      type,
      spaceId: 'space-1',
      recipeId: recipe.id,
      mulchMm: 10,
      exposure: 'open' as const,
    })),
    plantings: types.map((_, index) => ({
      id: `p${index}`,
      containerId: `c${index}`,
      varietyId: variety.id,
      count: 1 + index,
      plantedOn: '2026-05-01',
    })),
    records,
    weather: days.map((date) => ({ date, tempMaxC: 25, tempMinC: 12, rainMm: 1.5 })),
  }))

const refusal = (text: string): InputError => {
  try {
    readGarden(text)
  } catch (error) {
    if (error instanceof InputError) return error
  }
  throw new Error('was not refused')
}
const changed = (
  change: (document: Record<string, unknown> & { containers: Record<string, unknown>[] }) => void,
) => {
  const document = JSON.parse(demoText) as Parameters<typeof change>[0]
  change(document)
  return JSON.stringify(document)
}

describe('a garden file', () => {
  test('what is written reads back the same', () => {
    fc.assert(
      fc.property(garden, (one) => expect(readGarden(writeGarden(one))).toEqual(one)),
      { numRuns: 60 },
    )
  })
  test('the demo reads, and has what it is described to have', () => {
    const demo = readGarden(demoText)
    expect(demo.containers).toHaveLength(16)
    expect(demo.clock).toBe('2026-06-18T07:30')
    expect(demo.records.at(-1)!.at < demo.clock!).toBe(true)
    expect(demo.records.some((one) => one.kind === 'sign' && one.sign === 'blossomEndRot')).toBe(
      true,
    )
    const picks = demo.records.filter((one) => one.kind === 'pick').map((one) => one.at)
    expect(picks.sort()[0]).toMatch(/^2025/)
    expect(picks.find((at) => at > '2026')!).toMatch(/^2026-06-12/)
  })
  test('fields of a later program survive a round trip, at every depth', () => {
    const text = changed((document) => {
      document['moonPhase'] = 'full'
      document.containers[0]!['glaze'] = { colour: 'blue' }
    })
    const again: unknown = JSON.parse(writeGarden(readGarden(text)))
    expect(again).toEqual(JSON.parse(text))
  })
})

test('the published JSON Schema is that of the code', () => {
  const path = new URL('../../../docs/rimbo-garden.schema.json', import.meta.url)
  expect(JSON.parse(readFileSync(path, 'utf8'))).toEqual(
    JSON.parse(JSON.stringify(gardenJsonSchema())),
  )
})

test('a file of version 1 is brought up: a box that lies becomes a flat bag', () => {
  const first = JSON.parse(demoText) as { containers: Record<string, unknown>[] }
  const asItWas = {
    ...first,
    version: 1,
    arrangement: undefined,
    containers: first.containers.map(({ rings: _rings, standing: _standing, ...one }) =>
      one['type'] === 'flatBag' ? { ...one, type: 'box' } : one,
    ),
  }
  const read = readGarden(JSON.stringify(asItWas))
  expect(read.version).toBe(GARDEN_VERSION)
  const typeOf = (id: string) => read.containers.find((one) => one.id === id)!.type
  expect([typeOf('l1'), typeOf('b1')]).toEqual(['flatBag', 'pot'])
})

test('a file of version 2 is brought up: a measured shrinkage becomes the test it came from', () => {
  const third = JSON.parse(demoText) as Record<string, unknown> & { settings: object }
  const { ingredients: _, mixTests: ___, ...rest } = third
  const settings = {
    unitSystem: 'us',
    measures: { handfulMl: 33, canL: 8 },
    shrinkShares: { thirds: 0.12 },
    kept: 'unknown fields stay',
  }
  const read = readGarden(JSON.stringify({ ...rest, version: 2, settings }))
  expect(read.settings.measures).toEqual({ handfulMl: 33, canL: 8, scoopL: 5, tubL: 60 })
  expect(read.settings).toMatchObject({ unitSystem: 'us', kept: 'unknown fields stay' })
  expect('shrinkShares' in read.settings).toBe(false)
  expect(measuredMixOf(read, 'thirds').shrinkShare).toBeCloseTo(0.12, 12)
  expect(read.ingredients).toEqual([])
})

test('a file of version 5 is brought up: an empty shelf, tap water, and its records stay', () => {
  const { products, feedPlans, settings, ...fifth } = JSON.parse(demoText) as Record<
    string,
    Record<string, unknown>
  >
  expect([products, feedPlans].every(Boolean)).toBe(true)
  const { water, ...older } = settings!
  expect(water).toBeDefined()
  const read = readGarden(JSON.stringify({ ...fifth, version: 5, settings: older }))
  expect(read).toMatchObject({ version: GARDEN_VERSION, products: [], feedPlans: {} })
  expect(read.settings.water.kind).toBe('tap')
  expect(read.records).toEqual(readGarden(demoText).records)
})

test('a plan for a feed that is not known is refused at its pot', () => {
  const document = JSON.parse(demoText) as { feedPlans: Record<string, object> }
  document.feedPlans['b1'] = { programmeId: 'weekly', productId: 'moondust' }
  expect(refusal(JSON.stringify(document)).faults[0]).toMatchObject({
    code: 'unknownReference',
    path: ['feedPlans', 'b1', 'productId'],
  })
})

test('a broken file of version 2 is refused at its field, not mended by guessing', () => {
  const third = JSON.parse(demoText) as Record<string, unknown>
  const second = (settings: unknown) => JSON.stringify({ ...third, version: 2, settings })
  const paths = (text: string) => refusal(text).faults.map(({ path }) => path.join('.'))
  expect(paths(second(undefined))).toContain('settings')
  expect(paths(second({ unitSystem: 'metric', measures: 'none' }))).toContain('settings.measures')
  const halved = { unitSystem: 'metric', measures: {}, shrinkShares: { thirds: 0.7 } }
  expect(paths(second(halved))).toContain('mixTests.0.mixedL')
})

test('an ingredient of one’s own can stand in a recipe, and is known by its id', () => {
  const own = { ...ingredients['compost'], id: 'stable', name: 'Stable compost' }
  const recipe = { id: 'mine', name: 'Mine', parts: [{ ingredientId: 'stable', parts: 1 }] }
  const document = changed((file) => {
    file['ingredients'] = [own]
    file['recipes'] = [recipe]
  })
  expect(readGarden(document).ingredients[0]).toMatchObject({ name: 'Stable compost' })
  const twice = changed((file) => (file['ingredients'] = [own, own]))
  expect(refusal(twice).faults).toMatchObject([{ path: ['ingredients', 1, 'id'] }])
})

test('a recipe that asks for what nobody has is named with its place', () => {
  const recipe = {
    id: 'odd',
    parts: [{ ingredientId: 'gold', parts: 1 }],
    amendments: [{ productId: 'dust', amount: 1, unit: 'gramsPerLitre' }],
  }
  expect(refusal(changed((document) => (document['recipes'] = [recipe]))).faults).toMatchObject([
    { path: ['recipes', 0, 'parts', 0, 'ingredientId'], params: { given: 'gold' } },
    { path: ['recipes', 0, 'amendments', 0, 'productId'], params: { given: 'dust' } },
  ])
})

describe('a file is refused', () => {
  test('that is no JSON, or JSON of something else', () => {
    expect(refusal('date,rain\n').code).toBe('notJson')
    expect(refusal(demoText.slice(0, 5000)).code).toBe('notJson')
    expect(refusal('[]').code).toBe('notAGarden')
    expect(refusal('{"format":"other"}').code).toBe('notAGarden')
  })
  test('from a later version, politely', () => {
    expect(
      refusal(changed((document) => (document['version'] = GARDEN_VERSION + 1))),
    ).toMatchObject({
      code: 'newerVersion',
      params: { given: GARDEN_VERSION + 1, known: GARDEN_VERSION },
    })
  })
  test.each([
    [
      'a shape',
      (one: Record<string, unknown>) =>
        (one['shape'] = {
          kind: 'round',
          topDiameterMm: 30000,
          bottomDiameterMm: 200,
          heightMm: 300,
        }),
      ['containers', 0, 'shape', 'topDiameterMm'],
      'tooBig',
    ],
    [
      'a fill',
      (one: Record<string, unknown>) => (one['fillMm'] = 999),
      ['containers', 0, 'fillMm'],
      'fillOverRim',
    ],
    [
      'a missing name',
      (one: Record<string, unknown>) => delete one['name'],
      ['containers', 0, 'name'],
      'wrongType',
    ],
    [
      'a space there is not',
      (one: Record<string, unknown>) => (one['spaceId'] = 'roof'),
      ['containers', 0, 'spaceId'],
      'unknownReference',
    ],
  ])('for %s, and says where', (_, change, path, code) => {
    const error = refusal(changed((document) => void change(document.containers[0]!)))
    expect(error.code).toBe('gardenInvalid')
    expect(error.faults).toContainEqual(expect.objectContaining({ path, code }))
  })
  test('for an id that stands twice', () => {
    const text = changed((document) => document.containers.push(document.containers[0]!))
    expect(refusal(text).faults[0]).toMatchObject({
      path: ['containers', 16, 'id'],
      code: 'repeatedId',
    })
  })
})

describe('records as CSV', () => {
  const base = readGarden(demoText)
  test('one header, one line a record, oldest first, lines ended as RFC 4180 says', () => {
    const lines = recordsCsv(base).split('\r\n')
    expect(lines[0]).toBe(
      'date,time,container,kind,volume_l,mass_g,count,variety,product,detail,note,' +
        'mass_kg,height_mm,moisture_share,depth_mm,temp_c,ec_ds_m,planting,id,item,amount,unit,' +
        'rolled_mm,recipe,fill_mm,reused_share,from_container,compost_l,products,buried_mm,' +
        'is_laid_sideways,was_root_bound,space,standing,is_indoors,share,from,where,interval_days,waste_g,waste_why,ripeness,' +
        'ph,text,moved_to,own_job,use_by,opened_on,signs,absent,struck,outcome,photo,width_px,height_px,bytes,check,price,shop,earlier',
    )
    expect(lines).toHaveLength(base.records.length + 1)
    expect(lines[1]).toMatch(/^2025-04-12,10:00,,buy,/)
  })
  test('a note that a spreadsheet would run is defused, quotes are doubled', () => {
    const note = '=HYPERLINK("x")'
    const records: GardenRecord[] = [
      { id: 'r', at: '2026-06-18T08:00', containerId: 'b1', kind: 'note', note },
    ]
    expect(recordsCsv({ ...base, records }).split('\r\n')[1]).toMatch(
      /^2026-06-18,08:00,B1,note,,,,,,,"'=HYPERLINK\(""x""\)",,,,,,,,r,+$/,
    )
  })
})

test('a copy gets the next free short name', () => {
  const containers = ['K1', 'K2', 'K4', 'B1'].map((code) => ({ code })) as Garden['containers']
  expect(nextCode({ containers }, 'K1')).toBe('K3')
  expect(nextCode({ containers }, 'B1')).toBe('B2')
  // A short name has room for six: the number takes the place of its end.
  expect(nextCode({ containers }, 'BASILS')).toBe('BASIL1')
})

test('records come newest first, of one minute the last written', () => {
  const record = (id: string, at: string): GardenRecord => ({
    id,
    at,
    containerId: 'c',
    kind: 'note',
  })
  const records = [
    record('b', '2026-06-02T07:30'),
    record('a', '2026-06-01T07:30'),
    record('c', '2026-06-02T07:30'),
  ]
  expect(newestFirst({ records }).map(({ id }) => id)).toEqual(['c', 'b', 'a'])
  const other = { ...record('d', '2026-06-09T07:30'), containerId: 'other' }
  expect(lastRecords({ records: [...records, other] }, 'c', 2).map(({ id }) => id)).toEqual([
    'c',
    'b',
  ])
  expect(records.map(({ id }) => id)).toEqual(['b', 'a', 'c'])
  const watered: GardenRecord = { ...record('w', '2026-06-03T07:30'), kind: 'water', volumeL: 2 }
  const found = (asked: RecordsAsked) =>
    foundRecords({ records: [...records, other, watered] }, asked).map(({ id }) => id)
  expect(found({})).toEqual(['d', 'w', 'c', 'b', 'a'])
  expect(found({ kind: 'note', containerId: 'c' })).toEqual(['c', 'b', 'a'])
  expect(found({ kind: 'water' })).toEqual(['w'])
})
