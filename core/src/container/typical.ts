import type { Container, ContainerType } from './schema'
import type { Shape } from './shapeSchema'

export type Typical = Pick<Container, 'shape' | 'fillMm' | 'wallMm' | 'material' | 'baseHeightMm'> &
  Partial<Pick<Container, 'reservoir' | 'rings' | 'tower' | 'layers' | 'sunken' | 'linerMm'>>

/** A round pot, its inside, mm. */
export const round = (
  topDiameterMm: number,
  bottomDiameterMm: number,
  heightMm: number,
): Shape => ({
  kind: 'round',
  topDiameterMm,
  bottomDiameterMm,
  heightMm,
})
/** A box or trough, its inside, mm; the floor is shorter and narrower by the taper. */
export const box = (length: number, width: number, heightMm: number, taperMm: number): Shape => ({
  kind: 'rectangular',
  topLengthMm: length,
  topWidthMm: width,
  bottomLengthMm: length - taperMm,
  bottomWidthMm: width - taperMm,
  heightMm,
})
const onGround = { material: 'plastic', baseHeightMm: 0 } as const

/** Usual measures of each kind. Practice and memory. */
const TYPICAL: Readonly<Record<ContainerType, Typical>> = {
  pot: { ...onGround, shape: round(400, 300, 350), fillMm: 310, wallMm: 8 },
  bucket: { ...onGround, shape: round(286, 260, 325), fillMm: 285, wallMm: 2 },
  halfBarrel: {
    shape: { kind: 'barrel', topDiameterMm: 660, bottomDiameterMm: 550, heightMm: 400 },
    fillMm: 350,
    wallMm: 25,
    material: 'wood',
    baseHeightMm: 0,
  },
  fabricBag: {
    ...onGround,
    shape: round(360, 360, 300),
    fillMm: 265,
    wallMm: 3,
    material: 'fabric',
  },
  flatBag: {
    ...onGround,
    shape: box(1000, 380, 140, 0),
    fillMm: 140,
    wallMm: 0.2,
    rings: { count: 3, topDiameterMm: 240, bottomDiameterMm: 220, heightMm: 180, fillMm: 150 },
  },
  box: { ...onGround, shape: box(600, 300, 280, 40), fillMm: 245, wallMm: 4 },
  deepBox: {
    shape: box(1200, 600, 550, 0),
    fillMm: 510,
    wallMm: 22,
    material: 'wood',
    baseHeightMm: 0,
    layers: { fillerMm: 150, poorSoilMm: 80 },
  },
  reservoirBox: {
    ...onGround,
    shape: box(600, 340, 330, 40),
    fillMm: 300,
    wallMm: 3,
    reservoir: {
      falseFloorMm: 80,
      overflowMm: 65,
      feeding: 'foot',
      footCount: 2,
      footDiameterMm: 100,
    },
  },
  reservoirBucket: {
    ...onGround,
    shape: round(286, 255, 370),
    fillMm: 335,
    wallMm: 2,
    reservoir: {
      falseFloorMm: 90,
      overflowMm: 75,
      feeding: 'foot',
      footCount: 1,
      footDiameterMm: 90,
    },
  },
  tower: {
    shape: round(300, 300, 720),
    fillMm: 700,
    wallMm: 6,
    material: 'plastic',
    baseHeightMm: 0,
    tower: { tiers: 5, pocketsPerTier: 4, pocketVolumeL: 1.6 },
  },
  basket: {
    shape: { kind: 'bowl', diameterMm: 350, depthMm: 175 },
    fillMm: 150,
    wallMm: 3,
    material: 'liner',
    baseHeightMm: 1500,
    linerMm: 10,
  },
  sunkenPot: {
    ...onGround,
    shape: round(400, 320, 380),
    fillMm: 350,
    wallMm: 3,
    baseHeightMm: -150,
    sunken: { floorCutShare: 0.4 },
  },
}

/** Usual measures of a kind of container, to start a form from. */
export const typicalContainer = (type: ContainerType): Typical => TYPICAL[type]
