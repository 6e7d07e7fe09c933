import {
  covers,
  findings,
  mulchMaterials,
  prunings,
  RECHARGE_COMPOST_SHARE,
  removals,
  ripenesses,
  signs,
  supports,
  USUAL_CLOTH_SHARE,
  USUAL_MULCH_MM,
  wasteCauses,
  type Dimension,
  type PotToday,
  type RecordKind,
} from '@rimbo/core'

/** One field of the form of a record. */
export type FormField = {
  readonly field: string
  /** Key of its label under `happened`. */
  readonly label: string
  readonly isOptional?: boolean
} & (
  | { readonly as: 'quantity'; readonly dimension: Dimension }
  | { readonly as: 'choice'; readonly options: readonly string[]; readonly words: string }
  | { readonly as: 'count'; readonly min?: number; readonly max: number }
  | { readonly as: 'number' | 'text' | 'flag' | 'percent' }
  | { readonly as: 'recipe' | 'space' | 'pot' | 'plants' | 'product' | 'variety' }
)

/** The form of a kind of record: its fields, and what usually stands in them. */
export interface RecordForm {
  readonly kind: RecordKind
  readonly group: 'plant' | 'pot' | 'seen'
  readonly fields: readonly FormField[]
  /** Of a pot as it stands today. */
  readonly usual?: (pot: PotToday) => Readonly<Record<string, unknown>>
  /** What follows from the fields and is not asked. */
  readonly also?: (
    values: Readonly<Record<string, unknown>>,
    pot: PotToday,
  ) => Readonly<Record<string, unknown>>
  /** Key of a caution under `happened`. */
  readonly caution?: string
}

const whichPlants: FormField = {
  field: 'plantingId',
  label: 'which',
  as: 'plants',
  isOptional: true,
}
const thesePlants: FormField = { field: 'plantingId', label: 'which', as: 'plants' }
export const quantity = (field: string, label: string, dimension: Dimension): FormField => ({
  field,
  label,
  as: 'quantity',
  dimension,
})
export const choice = (
  field: string,
  label: string,
  options: readonly string[],
  words: string,
): FormField => ({ field, label, as: 'choice', options, words })
export const optional = <F extends FormField>(one: F): F => ({ ...one, isOptional: true })

/** A stake of a usual height (practice). */
const STAKE_MM = 1500
/** A top-up of a fifth of what is there (practice: every few weeks, a hand's height). */
const TOP_UP_SHARE = 0.2
/** Litres that somebody would measure out. */
const inWholeLitres = (litres: number) => Math.max(0.5, Math.round(litres))

const firstPlanting = ({ plants }: PotToday) => plants[0]?.planting.id

