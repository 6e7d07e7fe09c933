// Gardens and tasks of the size that the limits are set for.
import { readFileSync } from 'node:fs'
import { catalogue, readGarden, typicalContainer, type ArrangeTask, type Garden } from '@rimbo/core'

const demoText = readFileSync(new URL('../demo/port-maren.rimbo.json', import.meta.url), 'utf8')

/** The demo, its pots copied until there are so many, with as many records as such a garden has. */
export function gardenOf(count: number): Garden {
  const demo = readGarden(demoText)
  const copies = Array.from(
    { length: Math.ceil(count / demo.containers.length) },
    (_, copy) => copy,
  )
  const each = <T extends object>(list: readonly T[], change: (item: T, copy: number) => T) =>
    copies.flatMap((copy) => list.map((item) => change(item, copy)))
  const containers = each(demo.containers, (one, copy) => ({
    ...one,
    id: `${one.id}-${copy}`,
  })).slice(0, count)
  const kept = new Set(containers.map((one) => one.id))
  const plantings = each(demo.plantings, (one, copy) => ({
    ...one,
    id: `${one.id}-${copy}`,
    containerId: `${one.containerId}-${copy}`,
  })).filter((one) => kept.has(one.containerId))
  const records = each(demo.records, (one, copy) => ({
    ...one,
    id: `${one.id}-${copy}`,
    ...(one.containerId ? { containerId: `${one.containerId}-${copy}` } : {}),
  }))
  return { ...demo, containers, plantings, records }
}

/** Forty wishes for forty containers of eight kinds on forty spots, no two lit alike. */
const kinds = [
  'pot',
  'bucket',
  'fabricBag',
  'box',
  'reservoirBox',
  'halfBarrel',
  'reservoirBucket',
  'deepBox',
] as const
const FORTY = Array.from({ length: 40 }, (_, index) => index)
const summer = { tempMaxC: 32, tempMinC: 20, sunHours: 8 }
export const forty: ArrangeTask = {
  wishes: FORTY.map((index) => ({
    variety: catalogue[index]!,
    wish: index % 10 === 0 ? 'must' : index % 3 ? 'like' : 'maybe',
    atMost: 1 + (index % 3),
  })),
  pots: FORTY.map((index) => {
    const type = kinds[index % kinds.length]!
    const container = {
      ...typicalContainer(type),
      id: `p${index}`,
      code: `P${index}`,
      name: type,
      type,
      spaceId: 's',
      mulchMm: 0,
      exposure: 'open' as const,
    }
    return { container, wateredKg: 25, spotId: undefined }
  }),
  offers: [],
  spots: FORTY.map((index) => ({
    id: `s${index}`,
    spaceId: 's',
    kind: 'floor',
    xMm: 0,
    yMm: 0,
    conditions: {
      sunHours: 5 + (index % 9) * 0.6,
      dliMol: 12 + ((index * 7) % 17) + index / 100,
      hot: summer,
      spring: { ...summer, tempMaxC: 18, tempMinC: 8 },
    },
    lengthMm: 750,
    widthMm: 750,
    crownMm: 1100,
  })),
  allowedKg: { s: 2500 },
  school: 'house',
  acceptsTight: true,
  mostPerPot: 2,
  budget: 0,
  pins: [],
}
