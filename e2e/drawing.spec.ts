import type { Page } from '@playwright/test'
import { expect, open, test, openRoundAt } from './support'

// The drawing is made from the numbers: what is measured on it must be what is
// computed, and it must follow a change.

/** Pixels to a metre, off the ruler. */
async function scaleOf(page: Page): Promise<number> {
  const heights = await page.locator('.edge.left > g').evaluateAll((ticks) =>
    ticks.map((tick) => ({
      metres: Number(tick.querySelector('text')!.textContent),
      y: tick.getBoundingClientRect().bottom,
    })),
  )
  const [low, high] = [heights[0]!, heights.at(-1)!]
  return (low.y - high.y) / (high.metres - low.metres)
}

const boxOf = (page: Page, code: string, part: string) =>
  page
    .locator(`[data-pot=${code}] ${part}`)
    .first()
    .evaluate((element) => {
      const { width, height, top, bottom } = element.getBoundingClientRect()
      return { width, height, top, bottom }
    })

test('pots and plants are to the scale of the ruler', async ({ page }) => {
  await open(page, 'line-up')
  await expect(page.locator('[data-pot=B1] .hollow')).toBeVisible()
  const pxPerM = await scaleOf(page)
  // B1 is 45 cm across and 40 cm deep inside; its plant stands 1.9 m above its mix.
  const pot = await boxOf(page, 'B1', '.hollow')
  expect(pot.width / pxPerM).toBeCloseTo(0.45, 1)
  expect(pot.height / pxPerM).toBeCloseTo(0.4, 1)
  const stem = await boxOf(page, 'B1', '.stems')
  expect(stem.height / pxPerM).toBeGreaterThan(1.75)
  expect(stem.height / pxPerM).toBeLessThan(2.05)
  // A bucket of 28.6 cm beside it, on the same ground.
  const bucket = await boxOf(page, 'K1', '.hollow')
  expect(bucket.width / pot.width).toBeCloseTo(286 / 450, 1)
  const wallOf = (code: string) => boxOf(page, code, '.wall')
  expect((await wallOf('K1')).bottom).toBeCloseTo((await wallOf('B1')).bottom, 0)
})

test('a sunken pot reaches into the earth, a basket hangs above it', async ({ page }) => {
  await open(page, 'line-up')
  await page.getByRole('button', { name: 'Yard strip' }).click()
  await expect(page.locator('[data-pot=S1] .wall')).toBeVisible()
  const groundY = async () =>
    page
      .locator('.line-up[role=group] .ground')
      .evaluate((line) => line.getBoundingClientRect().top)
  expect((await boxOf(page, 'S1', '.wall')).bottom).toBeGreaterThan((await groundY()) + 20)
  await page.getByRole('button', { name: 'Landing' }).click()
  await expect(page.locator('[data-pot=H1] .wall')).toBeVisible()
  const pxPerM = await scaleOf(page)
  const above = (await groundY()) - (await boxOf(page, 'H1', '.wall')).bottom
  expect(above / pxPerM).toBeGreaterThan(1.3)
})

test('change a number and the drawing changes', async ({ page }) => {
  await open(page, 'line-up')
  const fillLine = page.locator('[data-pot=B1] .fill-line')
  const wallM = async () => (await boxOf(page, 'B1', '.wall')).width / (await scaleOf(page))
  const wallBeforeM = await wallM()
  const before = await fillLine.evaluate((line) => line.getBoundingClientRect().top)
  await page.locator('[data-pot=B1]').click()
  await page.getByRole('button', { name: 'Edit' }).click()
  const preview = page.locator('.form-preview .fill-line')
  const previewBefore = await preview.getAttribute('d')
  await page.getByLabel('Mix stops below the rim by').fill('20 cm')
  await expect(preview).not.toHaveAttribute('d', previewBefore!)
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await page.getByRole('button', { name: 'Close' }).click()
  await expect
    .poll(() => fillLine.evaluate((line) => line.getBoundingClientRect().top))
    .toBeGreaterThan(before + 15)
  // A smaller plant leaves room for a larger scale; the pot is as wide as it was.
  await expect.poll(() => wallM()).toBeCloseTo(wallBeforeM, 1)
})

test('each mix has its own hatch, and wetness falls with height', async ({ page }) => {
  await open(page, 'line-up')
  const marks = (code: string) =>
    page
      .locator(`[data-pot=${code}] pattern path`)
      .evaluateAll((paths) => new Set(paths.map((one) => one.getAttribute('d'))).size)
  // Bark, peat and perlite in K1; compost, perlite and peat in B1.
  await expect.poll(() => marks('K1')).toBe(3)
  await expect.poll(() => marks('B1')).toBe(3)
  const shape = (code: string) => page.locator(`[data-pot=${code}] pattern`).first().innerHTML()
  await expect.poll(() => shape('K1')).not.toBe(await shape('B1'))
  const wetness = await page
    .locator('[data-pot=B1] .wet-stop')
    .evaluateAll((stops) => stops.map((stop) => Number(stop.getAttribute('stop-opacity'))))
  expect(wetness.length).toBeGreaterThan(4)
  expect([...wetness].sort((one, other) => other - one)).toEqual(wetness)
})

test('a pot at the far end stays in sight when its panel opens', async ({ page }) => {
  await open(page, 'line-up')
  await page.locator('[data-pot=L1]').click()
  await expect(page.getByRole('heading', { name: 'L1 · Flat bag' })).toBeVisible()
  await expect(page.locator('[data-pot=L1]')).toBeInViewport({ ratio: 0.9 })
  const side = (await page.locator('.line-up-side').boundingBox())!
  const pot = (await page.locator('[data-pot=L1] .hollow').boundingBox())!
  expect(pot.x + pot.width).toBeLessThanOrEqual(side.x)
})

test('the bead of a watered pot is filled, and every pot can be read out', async ({ page }) => {
  await openRoundAt(page, 'F2')
  await page.getByRole('button', { name: 'Watered', exact: true }).click()
  await expect(page.getByText('F2: watering recorded.')).toBeVisible()
  await page.getByRole('link', { name: 'Line-up' }).click()
  // Today's bead of F2 is filled; of K3, which waits, that of Tuesday alone.
  await expect(page.locator('[data-pot=F2] .bead-done')).toHaveCount(1)
  await expect(page.locator('[data-pot=K3] .bead-done')).toHaveCount(1)
  await expect(page.getByText('5 pots need water now')).toBeVisible()
  const spoken = await page.locator('[data-pot=F2]').getAttribute('aria-label')
  for (const part of [
    'F2, Fabric bag',
    '29.',
    'Rio Grande',
    'tall',
    'Thirds with coir',
    'Water today',
  ])
    expect(spoken).toContain(part)
})
