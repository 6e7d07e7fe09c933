import type { Reason } from '../../units'

/** What there is to do in a season, in the order in which a stop goes through it. */
export const jobKinds = [
  'sow',
  'potOn',
  'hardenOff',
  'secure',
  'moveIn',
  'moveOut',
  'coverOn',
  'coverOff',
  'shadeOn',
  'shadeOff',
  'lookOver',
  'fingerTest',
  'weigh',
  'water',
  'feed',
  'plant',
  'support',
  'tie',
  'sideShoots',
  'lowerLeaves',
  'tip',
  'stopTop',
  'shake',
  'rootShoots',
  'pick',
  'topUp',
  'unroll',
  'mulch',
  'weed',
  'turn',
  'measurePh',
  'spray',
  'lastFeed',
  'pullOut',
  'cutBack',
  'recharge',
  'wash',
  'own',
] as const
export type JobKind = (typeof jobKinds)[number]

/** What is taken along for it. */
export const jobTools = [
  'can',
  'spoon',
  'fingers',
  'shears',
  'ties',
  'stake',
  'cage',
  'string',
  'mix',
  'mulch',
  'cloth',
  'fleece',
  'bowl',
  'label',
  'trowel',
  'trays',
  'smallPots',
  'scale',
  'phMeter',
  'sprayer',
  'brush',
  'gloves',
] as const
export type Tool = (typeof jobTools)[number]

/** How much of what: litres, grams, millilitres, a number of things, millimetres, hours. */
export interface Amount {
  readonly what: 'L' | 'g' | 'mL' | 'count' | 'mm' | 'h'
  readonly value: number
  /** Id of what it is: a product, recipe, variety, material, or kind of support. */
  readonly of?: string
}

/** `due` today, `done` or `skipped`, `later`, or `held`: due, and not to be done for a reason. */
export type JobState = 'due' | 'done' | 'skipped' | 'later' | 'held'

/** Something to do at a pot, on a day. */
export interface Job {
  /** `kind:container:planting:ordinal`; the same job has the same id, however late it is done. */
  readonly id: string
  readonly kind: JobKind
  /** Left out for what is done at no pot. */
  readonly containerId?: string
  readonly plantingIds: readonly string[]
  readonly dueOn: string
  /** First and last day on which it makes sense. */
  readonly window: { readonly from: string; readonly to: string }
  readonly state: JobState
  /** Why it is not to be done now. */
  readonly held?: Reason
  readonly amounts: readonly Amount[]
  readonly tools: readonly Tool[]
  readonly minutes: number
  readonly reasons: readonly Reason[]
  readonly cautions: readonly Reason[]
  /** Of a job of one's own: its id and words. */
  readonly own?: { readonly id: string; readonly text: string }
  /** The hour from which it is to be done, where that is not the next walk. */
  readonly hour?: number
}

/** A part of an id, which may be any text. */
function part(given: string | number): string {
  const text = String(given)
  return text.includes('%') || text.includes(':')
    ? text.replaceAll('%', '%25').replaceAll(':', '%3A')
    : text
}

/** How a rule begins that speaks of all jobs of a kind, at a pot, of a plant. */
export const ruleOf = (kind: JobKind, containerId?: string, plantingId?: string): string =>
  [
    kind,
    ...(containerId === undefined ? [] : [containerId]),
    ...(plantingId === undefined ? [] : [plantingId]),
  ]
    .map(part)
    .join(':')

/**
 * The ids of a kind of job at a pot, or of a plant in it.
 *
 * @example jobIds('tie', 'k', 'p')(2) // => 'tie:k:p:2'
 */
export function jobIds(
  kind: JobKind,
  containerId: string | undefined,
  plantingId: string | undefined,
): (ordinal: number | string) => string {
  const begins = [kind, containerId ?? '', plantingId ?? '', ''].map(part).join(':')
  return (ordinal) => begins + part(ordinal)
}

/** The rules by which a job can be turned off, the narrowest first. */
export function rulesOf({ kind, containerId, plantingIds }: Job): readonly string[] {
  const [plantingId] = plantingIds
  return [
    ...(containerId !== undefined && plantingIds.length === 1
      ? [ruleOf(kind, containerId, plantingId)]
      : []),
    ...(containerId !== undefined ? [ruleOf(kind, containerId)] : []),
    ruleOf(kind),
  ]
}

/** Minutes that a job takes by hand (memory); what a gardener needs is learned from walks. */
const MINUTES: Readonly<Record<JobKind, number>> = {
  ...{ sow: 8, potOn: 10, hardenOff: 3, secure: 4, moveIn: 4, moveOut: 4 },
  ...{ coverOn: 2, coverOff: 1, shadeOn: 3, shadeOff: 2, lookOver: 1, fingerTest: 0.5, weigh: 2 },
  ...{ water: 1, feed: 1.5, plant: 12, support: 5, tie: 2, sideShoots: 2, lowerLeaves: 2 },
  ...{ tip: 1, stopTop: 1, shake: 0.5, rootShoots: 5, pick: 2, topUp: 4, unroll: 2, mulch: 3 },
  ...{ weed: 1, turn: 0.5, measurePh: 5, spray: 3, lastFeed: 0.5, pullOut: 5, cutBack: 4 },
  ...{ recharge: 10, wash: 5, own: 3 },
}
export const minutesOf = (kind: JobKind): number => MINUTES[kind]

/** Whether a job is still to be done. */
export const isOpen = ({ state }: Pick<Job, 'state'>): boolean =>
  state === 'due' || state === 'held' || state === 'later'

const KINDS: ReadonlySet<string> = new Set(jobKinds)
const whole = (text: string | undefined) =>
  text === undefined || text === '' ? undefined : text.replaceAll('%3A', ':').replaceAll('%25', '%')

/** What a rule, or the id of a job, speaks of; nothing is known of one that no job has. */
export function ruleNames(rule: string): {
  readonly kind?: JobKind
  readonly containerId?: string
  readonly plantingId?: string
} {
  const [kind, container, planting] = rule.split(':')
  const [containerId, plantingId] = [whole(container), whole(planting)]
  return {
    ...(kind !== undefined && KINDS.has(kind) && { kind: kind as JobKind }),
    ...(containerId !== undefined && { containerId }),
    ...(plantingId !== undefined && { plantingId }),
  }
}

const EVERYDAY: ReadonlySet<JobKind> = new Set([
  ...(['lookOver', 'weed', 'shake', 'fingerTest', 'weigh', 'turn'] as const),
])

/** Whether a job comes at every other visit: it is never told how late it is, and hangs on no string. */
export const isEveryday = ({ kind }: Pick<Job, 'kind'>): boolean => EVERYDAY.has(kind)

/** Whether a job has a card of its own on the walk: water and feed. */
export const isPoured = ({ kind }: Pick<Job, 'kind'>): boolean =>
  kind === 'water' || kind === 'feed'
