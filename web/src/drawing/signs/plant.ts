import type { signsByPart } from '@rimbo/core'
import { dots, ring, strokes, type Marks } from './marks'

type Parts = typeof signsByPart
const SUN = `${ring(40, 8, 3)}M40 1V3M40 13V15M33 8H35M45 8H47`
const MOON = 'M42 4A5 5 0 1 0 46 12A6 6 0 0 1 42 4Z'
const FILL = 'M10.500 17H37.500L35 42H13Z'

export const wholeMarks: Marks<Parts['whole'][number]> = {
  wiltMiddayOnly: { base: 'wilted', line: SUN },
  wiltDryMix: {
    base: 'wilted',
    pale: 'M15.500 33H32.500L31 44H17Z',
    line: 'M18 36L21 39M27 35L25 40',
  },
  wiltWetMix: { base: 'wilted', dark: 'M15.500 33H32.500L31 44H17Z' },
  wiltOneSide: {
    base: 'none',
    line: 'M15 30H33L31 44H17ZM24 30V10M24 22C18 22 14 19 13 14C18 13 23 17 24 22M24 18C31 18 35 22 36 28C31 26 27 23 24 18',
  },
  wiltSudden: { base: 'wilted', line: 'M8 6L12 12H7L11 20' },
  growthStalled: {
    base: 'none',
    line: 'M15 30H33L31 44H17ZM24 30V22M24 27C20 27 18 25 17 22M24 27C28 27 30 25 31 22M17 10H31M24 18V11',
  },
  tallThin: {
    base: 'none',
    line: 'M18 38H30L29 46H19ZM24 38V3M24 30L18 27M24 21L30 18M24 12L18 9M24 5L28 3',
  },
  leavesNoFruit: {
    base: 'plant',
    green:
      'M24 24C18 24 12 21 11 15C18 14 23 19 24 24ZM24 20C30 20 36 17 37 11C30 10 25 15 24 20ZM24 12C19 12 17 8 18 4C22 5 24 8 24 12ZM24 12C29 12 31 8 30 4C26 5 24 8 24 12Z',
  },
  plantLoose: {
    base: 'plant',
    line: 'M38 22C42 25 42 31 38 34M38 34l0 -4M38 34l4 -1M10 22C6 25 6 31 10 34M10 34l0 -4M10 34l-4 -1',
  },
  seedlingToppled: {
    base: 'none',
    line: 'M6 34H42M20 34C22 30 26 31 32 30M32 30C36 26 39 27 40 29M32 30C36 33 39 33 40 31',
    dark: 'M19 34C20 31 23 30 24 31L24 34Z',
  },
  wiltDaily: { base: 'wilted', line: MOON },
  manyPlantsAtOnce: {
    base: 'none',
    line: 'M5 32H15L14 42H6ZM19 32H29L28 42H20ZM33 32H43L42 42H34ZM10 32C10 26 12 22 15 20M24 32C24 26 26 22 29 20M38 32C38 26 40 22 43 20M15 20C18 20 19 23 18 26M29 20C32 20 33 23 32 26M43 20C46 20 47 23 46 26',
  },
}

export const stemMarks: Marks<Parts['stem'][number]> = {
  stemBrownLesion: { base: 'stem', dark: 'M20 18C23 16 27 19 28 24C28 30 24 33 20 31Z' },
  stemCankerOpen: {
    base: 'stem',
    dark: 'M23 17L25 22L23.500 27L25 33L22 27L23 22Z',
    line: 'M21 16C19 22 19 28 22 35M26 16C29 22 29 28 25 35',
  },
  stemBrownInside: {
    base: 'none',
    line: `${ring(24, 24, 16)}${ring(24, 24, 7)}`,
    dark: `${ring(24, 24, 12)}${ring(24, 24, 8)}`,
  },
  stemSlimeInWater: {
    base: 'none',
    line: 'M12 14L14 44H34L36 14M13 22H35M21 2V28H27V2',
    pale: 'M22 28C22 34 20 36 22 41C24 38 23 34 24 30C25 34 25 38 27 41C28 36 26 33 26 28Z',
  },
  stemCollarRot: { base: 'stem', dark: 'M18 31C22 30 26 30 30 31V40H18Z', line: 'M6 40H42' },
  stemWhiteFan: {
    base: 'stem',
    line: 'M6 40H42M24 40L14 31M24 40L19 29M24 40V28M24 40L29 29M24 40L34 31',
    dark: dots(1.2, [
      [13, 37],
      [35, 37],
      [17, 38],
      [31, 38],
    ]),
  },
  stemGreyFuzz: {
    base: 'stem',
    line:
      strokes(-4, -3, [
        [20, 14],
        [20, 22],
        [20, 30],
      ]) +
      strokes(4, -3, [
        [28, 12],
        [28, 20],
        [28, 33],
      ]),
    dark: dots(1, [
      [15, 10],
      [15, 18],
      [15, 26],
      [33, 8],
      [33, 16],
      [33, 29],
    ]),
  },
  stemSnapped: { base: 'none', line: 'M20 46V26L24 23L28 26V46M23 22L36 8M28 25L42 13M36 8L42 13' },
  stemCutAtSoil: {
    base: 'none',
    line: 'M4 38H44M21 38V34H27V38M26 30L42 16M30 33L44 22M26 30L30 33M38 19C36 14 38 10 42 8',
  },
  stemBumps: {
    base: 'stem',
    pale: dots(1.8, [
      [20, 22],
      [20, 27],
      [20, 32],
      [28, 31],
      [28, 36],
      [20, 37],
    ]),
    line: dots(1.8, [
      [20, 22],
      [20, 27],
      [20, 32],
      [28, 31],
      [28, 36],
      [20, 37],
    ]),
  },
  stemBronze: {
    base: 'stem',
    warm: 'M20.500 4H27.500V40H20.500Z',
    line: 'M23 8V14M25 20V27M23 31V37',
  },
  stemDents: {
    base: 'stem',
    line: 'M20 12C24 12 24 16 20 17M20 26C24 26 24 30 20 31M4 4L12 12M4 14L11 21',
    dark: dots(1, [
      [21, 14],
      [21, 28],
    ]),
  },
  stemWhiteMould: {
    base: 'stem',
    pale: 'M16 22C18 18 30 18 32 22C34 28 31 34 24 34S14 28 16 22Z',
    line: 'M16 22C18 18 30 18 32 22C34 28 31 34 24 34S14 28 16 22Z',
    dark: dots(1.4, [
      [23, 24],
      [26, 28],
      [22, 30],
    ]),
  },
}

