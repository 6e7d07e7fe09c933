import { expect, test } from '@jest/globals'
import {
  containerSchema,
  containerTypes,
  containerVolumes,
  liftingCaution,
  typicalContainer,
  volumeReasons,
} from '.'

const named = {
  id: 'a',
  code: 'P1',
  name: 'Pot',
  spaceId: 's',
  mulchMm: 0,
  exposure: 'open',
} as const

test('every typical container is a valid one', () => {
  for (const type of containerTypes)
    expect(containerSchema.safeParse({ ...named, ...typicalContainer(type), type }).success).toBe(
      true,
    )
})

test('the typical bucket is the 19 L (5 gal) bucket, filled 2.5–8 cm below its rim (practice)', () => {
  const { rimVolumeL, fillVolumeL, headspaceMm } = containerVolumes(typicalContainer('bucket'))
  expect(rimVolumeL).toBeCloseTo(19, 1)
  expect(headspaceMm).toBeGreaterThanOrEqual(25)
  expect(headspaceMm).toBeLessThanOrEqual(80)
  expect(fillVolumeL).toBeLessThan(rimVolumeL)
})

test('a fill over the rim is refused at the fill', () => {
  const pot = { ...named, ...typicalContainer('pot'), type: 'pot', fillMm: 400 }
  const issue = containerSchema.safeParse(pot).error?.issues[0]
  expect(issue?.path).toEqual(['fillMm'])
})

test('a mass is warned of above 16 and 25 kg (UK HSE INDG143)', () => {
  expect([5, 16, 16.1, 25, 25.1].map(liftingCaution)).toEqual([
    undefined,
    undefined,
    'lifting16',
    'lifting16',
    'lifting25',
  ])
})

test('a volume says from which measures it comes', () => {
  for (const type of ['pot', 'bucket', 'halfBarrel', 'fabricBag', 'box'] as const) {
    const typical = typicalContainer(type)
    const [how] = volumeReasons(typical, typical.fillMm)
    expect(how!.code).toBe(`volume.${typical.shape.kind}`)
    expect(how!.params['volumeL']).toBe(containerVolumes(typical).fillVolumeL)
    expect(how!.params['heightMm']).toBe(typical.fillMm)
  }
})
