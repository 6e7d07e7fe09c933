import type { GardenRecord, Knot } from '@rimbo/core'
import { kindsShown, type Mark } from '../records/kinds'

/** How a knot is drawn about its middle: a line, what it stands for, and the key of its word. */
export interface KnotMark {
  readonly d: string
  readonly kind: string
  readonly word: string | undefined
  /** Beside the string to the left: what was felt, not what was done. */
  readonly isLeft: boolean
}

const DIAMOND = 'M0 -4.600L4.600 0L0 4.600L-4.600 0Z'
/** A flower of five, seen from the front. */
const FLOWER = Array.from({ length: 5 }, (_, petal) => {
  const angle = (petal / 5) * 2 * Math.PI - Math.PI / 2
  const [x, y] = [Math.cos(angle) * 3, Math.sin(angle) * 3]
  return `M${(x - 2).toFixed(1)} ${y.toFixed(1)}a2 2 0 1 0 4 0a2 2 0 1 0 -4 0`
}).join('')
/** A round fruit with its stalk. */
const FRUIT = 'M-4 0.600a4 4 0 1 0 8 0a4 4 0 1 0 -8 0M0 -3.400L1.500 -6'
const FROST = 'M0 -5V5M-4.300 -2.500L4.300 2.500M-4.300 2.500L4.300 -2.500'
/** A finger in the mix: filled as far as it came out damp. */
const FINGER = 'M-2.600 -5V2.400a2.600 2.600 0 0 0 5.200 0V-5'
const FEEL = {
  dry: '',
  moist: 'M-2.600 0.500H2.600',
  wet: 'M-2.600 -3H2.600M-2.600 -0.500H2.600M-2.600 2H2.600',
} as const

/** A finger as it came out of the mix. */
export const fingerMark = (feel: keyof typeof FEEL): string => FINGER + FEEL[feel]

const SKIPPED = 'M-4 -4L4 4M-4 4L4 -4'
const DRAWN = {
  done: { d: DIAMOND, kind: 'knot-done', isLeft: false },
  skipped: { d: SKIPPED, kind: 'knot-open', isLeft: false },
  tested: { d: DIAMOND, kind: 'knot-feel', isLeft: true },
  finger: { d: FINGER, kind: 'knot-feel', isLeft: true },
  flower: { d: FLOWER, kind: 'knot-flower', isLeft: false },
  fruit: { d: FRUIT, kind: 'knot-fruit', isLeft: false },
  trouble: { d: DIAMOND, kind: 'knot-trouble', isLeft: false },
} as const satisfies Record<Mark, Omit<KnotMark, 'word'>>

/** Done at every other visit: a knot, and no word. */
const QUIET: readonly GardenRecord['kind'][] = ['look', 'weed', 'shake']

function recordMark(record: GardenRecord): KnotMark {
  const drawn = DRAWN[kindsShown[record.kind].mark]
  // What was felt or measured stands beside the string without a word.
  if (drawn.isLeft)
    return {
      ...drawn,
      ...(record.kind === 'finger' && { d: fingerMark(record.feel) }),
      word: undefined,
    }
  if (QUIET.includes(record.kind)) return { ...drawn, word: undefined }
  const word = record.kind === 'sign' ? `string.sign.${record.sign}` : `string.kind.${record.kind}`
  return { ...drawn, word }
}

/** What is expected and was not seen is drawn in dashes, before today and after it. */
export function knotMark(knot: Knot): KnotMark {
  if (knot.kind === 'record') return recordMark(knot.record)
  if (knot.kind === 'job')
    return {
      d: knot.job.state === 'skipped' ? SKIPPED : DIAMOND,
      kind: 'knot-open',
      word: knot.job.state === 'skipped' ? undefined : `string.job.${knot.job.kind}`,
      isLeft: false,
    }
  if (knot.kind === 'planned')
    return { d: DIAMOND, kind: 'knot-expected', word: undefined, isLeft: false }
  const d = { firstFlower: FLOWER, firstRipe: FRUIT, frost: FROST }[knot.kind]
  return { d, kind: 'knot-expected', word: `string.kind.${knot.kind}`, isLeft: false }
}
