import { own } from '../../units'
import { drainedBody } from '../drained'
import { retentionCurve } from '../retention'
import { cheapestPriceL } from '../ingredient'
import { TABLED_SUCTIONS_CM } from '../suctions'
import type { Ingredient } from '../ingredientSchema'
import type { LimitedProperty, MixCandidate, MixLimit, MixTask } from './types'

/** Each candidate as a linear programme sees it: by itself, in the containers. */
export interface Linear extends MixCandidate {
  readonly name: string
  /** Held by the ingredient alone in these containers, share of volume. */
  readonly waterShare: number
  readonly poreShare: number
}

/** What the straight sums are off by, as the last full check has shown. */
export interface Correction {
  readonly packing: number
  readonly containerCapacity: number
  readonly airSpace: number
  readonly wetDensityGL: number
}

/** Nothing learned yet: a first guess of what mixing loses, and sums taken to be right. */
export const NOTHING_OFF: Correction = {
  packing: 1.13,
  containerCapacity: 0,
  airSpace: 0,
  wetDensityGL: 0,
}

type SummedProperty = Exclude<LimitedProperty, 'ph'>
type Terms = Readonly<Record<string, number>>

/** A row of the programme: Σ terms {≤, ≥, =} limit. */
export interface Row {
  readonly terms: Terms
  readonly relation: '<=' | '>=' | '='
  readonly limit: number
  /** What was asked by it; undefined for what always holds. */
  readonly asked?: MixLimit
}

/** Litres of mix that a task asks for, all vessels together. */
export const volumeOf = ({ vessels }: MixTask): number =>
  vessels.reduce((sum, { volumeL }) => sum + volumeL, 0)

/** A mean over the containers, each by the mix it takes. */
export function overVessels(
  task: MixTask,
  of: (body: MixTask['vessels'][number]['body']) => number,
): number {
  const total = volumeOf(task)
  return task.vessels.reduce((sum, { body, volumeL }) => sum + of(body) * volumeL, 0) / total
}

const curveOf = ({ waterShares }: Ingredient) =>
  retentionCurve(
    TABLED_SUCTIONS_CM.map((suctionCm, index) => ({ suctionCm, waterShare: waterShares[index]! })),
  )

/** The candidates of a task as the solver takes them: what each brings for each share of the volume. */
export const linearOf = (task: MixTask): readonly Linear[] =>
  task.candidates.map((candidate, index) => {
    const curve = curveOf(candidate.ingredient)
    return {
      ...candidate,
      name: `x${index}`,
      poreShare: curve.totalPorosity,
      waterShare: overVessels(task, (body) => drainedBody(body, curve).containerCapacity),
    }
  })

const sumOver = (linear: readonly Linear[], of: (one: Linear) => number): Terms =>
  Object.fromEntries(linear.map((one) => [one.name, of(one)]))

/**
 * A limited property as a sum over the shares, and the constant beside it. Water
 * and weight add up by volume; pH is kept as the pull that each ingredient has
 * away from the limit, which adds up too.
 */
function propertyTerms(
  linear: readonly Linear[],
  property: SummedProperty,
  correction: Correction,
): { readonly terms: Terms; readonly constant: number } {
  const { packing } = correction
  const of: Record<typeof property, (one: Linear) => number> = {
    containerCapacity: ({ waterShare }) => packing * waterShare,
    airSpace: ({ waterShare, poreShare }) => 1 - packing * (1 - poreShare + waterShare),
    wetDensityGL: ({ ingredient, waterShare }) =>
      packing * (ingredient.bulkDensityGL + 1000 * waterShare),
  }
  return { terms: sumOver(linear, of[property]), constant: correction[property] }
}

/** What the straight sums alone say of some shares. */
export function straightSum(
  linear: readonly Linear[],
  shares: readonly number[],
  property: SummedProperty,
  packing: number,
): number {
  const { terms } = propertyTerms(linear, property, { ...NOTHING_OFF, packing })
  return linear.reduce((sum, { name }, index) => sum + shares[index]! * own(terms, name)!, 0)
}

/** A share smaller than this is not worth a bag. */
export const LEAST_PART_SHARE = 0.05

function limitRows(task: MixTask, linear: readonly Linear[], correction: Correction): Row[] {
  return Object.entries(task.limits).flatMap(([name, bound]) => {
    const property = name as LimitedProperty
    const sides = [
      ['least', '>=', bound.least],
      ['most', '<=', bound.most],
    ] as const
    return sides.flatMap(([code, relation, value]): Row[] => {
      if (value === undefined) return []
      const asked = { code, property, value }
      if (property === 'ph')
        return [
          {
            terms: sumOver(
              linear,
              ({ ingredient }) => ingredient.bufferGL * (ingredient.ph - value),
            ),
            relation,
            limit: 0,
            asked,
          },
        ]
      const { terms, constant } = propertyTerms(linear, property, correction)
      return [{ terms, relation, limit: value - constant, asked }]
    })
  })
}

