import type { Container, Garden, GardenRecord, Planting } from '@rimbo/core'

// What happened to the pots of the demo beside water and feed. All of it is invented.

type Draft = GardenRecord extends infer R ? (R extends GardenRecord ? Omit<R, 'id'> : never) : never

/** Last season in short: what stood where, and what it gave, g and fruits. */
const lastSeason: readonly [
  containerId: string,
  varietyId: string,
  massG: number,
  count: number,
][] = [
  ['s2', 'blackCherry', 2900, 210],
  ['l1', 'redAlert', 1700, 130],
  ['t1', 'tinyTim', 900, 120],
]

const lastPlantings: Planting[] = lastSeason.map(([containerId, varietyId]) => ({
  id: `last-${containerId}`,
  containerId,
  varietyId,
  count: 1,
  plantedOn: '2025-05-10',
}))

/** A young plant that a cold night took, and another in its place. */
const LOST: Planting = {
  id: 'lost-s1',
  containerId: 's1',
  varietyId: 'bulgarianCarrot',
  count: 1,
  plantedOn: '2026-04-06',
}
const MULCHED = ['f3'] as const
/** Filled a hand lower at first, and topped up as the stems grew. */
const TOPPED = { containerId: 'r2', lowerMm: 60 }
/** It stood out in the sun until the heat came. */
const MOVED = { containerId: 'n1', from: { xMm: 2600, yMm: 900, isTurned: false } }

/** The garden as it was set up: with last year's plants, and its pots as they stood at first. */
export function withPast(garden: Garden): Garden {
  const first = (container: Container): Container => {
    const { id } = container
    if (MULCHED.some((one) => one === id)) return { ...container, mulchMm: 0 }
    if (id === TOPPED.containerId)
      return { ...container, fillMm: container.fillMm - TOPPED.lowerMm }
    return id === MOVED.containerId ? { ...container, standing: MOVED.from } : container
  }
  return {
    ...garden,
    containers: garden.containers.map(first),
    plantings: [...lastPlantings, LOST, ...garden.plantings],
  }
}

/** What changed the pots on the way, oldest first. */
export function changes({ containers }: Garden): Draft[] {
  const of = (id: string) => containers.find((one) => one.id === id)!
  const filled = (containerId: string, at: string): Draft => ({
    at,
    containerId,
    kind: 'fill',
    recipeId: of(containerId).recipeId ?? 'thirds',
    fillMm: of(containerId).fillMm,
  })
  const mulch = (containerId: string): Draft => ({
    at: '2026-05-22T18:20',
    containerId,
    kind: 'mulch',
    depthMm: of(containerId).mulchMm,
    material: 'straw',
  })
  const topped = of(TOPPED.containerId).fillMm
  const { spaceId, standing } = of(MOVED.containerId)
  const prune = (at: string, what: 'sideShoots' | 'lowerLeaves'): Draft => ({
    at,
    containerId: 'b1',
    kind: 'prune',
    what,
  })
  return [
    ...lastSeason.flatMap(([containerId, _variety, massG, count]): Draft[] => [
      { at: '2025-08-24T19:00', containerId, kind: 'pick', count, massG },
      {
        at: '2025-10-18T15:00',
        containerId,
        kind: 'remove',
        plantingId: `last-${containerId}`,
        why: 'cropOver',
      },
      { at: '2025-10-18T15:30', containerId, kind: 'wash' },
      filled(containerId, '2026-04-04T10:00'),
    ]),
    {
      at: '2026-04-18T09:00',
      containerId: LOST.containerId,
      kind: 'remove',
      plantingId: LOST.id,
      why: 'frost',
    },
    {
      at: '2026-04-20T18:40',
      containerId: 'b1',
      kind: 'support',
      support: 'stake',
      heightMm: 2100,
    },
    { at: '2026-04-28T18:40', containerId: 'f1', kind: 'support', support: 'cage', heightMm: 1200 },
    { at: '2026-04-28T18:50', containerId: 'f2', kind: 'support', support: 'cage', heightMm: 1200 },
    prune('2026-05-14T18:30', 'sideShoots'),
    prune('2026-05-25T18:30', 'lowerLeaves'),
    prune('2026-06-06T18:30', 'sideShoots'),
    ...MULCHED.map(mulch),
    { at: '2026-05-24T18:10', containerId: TOPPED.containerId, kind: 'topUp', fillMm: topped - 25 },
    { at: '2026-06-04T18:10', containerId: TOPPED.containerId, kind: 'topUp', fillMm: topped },
    {
      at: '2026-06-09T08:30',
      containerId: MOVED.containerId,
      kind: 'move',
      spaceId,
      ...(standing && { standing }),
    },
    { at: '2026-06-16T18:00', containerId: 'b1', kind: 'tie' },
    { at: '2026-06-17T12:30', containerId: 'f1', kind: 'shake' },
    { at: '2026-06-17T18:00', containerId: 'k1', kind: 'look', found: 'nothing' },
  ]
}
