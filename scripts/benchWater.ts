// The hourly water balance against the same loop in plain C, and many years of it.
import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import {
  dailyVisits,
  emptyRun,
  simulateWater,
  wiltingChance,
  type Garden,
  type PotCourse,
  type WateredPot,
  type WaterDrive,
} from '@rimbo/core'

const RUNS = 100
const PASSES = 9

/** What the C program is given: a row of numbers, as its own comment lists them. */
function inputOf(pot: WateredPot, weather: WaterDrive, visitH: Uint8Array): Float64Array {
  const { days, wallM2 } = weather
  return Float64Array.from([
    ...[days, RUNS, wallM2, pot.availableL, (pot.easyL / pot.availableL) * pot.sensitivity],
    ...[pot.surfaceM2, pot.repellentShare],
    ...weather.referenceMm,
    ...weather.referenceSumMm,
    ...new Float64Array(visitH.length),
    ...visitH,
    ...weather.leafM2,
    ...weather.openM2,
    ...weather.rainL,
    ...weather.cropMm,
  ])
}

/** Best of some passes of the C program, ns an hour, and the litres it found; undefined without a compiler. */
function inC(input: Float64Array): { ns: number; litres: number } | undefined {
  const folder = mkdtempSync(join(tmpdir(), 'rimbo-bench-'))
  const source = fileURLToPath(new URL('bench/water.c', import.meta.url))
  const [program, file] = [join(folder, 'water'), join(folder, 'water.bin')]
  try {
    writeFileSync(file, Buffer.from(input.buffer))
    execFileSync('cc', ['-O2', '-o', program, source, '-lm'], { stdio: 'ignore' })
    const [ns, litres] = execFileSync(program, [file]).toString().trim().split(' ').map(Number)
    return { ns: ns!, litres: litres! }
  } catch {
    return undefined
  } finally {
    rmSync(folder, { recursive: true })
  }
}

/** Container-hours of the balance beside those of C. */
export function hourlyBalance({ water, ofWater }: PotCourse) {
  // From planting on, and one cell: what the C program does.
  const { weather, firstHour } = ofWater
  const first = firstHour / 24
  const days = weather.days - first
  const referenceMm = weather.referenceMm.slice(firstHour)
  const sums = weather.referenceSumMm.slice(firstHour)
  const own: WaterDrive = {
    days,
    referenceMm,
    referenceSumMm: sums.map((mm) => mm - sums[0]!),
    leafM2: weather.leafM2.slice(first).map((m2) => Math.max(0, m2)),
    openM2: weather.openM2.slice(first),
    wallM2: weather.wallM2,
    rainL: weather.rainL.slice(first),
    cropMm: weather.cropMm.slice(first),
  }
  const hours = days * 24
  const visitH = dailyVisits(hours)
  const events = { givenL: new Float64Array(hours), visitH }
  const into = emptyRun(hours, water)
  let best = Infinity
  for (let pass = 0; pass < PASSES; pass++) {
    const start = performance.now()
    for (let run = 0; run < RUNS; run++) simulateWater(water, own, events, { into })
    best = Math.min(best, ((performance.now() - start) * 1e6) / (RUNS * hours))
  }
  const litres = into.usedL.reduce((sum, used) => sum + used, 0)
  return { ns: best, litres, c: inC(inputOf(water, own, visitH)) }
}

/** Milliseconds of so many years of all its pots, by each way of watering. */
export function yearsOfWater(garden: Garden, at: string, days: number, count: number): number {
  const start = performance.now()
  wiltingChance(garden, { at, days, count, seed: 1 })
  return performance.now() - start
}
