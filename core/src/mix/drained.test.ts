import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  blend,
  capillaryFlowCmD,
  capillaryRiseMm,
  coarseLayer,
  drainedBody,
  drainedProfile,
  drainedState,
  dryingsCm,
  easilyAvailableL,
  ingredients,
  mixOf,
  mixProperties,
  potMix,
  recipes,
  reservoirReach,
  retentionCurve,
  sameMixIn,
  settledMix,
  throughDrainTest,
  vanGenuchtenCurve,
  wetZoneMm,
} from '.'
import { mixBody, plainBody } from '../container'
import { made } from '../../test/made'
import { anyRecipe, cylinder, mixed, parts } from '../../test/mixes'

const vanGenuchten = (
  saturatedShare: number,
  residualShare: number,
  alphaPerCm: number,
  n: number,
) => vanGenuchtenCurve({ saturatedShare, residualShare, alphaPerCm, n })

describe('the retention curve', () => {
  test('by hand for n = 2: half of the drainable water is left at √3 / α', () => {
    const { waterShare } = vanGenuchten(0.9, 0.1, 0.2, 2)
    expect(waterShare(Math.sqrt(3) / 0.2)).toBeCloseTo(0.5, 12)
    expect(waterShare(0)).toBe(0.9)
    expect(waterShare(1e9)).toBeCloseTo(0.1, 6)
  })
  // Mean parameters of Carsel & Parrish 1988, Water Resour. Res. 24:755–769, Table 5 and 6.
  test.each([
    ['sand', 0.43, 0.045, 0.145, 2.68],
    ['loam', 0.43, 0.078, 0.036, 1.56],
    ['clay loam', 0.41, 0.095, 0.019, 1.31],
  ] as const)(
    'the fit finds a published %s again from five of its points',
    (_, saturated, residual, alpha, n) => {
      const soil = vanGenuchten(saturated, residual, alpha, n)
      const points = [0, 10, 50, 100, 15_000].map((suctionCm) => ({
        suctionCm,
        waterShare: soil.waterShare(suctionCm),
      }))
      const fitted = retentionCurve(points)
      for (const suctionCm of [3, 20, 70, 330, 2000])
        expect(fitted.waterShare(suctionCm)).toBeCloseTo(soil.waterShare(suctionCm), 1)
      expect(Math.abs(fitted.vanGenuchten.n - n)).toBeLessThan(0.15)
    },
  )
  test('every ingredient and every usual mix is met within 1.5 % of its volume', () => {
    const singles = Object.keys(ingredients).map((id) => mixed(parts({ [id]: 1 })))
    for (const { blend: one, curve } of [...singles, ...recipes.map(mixed)])
      for (const { suctionCm, waterShare } of one.points)
        expect(Math.abs(curve.waterShare(suctionCm) - waterShare)).toBeLessThan(0.015)
  })
  test('the harder the pull the less is held, whatever the mix', () => {
    fc.assert(
      fc.property(anyRecipe, (one) => {
        const { curve } = mixed(one)
        const held = [0, 1, 5, 10, 30, 100, 1000, 15_000].map(curve.waterShare)
        held.slice(1).forEach((share, index) => expect(share).toBeLessThanOrEqual(held[index]!))
        expect(held.at(-1)).toBeGreaterThanOrEqual(0)
      }),
    )
  })
  test('a level curve stays level', () => {
    const level = retentionCurve([
      { suctionCm: 0, waterShare: 0.5 },
      { suctionCm: 100, waterShare: 0.5 },
    ])
    expect(drainedState(cylinder(300), 300, level).containerCapacity).toBeCloseTo(0.5, 12)
    expect(easilyAvailableL(plainBody(cylinder(300), 300), level)).toBeCloseTo(0, 12)
  })
})

