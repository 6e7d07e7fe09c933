// How a phone opens the garden: the built application in the system's Chromium, its
// processor four times slower, 390 × 844.
import { chromium, type Page } from '@playwright/test'
import { writeGarden, type Garden } from '@rimbo/core'
import { createApp } from '../server/src/app'

/** The processor is made so many times slower. */
export const THROTTLE = 4
const RUNS = 5

export interface Opening {
  readonly usefulMs: number
  readonly longestTaskMs: number
  /** From a tap to the next card of the walk. */
  readonly tapMs: number
}

const middle = (values: readonly number[]) =>
  [...values].sort((one, other) => one - other)[Math.floor(values.length / 2)]!

/** Opens the Round once and taps to the next pot. */
async function opened(page: Page, address: string): Promise<Opening> {
  const start = performance.now()
  await page.goto(`${address}/round`)
  const code = page.locator('.round-code')
  await code.waitFor({ timeout: 60_000 })
  const usefulMs = performance.now() - start
  await page.waitForTimeout(4000)
  const longestTaskMs = await page.evaluate(() =>
    Math.max(0, ...(window as unknown as { longTasks: number[] }).longTasks),
  )
  const before = await code.textContent()
  // As one text: what turns this file into script leaves helpers in a function that the page has not.
  const tapMs = await page.evaluate<number>(`(async () => {
    const from = performance.now()
    document.querySelector('.round-pager button:last-of-type').click()
    while (document.querySelector('.round-code')?.textContent === ${JSON.stringify(before)})
      await new Promise((done) => setTimeout(done))
    return performance.now() - from
  })()`)
  return { usefulMs, longestTaskMs, tapMs }
}

/** Medians of some openings: of a new profile on the demo, or of one that already has a garden. */
export async function openingOf(executablePath: string, garden?: Garden): Promise<Opening> {
  const server = createApp().listen(0, '127.0.0.1')
  await new Promise((done) => server.once('listening', done))
  const { port } = server.address() as { port: number }
  const address = `http://127.0.0.1:${port}`
  const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] })
  const found: Opening[] = []
  for (let run = 0; run < RUNS; run++) {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } })
    if (garden) {
      const page = await context.newPage()
      await page.goto(`${address}/settings`)
      await page.locator('input[type=file]').setInputFiles({
        name: 'bench.rimbo.json',
        mimeType: 'application/json',
        buffer: Buffer.from(writeGarden({ ...garden, id: 'bench', name: 'Bench' })),
      })
      await page.getByRole('banner').getByText('Bench').waitFor({ timeout: 60_000 })
      await page.close()
    }
    const page = await context.newPage()
    const session = await context.newCDPSession(page)
    await session.send('Emulation.setCPUThrottlingRate', { rate: THROTTLE })
    await page.addInitScript(() => {
      const seen: number[] = []
      Object.assign(window, { longTasks: seen })
      new PerformanceObserver((list) =>
        list.getEntries().forEach(({ duration }) => seen.push(duration)),
      ).observe({ type: 'longtask', buffered: true })
    })
    found.push(await opened(page, address))
    await context.close()
  }
  await browser.close()
  server.close()
  return {
    usefulMs: middle(found.map(({ usefulMs }) => usefulMs)),
    longestTaskMs: middle(found.map(({ longestTaskMs }) => longestTaskMs)),
    tapMs: middle(found.map(({ tapMs }) => tapMs)),
  }
}