/** Every record that is made at a pot and has no place of its own elsewhere. */
export const recordForms: readonly RecordForm[] = [
  {
    kind: 'prune',
    group: 'plant',
    fields: [choice('what', 'what', prunings, 'pruning'), whichPlants],
    usual: () => ({ what: 'sideShoots' }),
  },
  {
    kind: 'tie',
    group: 'plant',
    fields: [{ field: 'count', label: 'ties', as: 'count', max: 10_000, isOptional: true }],
  },
  {
    kind: 'support',
    group: 'plant',
    fields: [
      choice('support', 'support', supports, 'support'),
      quantity('heightMm', 'height', 'length'),
    ],
    usual: () => ({ support: 'stake', heightMm: STAKE_MM }),
  },
  { kind: 'shake', group: 'plant', fields: [] },
  {
    kind: 'pick',
    group: 'plant',
    fields: [
      { field: 'count', label: 'count', as: 'count', max: 10_000, isOptional: true },
      optional(quantity('massG', 'mass', 'mass')),
      optional(quantity('wasteG', 'waste', 'mass')),
      optional(choice('wasteWhy', 'wasteWhy', wasteCauses, 'happened.wasteCause')),
      optional(choice('ripeness', 'ripeness', ripenesses, 'happened.ripe')),
    ],
  },
  {
    kind: 'remove',
    group: 'plant',
    fields: [
      thesePlants,
      choice('why', 'why', removals, 'removal'),
      { field: 'movedTo', label: 'movedTo', as: 'pot', isOptional: true },
    ],
    usual: (pot) => ({ why: 'cropOver', plantingId: firstPlanting(pot) }),
  },
  {
    kind: 'rootShoot',
    group: 'plant',
    fields: [thesePlants, { field: 'count', label: 'count', as: 'count', max: 100 }],
    usual: (pot) => ({ count: 1, plantingId: firstPlanting(pot) }),
  },
  {
    kind: 'spray',
    group: 'plant',
    fields: [
      { field: 'productId', label: 'product', as: 'product', isOptional: true },
      optional(quantity('massG', 'sprayMass', 'mass')),
      optional(quantity('volumeL', 'sprayVolume', 'volume')),
      {
        field: 'intervalDays',
        label: 'intervalDays',
        as: 'count',
        min: 0,
        max: 365,
        isOptional: true,
      },
    ],
    caution: 'sprayCaution',
  },
  {
    kind: 'topUp',
    group: 'pot',
    fields: [
      quantity('volumeL', 'litres', 'volume'),
      { field: 'recipeId', label: 'fresh', as: 'recipe', isOptional: true },
    ],
    usual: ({ volumes }) => ({
      volumeL: inWholeLitres(volumes.fillVolumeL * TOP_UP_SHARE),
    }),
    caution: 'topUpCaution',
  },
  {
    kind: 'fill',
    group: 'pot',
    fields: [
      { field: 'recipeId', label: 'fresh', as: 'recipe' },
      quantity('fillMm', 'fillTo', 'length'),
      { field: 'reusedShare', label: 'reusedShare', as: 'percent', isOptional: true },
      { field: 'fromContainerId', label: 'fromPot', as: 'pot', isOptional: true },
    ],
    usual: ({ container }) => ({
      fillMm: container.fillMm,
      recipeId: container.recipeId ?? 'thirds',
    }),
    caution: 'fillCaution',
  },
  {
    kind: 'mulch',
    group: 'pot',
    fields: [
      quantity('depthMm', 'depth', 'length'),
      choice('material', 'material', mulchMaterials, 'mulchMaterial'),
    ],
    usual: () => ({ depthMm: USUAL_MULCH_MM, material: 'straw' }),
  },
  {
    kind: 'move',
    group: 'pot',
    fields: [
      { field: 'spaceId', label: 'place', as: 'space' },
      { field: 'isIndoors', label: 'isIndoors', as: 'flag', isOptional: true },
    ],
    usual: ({ container, state }) => ({
      spaceId: container.spaceId,
      isIndoors: !state.isIndoors,
    }),
    // It comes back to where it stood, unless it goes to another space.
    also: ({ spaceId }, { container }) =>
      spaceId === container.spaceId && container.standing ? { standing: container.standing } : {},
    caution: 'liftCaution',
  },
  {
    kind: 'shade',
    group: 'pot',
    fields: [{ field: 'share', label: 'keepsOff', as: 'percent' }],
    usual: ({ state }) => ({ share: state.shadeShare > 0 ? 0 : USUAL_CLOTH_SHARE }),
  },
  {
    kind: 'cover',
    group: 'pot',
    fields: [choice('cover', 'support', covers, 'cover')],
    usual: ({ state }) => ({ cover: state.cover === 'none' ? 'fleece' : 'none' }),
  },
  {
    kind: 'unroll',
    group: 'pot',
    fields: [quantity('rolledMm', 'rolledMm', 'length')],
    usual: () => ({ rolledMm: 0 }),
  },
  {
    kind: 'flush',
    group: 'pot',
    fields: [quantity('volumeL', 'poured', 'volume')],
    usual: ({ volumes }) => ({ volumeL: inWholeLitres(volumes.fillVolumeL) }),
  },
  {
    kind: 'lime',
    group: 'pot',
    fields: [quantity('massG', 'mass', 'mass')],
    caution: 'dustCaution',
  },
  {
    kind: 'recharge',
    group: 'pot',
    fields: [optional(quantity('compostL', 'compostL', 'volume'))],
    usual: ({ volumes }) => ({
      compostL: inWholeLitres(volumes.fillVolumeL * RECHARGE_COMPOST_SHARE),
    }),
  },
  { kind: 'wash', group: 'pot', fields: [] },
  { kind: 'secure', group: 'pot', fields: [] },
  { kind: 'weed', group: 'pot', fields: [] },
  {
    kind: 'label',
    group: 'pot',
    fields: [{ field: 'text', label: 'text', as: 'text', isOptional: true }],
  },
  {
    kind: 'look',
    group: 'seen',
    fields: [choice('found', 'found', findings, 'finding')],
    usual: () => ({ found: 'nothing' }),
  },
  {
    kind: 'sign',
    group: 'seen',
    fields: [choice('sign', 'sign', signs, 'sign')],
    usual: () => ({ sign: 'wilting' }),
  },
  {
    kind: 'measurePh',
    group: 'seen',
    fields: [
      { field: 'ph', label: 'acidity', as: 'number', isOptional: true },
      { field: 'ecDsM', label: 'salt', as: 'number', isOptional: true },
    ],
  },
  { kind: 'note', group: 'seen', fields: [] },
]

/** What is done in the nursery, before there is a pot. */
export const nurseryForms: readonly RecordForm[] = (['sow', 'potOn'] as const).map((kind) => ({
  kind,
  group: 'plant',
  fields: [
    { field: 'varietyId', label: 'variety', as: 'variety' },
    { field: 'count', label: 'count', as: 'count', max: 10_000 },
  ],
}))

/** Whether a form has something to say of a pot: a rim is rolled where a wall is soft, plants are pruned where they stand. */
export const isFor = ({ kind, group }: RecordForm, { container, plants }: PotToday): boolean => {
  if (kind === 'unroll') return container.material === 'fabric' || container.type === 'flatBag'
  return group !== 'plant' || plants.length > 0
}
