// The names that other programs and later parts build on.
import { describe, expect, test } from '@jest/globals'
import * as core from '.'

describe('the door of the core', () => {
  test.each([
    'shapeVolumeL',
    'sectionAreaMm2',
    'tradeClassOf',
    'parseQuantity',
    'extraterrestrialRadiation',
    'referenceEvapotranspiration',
    'judgeFit',
    'containerMass',
    'drainagePlan',
    'rootZonePeakC',
    'directSunHours',
    'spaceLoad',
    'compareSchools',
    'sharedYield',
    'arrange',
    'relativeYield',
    'batchFor',
    'blend',
    'retentionCurve',
    'drainedState',
    'mixProperties',
    'limeDose',
    'planBatches',
    'solveMix',
    'packsFor',
    'interpretDrainTest',
    'waterNeedL',
    'readDailyCsv',
    'readGhcnDaily',
    'readEpw',
    'fitGenerator',
    'generateWeather',
    'degreeDays',
    'growthCourse',
    'cropForecast',
    'plantingWindow',
    'gardenCourse',
    'readGarden',
    'writeGarden',
  ] as const)('%s is there', (name) => expect(core[name]).toBeInstanceOf(Function))

  test('runs with nothing of a browser', () => {
    expect('document' in globalThis).toBe(false)
    const today = core.gardenToday(core.emptyGarden('g', 'Mine', 'Balcony'), '2026-06-18')
    expect(today.pots).toEqual([])
  })

  test('leaves what it is given as it was', () => {
    const garden = core.emptyGarden('g', 'Mine', 'Balcony')
    const container: core.Container = {
      ...core.typicalContainer('bucket'),
      id: 'k1',
      code: 'K1',
      name: 'Bucket',
      type: 'bucket',
      spaceId: garden.spaces[0]!.id,
      recipeId: 'thirds',
      mulchMm: 0,
      exposure: 'open',
    }
    const full = core.readGarden(
      core.writeGarden({
        ...garden,
        containers: [container],
        plantings: [
          { id: 'p', containerId: 'k1', varietyId: 'padron', count: 2, plantedOn: '2026-05-01' },
        ],
        weather: [{ date: '2026-06-18', tempMaxC: 27, tempMinC: 17 }],
      }),
    )
    const before = core.writeGarden(full)
    const pots = core.gardenToday(full, '2026-06-18').pots
    core.mixPlan(full, pots, {
      recipe: undefined,
      product: core.starterProducts[0]!,
      limeKind: 'ground',
      withReserve: true,
    })
    core.tryMix(full, pots, core.recipes[0]!)
    core.recordsCsv(full)
    core.lastRecords(full, 'k1', 3)
    expect(core.writeGarden(full)).toBe(before)
  })
})
