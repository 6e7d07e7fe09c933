import type { GardenRecord } from '@rimbo/core'

type Count = Extract<GardenRecord, { kind: 'count' }>

/** Grams of each feed, counted in spring. */
const feedsG = {
  tomatoFeed: 900,
  balancedSoluble: 500,
  fishEmulsion: 1150,
  seaweedExtract: 1100,
  controlledRelease: 400,
  granularOrganic: 1500,
  boneMeal: 600,
  balancedGranular: 2000,
  compostDressing: 20_000,
  calciumNitrate: 800,
  epsomSalt: 300,
  ground: 1000,
  'own-vine-feed': 750,
}

/** Loose litres of each ingredient, measured with them. */
const ingredientsL = { compost: 46, perlite: 30, coir: 18, leafMould: 60, loam: 45 }

/** What the packets say of their date: the fish is past it, the seaweed has till the end of summer. */
const packets: Readonly<Record<string, Pick<Count, 'useBy' | 'openedOn'>>> = {
  fishEmulsion: { useBy: '2026-05-31', openedOn: '2024-04-20' },
  seaweedExtract: { useBy: '2026-08-31', openedOn: '2025-06-02' },
}

/** What was at hand in spring: invented. */
export const counts: readonly Count[] = [
  ...Object.entries(feedsG).map(([itemId, amount]) => ({ itemId, amount, unit: 'g' as const })),
  ...Object.entries(ingredientsL).map(([itemId, amount]) => ({
    itemId,
    amount,
    unit: 'L' as const,
  })),
].map((one, index) => ({
  id: `count-${index + 1}`,
  kind: 'count',
  at: '2026-04-01T10:00',
  ...one,
  ...packets[one.itemId],
}))
