import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import {
  catalogue,
  containerTypes,
  exposures,
  feels,
  gardenToday,
  habitClasses,
  ingredients,
  judgeFit,
  judgeLabel,
  knuckles,
  materials,
  mixPlan,
  readGarden,
  readLabel,
  recipes,
  schoolIds,
  signs,
  skipReasons,
  starterProducts,
  typicalContainer,
  unitSystems,
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

/** Reasons as they come from the core, over every kind of garden a gardener may make. */
function everyReason(): Reason[] {
  const bare = {
    ...demo,
    weather: demo.weather.map(({ date }) => ({ date, tempMaxC: 30, tempMinC: 14, rainMm: 3 })),
  }
  const days = [demo, bare].map((garden) => gardenToday(garden, demo.clock!))
  const pots = days.flatMap((day) => day.pots)
  const containers = containerTypes.map((type) => ({
    ...demo.containers[0]!,
    ...typicalContainer(type),
    type,
  }))
  const fits = [...containers, ...demo.containers].flatMap((container) =>
    catalogue.flatMap((variety) =>
      [1, 2, 4].flatMap((count) =>
        schoolIds.flatMap((school) => judgeFit({ variety, container, count, school }).reasons),
      ),
    ),
  )
  const labels = ['19 l', '25 l', '12 l', '#7', '#10', '7 gal'].flatMap((text) =>
    [19, 24, 40].flatMap((rimL) => judgeLabel(readLabel(text, 'us'), rimL)?.reasons ?? []),
  )
  const doses = starterProducts.flatMap((product) =>
    recipes.flatMap(({ id }) =>
      mixPlan(demo, pots.slice(0, 2), id, product).fillings.flatMap((filling) => [
        ...filling.lime.reasons,
        ...filling.feed.reasons,
      ]),
    ),
  )
  return [
    ...days.flatMap((day) => day.referenceReasons),
    ...pots.flatMap((pot) => [
      ...(pot.need?.reasons ?? []),
      ...pot.plants.flatMap((plant) => plant.yield.reasons),
    ]),
    ...fits,
    ...labels,
    ...doses,
  ]
}

describe('words', () => {
  const byCode = new Map(everyReason().map((reason) => [reason.code, reason]))

  test('there are reasons of every kind to find words for', () => {
    for (const kind of ['label', 'yield', 'fit', 'water', 'reference', 'lime', 'feed'])
      expect([...byCode.keys()].some((code) => code.startsWith(`${kind}.`))).toBe(true)
  })
  test.each([...byCode])(
    'for the reason %s, naming no number that it does not carry',
    (code, reason) => {
      const text = at(`reason.${code}`)
      expect(typeof text).toBe('string')
      const named = [...String(text).matchAll(/\{(\w+)\}/g)].map((match) => match[1]!)
      expect(Object.keys(reason.params)).toEqual(expect.arrayContaining(named))
    },
  )

  test.each([
    ['containerType', containerTypes],
    ['material', materials],
    ['exposure', exposures],
    ['habitClass', habitClasses.map((one) => one.id)],
    ['habit', catalogue.map((one) => one.habit)],
    ['crop', catalogue.map((one) => one.crop)],
    ['fruitClass', catalogue.map((one) => one.fruitClass)],
    ['ingredient', Object.keys(ingredients)],
    ['pack', Object.values(ingredients).flatMap((one) => one.packs.map((pack) => pack.kind))],
    ['caution', Object.values(ingredients).flatMap((one) => one.cautions)],
    ['caution', starterProducts.flatMap((one) => one.cautions)],
    ['placement', starterProducts.map((one) => one.placement)],
    ['product', [...starterProducts.map((one) => one.id), 'tomatoFeed', 'fishEmulsion']],
    ['recipe', recipes.map((one) => one.id)],
    ['school', schoolIds],
    ['verdict', ['good', 'tight', 'poor', 'silent']],
    ['kind', demo.records.map((one) => one.kind)],
    ['feel', feels],
    ['knuckle', knuckles],
    ['sign', signs],
    ['skip', skipReasons],
    ['stage', ['notPlanted', 'establishing', 'growing', 'flowering', 'cropping']],
    ['settings.units', unitSystems],
    ['measure', ['teaspoon', 'tablespoon', 'cup', 'handful']],
    ['mark', ['published', 'practice', 'memory', 'demo']],
  ])('for every %s', (catalogueName, ids) => {
    expect(ids.length).toBeGreaterThan(0)
    for (const id of ids) expect(typeof at(`${catalogueName}.${id}`)).toBe('string')
  })
})
