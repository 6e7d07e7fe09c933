import { describe, expect, test } from '@jest/globals'
import { nextTick } from 'vue'
import { containerSchema, typicalContainer, type Container } from '@rimbo/core'
import { sizesOf } from './formFields'
import { useContainerForm } from './useContainerForm'

const pot: Container = {
  ...typicalContainer('pot'),
  id: 'c',
  code: 'P1',
  name: 'Pot',
  type: 'pot',
  spaceId: 's',
  recipeId: 'thirds',
  mulchMm: 20,
  exposure: 'open',
  label: { text: '19 l', volumeL: 19 },
}
const formOf = (start: Container = pot, taken: readonly string[] = []) =>
  useContainerForm(
    start,
    () => 'metric',
    () => taken,
  )

describe('the container form', () => {
  test('untouched, gives back the container it was opened on', () => {
    const form = formOf()
    expect(form.container.value).toEqual(pot)
    expect(form.isSavable.value).toBe(true)
    expect(form.labelFinding.value!.verdict).toBe('holdsMore')
  })

  test('follows what is typed: volume, fill and label', () => {
    const form = formOf()
    Object.assign(form.sizes, { topDiameterMm: 304.8, bottomDiameterMm: 304.8, heightMm: 304.8 })
    form.lengths.headspaceMm = 0
    form.text.label = '22 l'
    // A 12 in cylinder is 22.24 L.
    expect(form.volumes.value!.rimVolumeL).toBeCloseTo(22.24, 2)
    expect(form.volumes.value!.fillVolumeL).toBeCloseTo(22.24, 2)
    expect(form.labelFinding.value!.verdict).toBe('agrees')
    form.text.label = ''
    expect(form.labelFinding.value).toBeUndefined()
    expect(form.container.value!.label).toBeUndefined()
  })

  test.each([
    [
      'a size that cannot be read',
      (form: ReturnType<typeof formOf>) => (form.sizes.heightMm = undefined),
      'heightMm',
    ],
    [
      'a pot of 20 m',
      (form: ReturnType<typeof formOf>) => (form.sizes.topDiameterMm = 20_000),
      'topDiameterMm',
    ],
    [
      'exchanged ends',
      (form: ReturnType<typeof formOf>) => (form.sizes.bottomDiameterMm = 900),
      'bottomDiameterMm',
    ],
    [
      'more headspace than pot',
      (form: ReturnType<typeof formOf>) => (form.lengths.headspaceMm = 400),
      'fillMm',
    ],
    ['no name', (form: ReturnType<typeof formOf>) => (form.text.name = '  '), 'name'],
    [
      'an unreadable label',
      (form: ReturnType<typeof formOf>) => (form.text.label = 'large'),
      'label',
    ],
    [
      'a class there is not',
      (form: ReturnType<typeof formOf>) => (form.text.label = '#8'),
      'label',
    ],
  ])('%s is a fault at its field, and is not saved', (_, spoil, field) => {
    const form = formOf()
    spoil(form)
    expect(Object.keys(form.faults.value)).toContain(field)
    expect(form.isSavable.value).toBe(false)
  })

  test('a fault of one field leaves the others as they were typed', () => {
    const form = formOf()
    form.text.name = 'Blue pot'
    form.sizes.heightMm = undefined
    form.sizes.heightMm = 350
    expect(form.container.value).toEqual({ ...pot, name: 'Blue pot' })
  })

  test('a short name that another container has is refused', () => {
    const form = formOf(pot, ['K1'])
    form.text.code = 'K1'
    expect(form.faults.value['code']?.code).toBe('codeTaken')
    expect(form.isSavable.value).toBe(false)
  })

  test('another kind brings its own measures, and makes a valid container at once', async () => {
    const form = formOf()
    for (const type of ['bucket', 'fabricBag', 'box', 'basket', 'pot'] as const) {
      form.choice.type = type
      await nextTick()
      const made = form.container.value
      expect(containerSchema.safeParse(made).success).toBe(true)
      expect(made).toMatchObject({ type, material: typicalContainer(type).material })
      for (const name of sizesOf(type)) expect(form.sizes[name]).toBeGreaterThan(0)
    }
  })

  test('sunk is below the ground, and opens again as sunk', () => {
    const form = formOf()
    form.isSunken.value = true
    form.lengths.baseHeightMm = 150
    const sunk = form.container.value!
    expect(sunk.baseHeightMm).toBe(-150)
    const again = formOf(sunk)
    expect(again.isSunken.value).toBe(true)
    expect(again.lengths.baseHeightMm).toBe(150)
    expect(again.container.value).toEqual(sunk)
  })

  test('a tape round the outside is read anew for another wall', () => {
    const form = formOf()
    form.lengths.wallMm = 0
    const bare = form.readDiameter.value('circumference 94 cm')
    form.lengths.wallMm = 10
    expect(bare - form.readDiameter.value('circumference 94 cm')).toBeCloseTo(20, 9)
  })

  test('what was not touched stays as it was: a label read in other units, fields of a later program', () => {
    const label = { text: '5 gal', volumeL: 22.73 }
    const shape: Container['shape'] = Object.assign({ ribs: 12 }, pot.shape)
    const form = formOf({ ...pot, label, shape })
    form.text.name = 'Another name'
    expect(form.container.value!.label).toEqual(label)
    expect(form.container.value!.shape).toEqual(shape)
    // Typed anew, it is read in today's units.
    form.text.label = '5.0 gal'
    expect(form.container.value!.label!.volumeL).toBeCloseTo(18.93, 2)
  })

  test('a sunken pot that becomes a basket hangs', async () => {
    const form = formOf({ ...pot, baseHeightMm: -150 })
    form.choice.type = 'basket'
    await nextTick()
    expect(form.container.value!.baseHeightMm).toBeGreaterThan(0)
  })
})
