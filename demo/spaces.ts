import { rectangularPlan, type Space } from '@rimbo/core'

/** The demo's balcony, landing and yard strip, drawn to scale. */
export const spaces: Space[] = [
  {
    id: 'balcony',
    name: 'Balcony',
    covered: true,
    plan: {
      ...rectangularPlan({ widthMm: 4800, depthMm: 1700, facingDeg: 205 }),
      sides: [
        { kind: 'house' },
        { kind: 'wall', heightMm: 2600 },
        { kind: 'parapet', solidMm: 350, railMm: 1050 },
        { kind: 'open' },
      ],
      door: { sideIndex: 0, fromMm: 300, widthMm: 900 },
      slab: { heightMm: 2600, toYMm: 1200 },
      skyline: [{ fromDeg: 115, toDeg: 295, elevationDeg: 18 }],
      allowedKnM2: 3,
    },
  },
  {
    id: 'landing',
    name: 'Landing',
    covered: false,
    plan: {
      ...rectangularPlan({ widthMm: 1600, depthMm: 1200, facingDeg: 115 }),
      sides: [
        { kind: 'house' },
        { kind: 'parapet', solidMm: 0, railMm: 1000 },
        { kind: 'parapet', solidMm: 0, railMm: 1000 },
        { kind: 'open' },
      ],
      door: { sideIndex: 0, fromMm: 200, widthMm: 800 },
    },
  },
  {
    id: 'yard',
    name: 'Yard strip',
    covered: false,
    plan: {
      ...rectangularPlan({ widthMm: 4000, depthMm: 600, facingDeg: 180 }),
      sides: [{ kind: 'house' }, { kind: 'open' }, { kind: 'open' }, { kind: 'open' }],
      isEarth: true,
    },
  },
]
