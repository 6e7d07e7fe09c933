// Words of jobs and ways, over the seasons of gardens in several climates.
import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import {
  addDays,
  jobKinds,
  jobsBetween,
  jobTools,
  ownJobMeasures,
  plantingCard,
  plantingSteps,
  readGarden,
  wayChoices,
  wayKeys,
  type Garden,
  type Reason,
} from '@rimbo/core'
import { messages } from '.'

const words: unknown = messages.en
const at = (path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((found, step) => (found as Record<string, unknown> | undefined)?.[step], words)

const demo = readGarden(
  readFileSync(new URL('../../../demo/port-maren.rimbo.json', import.meta.url), 'utf8'),
)
const today = demo.clock!.slice(0, 10)
const shelf = demo.records.filter(({ kind }) => kind === 'count')
const [first] = demo.containers

/** Gardens in which much happens: a heat wave, frost, storms, old pots, plants to come. */
function gardens(): readonly (readonly [Garden, string])[] {
  const weather = (changed: (day: number) => object) =>
    demo.weather.map((one) => {
      const day = Math.round((Date.parse(one.date) - Date.parse(today)) / 86_400_000)
      return day < 0 ? one : { ...one, ...changed(day) }
    })
  const record = (kind: string, more: object = {}) =>
    ({ id: `x-${kind}`, at: `${today}T06:00`, containerId: first!.id, kind, ...more }) as never
  const toCome = {
    ...demo,
    records: shelf,
    plantings: demo.plantings.map((one) => ({ ...one, plantedOn: '2026-05-20' })),
  }
  return [
    [demo, demo.clock!],
    [demo, `${addDays(today, 80)}T08:00`],
    [demo, `${addDays(today, 170)}T08:00`],
    [toCome, '2026-02-20T08:00'],
    [toCome, '2026-05-20T08:00'],
    [{ ...demo, weather: weather(() => ({ tempMaxC: 38, windMS: 3 })) }, demo.clock!],
    [{ ...demo, weather: weather(() => ({ tempMinC: -2, tempMaxC: 8, windMS: 14 })) }, demo.clock!],
    [{ ...demo, weather: weather(() => ({ rainMm: 12, windMS: 9 })) }, demo.clock!],
    [
      {
        ...demo,
        ways: {
          garden: {
            sideShoots: 'none',
            strip: 'cut',
            calcium: 'at024',
            epsom: 'inPots',
            copper: 'byLabel',
            support: 'string',
            mulch: 'grass',
            stopAt: 4,
          },
        },
        records: [
          ...demo.records,
          record('lime', { massG: 20 }),
          record('spray', { intervalDays: 7 }),
          record('shade', { share: 0.4 }),
          record('cover', { cover: 'fleece' }),
          record('move', { spaceId: first!.spaceId, isIndoors: true }),
          record('remove', { plantingId: 'plant-k1', why: 'disease' }),
        ],
      },
      demo.clock!,
    ],
  ]
}

describe('jobs', () => {
  const jobs = gardens().flatMap(([garden, now]) =>
    jobsBetween(garden, now, now.slice(0, 10), addDays(now.slice(0, 10), 60)),
  )
  const cards = demo.plantings.flatMap(({ id }) => plantingCard(demo, id, today).cautions)
  const reasons = new Map<string, Reason>(
    [
      ...jobs.flatMap((job) => [...job.reasons, ...job.cautions, ...(job.held ? [job.held] : [])]),
      ...cards,
    ].map((one) => [one.code, one]),
  )
  test('of most kinds are there to find words for', () =>
    expect(new Set(jobs.map(({ kind }) => kind)).size).toBeGreaterThan(jobKinds.length * 0.7))
  test.each([...reasons])(
    'the reason %s is in words, naming no number that it does not carry',
    (code, one) => {
      const text = at(`reason.${code}`)
      expect([code, typeof text]).toEqual([code, 'string'])
      const named = [...String(text).matchAll(/\{(\w+)\}/g)].map((match) => match[1]!)
      expect(Object.keys(one.params)).toEqual(expect.arrayContaining(named))
    },
  )
  test.each([
    ['job', jobKinds],
    ['string.job', jobKinds],
    ['tool', jobTools],
    ['step', plantingSteps],
    ['days.what', ownJobMeasures],
    ['did', ['hardenOff', 'turn', 'lastFeed', 'own']],
  ] as const)('for every %s', (catalogue, ids) => {
    for (const id of ids) expect([id, typeof at(`${catalogue}.${id}`)]).toEqual([id, 'string'])
  })
})

test.each(wayKeys)(
  'the question %s has its words, and each answer its name and what speaks for it',
  (key) => {
    expect(typeof at(`way.${key}.title`)).toBe('string')
    const names = { school: 'school', mulch: 'mulchMaterial' }[key as string] ?? `way.${key}.choice`
    for (const choice of wayChoices[key]) {
      const isCount = key === 'stopAt' && typeof choice === 'number'
      expect([choice, typeof at(isCount ? 'ways.trusses' : `${names}.${choice}`)]).toEqual([
        choice,
        'string',
      ])
      expect([choice, typeof at(`way.${key}.why.${isCount ? 'number' : choice}`)]).toEqual([
        choice,
        'string',
      ])
    }
  },
)
