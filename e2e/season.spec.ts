import { readFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import ICAL from 'ical.js'
import jsQR from 'jsqr'
import { PNG } from 'pngjs'
import { choose, expect, open, openRoundAt, test } from './support'

test.describe('jobs on the walk', () => {
  test.use({ viewport: { width: 390, height: 844 } })
  test('with a thumb: done, put off, all of them; what was a tap too many is undone', async ({
    page,
  }) => {
    await openRoundAt(page, 'K3')
    const jobs = page.getByRole('region', { name: 'To do here' })
    await expect(jobs.getByRole('listitem')).toHaveCount(4)
    await jobs.getByRole('button', { name: 'Tie up: Done' }).click()
    await expect(page.getByText('K3: recorded.')).toBeVisible()
    await expect(jobs.getByRole('listitem')).toHaveCount(3)
    await jobs.getByRole('button', { name: /^Mulch.*: Not now/ }).click()
    await jobs.getByRole('button', { name: 'In a week' }).click()
    await expect(page.getByText('Put off.')).toBeVisible()
    await expect(jobs.getByRole('listitem')).toHaveCount(2)
    await page.locator('.change-bar').getByRole('button', { name: 'Undo' }).click()
    await expect(jobs.getByRole('listitem')).toHaveCount(3)
    const { violations } = await new AxeBuilder({ page }).analyze()
    expect(violations).toEqual([])
    await jobs.getByRole('button', { name: 'All done here' }).click()
    await expect(jobs).toHaveCount(0)
    // Its water is still to give.
    await page.getByRole('button', { name: 'Watered', exact: true }).click()
    await expect(page.getByRole('region', { name: 'What K3 gets' })).toHaveCount(0)
  })
})

test('a job of one’s own comes on its days; one turned off is found again; a calendar is read by others', async ({
  page,
}) => {
  await open(page, 'days')
  await page.getByRole('button', { name: 'Add a job of your own' }).click()
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(
    page
      .getByText('This is needed')
      .or(page.getByText(/at least/))
      .first(),
  ).toBeVisible()
  await page.getByLabel('What is to be done').fill('Clean the gutter')
  await choose(page, 'When', 'On one day')
  await page.getByLabel('Day', { exact: true }).fill('2026-06-20')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('“Clean the gutter” saved.')).toBeVisible()
  const saturday = page.locator('.days-day', { hasText: 'Sat 20 June' })
  await expect(saturday.getByRole('button', { name: /Clean the gutter/ })).toBeVisible()
  await page.getByRole('button', { name: /Shake the flowers, H1.*Take back/ }).click()
  await expect(page.getByText('Asked for again.', { exact: true })).toBeVisible()

  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Calendar file' }).click()
  const file = await download
  expect(file.suggestedFilename()).toMatch(/\.ics$/)
  const text = await readFile(await file.path(), 'utf8')
  const events = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent')
  const summaries = events.map((one) => new ICAL.Event(one).summary)
  expect(summaries).toContain('Clean the gutter')
  expect(summaries.some((one) => one.startsWith('K1 · Mulch'))).toBe(true)
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])
})

test('ways are answered for the garden and for one plant, and the jobs follow', async ({
  page,
}) => {
  await open(page, 'days')
  const tips = page.locator('[data-job=tip]')
  await expect(tips.first()).toBeVisible()
  await open(page, 'ways')
  const chillies = page.getByRole('group', { name: 'Chillies are tipped' })
  await chillies.getByRole('button', { name: 'Never' }).click()
  await expect(page.getByText('Your ways are saved.')).toBeVisible()
  await choose(page, 'For', 'Padrón in K1')
  await page
    .getByRole('group', { name: 'Mulch of' })
    .getByRole('button', { name: 'Leaves' })
    .click()
  await expect(page.getByRole('button', { name: 'As the garden' })).toBeVisible()
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])
  await page.getByRole('link', { name: 'Coming days' }).click()
  await expect(page.locator('[data-job=mulch]').first()).toBeVisible()
  await expect(tips).toHaveCount(0)
})

test('the week on paper has boxes to tick, the labels a code each', async ({ page }) => {
  await open(page, 'days')
  await page.getByRole('link', { name: 'Week sheet' }).click()
  await expect(page.getByRole('heading', { name: 'Week of Thu 18 June' })).toBeVisible()
  await expect(page.locator('.week-pot')).toHaveCount(16)
  await expect.poll(() => page.locator('.week-box').count()).toBeGreaterThan(40)
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('banner')).toBeHidden()
  await page.emulateMedia({ media: 'screen' })
  // Whole weeks begin on the day that Settings say.
  await page.getByText('Next week', { exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Week of Mon 22 June' })).toBeVisible()
  await page.getByRole('link', { name: 'Back to coming days' }).click()
  await page.getByRole('link', { name: 'Pot labels' }).click()
  const codes = page.getByRole('img', { name: 'Code with the text of this label' })
  await expect(codes).toHaveCount(16)
  // Another library reads what stands beside it.
  const picture = PNG.sync.read(await codes.first().screenshot())
  const read = jsQR(new Uint8ClampedArray(picture.data), picture.width, picture.height)
  const label = page.locator('.pot-label').first()
  expect(read?.data.split('\n')).toEqual(await label.locator('strong, p').allInnerTexts())
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])
})
