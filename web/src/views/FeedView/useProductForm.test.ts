import { describe, expect, test } from '@jest/globals'
import { defaultMeasures, feedCatalogue, labelToElements } from '@rimbo/core'
import { useProductForm } from './useProductForm'

const form = (start?: Parameters<typeof useProductForm>[0]) =>
  useProductForm(start, 'own-1', 'metric', defaultMeasures)
const feed = (id: string) => feedCatalogue.find((one) => one.id === id)!

describe('a feed by its label', () => {
  test('typed in as oxides is the product that its label describes', () => {
    const fields = form()
    fields.name.value = 'Crystals'
    Object.assign(fields.percents, { n: 18, p: 18, k: 21 })
    fields.amount.value = 0.8
    fields.spoonG.value = 15
    fields.packG.value = 750
    fields.price.value = 8.5
    expect(fields.checked.value.success).toBe(true)
    const product = fields.checked.value.data!
    expect(product.analysis).toEqual({ n: 18, p2o5: 18, k2o: 21 })
    expect(product.densityGMl).toBeCloseTo(1, 9)
    expect(product.rates[0]).toMatchObject({ kind: 'perLitreWater', amount: 0.8, unit: 'g' })
    expect(product.packs).toEqual([{ massG: 750, price: 8.5 }])
    expect(fields.elements.value.p).toBeCloseTo(18 * 0.4364, 2)
  })
  test('typed in as elements says the same', () => {
    const fields = form()
    fields.name.value = 'Crystals'
    fields.printed.value = 'asElement'
    Object.assign(fields.percents, { n: 18, p: 7.86, k: 17.4 })
    expect(fields.checked.value.data!.analysis).toEqual({ n: 18, p: 7.86, k: 17.4 })
  })
  test('that adds up to more than a hundred is a fault of its analysis', () => {
    const fields = form()
    fields.name.value = 'Too good'
    Object.assign(fields.percents, { n: 50, p: 40, k: 20 })
    expect(fields.checked.value.success).toBe(false)
    expect([...fields.faults.value.keys()]).toContain('analysis')
    expect(fields.faults.value.get('analysis')!.code).toBe('analysisOver100')
  })
  test('with a can of no litres has its fault there', () => {
    const fields = form()
    fields.name.value = 'By the can'
    fields.rateKind.value = 'perCan'
    fields.amount.value = 20
    fields.beside.value = 0
    expect(fields.faults.value.get('rates.0.canL')!.code).toBe('tooSmall')
  })
  test('of controlled release asks how long it lasts', () => {
    const fields = form()
    fields.name.value = 'Prills'
    fields.form.value = 'controlledRelease'
    expect(fields.faults.value.get('longevityDays')!.code).toBe('longevityMissing')
    fields.longevityDays.value = 150
    expect(fields.checked.value.success).toBe(true)
    expect(fields.checked.value.data!.placement).toBe('wholeMix')
  })
  test('without a weighed spoon has no density: nothing is guessed', () => {
    const fields = form()
    fields.name.value = 'Unweighed'
    expect(fields.checked.value.data!.densityGMl).toBeUndefined()
  })
  test.each(feedCatalogue.map(({ id }) => id))(
    '%s opened and kept as it is says the same',
    (id) => {
      const { provenance: _generic, ...start } = { ...feed(id), name: id }
      const fields = form(start)
      const { data } = fields.checked.value
      expect(data).toBeDefined()
      expect(labelToElements(data!.analysis)).toEqual(labelToElements(start.analysis))
      if (start.rates[0]) expect(data!.rates[0]).toMatchObject({ kind: start.rates[0].kind })
      if (start.densityGMl) expect(data!.densityGMl).toBeCloseTo(start.densityGMl, 9)
    },
  )
})
