// Schemas look at numbers that no form would give: they find faults, and throw nothing.
import { expect, test } from '@jest/globals'
import { demo } from '../../test/demo'
import { containerTypes, typicalContainer } from '../container'
import { feedCatalogue } from '../feed'
import { ingredients } from '../mix'
import { listOf } from './fields'

/** Every number in a thing, by the way to it. */
function numbersIn(value: unknown, way: readonly (string | number)[] = []): (string | number)[][] {
  if (typeof value === 'number') return [[...way]]
  if (typeof value !== 'object' || value === null) return []
  return Object.entries(value).flatMap(([key, one]) =>
    numbersIn(one, [...way, Array.isArray(value) ? Number(key) : key]),
  )
}
/** A thing with another number at one place. */
function withNumber(
  value: unknown,
  [step, ...rest]: readonly (string | number)[],
  put: number,
): unknown {
  if (step === undefined) return put
  const next = withNumber((value as Record<string | number, unknown>)[step], rest, put)
  if (Array.isArray(value)) return value.map((one: unknown, at) => (at === step ? next : one))
  return { ...(value as object), [step]: next }
}

test('whatever number stands in a thing, its schema tells it in words and throws nothing', () => {
  /** One of each kind, lined. */
  const containers = containerTypes.map((type, at) => ({
    ...demo.containers[0]!,
    ...typicalContainer(type),
    type,
    linerMm: 20,
    id: `any-${at}`,
  }))
  const lists: Readonly<Record<string, readonly unknown[]>> = {
    ...(demo as unknown as Record<string, readonly unknown[]>),
    containers,
    ingredients: Object.values(ingredients).slice(0, 3),
    products: feedCatalogue.slice(0, 8),
    weather: demo.weather.slice(0, 3),
    records: Object.values(Object.fromEntries(demo.records.map((record) => [record.kind, record]))),
  }
  const thrown: string[] = []
  let tried = 0
  for (const [field, list] of Object.entries(lists)) {
    const schema = Array.isArray(list) ? listOf(field)?.of : undefined
    for (const thing of schema ? list : [])
      for (const way of numbersIn(thing))
        for (const put of [-5, -1e-9, 0, 1e9]) {
          tried++
          try {
            schema!.safeParse(withNumber(thing, way, put))
          } catch (error) {
            thrown.push(`${field}.${way.join('.')} ${put}: ${String(error)}`)
          }
        }
  }
  expect(thrown).toEqual([])
  expect(tried).toBeGreaterThan(1000)
})
