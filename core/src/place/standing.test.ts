import { describe, expect, test } from '@jest/globals'
import {
  crowdedPairs,
  floorAreaM2,
  freePlaceFor,
  gapMm,
  outOfReach,
  parseAreaLoad,
  planSchema,
  rectangularPlan,
  snapped,
  spaceLoad,
  standingFaults,
  type Footprint,
  type Plan,
} from '.'

const plan: Plan = {
  ...rectangularPlan({ widthMm: 4000, depthMm: 1500, facingDeg: 180 }),
  door: { sideIndex: 0, fromMm: 200, widthMm: 800 },
}
const pot = (
  id: string,
  xMm: number,
  yMm: number,
  sizeMm = 400,
  more: Partial<Footprint> = {},
): Footprint => ({
  id,
  xMm,
  yMm,
  isRound: true,
  lengthMm: sizeMm,
  widthMm: sizeMm,
  fromMm: 0,
  toMm: 350,
  ...more,
})
const firstIssue = (given: unknown) => planSchema.safeParse(given).error?.issues[0]
const codeOf = (given: unknown) => {
  const issue = firstIssue(given)
  return issue?.code === 'custom' ? (issue.params as { code: string }).code : issue?.code
}

describe('an outline', () => {
  test('has the area it encloses', () => {
    expect(floorAreaM2(plan)).toBeCloseTo(6, 9)
    const [a, b, c, d] = plan.corners
    const bent = { ...plan, corners: [a!, b!, c!, { xMm: 2000, yMm: 500 }, d!] }
    // Six square metres less the triangle of 4 m × 1 m.
    expect(floorAreaM2(bent)).toBeCloseTo(4, 9)
  })
  test('that crosses itself is refused there', () => {
    const [a, b, c, d] = plan.corners
    expect(codeOf({ ...plan, corners: [a, c, b, d] })).toBe('outlineCrosses')
    expect(firstIssue({ ...plan, corners: [a, c, b, d] })?.path).toEqual(['corners'])
  })
  test('wants one side for each corner, and some floor', () => {
    expect(codeOf({ ...plan, sides: plan.sides.slice(1) })).toBe('sidesMissing')
    expect(codeOf(rectangularPlan({ widthMm: 100, depthMm: 100, facingDeg: 0 }))).toBe(
      'spaceTooSmall',
    )
  })
  test('a door stands in a wall, whole', () => {
    expect(codeOf({ ...plan, door: { sideIndex: 2, fromMm: 0, widthMm: 800 } })).toBe(
      'doorInNoWall',
    )
    expect(codeOf({ ...plan, door: { sideIndex: 9, fromMm: 0, widthMm: 800 } })).toBe(
      'doorInNoWall',
    )
    expect(codeOf({ ...plan, door: { sideIndex: 0, fromMm: 3500, widthMm: 800 } })).toBe(
      'doorBesideWall',
    )
    expect(codeOf(plan)).toBeUndefined()
  })
})

describe('where pots stand', () => {
  test('off the floor, on another, in the doorway: each is said of the pot', () => {
    expect(standingFaults(plan, [pot('a', 2000, 1300)])).toEqual([])
    expect(standingFaults(plan, [pot('a', 2000, 1400)])).toMatchObject([
      { id: 'a', code: 'outside' },
    ])
    expect(standingFaults(plan, [pot('a', 2000, 1200), pot('b', 2300, 1200)])).toMatchObject([
      { id: 'b', code: 'onAnother', otherId: 'a' },
    ])
    expect(standingFaults(plan, [pot('a', 600, 500)])).toMatchObject([{ code: 'inDoorway' }])
  })
  test('a basket hangs over a pot without touching it', () => {
    const basket = pot('b', 2000, 1200, 350, { fromMm: 1500, toMm: 1700 })
    expect(standingFaults(plan, [pot('a', 2000, 1200), basket])).toEqual([])
  })
  test('the gap between round and square is the plain one', () => {
    const box = pot('b', 1000, 0, 400, { isRound: false, lengthMm: 600, widthMm: 200 })
    expect(gapMm(pot('a', 0, 0), box)).toBeCloseTo(1000 - 300 - 200, 9)
    expect(gapMm(pot('a', 0, 0), pot('c', 300, 400))).toBeCloseTo(100, 9)
    // From the middle to the corner of the box it is 3 : 4 : 5.
    expect(gapMm(pot('a', 400, 500, 200), box)).toBeCloseTo(Math.hypot(300, 400) - 100, 9)
  })
  test('a row of pots right across shuts off what is behind it', () => {
    const row = [0, 1, 2, 3].map((index) => pot(`r${index}`, 2000, 190 + index * 375, 370))
    const behind = pot('far', 3600, 700)
    expect(outOfReach(plan, [...row, behind])).toEqual(['far'])
    expect(outOfReach(plan, [...row.slice(2), behind])).toEqual([])
    expect(outOfReach({ ...plan, door: undefined }, [...row, behind])).toEqual([])
  })
  test('a dragged pot draws to sides and neighbours, else to a centimetre', () => {
    expect(snapped(plan, pot('a', 3772, 774), [])).toEqual({ xMm: 3800, yMm: 770 })
    expect(snapped(plan, pot('a', 2421, 1018), [pot('b', 2000, 1000)])).toEqual({
      xMm: 2400,
      yMm: 1000,
    })
  })
  test('a new pot gets a place where nothing is wrong, while there is one', () => {
    const prints: Footprint[] = []
    for (let index = 0; index < 60; index++) {
      const place = freePlaceFor(plan, pot(`p${index}`, 0, 0), prints)
      if (!place) break
      prints.push(pot(`p${index}`, place.xMm, place.yMm))
    }
    expect(prints.length).toBeGreaterThan(8)
    expect(prints.length).toBeLessThan(40)
    expect(standingFaults(plan, prints)).toEqual([])
    expect(outOfReach(plan, prints)).toEqual([])
  })
  test('crowns overlap by the share of the smaller one', () => {
    const crown = (id: string, xMm: number) => ({ id, xMm, yMm: 0, radiusMm: 300 })
    expect(crowdedPairs([crown('a', 0), crown('b', 500)])).toEqual([])
    expect(crowdedPairs([crown('a', 0), crown('b', 300)])).toMatchObject([
      { ids: ['a', 'b'], overlapShare: 0.5 },
    ])
  })
})

