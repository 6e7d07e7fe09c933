import { describe, expect, test } from '@jest/globals'
import { demo } from '../../test/demo'
import { edits, usualWays, varietyOf, waysOf, wayChoices, wayKeys, type Garden } from '.'

const after = (garden: Garden, edit: ReturnType<typeof edits.changeWays>): Garden => {
  const draft = structuredClone(garden)
  edit.apply(draft)
  return draft
}
const of = (garden: Garden, plantingId: string) => waysOf(garden, undefined, plantingId)

describe('ways', () => {
  test('are answered where nobody said anything, each with an answer that is offered', () => {
    const ways = waysOf(demo)
    for (const key of wayKeys) expect(wayChoices[key] as readonly unknown[]).toContain(ways[key])
  })
  test('differ by plant: peppers go in as they were, bushes keep their side shoots, chillies are tipped', () => {
    expect(of(demo, 'plant-b1').depth).toBe('deep')
    expect(of(demo, 'plant-k1').depth).toBe('asItWas')
    expect(of(demo, 'plant-f2').sideShoots).toBe('none')
    expect(of(demo, 'plant-s1').tipping).toBe('both')
    expect(of(demo, 'plant-f3').tipping).toBe('never')
    expect(usualWays(varietyOf(demo, 'vineCherry')).sideShoots).toBe('firstThree')
  })
  test('a plant’s go before its pot’s, and these before the garden’s', () => {
    const one = after(demo, edits.changeWays({}, { mulch: 'leaves', soilC: 16 }))
    const two = after(one, edits.changeWays({ containerId: 'b1' }, { mulch: 'grass' }))
    const three = after(two, edits.changeWays({ plantingId: 'plant-b1' }, { mulch: 'chips' }))
    expect(waysOf(three).mulch).toBe('leaves')
    expect(waysOf(three, 'b1').mulch).toBe('grass')
    expect(waysOf(three, 'b1', 'plant-b1').mulch).toBe('chips')
    expect(of(three, 'plant-b1').soilC).toBe(16)
    expect(of(three, 'plant-f1').mulch).toBe('leaves')
    const back = after(three, edits.changeWays({ plantingId: 'plant-b1' }, { mulch: undefined }))
    expect(of(back, 'plant-b1').mulch).toBe('grass')
  })
  test('what the garden answers for vines says nothing of bushes', () => {
    const garden = after(demo, edits.changeWays({}, { sideShoots: 'oneStem' }))
    expect(of(garden, 'plant-b1').sideShoots).toBe('oneStem')
    expect(of(garden, 'plant-f2').sideShoots).toBe('none')
  })
})
