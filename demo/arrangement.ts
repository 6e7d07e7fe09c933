import { typicalContainer, type Container, type Garden } from '@rimbo/core'

type Arrangement = NonNullable<Garden['arrangement']>

const wished: readonly [varietyId: string, wish: 'must' | 'like' | 'maybe', atMost: number][] = [
  ['blackCherry', 'must', 1],
  ['stupice', 'like', 3],
  ['marmande', 'like', 1],
  ['rioGrande', 'like', 1],
  ['redAlert', 'like', 3],
  ['tinyTim', 'like', 20],
  ['trailingCherry', 'like', 2],
  ['brandywine', 'maybe', 1],
  ['padron', 'must', 2],
  ['jimmyNardello', 'like', 2],
  ['cornoDiToroRosso', 'like', 3],
  ['californiaWonder', 'like', 2],
  ['hungarianHotWax', 'like', 2],
  ['bulgarianCarrot', 'like', 2],
  ['lemonDrop', 'maybe', 1],
]

const offered = (
  id: string,
  name: string,
  type: Container['type'],
  price: number,
  atMost: number,
): Arrangement['offers'][number] => ({
  id,
  price,
  atMost,
  container: {
    ...typicalContainer(type),
    id,
    code: '+',
    name,
    type,
    spaceId: 'balcony',
    recipeId: 'thirdsCoir',
    mulchMm: 25,
    exposure: 'open',
  },
})

/** What the demo's gardener would like to grow, and could buy. Prices invented. */
export const arrangement: Arrangement = {
  wishes: wished.map(([varietyId, wish, atMost]) => ({ varietyId, wish, atMost })),
  offers: [
    offered('offer-bag', 'Fabric bag, 27 L', 'fabricBag', 7.5, 2),
    offered('offer-barrel', 'Half barrel', 'halfBarrel', 48, 1),
  ],
  budget: 20,
  pins: [{ containerId: 'b1', stays: true, varietyId: 'blackCherry' }],
  school: 'house',
  acceptsTight: true,
  mostPerPot: 2,
}
