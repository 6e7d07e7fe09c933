import type { signsByPart } from '@rimbo/core'
import { dots, ON_FRUIT, ring, strokes, type Marks } from './marks'

type Parts = typeof signsByPart

export const fruitMarks: Marks<Parts['fruit'][number]> = {
  fruitEndBlack: { base: 'fruit', dark: 'M14 33C18 30 30 30 34 33C32 39 28 41 24 41S16 39 14 33Z' },
  fruitCrackRound: {
    base: 'fruit',
    line: 'M17 14C15 18 20 20 24 20S33 18 31 14M13 16C11 22 18 25 24 25S37 22 35 16',
  },
  fruitCrackDown: { base: 'fruit', line: 'M22 14L20 20L22 26L19 34M27 14L30 21L28 29L31 36' },
  fruitCorkLines: {
    base: 'fruit',
    line: 'M14 20L17 22M15 26L19 27M18 33L22 33M27 35L31 33M31 27L35 26M30 21L34 20M22 22L26 23M23 28L27 28',
  },
  fruitPalePatch: { base: 'fruit', pale: ring(30, 25, 7), line: 'M40 6V11M35 8L38 12M45 8L42 12' },
  fruitBlotchy: {
    base: 'fruit',
    warm: dots(4, [
      [17, 24],
      [29, 33],
    ]),
    pale: dots(4, [
      [29, 21],
      [20, 34],
    ]),
  },
  fruitYellowShoulder: {
    base: 'fruit',
    pale: 'M24 13C15 10 10 16 9.500 22C16 19 32 19 38.500 22C38 16 33 10 24 13Z',
  },
  fruitScarred: {
    base: 'fruit',
    line: 'M15 33C18 36 20 32 23 36C26 32 28 37 32 33M18 38C21 36 27 36 30 38M24 36V40',
  },
  fruitZip: {
    base: 'fruit',
    line: 'M30 14C34 22 33 32 27 40M31 18h4M32 22h4M32 27h4M31 32h4M29 36h4',
  },
  fruitHollow: {
    base: 'fruit',
    pale: 'M17 22C17 17 31 17 31 22L24 26ZM17 30C17 35 31 35 31 30L24 26Z',
    line: 'M13 26H35',
  },
  fruitSmall: {
    base: 'none',
    line: `${ring(24, 30, 6)}M24 24V12M24 16L17 13M24 16L31 13`,
    green: ring(24, 30, 6),
  },
  fruitHoleChewed: {
    base: 'fruit',
    dark: 'M27 18C33 16 37 22 35 27C31 31 25 29 26 25C24 22 25 19 27 18Z',
  },
  fruitHoleRound: {
    base: 'fruit',
    dark: ring(26, 25, 3.5),
    line: dots(0.8, [
      [24, 31],
      [27, 32],
      [26, 34],
    ]),
  },
  fruitPecked: { base: 'fruit', dark: 'M25 22L31 25L26 28Z', line: 'M46 19L34 25L46 28' },
  fruitGnawed: {
    base: 'fruit',
    dark: 'M38 20C33 19 30 22 31 25C29 27 30 30 33 30C33 33 36 34 38.500 31Z',
    line: 'M31 25l-2 -1M31 28l-2 1',
  },
  fruitSunkenRings: {
    base: 'fruit',
    line: ring(20, 26, 6) + ring(20, 26, 3.5) + ring(32, 33, 3),
    dark: ring(20, 26, 1.5),
  },
  fruitBrownFirm: {
    base: 'fruit',
    warm: 'M12 18C18 14 28 16 30 22C33 27 26 33 18 31C12 31 8 24 12 18Z',
  },
  fruitScabs: { base: 'fruit', dark: dots(1.8, ON_FRUIT), line: dots(3, ON_FRUIT) },
  fruitSpeckleHalo: { base: 'fruit', pale: dots(3.4, ON_FRUIT), dark: dots(1.1, ON_FRUIT) },
  fruitRingPatterns: {
    base: 'fruit',
    line: ring(19, 24, 5) + ring(19, 24, 2.5) + ring(31, 31, 4) + ring(31, 31, 1.8),
  },
  fruitSoftWet: {
    base: 'fruit',
    warm: 'M9 28C16 24 32 24 39 28C38 36 32 41 24 41S10 36 9 28Z',
    line: 'M17 42C17 45 20 45 20 42M29 42C29 46 32 46 32 42',
  },
  fruitStingSpots: { base: 'fruit', pale: dots(3, ON_FRUIT), line: dots(0.4, ON_FRUIT) },
  fruitFlatSeedless: {
    base: 'none',
    line: 'M10 26C10 18 38 18 38 26C38 34 30 32 24 36C18 32 10 34 10 26ZM24 20V13M16 26H32',
    green: 'M10 26C10 18 38 18 38 26C38 34 30 32 24 36C18 32 10 34 10 26Z',
  },
  fruitDropped: {
    base: 'none',
    line: `M24 4V14M24 14l-5 -2M24 14l5 -2${ring(24, 36, 7)}M24 18V26M21 23L24 26L27 23M8 43H40`,
    green: ring(24, 36, 7),
  },
  fruitNone: {
    base: 'none',
    line: 'M24 44V8M24 18C18 18 15 15 14 11M24 26C30 26 33 23 34 19M16 30L32 42M32 30L16 42',
  },
  fruitDents: {
    base: 'fruit',
    line: 'M12 20C16 20 16 25 11 25M12 30C16 29 17 34 14 34M21 16C21 20 26 20 27 16',
    dark: dots(1, [
      [13, 22],
      [14, 32],
    ]),
  },
  fruitPale: { base: 'fruit', pale: 'M24 13C15 10 9 17 9 26S15 41 24 41S39 35 39 26S33 10 24 13Z' },
}

export const flowerMarks: Marks<Parts['flower'][number]> = {
  flowersDrop: {
    base: 'none',
    line: 'M24 4V10M24 16V24M21 21L24 24L27 21M24 32L20 28L24 25L28 28ZM24 32L30 35M24 32L18 35M24 32V38M9 43H39',
  },
  flowersNone: {
    base: 'none',
    line: 'M24 46V10M24 34C16 33 12 29 11 24M24 26C32 25 36 21 37 16M24 18C18 17 16 14 15 10',
  },
  flowersManyNoFruit: {
    base: 'none',
    line: `M24 46V6M24 14L14 10M24 22L35 18M24 30L13 27${dots(3, [
      [12, 9],
      [37, 17],
      [11, 26],
      [24, 5],
    ])}`,
  },
  flowersStuck: {
    base: 'none',
    line: 'M24 4V20M24 20L19 26L22 34M24 20L25 28L24 36M24 20L29 26L27 34',
    warm: 'M19 26L24 22L29 26L26 36H22Z',
  },
  flowersGreyFuzz: {
    base: 'flower',
    dark: dots(1.1, [
      [20, 20],
      [28, 20],
      [24, 17],
      [18, 25],
      [30, 25],
      [22, 29],
      [27, 30],
      [24, 24],
    ]),
    line: strokes(1, -2, [
      [16, 20],
      [31, 17],
      [33, 30],
      [17, 32],
    ]),
  },
}
