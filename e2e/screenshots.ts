import { test, type Page } from '@playwright/test'

// The pictures of the README, from the demo garden. Run with `npm run screenshots`.
const folder = '../docs/screenshots'
const wide = ['line-up', 'round', 'days', 'place', 'fit', 'mix'] as const
const narrow = ['line-up', 'round'] as const
/** A black-bottomed fruit of the pot that was left dry. */
async function blackEnd(page: Page): Promise<void> {
  await page.goto('/check?pot=f2')
  await page.getByRole('button', { name: 'Fruit', exact: true }).click()
  await page.locator('[data-sign=fruitEndBlack]').click()
  await page.locator('[data-cause]').first().waitFor()
  await page.locator('[data-ask]').waitFor()
  await page.evaluate(() => document.fonts.ready)
}
/** Feeds and jobs come last of all. */
async function workedOut(page: Page, view: string): Promise<void> {
  await page.locator('main h1').first().waitFor({ state: 'attached' })
  if (view === 'round') await page.getByText('To take along').waitFor()
  if (view === 'line-up') await page.getByText('with feed').waitFor()
}
const PHONE = { width: 390, height: 844 }

test.describe('pictures', () => {
  for (const view of wide)
    test(`${view} at a desk`, async ({ page }) => {
      await page.goto(`/${view}`)
      if (view === 'place') await page.getByText('h a day').waitFor()
      if (view === 'days') await page.locator('[data-job]').first().waitFor()
      await workedOut(page, view)
      await page.evaluate(() => document.fonts.ready)
      await page.screenshot({ path: `${import.meta.dirname}/${folder}/${view}.png` })
    })

  test('book: an entry in words', async ({ page }) => {
    await page.goto('/book')
    await page.locator('.book-list tbody tr').first().waitFor()
    await page.getByLabel('What was done or seen').fill('2 l b1 and k1, 640 g t1 before the rain')
    await page.evaluate(() => document.fonts.ready)
    await page.screenshot({ path: `${import.meta.dirname}/${folder}/book.png` })
  })

  test('stores: what the plan will need', async ({ page }) => {
    await page.goto('/stores')
    await page.getByRole('button', { name: 'Needed', exact: true }).click()
    await page.locator('[data-need]').first().waitFor()
    await page.evaluate(() => document.fonts.ready)
    await page.screenshot({ path: `${import.meta.dirname}/${folder}/stores.png` })
  })

  test('check, a black end', async ({ page }) => {
    await blackEnd(page)
    await page.screenshot({ path: `${import.meta.dirname}/${folder}/check.png` })
  })

  test('an arrangement', async ({ page }) => {
    await page.goto('/fit')
    await page.getByRole('button', { name: 'Arrange them all' }).click()
    await page.getByRole('button', { name: 'Arrange', exact: true }).click()
    await page.getByText('Proven best').waitFor({ timeout: 60_000 })
    await page.screenshot({ path: `${import.meta.dirname}/${folder}/arrange.png` })
  })

  test('feed: a ledger', async ({ page }) => {
    await page.goto('/feed')
    await page.getByRole('navigation', { name: 'Pots' }).getByRole('button', { name: /T1/ }).click()
    await page.evaluate(() => document.fonts.ready)
    await page.screenshot({ path: `${import.meta.dirname}/${folder}/feed.png` })
  })

  test('a mix, solved', async ({ page }) => {
    await page.goto('/mix')
    await page.getByRole('button', { name: 'Solve' }).click()
    await page.locator('[data-bound=peat]').getByText('Sphagnum peat').click()
    await page.getByRole('button', { name: 'Find the mix' }).click()
    await page.getByRole('button', { name: 'Look at it in the tub' }).waitFor({ timeout: 60_000 })
    await page.screenshot({ path: `${import.meta.dirname}/${folder}/mix-solve.png` })
  })

  test('water by the hour', async ({ page }) => {
    await page.goto('/water')
    await page.getByRole('button', { name: /F2/ }).click()
    await page.getByRole('button', { name: 'A week away', exact: true }).click()
    await page.evaluate(() => document.fonts.ready)
    await page.screenshot({ path: `${import.meta.dirname}/${folder}/water.png` })
  })

  for (const [name, size] of [
    ['start', undefined],
    ['start-phone', PHONE],
  ] as const)
    test(`the first minutes, ${name}`, async ({ page }) => {
      if (size) await page.setViewportSize(size)
      await page.clock.setFixedTime(new Date('2026-06-14T08:00'))
      await page.goto('/')
      await page.getByRole('combobox', { name: 'Town' }).fill('hull')
      await page.getByRole('option').first().click()
      await page.getByRole('button', { name: 'Use this place' }).click()
      for (const id of ['bucket', 'fabric10', 'pot30'])
        await page.locator(`[data-usual="${id}"] .usual-pot`).click()
      await page.locator('[data-usual="tower"] svg').waitFor()
      await page.locator('main h1').scrollIntoViewIfNeeded()
      await page.evaluate(() => document.fonts.ready)
      await page.screenshot({ path: `${import.meta.dirname}/${folder}/${name}.png` })
    })

  test('the end of August', async ({ page }) => {
    await page.goto('/line-up')
    await page.getByRole('button', { name: 'Weeks' }).click()
    const line = page.getByRole('slider', { name: 'Day that is shown' })
    for (let week = 0; week < 10; week++) await line.press('ArrowDown')
    for (let day = 0; day < 4; day++) await line.press('ArrowRight')
    await page.getByText('Mon 31 August').waitFor()
    await page.screenshot({ path: `${import.meta.dirname}/${folder}/line-up-august.png` })
  })

  test('a pot on its own page', async ({ page }) => {
    await page.goto('/pot/n1')
    await page.getByRole('button', { name: 'Reckon over 500 years' }).click()
    await page.locator('.years-table').waitFor({ timeout: 60_000 })
    await page.screenshot({ path: `${import.meta.dirname}/${folder}/pot-page.png` })
  })

  for (const view of narrow)
    test(`${view} on a phone`, async ({ page }) => {
      await page.setViewportSize(PHONE)
      await page.goto(`/${view}`)
      await workedOut(page, view)
      await page.evaluate(() => document.fonts.ready)
      await page.screenshot({ path: `${import.meta.dirname}/${folder}/${view}-phone.png` })
    })
})