describe('water and air in a drained pot', () => {
  test('a straight pot against the exact integral: for n = 2 it is asinh(αH) / αH', () => {
    const curve = vanGenuchten(0.85, 0.15, 0.2, 2)
    for (const heightMm of [50, 150, 400]) {
      const reach = (0.2 * heightMm) / 10
      const exact = 0.15 + (0.7 * Math.asinh(reach)) / reach
      expect(drainedState(cylinder(heightMm), heightMm, curve).containerCapacity).toBeCloseTo(
        exact,
        4,
      )
    }
  })
  // Yeager et al., Best Management Practices: Guide for Producing Nursery Crops.
  test('peat with perlite, and bark, in a 15 cm pot: air 10–30 %, water 45–65 %', () => {
    for (const one of [parts({ peat: 1, perlite: 2 }), 'fastDrainBark']) {
      const { curve } = mixed(one)
      const { containerCapacity, airSpace } = drainedState(cylinder(150), 140, curve)
      expect(airSpace).toBeGreaterThan(0.1)
      expect(airSpace).toBeLessThan(0.3)
      expect(containerCapacity).toBeGreaterThan(0.45)
      expect(containerCapacity).toBeLessThan(0.65)
    }
    // The range of pores was drawn up for bark; peat with perlite lies above it.
    expect(mixed('fastDrainBark').curve.totalPorosity).toBeLessThan(0.85)
    // One to one is the wetter, its air still within.
    const even = drainedState(cylinder(150), 140, mixed(parts({ peat: 1, perlite: 1 })).curve)
    expect(even.airSpace).toBeGreaterThan(0.1)
    expect(even.airSpace).toBeLessThan(0.3)
  })
  test('water and air are all the pores; the taller pot is the airier', () => {
    fc.assert(
      fc.property(anyRecipe, fc.integer({ min: 30, max: 900 }), (one, fillMm) => {
        const { curve } = mixed(one)
        const low = drainedState(cylinder(fillMm), fillMm, curve)
        const high = drainedState(cylinder(fillMm * 2), fillMm * 2, curve)
        expect(low.containerCapacity + low.airSpace).toBeCloseTo(curve.totalPorosity, 9)
        expect(high.airSpace).toBeGreaterThanOrEqual(low.airSpace - 1e-9)
      }),
    )
  })
  test('a 1 cm pot is nearly soaked; a very tall one nears the dry end of the curve', () => {
    const { curve } = mixed('thirds')
    expect(drainedState(cylinder(10), 10, curve).airSpace).toBeLessThan(0.03)
    const tall = drainedState(cylinder(30_000), 30_000, curve).containerCapacity
    expect(tall - curve.waterShare(3000)).toBeLessThan(0.07)
  })
  test('a pot that widens upwards is airier than one that narrows', () => {
    const { curve } = mixed('thirds')
    const wide = { ...cylinder(300), bottomDiameterMm: 150 } as const
    const narrow = { ...cylinder(300), topDiameterMm: 150 } as const
    expect(drainedState(wide, 300, curve).airSpace).toBeGreaterThan(
      drainedState(narrow, 300, curve).airSpace,
    )
  })
  test('a drained pot is wettest at its floor, and each height is solid, water and air', () => {
    const { curve } = mixed('thirds')
    const profile = drainedProfile(plainBody(cylinder(300), 300), curve)
    expect(profile[0]).toMatchObject({ heightShare: 0, zMm: 0, saturation: expect.closeTo(1, 9) })
    profile.slice(1).forEach((one, index) => {
      expect(one.saturation).toBeLessThan(profile[index]!.saturation)
      expect(one.waterShare + one.airShare).toBeCloseTo(curve.totalPorosity, 12)
    })
  })
  test('a drain test is met: as many pores, as much water, in the vessel it was made in', () => {
    const { curve } = mixed('fastDrainBark')
    const drain = { totalPorosity: 0.78, containerCapacity: 0.5, heightMm: 180 }
    const measured = throughDrainTest(curve, drain)
    expect(measured.totalPorosity).toBe(0.78)
    const state = drainedState(cylinder(180), 180, measured)
    expect(Math.abs(state.containerCapacity - 0.5)).toBeLessThan(0.01)
  })
})

