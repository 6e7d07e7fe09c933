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
    const bare = form.readDiameter.value('circumference 94 cm', 'point')
    form.lengths.wallMm = 10
    expect(bare - form.readDiameter.value('circumference 94 cm', 'point')).toBeCloseTo(20, 9)
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

describe('parts beside the shape', () => {
  const ofType = (type: Container['type'], more: Partial<Container> = {}) =>
    formOf({ ...pot, label: undefined, ...typicalContainer(type), type, ...more })

  test.each([
    'reservoirBox',
    'reservoirBucket',
    'tower',
    'deepBox',
    'flatBag',
    'sunkenPot',
  ] as const)(
    'a %s untouched is what it was, and made anew from another kind is a usual one',
    (type) => {
      const whole = { ...pot, label: undefined, ...typicalContainer(type), type }
      expect(formOf(whole).container.value).toEqual(whole)
    },
  )
  test('each kind has its own part and no other’s', async () => {
    const form = formOf()
    const made = async (type: Container['type']) => {
      form.choice.type = type
      await nextTick()
      return form.container.value!
    }
    expect((await made('tower')).tower).toEqual(typicalContainer('tower').tower)
    const box = await made('reservoirBox')
    expect(box.tower).toBeUndefined()
    expect(box.reservoir).toEqual(typicalContainer('reservoirBox').reservoir)
    expect((await made('pot')).reservoir).toBeUndefined()
    expect((await made('sunkenPot')).baseHeightMm).toBeLessThan(0)
  })
  test('a fault in a part stands at its field', () => {
    const form = ofType('reservoirBox')
    form.parts.reservoir = { ...form.parts.reservoir, overflowMm: 200 }
    expect(form.faults.value['reservoir.overflowMm']?.code).toBe('overflowTooHigh')
    form.parts.reservoir = { ...form.parts.reservoir, overflowMm: undefined }
    expect(form.faults.value['reservoir.overflowMm']?.code).toBe('wrongType')
    expect(form.isSavable.value).toBe(false)
  })
  test('a flat bag lies as its label says, with rings or with cut-outs', () => {
    const form = ofType('flatBag')
    expect(form.lyingHeightMm.value).toBeUndefined()
    form.text.label = '57 l'
    // 57 L over 1 m × 0.38 m.
    expect(form.lyingHeightMm.value).toBeCloseTo(150, 9)
    expect(form.partName.value).toBe('rings')
    form.hasRings.value = false
    expect(form.container.value).toMatchObject({ rings: undefined, cutOuts: { count: 3 } })
  })
  test('a pour test, holes and a resin number are kept as measured, and may be left out again', () => {
    const form = formOf()
    Object.assign(form.measured, { pouredL: 30, holeCount: 6 })
    form.choice.resinCode = '5'
    expect(form.container.value).toMatchObject({
      pourTest: { rimVolumeL: 30 },
      holes: { count: 6, diameterMm: 8 },
      resinCode: 5,
    })
    expect(form.volumes.value!.rimVolumeL).toBeCloseTo(30, 9)
    Object.assign(form.measured, { pouredL: undefined, holeCount: undefined })
    expect(form.container.value).toMatchObject({ pourTest: undefined, holes: undefined })
  })
  test('a rolled wall lowers the rim, and only of a fabric bag', async () => {
    const form = ofType('fabricBag')
    form.lengths.rolledMm = 100
    expect(form.container.value).toMatchObject({ rolledMm: 100, fillMm: 300 - 100 - 35 })
    form.lengths.rolledMm = 290
    expect(form.faults.value['rolledMm']?.code).toBe('rolledAway')
    form.choice.type = 'pot'
    await nextTick()
    expect(form.container.value!.rolledMm).toBeUndefined()
  })
})