describe('load', () => {
  // Exact: 1 lbf/ft² is 47.880259 Pa; a kilogram weighs 9.81 N.
  test('is read as papers write it', () => {
    expect(parseAreaLoad('3,0')).toBe(3)
    expect(parseAreaLoad('3 kN/m²')).toBe(3)
    expect(parseAreaLoad('60 psf')).toBeCloseTo(2.873, 3)
    expect(parseAreaLoad('300 kg/m2')).toBeCloseTo(2.943, 3)
    expect(parseAreaLoad('1 000 kg/m²')).toBeCloseTo(9.81, 3)
    expect(parseAreaLoad('60 lbs per sq. ft')).toBeCloseTo(2.873, 3)
    expect(parseAreaLoad('2.5 kPa')).toBe(2.5)
    expect(parseAreaLoad('1,000 kg/m2', 'us')).toBeCloseTo(9.81, 3)
    expect(() => parseAreaLoad('1,000 kg/m2')).toThrow('ambiguousNumber')
    for (const bad of ['', 'much', '3 apples', '3 constructor'])
      expect(() => parseAreaLoad(bad)).toThrow('badLoad')
  })
  const standing = (massKg: number, xMm: number, yMm: number, sizeMm = 400) => ({
    massKg,
    print: pot(`p${xMm}`, xMm, yMm, sizeMm, { isRound: false }),
  })
  test('is mass × 9.81 over the floor, and pressure that over the footprint', () => {
    const load = spaceLoad(plan, [standing(60, 1500, 700)])
    expect(load.meanKnM2).toBeCloseTo((60 * 9.81) / 1000 / 6, 9)
    expect(load.pressures[0]!.kPa).toBeCloseTo((60 * 9.81) / 1000 / 0.16, 9)
    expect(load.worstKnM2).toBeCloseTo((60 * 9.81) / 1000, 6)
  })
  test('without papers there is no verdict but a question', () => {
    const { verdict, reasons } = spaceLoad(plan, [standing(6000, 2000, 700)])
    expect(verdict).toBe('ask')
    expect(reasons.map(({ code }) => code)).toContain('load.usual')
  })
  test('with papers: over, too much in one place, or shared with the rest of life', () => {
    const papers = { ...plan, allowedKnM2: 3 }
    expect(spaceLoad(papers, [standing(2000, 2000, 700)]).verdict).toBe('over')
    expect(spaceLoad(papers, [standing(400, 2000, 700)]).verdict).toBe('patch')
    expect(spaceLoad(papers, [standing(40, 2000, 700)]).verdict).toBe('shared')
    expect(spaceLoad({ ...papers, isEarth: true }, [standing(4000, 2000, 700)]).verdict).toBe(
      'ground',
    )
  })
  test('along the parapet only what stands by it counts', () => {
    const inside = spaceLoad(plan, [standing(100, 2000, 500)]).edgeKnM
    const outside = spaceLoad(plan, [standing(100, 2000, 1200)]).edgeKnM
    expect(inside).toBe(0)
    expect(outside).toBeCloseTo((100 * 9.81) / 1000 / 4, 9)
  })
  test('a shelf with no figure asks; with one it is held to it', () => {
    const shelf = {
      id: 's',
      name: 'Shelf',
      xMm: 3500,
      yMm: 300,
      lengthMm: 800,
      widthMm: 300,
      heightMm: 800,
    }
    const onShelf = { massKg: 20, print: pot('a', 3500, 300, 250, { fromMm: 800, toMm: 1000 }) }
    const verdict = (limitKg?: number) =>
      spaceLoad({ ...plan, shelves: [{ ...shelf, ...(limitKg ? { limitKg } : {}) }] }, [onShelf])
        .shelves[0]
    expect(verdict()).toMatchObject({ massKg: 20, verdict: 'ask' })
    expect(verdict(15)!.verdict).toBe('over')
    expect(verdict(25)!.verdict).toBe('within')
  })
})
