import { practice, units, type Provenance } from '../units'
import type { ContainerType } from './schema'
import type { Shape } from './shapeSchema'
import { box, round, typicalContainer, type Typical } from './typical'

/** A container as shops sell it, to begin with instead of a tape. */
export interface UsualContainer {
  readonly id: string
  readonly type: ContainerType
  /** What it is sold as, L: gallons, litres, or what a pot of that width usually holds to the rim. */
  readonly namedL: number
  /** What it is asked for by in a shop: its width or length, mm, or US gallons. */
  readonly named: { readonly mm: number } | { readonly gal: number } | { readonly litres: number }
  readonly measures: Typical
}

/** Sizes as they are sold; a pot of another maker differs by a tenth. */
export const usualContainersProvenance: Provenance = practice

const GALLON_L = units.volume.usGallon.factor
/** Mix ends so far below the rim, by the height of it. */
const headspaceMm = (heightMm: number) =>
  Math.min(40, Math.max(10, Math.round(heightMm * 0.012) * 10))

/** A kind's usual walls and parts around a shape of another size. */
function sized(
  type: ContainerType,
  id: string,
  named: UsualContainer['named'],
  namedL: number,
  shape: Shape,
): UsualContainer {
  const heightMm = shape.kind === 'bowl' ? shape.depthMm : shape.heightMm
  const measures = { ...typicalContainer(type), shape, fillMm: heightMm - headspaceMm(heightMm) }
  return { id, type, named, namedL, measures }
}
const asTypical = (
  type: ContainerType,
  named: UsualContainer['named'],
  namedL: number,
): UsualContainer => ({ id: type, type, named, namedL, measures: typicalContainer(type) })

const pot = (cm: number, bottomMm: number, heightMm: number, namedL: number) =>
  sized('pot', `pot${cm}`, { mm: cm * 10 }, namedL, round(cm * 10, bottomMm, heightMm))
const fabric = (gal: number, acrossMm: number, heightMm: number) =>
  sized('fabricBag', `fabric${gal}`, { gal }, gal * GALLON_L, round(acrossMm, acrossMm, heightMm))

/** As it is sold: rings are an addition of the gardener's. */
const { rings: _rings, ...flatBag } = typicalContainer('flatBag')

/** What most gardeners have, the most usual first; every measure can be put right later. */
export const usualContainers: readonly UsualContainer[] = [
  asTypical('bucket', { gal: 5 }, 5 * GALLON_L),
  fabric(5, 305, 254),
  fabric(7, 350, 280),
  fabric(10, 400, 300),
  fabric(15, 450, 355),
  fabric(20, 510, 370),
  pot(10, 75, 85, 0.5),
  pot(15, 115, 120, 1.6),
  pot(20, 155, 165, 4),
  pot(25, 190, 215, 8),
  pot(30, 225, 270, 14),
  pot(35, 265, 310, 23),
  pot(40, 300, 350, 34),
  pot(45, 340, 400, 50),
  sized('bucket', 'bucket10', { litres: 10 }, 10, round(270, 210, 230)),
  sized('box', 'trough60', { mm: 600 }, 13, box(600, 170, 150, 30)),
  sized('box', 'trough80', { mm: 800 }, 24, box(800, 190, 175, 30)),
  { ...asTypical('flatBag', { litres: 50 }, 50), measures: flatBag },
  asTypical('halfBarrel', { mm: 660 }, 115),
  sized('basket', 'basket30', { mm: 300 }, 7, { kind: 'bowl', diameterMm: 300, depthMm: 150 }),
  asTypical('basket', { mm: 350 }, 11),
  asTypical('reservoirBucket', { litres: 20 }, 20),
  asTypical('reservoirBox', { litres: 60 }, 60),
  asTypical('tower', { litres: 32 }, 32),
]
