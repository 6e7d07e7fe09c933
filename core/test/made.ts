// Things to try the core with, as they usually are unless a test says otherwise.
import { typicalContainer, type Container, type ContainerType } from '../src/container'
import type { ArrangeTask, StandingSpot, WishKind } from '../src/fit'
import { catalogue } from '../src/plant'

/** A container of a kind with its usual measures. */
export const made = (type: ContainerType, more: Partial<Container> = {}): Container => ({
  ...typicalContainer(type),
  id: 'c',
  code: 'C1',
  name: 'C',
  type,
  spaceId: 's',
  mulchMm: 0,
  exposure: 'open',
  ...more,
})

export const varietyOf = (id: string) => catalogue.find((one) => one.id === id)!

export const wish = (id: string, kind: WishKind = 'like', atMost = 1) => ({
  variety: varietyOf(id),
  wish: kind,
  atMost,
})

const summer = { tempMaxC: 30, tempMinC: 18, sunHours: 8 }

/** A roomy spot in full sun. */
export const spot = (
  id: string,
  more: Partial<StandingSpot> = {},
  conditions: Partial<StandingSpot['conditions']> = {},
): StandingSpot => ({
  id,
  spaceId: 's',
  kind: 'floor',
  xMm: 0,
  yMm: 0,
  conditions: {
    sunHours: 8,
    dliMol: 25,
    hot: summer,
    spring: { ...summer, tempMaxC: 18, tempMinC: 9 },
    ...conditions,
  },
  lengthMm: 900,
  widthMm: 900,
  crownMm: 1500,
  ...more,
})

/** Nothing to arrange, by Rimbo's own school. */
export const task = (more: Partial<ArrangeTask>): ArrangeTask => ({
  wishes: [],
  pots: [],
  offers: [],
  spots: [],
  allowedKg: {},
  school: 'house',
  acceptsTight: true,
  mostPerPot: 2,
  budget: 0,
  pins: [],
  ...more,
})
