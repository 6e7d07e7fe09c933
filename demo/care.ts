import type { Garden, GardenRecord, JobChange, OwnJob } from '@rimbo/core'

// What is done at the demo's pots week by week beside water and feed. All of it is invented.

type Draft = GardenRecord extends infer R ? (R extends GardenRecord ? Omit<R, 'id'> : never) : never

/** Stakes as they went in; K3 and S1 still wait for theirs. */
const STAKED: readonly [containerId: string, heightMm: number, on: string][] = [
  ['f3', 950, '2026-05-12'],
  ['k1', 950, '2026-05-12'],
  ['k2', 950, '2026-05-12'],
  ['r1', 1850, '2026-04-24'],
  ['r2', 700, '2026-05-17'],
  ['n1', 950, '2026-05-19'],
  ['s2', 950, '2026-05-20'],
]
/** Tied on one evening, and F3 and R1 not since. */
const TIED = ['f3', 'k1', 'k2', 'r1', 'r2', 'n1', 's2'] as const
const TIED_AGAIN = ['k1', 'k2', 'n1', 'r2'] as const
/** Pots whose mix lies bare. */
const WEEDED = ['k1', 'k2', 'k3', 'n1', 'r1', 'l1', 's1'] as const
const LOOKED = ['2026-06-13', '2026-06-17'] as const

/** Along the balcony, a pot after the other. */
const walked = (date: string, hour: number, ids: readonly string[], of: (id: string) => Draft) =>
  ids.map((id, index): Draft => {
    const minute = String(Math.min(59, 2 * index)).padStart(2, '0')
    return { ...of(id), at: `${date}T${String(hour).padStart(2, '0')}:${minute}` }
  })

/** What was done, oldest first. */
export function care({ containers }: Garden): Draft[] {
  const all = containers.map(({ id }) => id)
  const at = ''
  return [
    ...STAKED.map(([containerId, heightMm, on]): Draft => ({
      at: `${on}T18:20`,
      containerId,
      kind: 'support',
      support: 'stake',
      heightMm,
    })),
    ...walked('2026-06-02', 18, TIED, (containerId) => ({ at, containerId, kind: 'tie' })),
    ...walked('2026-06-14', 18, WEEDED, (containerId) => ({ at, containerId, kind: 'weed' })),
    ...walked('2026-06-16', 19, TIED_AGAIN, (containerId) => ({ at, containerId, kind: 'tie' })),
    ...LOOKED.flatMap((date) =>
      walked(date, 20, all, (containerId) => ({
        at,
        containerId,
        kind: 'look',
        found: 'nothing',
      })),
    ),
  ]
}

export const ownJobs: OwnJob[] = [
  { id: 'own-barrel', text: 'Fill the rain barrel', every: 7, from: '2026-06-04' },
  {
    id: 'own-awning',
    text: 'Wind the awning out before noon',
    when: { what: 'tempMaxC', is: 'above', value: 29 },
  },
]

export const jobChanges: JobChange[] = [
  { rule: 'shake:h1', what: 'off', why: 'It hangs in the wind' },
  { jobId: 'rootShoots:r1:plant-r1:0', what: 'skip', on: '2026-06-10', why: 'No room' },
]
