import AxeBuilder from '@axe-core/playwright'
import { expect, open, startOwn, test } from './support'

const PHONE = { width: 390, height: 844 }

test('a pot by the hour: its lines, its dry days, and a what-if drawn beside it', async ({
  page,
}) => {
  await open(page, 'water')
  await page.getByRole('button', { name: /F2/ }).click()
  const chart = page.getByRole('img', { name: 'Water in F2, hour by hour' })
  await expect(chart).toBeVisible()
  for (const line of ['full', 'safe limit', 'wilts'])
    await expect(chart.getByText(line, { exact: true })).toBeVisible()
  await expect(page.getByText('Blossom-end rot')).toBeVisible()
  await expect(page.locator('.water-other')).toHaveCount(0)
  await page.getByRole('button', { name: 'A week away', exact: true }).click()
  await expect(page.locator('.water-other')).toBeVisible()
  const away = page.getByRole('row', { name: /A week away/ })
  await expect(away).toContainText(/\d+ h/)
  // The row behind the chart, for who cannot see it.
  await expect(page.getByRole('row', { name: /^S 13/ })).toContainText('L')
  await page.locator('.water-amount').getByRole('button').click()
  await expect(page.getByText(/Missing now: .*; so it is filled/)).toBeVisible()
})

test('a pot is felt, weighed and probed, and learned from', async ({ page }) => {
  await open(page, 'water')
  await page.getByRole('button', { name: /F1/ }).click()
  const learned = page.locator('[data-learned]')
  const count = async () => Number((await learned.textContent())!.match(/From (\d+)/)![1])
  const before = await count()
  await expect(page.getByText(/Most useful test: feel at the/)).toBeVisible()
  await page.getByRole('button', { name: 'Finger', exact: true }).click()
  await page.getByRole('button', { name: 'Dry, second knuckle (5 cm)' }).click()
  await expect(page.getByText('F1: finger test recorded.')).toBeVisible()
  await expect.poll(() => count()).toBe(before + 1)
  await page.getByRole('button', { name: 'Scale' }).click()
  await page.getByLabel('Weighs now, all of it').fill('2 kg')
  await expect(page.getByText(/less than this pot weighs with bone-dry mix/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Record it' })).toBeDisabled()
  await page.getByLabel('Weighs now, all of it').fill('22 kg')
  await page.getByRole('button', { name: 'Record it' }).click()
  await expect(page.getByText('Weight recorded.')).toBeVisible()
  await expect.poll(() => count()).toBe(before + 2)
  await page.getByRole('button', { name: 'Probe' }).click()
  await page.getByRole('button', { name: 'Read its last two days' }).click()
  await expect(
    page.getByText(/\d+ readings: \d+ kept, \d+ gaps, \d+ that jump left out/),
  ).toBeVisible()
  await expect.poll(() => count()).toBeGreaterThan(before + 6)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(learned).toContainText(`From ${before + 2} tests`)
})

test('without the server no probe answers, and nothing is lost', async ({ page }) => {
  await page.route('**/api/probe**', (route) =>
    route.fulfill({ status: 204, contentType: 'text/plain', body: '' }),
  )
  await open(page, 'water')
  await page.getByRole('button', { name: 'Probe' }).click()
  await page.getByRole('button', { name: 'Read its last two days' }).click()
  await expect(page.getByText(/No probe answers/)).toBeVisible()
})

test('a week away: who comes through, and the fewest things that save the rest', async ({
  page,
}) => {
  await open(page, 'water')
  await page.getByRole('button', { name: 'Going away' }).click()
  await expect(page.locator('[data-away]')).toContainText(/left alone, \d+ of 16 pots come through/)
  await expect(page.getByText(/\d+ measures? saves? every pot/)).toBeVisible()
  await expect(page.locator('tr[data-pot=F2]')).toContainText('lost')
  await page.getByText('Drip on a timer').click()
  await page.getByText('A neighbour can come once').click()
  await expect(page.getByText(/not saved by any|every pot/).first()).toBeVisible()
  await page.getByLabel('Days away, from now').fill('1')
  await page.getByLabel('Days away, from now').press('Enter')
  await expect(page.getByText('All come through as they are')).toBeVisible()
})

test('drip on one timer: minutes, emitters, and the compromise', async ({ page }) => {
  await open(page, 'water')
  await page.getByRole('button', { name: 'Drip', exact: true }).click()
  await expect(page.locator('[data-drip]')).toContainText(/\d+ min, /)
  const rows = page.locator('.away-found tbody tr')
  await expect(rows).toHaveCount(16)
  await page.getByText('T1 Stacked tower').first().click()
  await expect(rows).toHaveCount(15)
})

test('how likely it wilts this month is worked out in a worker, and can be stopped', async ({
  page,
}) => {
  await open(page, 'water')
  await page.getByRole('button', { name: /How likely does it wilt/ }).click()
  await expect(page.getByRole('progressbar', { name: /Wilts within/ })).toBeVisible()
  await page.getByRole('button', { name: 'Cancel' }).click()
  await page.getByRole('button', { name: /How likely does it wilt/ }).click()
  await expect(page.getByRole('row', { name: /every third day/ })).toContainText('%', {
    timeout: 60_000,
  })
})

test('a garden without weather begins with it; one without plants says what comes first', async ({
  page,
}) => {
  await startOwn(page)
  await page.getByRole('link', { name: 'Water' }).click()
  await expect(page.getByText(/weather not known/)).toBeVisible()
  await page.getByRole('button', { name: 'Going away' }).click()
  await expect(page.getByText('Nothing to water today')).toBeVisible()
})

for (const mode of ['By the hour', 'Going away', 'Drip', 'Weather'])
  test(`${mode} is clean for axe, at a desk and on a phone`, async ({ page }) => {
    for (const size of [undefined, PHONE]) {
      if (size) await page.setViewportSize(size)
      await open(page, 'water')
      await page.getByRole('button', { name: mode, exact: true }).click()
      const { violations } = await new AxeBuilder({ page })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
        .analyze()
      expect(violations.map(({ id, nodes }) => [id, nodes[0]?.html])).toEqual([])
      const overflow = await page.evaluate(
        () => document.documentElement.scrollWidth - window.innerWidth,
      )
      expect(overflow).toBeLessThanOrEqual(0)
    }
  })