describe('forms', () => {
  test('the lower the vessel the wetter the same mix: tray, pocket, bag, bucket, barrel', () => {
    const forms = sameMixIn(mixed('thirds').curve)
    const byHeight = [...forms].sort((one, other) => one.fillMm - other.fillMm)
    const air = byHeight.map(({ airSpace }) => airSpace)
    expect(byHeight[0]!.form).toBe('tray')
    expect(air).toEqual([...air].sort((one, other) => one - other))
  })
  test('stones lift the wet zone by their own depth and leave less air', () => {
    const { curve } = mixed('soilBased')
    const layer = coarseLayer(cylinder(400), 380, 60, curve)
    expect(layer.wetToMm - layer.wetToWithoutMm).toBeCloseTo(60, 6)
    expect(layer.withLayer.airSpace).toBeLessThan(layer.without.airSpace)
    expect(layer.airL).toBeLessThan(layer.airWithoutL)
    // A cylinder of 20 cm: 6 cm of it are 1.885 L.
    expect(layer.lostL).toBeCloseTo(1.885, 3)
  })
  test('above the wet zone there is a tenth of air, below it less', () => {
    const { curve } = mixed('thirds')
    const atMm = wetZoneMm(curve)
    expect(curve.totalPorosity - curve.waterShare(atMm / 10)).toBeCloseTo(0.1, 6)
  })
  test('water climbs 15–25 cm in usual light mixes (practice), hardly in stones, higher in soil', () => {
    for (const id of ['thirds', 'thirdsCoir', 'fastDrainBark', 'allCompost']) {
      expect(capillaryRiseMm(mixed(id))).toBeGreaterThan(140)
      expect(capillaryRiseMm(mixed(id))).toBeLessThan(260)
    }
    expect(capillaryRiseMm(mixed(parts({ expandedClay: 1 })))).toBeLessThan(60)
    expect(capillaryRiseMm(mixed('soilBased'))).toBeGreaterThan(capillaryRiseMm(mixed('thirds')))
  })
  test('water rises to a height in the flow that still reaches it, and no higher than the mix', () => {
    const mix = mixed('thirds')
    // The flow that capillaryRiseMm asks for: 3 L through 0.2 m², 1.5 cm a day.
    expect(capillaryFlowCmD(mix, capillaryRiseMm(mix))).toBeCloseTo(1.5, 3)
    expect(capillaryFlowCmD(mix, 100)).toBeGreaterThan(capillaryFlowCmD(mix, 200))
    const shallow = { ...made('reservoirBox'), fillMm: 190 }
    expect(reservoirReach(shallow, mix)!.reachesMm).toBeLessThanOrEqual(190)
  })
  test('K(h): a rise by quadrature of its own, with Mualem’s closed form', () => {
    const mix = mixed('thirds')
    const { alphaPerCm, n } = mix.curve.vanGenuchten
    const m = 1 - 1 / n
    // van Genuchten 1980, Eq. 9: the conductivity by suction, without the saturation between.
    const shareAt = (h: number) =>
      (1 - (alphaPerCm * h) ** (n - 1) * (1 + (alphaPerCm * h) ** n) ** -m) ** 2 /
      (1 + (alphaPerCm * h) ** n) ** (m / 2)
    const soaked = mixProperties(mix).conductivityCmD
    let rise = 0
    for (let h = 0.0005; h < 1000; h += 0.001) rise += 0.001 / (1 + 1.5 / (soaked * shareAt(h)))
    expect(capillaryRiseMm(mix) / 10).toBeCloseTo(rise, 0)
  })
  test('dried to a suction, a pot holds what was asked for', () => {
    const body = mixBody(made('bucket'))
    const { curve } = mixed('thirds')
    const { containerCapacity } = drainedBody(body, curve)
    const shares = [0.95, 0.8, 0.6, 0.4].map((share) => share * containerCapacity)
    const dried = dryingsCm(body, curve, shares)
    shares.forEach((share, index) => {
      // The same pot with free water that much deeper, by the finer sum of a drained one.
      const deeper = { ...body, waterTableMm: body.waterTableMm - dried[index]! * 10 }
      expect(drainedBody(deeper, curve).containerCapacity / share).toBeCloseTo(1, 2)
    })
    expect([...dryingsCm(body, curve, [containerCapacity + 0.01])]).toEqual([0])
  })
  test('a reservoir box has a wet foot at its overflow and is reached from there', () => {
    const box = made('reservoirBox')
    const reach = reservoirReach(box, mixed('fastDrainBark'))!
    const { waterTableMm } = mixBody(box)
    expect(reach.wetToMm).toBeGreaterThan(waterTableMm)
    expect(reach.reachesMm).toBeGreaterThan(reach.wetToMm)
    expect(reach.reachesMm + reach.dryAboveMm).toBeCloseTo(box.fillMm, 6)
    expect(reservoirReach(made('bucket'), mixed('thirds'))).toBeUndefined()
  })
})

