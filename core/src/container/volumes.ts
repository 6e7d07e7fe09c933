import { reason, type Reason } from '../units'
import type { Container } from './schema'
import { innerSizeMm, rimHeightMm, sectionAreaMm2, shapeVolumeL } from './shape'

export interface ContainerVolumes {
  /** To the rim: what a label speaks of. */
  readonly rimVolumeL: number
  /** To the fill line: what roots have. */
  readonly fillVolumeL: number
  readonly headspaceMm: number
  /** Open surface of the mix. */
  readonly surfaceM2: number
}

/** What a container holds, to the rim and to its fill line. */
export function containerVolumes(container: Pick<Container, 'shape' | 'fillMm'>): ContainerVolumes {
  const { shape, fillMm } = container
  return {
    rimVolumeL: shapeVolumeL(shape),
    fillVolumeL: shapeVolumeL(shape, fillMm),
    headspaceMm: rimHeightMm(shape) - fillMm,
    surfaceM2: sectionAreaMm2(shape, fillMm) / 1e6,
  }
}

/** How the volume up to a height comes about: the shape's own formula and the measures in it. */
export function volumeReasons({ shape }: Pick<Container, 'shape'>, heightMm: number): Reason[] {
  const bottom = innerSizeMm(shape, 0)
  const top = innerSizeMm(shape, heightMm)
  const params = {
    heightMm,
    bottomLengthMm: bottom.lengthMm,
    bottomWidthMm: bottom.widthMm,
    topLengthMm: top.lengthMm,
    topWidthMm: top.widthMm,
    volumeL: shapeVolumeL(shape, heightMm),
  }
  return [reason(`volume.${shape.kind}`, params), reason('volume.limits')]
}

/** Usual measures of a container type, to start a form from. Practice and memory. */
export function typicalContainer(
  type: Container['type'],
): Pick<Container, 'shape' | 'fillMm' | 'wallMm' | 'material' | 'baseHeightMm'> {
  switch (type) {
    case 'pot':
      return {
        shape: { kind: 'round', topDiameterMm: 400, bottomDiameterMm: 300, heightMm: 350 },
        fillMm: 310,
        wallMm: 8,
        material: 'plastic',
        baseHeightMm: 0,
      }
    case 'bucket':
      return {
        shape: { kind: 'round', topDiameterMm: 286, bottomDiameterMm: 260, heightMm: 325 },
        fillMm: 285,
        wallMm: 2,
        material: 'plastic',
        baseHeightMm: 0,
      }
    case 'fabricBag':
      return {
        shape: { kind: 'round', topDiameterMm: 360, bottomDiameterMm: 360, heightMm: 300 },
        fillMm: 265,
        wallMm: 3,
        material: 'fabric',
        baseHeightMm: 0,
      }
    case 'box':
      return {
        shape: {
          kind: 'rectangular',
          topLengthMm: 600,
          topWidthMm: 300,
          bottomLengthMm: 560,
          bottomWidthMm: 260,
          heightMm: 280,
        },
        fillMm: 245,
        wallMm: 4,
        material: 'plastic',
        baseHeightMm: 0,
      }
    case 'basket':
      return {
        shape: { kind: 'bowl', diameterMm: 350, depthMm: 175 },
        fillMm: 150,
        wallMm: 3,
        material: 'liner',
        baseHeightMm: 1500,
      }
  }
}
