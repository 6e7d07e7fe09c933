import type { MixTestKind } from '@rimbo/core'

/** A number that a kitchen test asks for. */
export interface TestField {
  readonly name: string
  readonly dimension: 'volume' | 'length' | 'mass' | 'plain'
  readonly start?: number
}

/** How a kitchen test goes: its steps in words, its waits, what is measured. */
export interface TestGuide {
  readonly kind: MixTestKind
  /** Steps, each with a wait in minutes where there is one. */
  readonly steps: readonly { readonly id: string; readonly waitMin?: number }[]
  readonly fields: readonly TestField[]
  /** Of what it can be made. */
  readonly of: readonly ('recipe' | 'ingredient' | 'product' | 'container')[]
}

const volume = (name: string, start?: number): TestField => ({
  name,
  dimension: 'volume',
  ...(start === undefined ? {} : { start }),
})

export const testGuides: readonly TestGuide[] = [
  {
    kind: 'drain',
    of: ['recipe', 'ingredient'],
    steps: [
      { id: 'fill' },
      { id: 'pourIn' },
      { id: 'soak', waitMin: 30 },
      { id: 'drain', waitMin: 60 },
      { id: 'measure' },
    ],
    fields: [
      volume('potL'),
      { name: 'heightMm', dimension: 'length', start: 150 },
      volume('waterInL'),
      volume('waterOutL'),
      volume('startWaterL', 0),
    ],
  },
  {
    kind: 'shrinkage',
    of: ['recipe'],
    steps: [{ id: 'measureParts' }, { id: 'mix' }, { id: 'firm' }, { id: 'measureMix' }],
    fields: [volume('looseL'), volume('mixedL')],
  },
  {
    kind: 'squeeze',
    of: ['recipe'],
    steps: [{ id: 'take' }, { id: 'squeeze' }, { id: 'open' }],
    fields: [],
  },
  {
    kind: 'weigh',
    of: ['ingredient', 'product'],
    steps: [{ id: 'level' }, { id: 'tare' }, { id: 'weigh' }],
    fields: [volume('volumeL'), { name: 'massG', dimension: 'mass' }],
  },
  {
    kind: 'extract',
    of: ['container', 'recipe', 'ingredient'],
    steps: [{ id: 'sample' }, { id: 'stir' }, { id: 'stand', waitMin: 30 }, { id: 'read' }],
    fields: [
      { name: 'ph', dimension: 'plain' },
      { name: 'ecDsM', dimension: 'plain' },
    ],
  },
]