describe('properties', () => {
  test('each is told where it lies beside its published range', () => {
    const bark = mixProperties(mixed('fastDrainBark'))
    expect(bark.totalPorosity.verdict).toBe('good')
    expect(bark.bulkDensityGL.verdict).toBe('good')
    const earth = mixProperties(mixed('plainEarth'))
    expect(earth.bulkDensityGL).toMatchObject({ verdict: 'high' })
    expect(earth.easilyAvailable).toMatchObject({ verdict: 'low' })
    expect(earth.easilyAvailable.reasons[0]!.provenance?.source).toContain('de Boodt')
  })
  test('a pot: dry and watered mass by hand, and less air when it has settled', () => {
    const mix = mixed(parts({ perlite: 1 }))
    const body = plainBody(cylinder(300), 300)
    const pot = potMix(body, 10, mix, settledMix(mix))
    expect(pot.dryG).toBeCloseTo(1100, 6)
    expect(pot.wetG).toBeCloseTo(1100 + 10_000 * pot.containerCapacity.value, 6)
    const compost = mixed('allCompost')
    const settled = potMix(body, 10, compost, settledMix(compost))
    expect(settled.settledAir.value).toBeLessThan(settled.airSpace.value)
  })
  test('earth weighs far more than a light mix, which is why terraces avoid it (practice)', () => {
    const body = plainBody(cylinder(300), 300)
    const wetG = (id: string) => potMix(body, 1, mixed(id), settledMix(mixed(id))).wetG
    expect(wetG('plainEarth')).toBeGreaterThan(1.5 * wetG('lightTerrace'))
    expect(wetG('plainEarth')).toBeGreaterThan(1200)
    expect(wetG('plainEarth')).toBeLessThan(1800)
  })
  test('bark takes nitrogen (constant feed wanted, practice), compost gives; by hand for chips', () => {
    expect(mixProperties(mixed('fastDrainBark')).nitrogen).toMatchObject({ isFlagged: true })
    expect(mixProperties(mixed('allCompost')).nitrogen).toMatchObject({
      isFlagged: false,
      drawMgL: 0,
    })
    expect(mixProperties(mixed(parts({ sand: 1 }))).nitrogen.carbonToNitrogen).toBeUndefined()
    // Chips: 220 g/L × 0.5 carbon × 0.1 decays = 11 g; at 30 : 1 that wants 367 mg N, at 400 : 1 it has 27.5.
    const chips = mixProperties(mixed(parts({ woodChips: 1 }))).nitrogen
    expect(chips.carbonToNitrogen).toBeCloseTo(400, 6)
    expect(chips.drawMgL).toBeCloseTo(366.7 - 27.5, 0)
  })
  test('a blend keeps what was measured of it', () => {
    const drain = { totalPorosity: 0.8, containerCapacity: 0.5, heightMm: 150 }
    const own = mixOf(blend(recipes[0]!, ingredients, { drain, shrinkShare: 0.1 }))
    expect(own.curve.totalPorosity).toBeCloseTo(0.8, 9)
    expect(own.blend.shrinkShare).toBe(0.1)
    // Settled, the measured mix has fewer pores too, not the typical ones.
    expect(settledMix(own).curve.totalPorosity).toBeLessThan(0.8)
    expect(settledMix(own).curve.totalPorosity).toBeGreaterThan(0.75)
  })
})
