// Safety is common practice and law: labels and the country decide on products.
import { describe, expect, test } from '@jest/globals'
import { actionSteps, actionsFor, causeIds, causePlans, harmless, type CauseId } from '..'

const of = (cause: CauseId) => actionsFor(cause, { crop: 'tomato' })
const idsOf = (cause: CauseId) => of(cause).map(({ id }) => id)

describe('what to do', () => {
  test('every cause has something to do, in order, and first what does no harm', () => {
    for (const cause of causeIds) {
      const actions = of(cause)
      expect(actions[0]!.step).toBe('harmless')
      const order = actions.map(({ step }) => actionSteps.indexOf(step))
      expect(order).toEqual([...order].sort((a, b) => a - b))
      expect(new Set(idsOf(cause)).size).toBe(actions.length)
      expect(actions.some(({ step }) => step === 'avoid') || cause === 'pulledTooSoon').toBe(true)
    }
  })
  test('a burnt plant is not fed, a drowned one not watered, and thirst is not sprayed', () => {
    for (const cause of ['saltBurn', 'tooWet', 'rootsCooked', 'transplantShock'] as const) {
      expect(idsOf(cause).some((id) => id.startsWith('feed'))).toBe(false)
      expect(idsOf(cause)).toContain('noFeedNow')
    }
    for (const cause of [
      'tooWet',
      'drainBlocked',
      'pythium',
      'phytophthora',
      'mixCollapsed',
    ] as const) {
      expect(idsOf(cause)).toContain('noWaterNow')
      expect(idsOf(cause).filter((id) => id.startsWith('water'))).toEqual([])
    }
    expect(idsOf('unevenWater')).toContain('noCalciumSpray')
    for (const cause of ['drought', 'unevenWater', 'heat', ...harmless] as const)
      expect(of(cause).filter(({ step }) => step === 'product')).toEqual([])
  })
  test('a product is one registered by its label, with bees, gloves and the wait before picking', () => {
    for (const cause of causeIds)
      for (const { id, step, cautions } of of(cause)) {
        if (step !== 'product') continue
        const codes = cautions.map(({ code }) => code)
        expect(codes).toContain('check.caution.label')
        if (!id.startsWith('registered')) continue
        for (const one of ['bees', 'gloves', 'interval'])
          expect(codes).toContain(`check.caution.${one}`)
      }
  })
  test('no rate is told but the gardener’s own label, word for word', () => {
    for (const cause of causeIds)
      expect(JSON.stringify(of(cause))).not.toMatch(/\d\s?(g|mL|ml|L|%)\b/)
    const labels = [{ name: 'My soap', text: '20 mL in 1 L, evening, 3 days to picking' }]
    const product = actionsFor('aphids', { crop: 'tomato', labels }).find(
      ({ id }) => id === 'registeredInsecticide',
    )!
    expect(product.reasons[0]!.params).toEqual(labels[0])
    const water = actionsFor('drought', { crop: 'tomato', labels })
    expect(JSON.stringify(water)).not.toContain('My soap')
  })
  test('what rots or was gnawed is thrown away, and hands are washed after animals and droppings', () => {
    for (const cause of [
      'greyMould',
      'softRot',
      'anthracnose',
      'rodents',
      'birds',
      'lateBlight',
      'fruitBorer',
    ] as const)
      expect(idsOf(cause)).toContain('throwAwayFruit')
    for (const cause of ['rodents', 'birds', 'slugs', 'mosaicVirus'] as const)
      expect(idsOf(cause)).toContain('washHands')
  })
  test('a plant with a wilt or a virus goes, not on the compost, and its mix serves no tomato again', () => {
    for (const cause of [
      'fusariumWilt',
      'bacterialWilt',
      'bacterialCanker',
      'phytophthora',
    ] as const) {
      expect(causePlans[cause].plant).toBe('goes')
      expect(idsOf(cause)).toEqual(
        expect.arrayContaining(['plantGoes', 'notOnCompost', 'disinfect', 'mixNotForThese']),
      )
    }
    expect(
      actionsFor('mosaicVirus', { crop: 'tomato', mix: 'recharge' }).map(({ id }) => id),
    ).toContain('mixRecharge')
  })
  test('hot peppers burn hands: said of peppers only', () => {
    const codes = (crop: 'tomato' | 'pepper') =>
      actionsFor('hornworm', { crop }).flatMap(({ cautions }) => cautions.map(({ code }) => code))
    expect(codes('pepper')).toContain('check.caution.pepperHands')
    expect(codes('tomato')).not.toContain('check.caution.pepperHands')
  })
})