function candidateRows(task: MixTask, looseL: number, one: Linear): Row[] {
  const { name, ingredient, leastShare, mostShare, stockL, isBought } = one
  const ingredientId = ingredient.id
  const packs = isBought ? ingredient.packs : []
  const bought = Object.fromEntries(packs.map((pack, index) => [`${name}p${index}`, -pack.looseL]))
  return [
    { terms: { [name]: 1, [`${name}y`]: -1 }, relation: '<=', limit: 0 },
    { terms: { [name]: 1, [`${name}y`]: -LEAST_PART_SHARE }, relation: '>=', limit: 0 },
    ...(leastShare > 0
      ? [
          {
            terms: { [name]: 1 },
            relation: '>=' as const,
            limit: leastShare,
            asked: { code: 'ingredientLeast' as const, ingredientId, value: leastShare },
          },
        ]
      : []),
    ...(mostShare < 1
      ? [
          {
            terms: { [name]: 1 },
            relation: '<=' as const,
            limit: mostShare,
            asked: { code: 'ingredientMost' as const, ingredientId, value: mostShare },
          },
        ]
      : []),
    {
      terms: { [name]: looseL, ...bought },
      relation: '<=',
      limit: stockL,
      ...(packs.length ? {} : { asked: { code: 'stock' as const, ingredientId, value: stockL } }),
    },
  ]
}

/** Everything that has to hold. */
export function rowsOf(task: MixTask, linear: readonly Linear[], correction: Correction): Row[] {
  const looseL = volumeOf(task) * correction.packing
  return [
    { terms: sumOver(linear, () => 1), relation: '=', limit: 1 },
    {
      terms: Object.fromEntries(linear.map(({ name }) => [`${name}y`, 1])),
      relation: '<=',
      limit: task.mostKinds,
      asked: { code: 'mostKinds', value: task.mostKinds },
    },
    ...linear.flatMap((one) => candidateRows(task, looseL, one)),
    ...limitRows(task, linear, correction),
    ...(task.aim === 'closest' ? distanceRows(task, linear, correction) : []),
  ]
}

/** How far water and air are off the wish, either way. */
function distanceRows(task: MixTask, linear: readonly Linear[], correction: Correction): Row[] {
  return (['containerCapacity', 'airSpace'] as const).map((property) => {
    const { terms, constant } = propertyTerms(linear, property, correction)
    return {
      terms: { ...terms, [`${property}Over`]: -1, [`${property}Under`]: 1 },
      relation: '=',
      limit: task.wished[property] - constant,
    }
  })
}

/** Money decides between mixes that are otherwise as good. */
const TIE_BREAK = 1e-4

function objectiveOf(task: MixTask, linear: readonly Linear[], correction: Correction): Terms {
  const tieBreak = sumOver(
    linear,
    ({ ingredient, isBought }) => TIE_BREAK * ((isBought && cheapestPriceL(ingredient)) || 0),
  )
  switch (task.aim) {
    case 'cheapest':
      return Object.fromEntries(
        linear.flatMap(({ name, ingredient, isBought }) =>
          isBought ? ingredient.packs.map((pack, index) => [`${name}p${index}`, pack.price]) : [],
        ),
      )
    case 'lightest':
      return propertyTerms(linear, 'wetDensityGL', correction).terms
    case 'closest':
      return {
        containerCapacityOver: 1,
        containerCapacityUnder: 1,
        airSpaceOver: 1,
        airSpaceUnder: 1,
        ...tieBreak,
      }
  }
}

const figure = (value: number) => Number(value.toFixed(9)).toString()
const written = (terms: Terms) =>
  Object.entries(terms)
    .map(([name, factor]) => `${factor < 0 ? '-' : '+'} ${figure(Math.abs(factor))} ${name}`)
    .join('\n  ')

/**
 * The programme as text, with some of what was asked perhaps left out.
 *
 * @param isInWholePacks whole packs are much slower to solve than parts of packs
 */
export function programmeOf(
  task: MixTask,
  linear: readonly Linear[],
  correction: Correction,
  rows: readonly Row[],
  isInWholePacks: boolean,
): string {
  const looseL = volumeOf(task) * correction.packing
  const packs = linear.flatMap(({ name, ingredient, isBought, mostShare }) =>
    isBought
      ? ingredient.packs.map((pack, index) => ({
          name: `${name}p${index}`,
          most: Math.ceil((mostShare * looseL) / pack.looseL),
        }))
      : [],
  )
  const objective = written(objectiveOf(task, linear, correction))
  return [
    'Minimize',
    ` obj: ${objective || `0 ${linear[0]!.name}`}`,
    'Subject To',
    ...rows.map(
      ({ terms, relation, limit }, index) =>
        ` c${index}: ${written(terms)} ${relation} ${figure(limit)}`,
    ),
    'Bounds',
    ...linear.map(({ name }) => ` 0 <= ${name} <= 1`),
    ...packs.map(({ name, most }) => ` 0 <= ${name} <= ${most}`),
    ...(packs.length && isInWholePacks
      ? ['General', ` ${packs.map(({ name }) => name).join('\n ')}`]
      : []),
    'Binary',
    ` ${linear.map(({ name }) => `${name}y`).join('\n ')}`,
    'End',
  ].join('\n')
}
