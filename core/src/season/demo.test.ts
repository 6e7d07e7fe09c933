// The demo's history is made by running the model with noise: what was recorded
// has to agree with what is computed.
import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { judgeLabel } from '../container'
import { readGarden, varietyOf } from '../garden'
import { addDays, daysBetween, dayOf } from '../units'
import { gardenToday } from '.'

const demo = readGarden(
  readFileSync(new URL('../../../demo/port-maren.rimbo.json', import.meta.url), 'utf8'),
)
const FROM = '2026-05-20'
const TO = '2026-06-17'
const days = Array.from({ length: daysBetween(FROM, TO) + 1 }, (_, index) => addDays(FROM, index))

describe('the demo garden', () => {
  test('each pot was given what the model says it drank, within a sixth', () => {
    const needL = new Map<string, number>()
    for (const date of days)
      for (const { container, need } of gardenToday(demo, date).pots)
        needL.set(container.id, (needL.get(container.id) ?? 0) + (need?.waterL ?? 0))
    for (const { id } of demo.containers) {
      const givenL = demo.records.reduce(
        (sum, record) =>
          record.kind === 'water' && record.containerId === id && dayOf(record.at) >= FROM
            ? sum + record.volumeL
            : sum,
        0,
      )
      expect(givenL / needL.get(id)!).toBeGreaterThan(5 / 6)
      expect(givenL / needL.get(id)!).toBeLessThan(7 / 6)
    }
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
