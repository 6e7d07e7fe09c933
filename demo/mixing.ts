import {
  blend,
  drainedState,
  mixOf,
  recipes,
  type Garden,
  type MixTest,
  type Recipe,
} from '@rimbo/core'

const TEST_POT_L = 3
const TEST_HEIGHT_MM = 150

/** The bark mix in a straight pot, as the model has it, read off a kitchen jug. */
function drainTest(): MixTest {
  const mix = mixOf(blend(recipes.find(({ id }) => id === 'fastDrainBark')!))
  const { containerCapacity, airSpace } = drainedState(
    { kind: 'round', topDiameterMm: 160, bottomDiameterMm: 160, heightMm: 180 },
    TEST_HEIGHT_MM,
    mix.curve,
  )
  const onJug = (litres: number) => Math.round(litres * 20) / 20
  // A little of the air stays shut in when water is poured: the usual error of this test.
  const SHUT_IN = 0.06
  return {
    id: 'test-bark',
    at: '2026-04-24T10:20',
    kind: 'drain',
    of: 'recipe',
    testedId: 'fastDrainBark',
    potL: TEST_POT_L,
    heightMm: TEST_HEIGHT_MM,
    startWaterL: 0.45,
    waterInL: onJug(TEST_POT_L * (containerCapacity + airSpace * (1 - SHUT_IN)) - 0.45),
    waterOutL: onJug(TEST_POT_L * airSpace * (1 - SHUT_IN)),
  }
}

const ownRecipe: Recipe = {
  id: 'terrace-own',
  name: 'Our terrace mix',
  parts: [
    { ingredientId: 'coir', parts: 4 },
    { ingredientId: 'compost', parts: 3 },
    { ingredientId: 'riceHulls', parts: 2 },
    { ingredientId: 'perlite', parts: 1 },
  ],
  amendments: [
    { productId: 'neemCake', amount: 1, unit: 'handfulsPerPot' },
    { productId: 'gypsum', amount: 1, unit: 'gramsPerLitre' },
  ],
}

/** What the demo's gardener mixes with: invented, and consistent with the model. */
export const mixing: Pick<Garden, 'recipes' | 'mixTests'> = {
  recipes: [ownRecipe],
  mixTests: [
    {
      id: 'test-compost',
      at: '2026-03-28T11:00',
      kind: 'weigh',
      of: 'ingredient',
      testedId: 'compost',
      volumeL: 5,
      massG: 3300,
    },
    drainTest(),
    {
      id: 'test-n1',
      at: '2026-06-06T18:40',
      kind: 'extract',
      of: 'container',
      testedId: 'n1',
      method: 'pourThrough',
      ph: 5.6,
      ecDsM: 2.1,
    },
  ],
}
