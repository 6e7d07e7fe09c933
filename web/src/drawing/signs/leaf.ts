import type { signsByPart } from '@rimbo/core'
import { ALL_OVER_LEAF, dots, ON_LEAF, ring, strokes, type Marks } from './marks'

const WHOLE = 'M24 40C11 35 9 20 24 5C39 20 37 35 24 40Z'
const EDGE = `${WHOLE}M24 34C16 31 15 21 24 12C33 21 32 31 24 34Z`

export const leafMarks: Marks<(typeof signsByPart)['leaf'][number]> = {
  leafYellow: { base: 'leaf', warm: WHOLE },
  leafYellowBetweenVeins: {
    base: 'leaf',
    warm: 'M22 36L16 29L22 32ZM26 36L32 29L26 32ZM22 28L15 22L22 24ZM26 28L33 22L26 24ZM22 20L19 14L23 12ZM26 20L29 14L25 12Z',
  },
  leafYellowEdges: { base: 'leaf', warm: EDGE },
  leafBrownEdges: { base: 'leaf', dark: EDGE },
  leafBrownTips: {
    base: 'leaf',
    dark: 'M24 5C20 9 17.500 13 16 17C21 14 27 14 32 17C30.500 13 28 9 24 5Z',
  },
  leafPurple: {
    base: 'leaf',
    line: strokes(6, -6, [
      [14, 30],
      [17, 34],
      [21, 37],
      [14, 24],
      [25, 36],
      [16, 18],
      [28, 32],
    ]),
  },
  leafPale: { base: 'leaf', pale: WHOLE },
  leafDarkLush: {
    base: 'leaf',
    green: WHOLE,
    line: strokes(0, -9, [
      [17, 31],
      [20.5, 35],
      [27.5, 35],
      [31, 31],
      [18, 21],
      [30, 21],
    ]),
  },
  leafBleached: {
    base: 'leaf',
    pale: 'M17 16L26 12L31 20L26 27L18 25Z',
    line: 'M17 16L26 12L31 20L26 27L18 25Z',
  },
  leafRollUp: {
    base: 'none',
    line: 'M24 46V10M24 40C10 36 10 20 17 10C21 14 20 32 24 36C28 32 27 14 31 10C38 20 38 36 24 40',
    green: 'M24 40C10 36 10 20 17 10C21 14 20 32 24 36C28 32 27 14 31 10C38 20 38 36 24 40Z',
  },
  leafCupDown: {
    base: 'none',
    line: 'M24 6V16M24 16C10 16 6 26 9 40C14 34 19 31 24 30C29 31 34 34 39 40C42 26 38 16 24 16M24 16V30',
    green: 'M24 16C10 16 6 26 9 40C14 34 19 31 24 30C29 31 34 34 39 40C42 26 38 16 24 16Z',
  },
  leafSmallYellowCup: {
    base: 'shoot',
    line: 'M24 20C18 20 15 16 16 11C20 11 23 15 24 20C25 15 28 11 32 11C33 16 30 20 24 20',
    warm: 'M24 20C18 20 15 16 16 11C20 11 23 15 24 20C25 15 28 11 32 11C33 16 30 20 24 20Z',
  },
  leafMosaic: {
    base: 'leaf',
    green: dots(4, [
      [19, 19],
      [29, 27],
      [24, 35],
    ]),
    pale: dots(4, [
      [29, 17],
      [18, 29],
      [24, 11],
    ]),
  },
  leafStrap: {
    base: 'none',
    line: 'M24 46V26C24 18 20 12 22 4M24 36C18 34 16 28 9 28M24 32C30 30 32 24 39 25M24 26C19 24 19 17 13 15M24 24C29 21 28 14 34 11',
  },
  leafTarget: {
    base: 'leaf',
    line: ring(19, 24, 5) + ring(19, 24, 2.8) + ring(29, 19, 4) + ring(29, 19, 2),
    dark: dots(1.2, [
      [19, 24],
      [29, 19],
      [27, 32],
    ]),
  },
  leafSpotsGreyCentre: {
    base: 'leaf',
    line: dots(2.2, ON_LEAF),
    pale: dots(1.6, ON_LEAF),
    dark: dots(0.5, ON_LEAF),
  },
  leafSpotsWaterDark: {
    base: 'leaf',
    dark: 'M12 22C16 18 24 22 22 28C20 33 14 33 13 29C11 27 11 24 12 22ZM36 17C31 15 27 18 28 22C30 26 36 25 36.500 21Z',
  },
  leafSpotsTinyBlackHalo: { base: 'leaf', warm: dots(2.6, ON_LEAF), dark: dots(1, ON_LEAF) },
  leafMouldBelow: {
    base: 'leaf',
    warm: dots(4, [
      [18, 20],
      [30, 22],
    ]),
    dark: dots(0.9, [
      [17, 30],
      [20, 31],
      [18, 33],
      [28, 31],
      [30, 30],
      [29, 33],
      [24, 36],
    ]),
  },
  leafWhitePowder: {
    base: 'leaf',
    pale: dots(4.5, [
      [18, 22],
      [29, 20],
      [24, 31],
    ]),
    line: dots(0.5, [
      [17, 21],
      [20, 23],
      [28, 19],
      [30, 21],
      [23, 30],
      [25, 32],
      [18, 24],
      [29, 22],
    ]),
  },
  leafRustPustules: { base: 'leaf', warm: dots(1.7, ALL_OVER_LEAF) },
  leafBronze: {
    base: 'leaf',
    warm: WHOLE,
    line: strokes(3, 0, [
      [15, 24],
      [20, 19],
      [28, 22],
      [17, 30],
      [27, 30],
      [22, 35],
      [22, 12],
    ]),
  },
  leafStipple: { base: 'leaf', pale: dots(0.9, ALL_OVER_LEAF), line: dots(0.6, ALL_OVER_LEAF) },
  leafWebs: { base: 'leaf', line: 'M10 10L38 34M38 12L12 34M8 22H40M18 8L20 38M32 8L29 38' },
  leafSilver: {
    base: 'leaf',
    pale: 'M16 20L22 14L24 17L18 24ZM26 26L33 19L34 23L28 30Z',
    dark: dots(0.7, [
      [19, 19],
      [21, 17],
      [29, 26],
      [31, 23],
    ]),
  },
  leafSticky: {
    base: 'leaf',
    line: 'M18 26C18 23 20 21 20 19C20 21 22 23 22 26A2 2 0 0 1 18 26ZM29 33C29 30 31 28 31 26C31 28 33 30 33 33A2 2 0 0 1 29 33Z',
    pale: dots(1.6, [
      [27, 18],
      [20, 33],
    ]),
  },
  leafHolesLarge: {
    base: 'leaf',
    pale: 'M14 20C20 18 22 24 18 27C14 28 12 24 14 20ZM30 14C36 20 35 25 29 24C27 20 27 16 30 14ZM26 33C30 30 32 33 29 36Z',
    line: 'M14 20C20 18 22 24 18 27C14 28 12 24 14 20ZM30 14C36 20 35 25 29 24C27 20 27 16 30 14ZM26 33C30 30 32 33 29 36Z',
  },
  leafHolesTiny: { base: 'leaf', pale: dots(1.3, ALL_OVER_LEAF), line: dots(1.3, ALL_OVER_LEAF) },
  leafMines: {
    base: 'leaf',
    pale: 'M15 28C19 24 21 32 24 27S20 19 26 18S33 24 30 27L31 28C35 24 32 16 26 17S21 23 23 26S19 22 15 27Z',
    line: 'M15 28C19 24 21 32 24 27S20 19 26 18S33 24 30 27',
  },
  leafTatters: {
    base: 'none',
    line: 'M24 46V8M24 40L14 34L18 31L10 24L17 22L13 14L21 14L24 5L27 14L34 15L31 22L38 25L30 30L34 35Z',
    green: 'M24 40L14 34L18 31L10 24L17 22L13 14L21 14L24 5L27 14L34 15L31 22L38 25L30 30L34 35Z',
  },
  leafDrop: {
    base: 'none',
    line: 'M10 4V30M10 10L18 8M30 40C22 40 17 34 18 27C26 26 32 31 30 40ZM22 14V22M19 19L22 22L25 19M6 44H42',
    green: 'M30 40C22 40 17 34 18 27C26 26 32 31 30 40Z',
  },
  leafBlackLimp: {
    base: 'none',
    line: 'M8 8C16 6 22 8 26 14',
    dark: 'M26 14C34 18 36 28 32 42C26 40 22 30 24 22C20 26 16 34 17 40C11 34 12 22 26 14Z',
  },
  leafWedgeYellow: {
    base: 'leaf',
    warm: 'M36 18L24 28L35 33C37 28 37.500 23 36 18Z',
    line: 'M36 18L24 28L35 33',
  },
  leafPucker: {
    base: 'leaf',
    line: 'M15 26C15 22 20 22 20 26M28 24C28 20 33 20 33 24M19 18C19 14 24 14 24 18M26 33C26 29 31 29 31 33M17 33C17 29 22 29 22 33',
  },
  leafSooty: {
    base: 'leaf',
    dark: 'M14 22C18 16 24 20 30 16C35 22 30 30 24 32C17 33 12 28 14 22Z',
  },
  leafCurlUpNew: {
    base: 'shoot',
    line: 'M24 20C16 20 13 13 18 9C22 9 22 14 19 14M24 20C32 20 35 13 30 9C26 9 26 14 29 14',
    green: 'M24 20C16 20 13 13 18 9C20 14 22 17 24 20ZM24 20C32 20 35 13 30 9C28 14 26 17 24 20Z',
  },
}
