import type { signsByPart } from '@rimbo/core'
import { dots, ring, type Marks } from './marks'

const BODY = 'M24 12C29 12 31 18 31 25S28 38 24 38S17 32 17 25S19 12 24 12Z'
const LEGS = 'M17 20L10 16M17 26H9M18 32L11 37M31 20L38 16M31 26H39M30 32L37 37'
const FEELERS = 'M22 12L18 5M26 12L30 5'

export const seenMarks: Marks<(typeof signsByPart)['seen'][number]> = {
  seenAphids: {
    base: 'shoot',
    green: dots(2.4, [
      [24, 14],
      [20, 18],
      [28, 18],
      [22, 23],
      [27, 24],
      [24, 29],
    ]),
    line: dots(2.4, [
      [24, 14],
      [20, 18],
      [28, 18],
      [22, 23],
      [27, 24],
      [24, 29],
    ]),
  },
  seenWhitefly: {
    base: 'none',
    line: [
      [14, 14],
      [30, 10],
      [22, 24],
      [36, 26],
      [12, 34],
      [28, 38],
    ]
      .map(([x, y]) => `M${x} ${y}l-4 5h8Z`)
      .join(''),
    pale: [
      [14, 14],
      [30, 10],
      [22, 24],
      [36, 26],
      [12, 34],
      [28, 38],
    ]
      .map(([x, y]) => `M${x} ${y}l-4 5h8Z`)
      .join(''),
  },
  seenThrips: {
    base: 'none',
    line: 'M24 6L21 14V34L24 42L27 34V14ZM21 18L15 15M27 18L33 15M21 24L14 25M27 24L34 25M24 6L21 2M24 6L27 2M21 28H27M21 32H27',
  },
  seenMites: {
    base: 'none',
    line: `${ring(24, 26, 9)}M16 21L8 16M15 26L6 26M17 32L9 38M32 21L40 16M33 26L42 26M31 32L39 38`,
    dark: dots(2, [
      [20, 25],
      [28, 25],
    ]),
  },
  seenBigCaterpillar: {
    base: 'none',
    line: 'M8 30C8 22 14 22 15 27C15 20 22 20 23 26C23 19 30 19 31 25C32 18 40 19 40 27C40 33 8 36 8 30ZM15 27V33M23 26V33M31 25V32M40 22L44 16',
    green:
      'M8 30C8 22 14 22 15 27C15 20 22 20 23 26C23 19 30 19 31 25C32 18 40 19 40 27C40 33 8 36 8 30Z',
    dark: dots(1, [[37, 24]]),
  },
  seenSmallCaterpillar: {
    base: 'none',
    line: 'M12 32C12 26 18 20 24 22S32 32 37 27M14 33L13 36M19 25L17 28M27 24L26 27',
    dark: dots(1.6, [[37, 26]]),
  },
  seenDroppingsDark: {
    base: 'leaf',
    dark: 'M17 20h3v3h-3ZM27 17h3v3h-3ZM20 29h3v3h-3ZM28 27h3v3h-3ZM23 13h3v3h-3Z',
  },
  seenSlime: {
    base: 'none',
    line: 'M4 40C12 40 10 28 18 28S24 18 32 18S36 8 44 8M7 44C16 44 14 32 21 32S28 22 35 22S40 12 46 12',
    pale: 'M4 40C12 40 10 28 18 28S24 18 32 18S36 8 44 8L46 12C40 12 42 22 35 22S28 32 21 32S16 44 7 44Z',
  },
  seenSlug: {
    base: 'none',
    line: 'M4 38C10 38 12 26 22 26C30 26 34 30 38 28C42 26 42 22 42 20M38 28L36 19M42 20L44 14M4 38C16 42 34 42 40 34L40 27',
    warm: 'M4 38C10 38 12 26 22 26C30 26 34 30 40 27L40 34C34 42 16 42 4 38Z',
  },
  seenGrub: {
    base: 'none',
    line: 'M34 14C22 10 12 18 14 28C16 36 26 38 32 34C28 33 22 31 22 26C22 22 28 20 34 22ZM17 22L23 24M16 29L22 28M21 35L24 30',
    pale: 'M34 14C22 10 12 18 14 28C16 36 26 38 32 34C28 33 22 31 22 26C22 22 28 20 34 22Z',
    warm: ring(34, 18, 4),
  },
  seenJumpingBeetle: {
    base: 'none',
    dark: ring(20, 30, 5),
    line: 'M16 34L10 40M24 34L30 40M26 24C30 14 38 12 42 20M42 20l-4 -1M42 20l1 -4',
  },
  seenShieldBug: {
    base: 'none',
    line: `M14 16H34L38 20L30 38L24 43L18 38L10 20ZM24 16L17 30M24 16L31 30M20 16V11H28V16M20 11L15 5M28 11L33 5`,
    green: 'M14 16H34L38 20L30 38L24 43L18 38L10 20Z',
  },
  seenAnts: {
    base: 'none',
    dark:
      dots(3, [
        [14, 30],
        [21, 26],
        [29, 20],
      ]) + ring(36, 15, 2.4),
    line: 'M21 26L17 34M21 26L26 33M21 26L17 19M21 26L25 18M29 20L34 26M29 20L25 14M38 13L43 9M38 15L44 15',
  },
  seenBird: {
    base: 'none',
    line: 'M8 24C12 14 24 12 30 18L40 16L33 22C34 32 26 38 16 36L6 42L12 32C8 30 7 27 8 24ZM20 36V44M25 35V43M17 26C20 30 26 29 28 25',
    dark: ring(29, 20, 1.2),
  },
  seenRodent: {
    base: 'none',
    line: 'M8 36C6 26 16 18 26 22C30 14 36 18 34 24L42 30C40 34 34 36 28 36ZM8 36C2 34 2 26 6 22M16 36V40M28 36V40M42 30L46 28M42 31L46 32',
    dark: ring(35, 28, 1.1),
  },
  seenLeafhopper: {
    base: 'none',
    line: 'M24 6L32 14L29 40L24 44L19 40L16 14ZM24 14V44M16 14H32M17 22L10 18M31 22L38 18M18 30L9 36M30 30L39 36',
    green: 'M24 6L32 14L29 40L24 44L19 40L16 14Z',
  },
  seenStripedBeetle: {
    base: 'none',
    line: `${BODY}${LEGS}${FEELERS}M24 17V38M17 18H31`,
    dark: 'M20 19H21.500V36L20 33ZM26.500 19H28V33L26.500 36Z',
  },
  seenScaleOrWool: {
    base: 'stem',
    warm: dots(3, [
      [20, 14],
      [28, 22],
      [20, 33],
    ]),
    pale: ring(28, 34, 4),
    line: `${ring(28, 34, 4)}${dots(3, [
      [20, 14],
      [28, 22],
      [20, 33],
    ])}`,
  },
}
