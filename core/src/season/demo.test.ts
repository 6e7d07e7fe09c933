// The demo's history is made by running the model with noise: what was recorded
// has to agree with what is computed.
import { describe, expect, test } from '@jest/globals'
import { demo } from '../../test/demo'
import { judgeLabel } from '../container'
import { varietyOf } from '../garden'
import { daysBetween } from '../units'
import { gardenCourse, gardenToday, waterRisks } from '.'

const FROM = '2026-05-20'
const TO = '2026-06-17'

describe('the demo garden', () => {
  test('each pot was given what the model, with what its tests told, says it drank, within a third', () => {
    const course = gardenCourse(demo, demo.clock!)
    const [first, last] = [FROM, TO].map((date) => daysBetween(course.from, date)) as [
      number,
      number,
    ]
    for (const pot of course.pots) {
      // The dry pot is short of what it wants, and its reservoirs are still full or not.
      if (pot.container.id === 'f2' || pot.volumes.reservoirL > 0) continue
      const sum = (row: Float64Array) =>
        row.subarray(first, last + 1).reduce((total, litres) => total + litres, 0)
      const { missingL } = pot.ofWater.run
      const changeL = missingL[last * 24 + 23]! - missingL[first * 24]!
      const ratio = sum(pot.givenL) / (sum(pot.needL) - changeL)
      expect(ratio).toBeGreaterThan(0.75)
      expect(ratio).toBeLessThan(1.33)
    }
  })
  test('two of the pots drink a quarter more than the model, and their tests have found it', () => {
    const course = gardenCourse(demo, demo.clock!)
    const learned = (id: string) =>
      course.pots.find(({ container }) => container.id === id)!.ofWater.learned!
    expect(learned('k2').testCount).toBeGreaterThan(10)
    expect(Math.abs(learned('k2').thirst.mean - 1.25)).toBeLessThan(2 * learned('k2').thirst.sd)
    expect(learned('k2').thirst.sd).toBeLessThan(0.2)
  })
  test('the heat wave and the dry pot are in its water hour by hour', () => {
    const course = gardenCourse(demo, demo.clock!)
    const pot = course.pots.find(({ container }) => container.id === 'f2')!
    const { run, weather } = pot.ofWater
    const day = (date: string) => daysBetween(course.from, date) * 24
    const drawn = (from: string, to: string) =>
      weather.referenceSumMm[day(to)]! - weather.referenceSumMm[day(from)]!
    expect(drawn('2026-06-09', '2026-06-14')).toBeGreaterThan(
      1.15 * drawn('2026-06-03', '2026-06-08'),
    )
    expect(
      Math.min(...run.hadShare.subarray(day('2026-06-12'), day('2026-06-14') + 7)),
    ).toBeLessThan(0.6)
    expect(waterRisks(course, pot).fruit[0]!.blossomEndRot.level).not.toBe('low')
  })
  test('two dry days in the heat came before the spotted fruit', () => {
    const dry = demo.records.filter((record) => record.kind === 'skipWater')
    const seen = demo.records.find(
      (record) => record.kind === 'sign' && record.sign === 'blossomEndRot',
    )!
    expect(dry).toHaveLength(2)
    for (const record of dry) {
      expect(record.containerId).toBe(seen.containerId)
      expect(record.at < seen.at).toBe(true)
    }
  })
  test('nothing was picked before it could be ripe', () => {
    for (const record of demo.records.filter(({ kind }) => kind === 'pick')) {
      const planting = demo.plantings.find((one) => one.containerId === record.containerId)!
      const { daysToMaturity } = varietyOf(demo, planting.varietyId)!
      expect(daysBetween(planting.plantedOn, record.at)).toBeGreaterThanOrEqual(daysToMaturity)
    }
  })
  test('the heat wave of 9–13 June is the hottest of the spring', () => {
    const past = demo.weather.filter((day) => day.date <= TO)
    const hottest = [...past].sort((one, other) => other.tempMaxC - one.tempMaxC).slice(0, 5)
    for (const { date } of hottest) {
      expect(date >= '2026-06-09').toBe(true)
      expect(date <= '2026-06-13').toBe(true)
    }
  })
  test('some labels are wrong, and the “#7” is what its class says', () => {
    const findings = gardenToday(demo, demo.clock!).pots.map(
      ({ container, volumes }) =>
        container.label && judgeLabel(container.label, volumes.rimVolumeL),
    )
    const verdicts = findings.map((finding) => finding?.verdict)
    for (const verdict of ['agrees', 'holdsLess', 'holdsMore']) expect(verdicts).toContain(verdict)
    const codes = findings.flatMap((finding) => finding?.reasons.map((reason) => reason.code) ?? [])
    expect(codes).toContain('label.classExplains')
  })
})
