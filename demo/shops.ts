import type { GardenRecord, Shop } from '@rimbo/core'

// Where the demo's gardener buys. All of it is invented.

const pack = (
  id: string,
  itemId: string,
  amount: number,
  unit: 'L' | 'g' | 'count',
  price: number,
) => ({ id, itemId, amount, unit, price })

export const shops: Shop[] = [
  {
    id: 'corner',
    name: 'Garden shop at the corner',
    fare: 0,
    minimumOrder: 0,
    packs: [
      pack('corner-compost', 'compost', 40, 'L', 7.9),
      pack('corner-straw', 'straw', 20, 'L', 4.5),
      pack('corner-stake', 'stake', 1, 'count', 2.4),
      pack('corner-soluble', 'balancedSoluble', 500, 'g', 8.9),
      pack('corner-perlite', 'perlite', 10, 'L', 6.5),
    ],
  },
  {
    id: 'post',
    name: 'By post',
    fare: 5.9,
    minimumOrder: 15,
    packs: [
      pack('post-compost', 'compost', 50, 'L', 8.2),
      pack('post-stake', 'stake', 5, 'count', 6.5),
      pack('post-soluble', 'balancedSoluble', 1000, 'g', 12.5),
      pack('post-straw', 'straw', 60, 'L', 9.8),
    ],
  },
]

const SEEDS = [
  ...['blackCherry', 'marmande', 'rioGrande', 'cornoDiToroRosso', 'padron', 'jimmyNardello'],
  ...['hungarianHotWax', 'stupice', 'californiaWonder', 'lemonDrop', 'redAlert', 'tinyTim'],
  ...['trailingCherry', 'bulgarianCarrot'],
]

/** What was bought in the winter. */
export const purchases: GardenRecord[] = [
  ...SEEDS.map((itemId, index): GardenRecord => ({
    id: `seed-${index}`,
    at: '2026-02-14T17:00',
    kind: 'buy',
    itemId,
    amount: itemId === 'tinyTim' ? 50 : 20,
    unit: 'count',
    price: 2.2,
    shopId: 'post',
    useBy: '2029-12-31',
  })),
  {
    id: 'stakes',
    at: '2025-04-12T10:00',
    kind: 'buy',
    itemId: 'stake',
    amount: 2,
    unit: 'count',
    price: 4.8,
    shopId: 'corner',
  },
  {
    id: 'cages',
    at: '2025-04-12T10:00',
    kind: 'buy',
    itemId: 'cage',
    amount: 4,
    unit: 'count',
    price: 26,
    shopId: 'corner',
  },
  {
    id: 'straw',
    at: '2026-05-20T10:00',
    kind: 'buy',
    itemId: 'straw',
    amount: 20,
    unit: 'L',
    price: 4.5,
    shopId: 'corner',
  },
]
