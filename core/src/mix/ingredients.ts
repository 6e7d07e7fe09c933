import { memory, type Provenance } from '../units'

/** Suctions at which water held is tabled, cm. */
export const TABLED_SUCTIONS_CM = [0, 10, 50, 100] as const

export const packKinds = ['bag', 'bale', 'brick', 'block', 'sack'] as const

/** One way to buy an ingredient. */
export interface Pack {
  readonly kind: (typeof packKinds)[number]
  /** What the label says: litres as packed, or kilos. */
  readonly labelL?: number
  readonly labelKg?: number
  /** What comes out of it, loosened or soaked. */
  readonly looseL: number
}

export type Caution = 'dust' | 'compostDust' | 'manure'

export interface Ingredient {
  readonly id: string
  /** Dry mass of a loose litre, g. */
  readonly bulkDensityGL: number
  /** Water held at 0, 10, 50 and 100 cm of suction, share of volume. */
  readonly waterShares: readonly [number, number, number, number]
  readonly ph: number
  /** Share of its volume in particles above about 2 mm. */
  readonly coarseShare: number
  /** Ground limestone that brings a litre to about pH 6, g. */
  readonly limeGL: number
  readonly packs: readonly Pack[]
  readonly cautions: readonly Caution[]
  readonly provenance: Provenance
}

type Row = Omit<Ingredient, 'waterShares' | 'provenance' | 'limeGL' | 'cautions'> &
  Partial<Pick<Ingredient, 'limeGL' | 'cautions'>> & {
    readonly waterPercents: readonly [number, number, number, number]
  }

const bag = (labelL: number): Pack => ({ kind: 'bag', labelL, looseL: labelL })

// Typical values from memory; a gardener's own test is better than any of them.
const rows: readonly Row[] = [
  {
    id: 'peat',
    bulkDensityGL: 100,
    waterPercents: [94, 72, 44, 37],
    ph: 3.8,
    coarseShare: 0.3,
    // 3–5 g/L is usual with mix makers (practice).
    limeGL: 4,
    packs: [{ kind: 'bale', labelL: 107, looseL: 200 }, bag(28.3)],
    cautions: ['dust'],
  },
  {
    id: 'coir',
    bulkDensityGL: 80,
    waterPercents: [94, 66, 36, 30],
    ph: 6.0,
    coarseShare: 0.25,
    packs: [
      { kind: 'brick', labelKg: 0.65, looseL: 8.5 },
      { kind: 'block', labelKg: 5, looseL: 70 },
    ],
  },
  {
    id: 'perlite',
    bulkDensityGL: 110,
    waterPercents: [92, 34, 23, 20],
    ph: 7.2,
    coarseShare: 0.9,
    packs: [bag(100)],
    cautions: ['dust'],
  },
  {
    id: 'vermiculite',
    bulkDensityGL: 130,
    waterPercents: [91, 58, 38, 33],
    ph: 7.5,
    coarseShare: 0.7,
    packs: [bag(100)],
    cautions: ['dust'],
  },
  {
    id: 'bark',
    bulkDensityGL: 230,
    waterPercents: [82, 47, 31, 27],
    ph: 4.8,
    coarseShare: 0.8,
    limeGL: 2,
    packs: [bag(50)],
    cautions: ['compostDust'],
  },
  {
    id: 'woodFibre',
    bulkDensityGL: 80,
    waterPercents: [94, 48, 27, 22],
    ph: 5.5,
    coarseShare: 0.6,
    packs: [{ kind: 'bale', labelL: 150, looseL: 300 }],
  },
  {
    id: 'compost',
    bulkDensityGL: 400,
    waterPercents: [76, 58, 43, 38],
    ph: 7.3,
    coarseShare: 0.4,
    packs: [bag(40)],
    cautions: ['compostDust'],
  },
  {
    id: 'manure',
    bulkDensityGL: 450,
    waterPercents: [73, 58, 44, 39],
    ph: 7.5,
    coarseShare: 0.35,
    packs: [bag(40)],
    cautions: ['compostDust', 'manure'],
  },
  {
    id: 'leafMould',
    bulkDensityGL: 280,
    waterPercents: [82, 62, 44, 38],
    ph: 6.0,
    coarseShare: 0.4,
    packs: [],
    cautions: ['compostDust'],
  },
  {
    id: 'castings',
    bulkDensityGL: 520,
    waterPercents: [72, 60, 46, 41],
    ph: 7.0,
    coarseShare: 0.2,
    packs: [bag(10)],
  },
  {
    id: 'loam',
    bulkDensityGL: 1250,
    waterPercents: [52, 46, 37, 33],
    ph: 6.5,
    coarseShare: 0.1,
    packs: [bag(25)],
  },
  {
    id: 'sand',
    bulkDensityGL: 1550,
    waterPercents: [40, 24, 8, 6],
    ph: 7.0,
    coarseShare: 0.3,
    packs: [{ kind: 'sack', labelKg: 25, looseL: 16 }],
    cautions: ['dust'],
  },
  {
    id: 'riceHulls',
    bulkDensityGL: 110,
    waterPercents: [90, 22, 14, 12],
    ph: 6.3,
    coarseShare: 0.9,
    packs: [bag(100)],
    cautions: ['dust'],
  },
  {
    id: 'pumice',
    bulkDensityGL: 520,
    waterPercents: [76, 38, 30, 28],
    ph: 7.0,
    coarseShare: 0.95,
    packs: [bag(25)],
    cautions: ['dust'],
  },
]

/** Everything a mix can be made of, by id. */
export const ingredients: Readonly<Record<string, Ingredient>> = Object.fromEntries(
  rows.map(({ waterPercents, ...row }) => [
    row.id,
    {
      limeGL: 0,
      cautions: [],
      ...row,
      waterShares: waterPercents.map(
        (percent) => percent / 100,
      ) as unknown as Ingredient['waterShares'],
      provenance: memory,
    },
  ]),
)