export const mixMarks: Marks<Parts['mix'][number]> = {
  rootsBrownSoft: {
    base: 'section',
    line: 'M24 8V17',
    dark: 'M23 17H25L26 26L31 33L29 35L24 28L18 36L16 34L22 26Z',
  },
  rootsCircling: {
    base: 'section',
    line: 'M24 8V17M14 20C18 42 30 42 34 20M15 26C19 44 29 44 33 26M17 20C20 36 28 36 31 20',
  },
  rootsKnots: {
    base: 'section',
    line: 'M24 8V17M24 17V38M24 22L16 32M24 22L32 32',
    warm: dots(2.2, [
      [24, 29],
      [20, 27],
      [28, 27],
      [17, 31],
      [31, 31],
      [24, 37],
    ]),
  },
  rootsEaten: {
    base: 'section',
    line: 'M24 8V23M24 20L20 24M24 20L28 24M17 34C17 31 21 30 23 32C25 34 23 37 20 36',
  },
  mixDryKnuckle: {
    base: 'section',
    pale: FILL,
    line: 'M22 4V30A2 2 0 0 0 26 30V4M22 20H26M30 24L33 28M16 28L18 32',
  },
  mixWetKnuckle: {
    base: 'section',
    dark: FILL,
    pale: 'M22 4H26V30A2 2 0 0 1 22 30Z',
    line: 'M22 4V30A2 2 0 0 0 26 30V4',
  },
  mixSour: {
    base: 'section',
    line: 'M17 13C15 10 19 8 17 4M24 13C22 10 26 8 24 4M31 13C29 10 33 8 31 4',
    dark: 'M11.500 24H36.500L35 42H13Z',
  },
  mixWhiteCrust: {
    base: 'section',
    pale: 'M10.500 14H37.500L37 20H11Z',
    line: 'M12 15l2 3M17 14l2 3M22 15l2 3M27 14l2 3M32 15l2 3',
  },
  mixSunk: {
    base: 'none',
    line: 'M9 10L13 42H35L39 10M11.800 32H36.200M24 14V27M20 23L24 27L28 23',
    dark: 'M11.800 32H36.200L35 42H13Z',
  },
  mixFlies: {
    base: 'section',
    line: [
      [17, 8],
      [26, 5],
      [33, 10],
      [22, 13],
    ]
      .map(([x, y]) => `M${x} ${y}l-3 -2M${x} ${y}l3 -2`)
      .join(''),
    dark: dots(1.1, [
      [17, 9],
      [26, 6],
      [33, 11],
      [22, 14],
    ]),
  },
  drainSlow: {
    base: 'section',
    warm: 'M9.600 12H38.400L37.500 17H10.500Z',
    line: 'M14 14.500H20M26 14.500H32',
  },
  drainNone: {
    base: 'section',
    dark: 'M22 42H26V39H22Z',
    line: 'M24 44V47M18 45L30 47M30 45L18 47',
  },
  potHotWall: {
    base: 'section',
    warm: 'M9 10L13 42H17L14 10Z',
    line: 'M3 14C5 17 1 19 3 23M4 27C6 30 2 32 4 36',
  },
}
