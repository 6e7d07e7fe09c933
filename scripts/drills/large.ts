import { addDays, writeGarden, type Garden, type GardenRecord } from '@rimbo/core'
import { gardenOf } from '../benchTasks'
import { counted, dice, inBrowser, served, VIEWS, type Drill } from './lab'

const RECORDS = 50_000
const SEASONS = 5
const SLOWER = 4
const LONGEST_S = 60

/** Sixty pots, five seasons and fifty thousand records. */
function largeGarden(records: number): Garden {
  const garden = gardenOf(60)
  const random = dice(3)
  const last = garden.clock!.slice(0, 10)
  const made = Array.from({ length: records }, (_, index): GardenRecord => {
    const daysAgo = Math.floor(((records - index) / records) * 365 * SEASONS)
    const at = `${addDays(last, -1 - daysAgo)}T${String(6 + Math.floor(random() * 14)).padStart(2, '0')}:${String(Math.floor(random() * 60)).padStart(2, '0')}`
    const containerId = garden.containers[Math.floor(random() * 60)]!.id
    const id = `large-${index}`
    if (random() < 0.7)
      return { id, at, kind: 'water', containerId, volumeL: 1 + Math.floor(random() * 5) }
    if (random() < 0.5)
      return { id, at, kind: 'pick', containerId, massG: 50 + Math.floor(random() * 400) }
    return { id, at, kind: 'note', containerId, note: `seen ${index}` }
  })
  const all = [...made, ...garden.records].sort((one, other) => (one.at < other.at ? -1 : 1))
  return { ...garden, id: 'large', name: 'Large', records: all }
}

/** Opens each view of a large garden on a processor four times slower. */
export const large: Drill = (share) =>
  served((address) =>
    inBrowser(async (context, errors) => {
      const page = await context.newPage()
      const text = writeGarden(largeGarden(counted(RECORDS, share)))
      await page.goto(`${address}/settings`)
      await page.locator('.import-garden input[type=file]').setInputFiles({
        name: 'large.json',
        mimeType: 'application/json',
        buffer: Buffer.from(text),
      })
      await page.getByRole('banner').getByText('Large').waitFor({ timeout: 120_000 })
      const session = await context.newCDPSession(page)
      await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
      const times: (readonly [string, number])[] = []
      let failures = 0
      for (const view of VIEWS) {
        const from = performance.now()
        await page.goto(`${address}/${view}`, { timeout: 120_000 })
        await page.locator('main h1').first().waitFor({ state: 'attached', timeout: 120_000 })
        times.push([view, (performance.now() - from) / 1000])
        failures += await page.locator('.view-failure').count()
      }
      const [slowest, seconds] = times.reduce((one, other) => (other[1] > one[1] ? other : one))
      console.log(`  ${times.map(([view, s]) => `${view} ${s.toFixed(1)} s`).join(' · ')}`)
      for (const error of errors.slice(0, 5)) console.log(`  console: ${error.slice(0, 200)}`)
      return [
        {
          what: 'A garden of 60 pots, 5 seasons and so many records, processor 4× slower: its file, MB',
          figure: `${counted(RECORDS, share)} records, ${(text.length / 1e6).toFixed(1)} MB`,
          held: true,
        },
        {
          what: '– the view that opened last, s',
          figure: `${slowest} ${seconds.toFixed(1)}`,
          held: seconds < LONGEST_S,
        },
        {
          what: '– views that failed, or errors in the console',
          figure: String(failures + errors.length),
          held: failures + errors.length === 0,
        },
      ]
    }),
  )
