import { describe, expect, test } from '@jest/globals'
import { ingredients } from '@rimbo/core'
import { useIngredientForm } from './useIngredientForm'

const compost = { ...ingredients['compost']!, id: 'own', name: 'Stable compost' }

describe('the form of an ingredient', () => {
  test('untouched it gives back what it was given', () => {
    const { checked } = useIngredientForm(compost)
    expect(checked.value.data).toMatchObject({ ...compost, isMeasured: false })
  })
  test('started from another it takes all figures but keeps its own id and name', () => {
    const { checked, startFrom, name } = useIngredientForm(compost)
    startFrom('bark')
    name.value = 'Pine bark'
    const { id: _, ...bark } = ingredients['bark']!
    expect(checked.value.data).toMatchObject({ ...bark, id: 'own', name: 'Pine bark' })
    startFrom('nobody')
    expect(checked.value.data?.ph).toBe(bark.ph)
  })
  test('what is missing or out of range is told at its field, all at once', () => {
    const { numbers, water, faults, checked } = useIngredientForm(compost)
    numbers['bulkDensityGL'] = undefined
    numbers['ph'] = 17
    water.value[1] = 1.2
    expect(checked.value.success).toBe(false)
    expect([...faults.value.keys()].sort()).toEqual(['bulkDensityGL', 'ph', 'waterShares.1'])
    expect(faults.value.get('ph')).toMatchObject({ code: 'tooBig', params: { limit: 12 } })
  })
  test('rules between fields: moist not lighter than dry, water falling with the pull', () => {
    const { numbers, water, faults } = useIngredientForm(compost)
    numbers['moistDensityGL'] = 100
    water.value = [0.7, 0.5, 0.6, 0.3, 0.2]
    expect(faults.value.get('moistDensityGL')?.code).toBe('moistUnderDry')
    expect(faults.value.get('waterShares.2')?.code).toBe('waterRises')
  })
  test('a pack by its litres holds them, one by its kilos must say what comes out', () => {
    const { packs, addPack, checked, faults } = useIngredientForm({ ...compost, packs: [] })
    addPack()
    Object.assign(packs.value[0]!, { labelL: 42.5, price: 7 })
    expect(checked.value.data?.packs).toEqual([
      { kind: 'bag', labelL: 42.5, looseL: 42.5, price: 7 },
    ])
    Object.assign(packs.value[0]!, { labelL: undefined, labelG: 20_000 })
    expect([...faults.value.keys()]).toEqual(['packs.0.looseL'])
    Object.assign(packs.value[0]!, { looseL: 31 })
    expect(checked.value.data?.packs[0]).toMatchObject({ labelKg: 20, looseL: 31 })
    packs.value[0]!.price = undefined
    expect([...faults.value.keys()]).toEqual(['packs.0.price'])
  })
})
