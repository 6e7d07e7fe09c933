import {
  addDays,
  type Container,
  type Garden,
  type GardenRecord,
  type Planting,
  type Trial,
} from '@rimbo/core'

// What happened to the pots of the demo beside water and feed. All of it is invented.

type Draft = GardenRecord extends infer R ? (R extends GardenRecord ? Omit<R, 'id'> : never) : never

/** Last season in short: what stood where, and what it gave, g and fruits. */
const lastSeason: readonly [
  containerId: string,
  varietyId: string,
  plants: number,
  massG: number,
  count: number,
][] = [
  ['s1', 'blackCherry', 1, 3300, 236],
  ['s2', 'blackCherry', 1, 2900, 210],
  ['l1', 'redAlert', 3, 3100, 240],
  ['t1', 'tinyTim', 12, 2300, 310],
]
/** What a pepper gave that was kept over winter, and how it came through. */
const KEPT = { containerId: 'n1', massG: 410, count: 58 }
/** Part of it week by week, from 20 July on. */
const WEEKS = [0.05, 0.1, 0.14, 0.16, 0.15, 0.13, 0.11, 0.09, 0.07]

const lastPlantings: Planting[] = lastSeason.map(([containerId, varietyId, count]) => ({
  id: `last-${containerId}`,
  containerId,
  varietyId,
  count,
  plantedOn: '2025-05-10',
}))

/** Two sunken pots of last season, one of them mulched. */
const LAST_TRIAL: Trial = {
  id: 'trial-mulch',
  name: 'Mulch on a sunken pot',
  differsIn: 'mulch',
  a: ['s1'],
  b: ['s2'],
  from: '2025-05-10',
  to: '2025-10-18',
}

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
    trials: [LAST_TRIAL],
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
  const picked = (containerId: string, massG: number, count: number, from: string): Draft[] =>
    WEEKS.map((part, week) => ({
      at: `${addDays(from, 7 * week)}T19:00`,
      containerId,
      kind: 'pick',
      count: Math.round(count * part),
      massG: Math.round((massG * part) / 5) * 5,
    }))
  const ofKept = { containerId: KEPT.containerId }
  return [
    ...picked(KEPT.containerId, KEPT.massG, KEPT.count, '2025-08-17'),
    ...Array.from({ length: 9 }, (_, time): Draft => ({
      ...ofKept,
      at: `${addDays('2025-06-01', 14 * time)}T07:40`,
      kind: 'feed',
      productId: 'tomatoFeed',
      massG: 14,
      volumeL: 2.1,
    })),
    { ...ofKept, at: '2025-10-20T16:00', kind: 'prune', what: 'cutBack' },
    { ...ofKept, at: '2025-10-20T16:30', kind: 'move', spaceId, isIndoors: true },
    { ...ofKept, at: '2026-05-08T18:00', kind: 'move', spaceId, standing: MOVED.from },
    { at: '2025-06-01T18:00', containerId: 's1', kind: 'mulch', depthMm: 40, material: 'straw' },
    { at: '2025-10-18T14:30', containerId: 's1', kind: 'mulch', depthMm: 0, material: 'straw' },
    ...lastSeason.flatMap(([containerId, _variety, _plants, massG, count]): Draft[] => [
      ...picked(containerId, massG, count, '2025-07-20'),
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
