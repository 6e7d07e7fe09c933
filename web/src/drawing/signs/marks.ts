import type { Symptom } from '@rimbo/core'

/** What a sign is drawn on. */
export type Base =
  'fruit' | 'flower' | 'leaf' | 'shoot' | 'plant' | 'wilted' | 'stem' | 'section' | 'none'
/** A sign in a square of 48: its base, and what is to be seen on it. */
export interface SignMarks {
  readonly base: Base
  /** Lines. */
  readonly line?: string
  /** Dark, warm, pale and green patches. */
  readonly dark?: string
  readonly warm?: string
  readonly pale?: string
  readonly green?: string
}
export type Marks<S extends Symptom> = { readonly [K in S]: SignMarks }

/** A circle as a path. */
export const ring = (x: number, y: number, r: number): string =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`
type Points = readonly (readonly [x: number, y: number])[]
/** Spots of one size. */
export const dots = (r: number, points: Points): string =>
  points.map(([x, y]) => ring(x, y, r)).join('')
/** Short strokes, each by the same step. */
export const strokes = (dx: number, dy: number, points: Points): string =>
  points.map(([x, y]) => `M${x} ${y}l${dx} ${dy}`).join('')

/** Places on the leaf and on the fruit where spots lie. */
export const ON_LEAF: Points = [
  [19, 20],
  [29, 18],
  [20, 29],
  [29, 28],
  [24, 13],
]
export const ALL_OVER_LEAF: Points = [
  ...ON_LEAF,
  [16, 25],
  [32, 23],
  [24, 35],
  [22, 24],
  [27, 23],
  [21, 16],
  [27, 33],
]
export const ON_FRUIT: Points = [
  [18, 22],
  [29, 21],
  [22, 31],
  [31, 30],
  [24, 25],
]

const LEAF = 'M24 40C11 35 9 20 24 5C39 20 37 35 24 40Z'
const POT = 'M15 30H33L31 44H17Z'

/** The outlines; `back` is tinted, `veins` are drawn light. */
export const bases: Readonly<
  Record<Base, { readonly back?: string; readonly outline: string; readonly veins?: string }>
> = {
  fruit: {
    back: 'M24 13C15 10 9 17 9 26S15 41 24 41S39 35 39 26S33 10 24 13Z',
    outline:
      'M24 13C15 10 9 17 9 26S15 41 24 41S39 35 39 26S33 10 24 13ZM24 13V7M24 13l-6 -2M24 13l6 -2',
  },
  flower: {
    outline:
      'M24 24L20 12L24 9L28 12ZM24 24L35 20L38 24L35 28ZM24 24L28 36L24 39L20 36ZM24 24L13 28L10 24L13 20ZM24 39V46',
  },
  leaf: {
    back: LEAF,
    outline: `${LEAF}M24 40V46`,
    veins: 'M24 40V10M24 33L17 27M24 33L31 27M24 25L18 19M24 25L30 19',
  },
  shoot: {
    outline: 'M24 46V20M24 36C16 36 12 31 11 26M24 36C32 36 36 31 37 26',
    veins: 'M24 20V14',
  },
  plant: {
    outline: `${POT}M24 30V10M24 24C18 24 14 21 13 17C18 16 23 19 24 24M24 20C30 20 34 17 35 13C30 12 25 15 24 20`,
  },
  wilted: {
    outline: `${POT}M24 30C24 20 22 14 28 9M24 24C18 22 14 25 13 29C17 28 21 27 24 24M25 18C31 17 34 20 35 25C31 23 28 21 25 18M28 9C33 9 36 12 36 16C32 14 30 12 28 9`,
  },
  stem: { outline: 'M20 4V40M28 4V40M20 18C14 17 11 14 9 10M28 26C34 25 37 22 39 18' },
  section: { outline: 'M9 10L13 42H35L39 10M10.500 17H37.500' },
  none: { outline: '' },
}
