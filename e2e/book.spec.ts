import AxeBuilder from '@axe-core/playwright'
import type { Locator } from '@playwright/test'
import { choose, expect, open, startOwn, test } from './support'

test('records are found by pot, kind and words; one is deleted, put back, and brought back from the bin', async ({
  page,
}) => {
  await open(page, 'book')
  const rows = page.locator('.book-list tbody tr')
  const count = page.locator('.book-count')
  await choose(page, 'Pot', 'F2 · Fabric bag')
  await choose(page, 'What', 'Seen')
  await expect(rows).toHaveCount(2)
  await expect(rows.first()).toContainText('blossom-end rot')
  await expect(rows.first()).toContainText('Two fruits, lowest truss.')
  const remove = rows.first().getByRole('button', { name: /^Delete/ })
  await remove.click()
  await expect(rows).toHaveCount(1)
  await page.locator('.change-bar').getByRole('button', { name: 'Undo' }).click()
  await expect(rows).toHaveCount(2)
  await remove.click()
  await expect(rows).toHaveCount(1)
  await page.reload()
  await page.getByRole('button', { name: 'Bin', exact: true }).click()
  await page.getByRole('button', { name: 'Bring back' }).click()
  await expect(page.getByText('The bin is empty.')).toBeVisible()
  await page.getByRole('button', { name: 'Records', exact: true }).click()
  await page.getByLabel('Find words').fill('ROT lowest f2')
  await expect(count).toHaveText('1 record')
  await page.getByLabel('Find words').fill('')
  await choose(page, 'What', 'Watered')
  await expect(count).toHaveText(/^\d{3} records$/)
  // Only those in sight are drawn; at the end stands the oldest.
  await expect.poll(() => rows.count()).toBeLessThan(60)
  await page.locator('.book-list').evaluate((list) => list.scrollTo(0, list.scrollHeight))
  await expect(rows.last()).toContainText('Apr')
})

test('on a phone as well only records in sight are drawn', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await open(page, 'book')
  const rows = page.locator('.book-list tbody tr')
  await expect(rows.first()).toBeVisible()
  await expect.poll(() => rows.count()).toBeLessThan(60)
  await page.locator('.book-list').evaluate((list) => list.scrollTo(0, list.scrollHeight))
  await expect(rows.last()).toContainText('Apr')
})

test('an entry in words lights up, asks for its pot, and is recorded with one key', async ({
  page,
}) => {
  await open(page, 'book')
  const entry = page.getByLabel('What was done or seen')
  await entry.fill('640 g')
  await expect(page.locator('.entry-text mark')).toHaveText(['640 g'])
  await expect(page.getByRole('button', { name: 'Record', exact: true })).toBeDisabled()
  await choose(page, 'Which pot?', 'T1 · Stacked tower')
  await expect(page.locator('.entry-read li')).toHaveText('T1 Picked, 640 g')
  await entry.fill('2 l b1 and k1 before the storm')
  await expect(page.locator('.entry-read li')).toContainText('B1, K1')
  await entry.press('Enter')
  await expect(page.getByText('2 records made.', { exact: true })).toBeVisible()
  await expect(entry).toHaveValue('')
  const rows = page.locator('.book-list tbody tr')
  await expect(rows.first()).toContainText('before the storm')
  await page.locator('.change-bar').getByRole('button', { name: 'Undo' }).click()
  await expect(rows.first()).not.toContainText('before the storm')
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])
})

test('a record is changed in its place, and how it stood before is shown after a reload', async ({
  page,
}) => {
  await open(page, 'book')
  await choose(page, 'What', 'Picked')
  const row = page.locator('.book-list tbody tr').first()
  const before = await row.locator('.book-what').innerText()
  await row.getByRole('button', { name: /^Change/ }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Weight').fill('1 lb')
  await dialog.getByLabel('Note').fill('weighed again')
  const { violations } = await new AxeBuilder({ page }).include('.el-dialog').analyze()
  expect(violations).toEqual([])
  await dialog.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(row).toContainText('454')
  await page.reload()
  await choose(page, 'What', 'Picked')
  await expect(row).toContainText('(changed)')
  await row.getByRole('button', { name: /^Change/ }).click()
  const [mass] = /[\d.]+\s*g/.exec(before)!
  await expect(dialog.locator('.edit-record-earlier')).toContainText(mass)
})

test('seasons beside each other, and one taken over into the plan and forgotten again', async ({
  page,
}) => {
  await open(page, 'book')
  await page.getByRole('button', { name: 'Seasons', exact: true }).click()
  await choose(page, 'Season', '2025')
  await expect(page.locator('[data-season="2025"]')).toContainText(/2025\s*12\s*kg/)
  await expect(page.locator('.season-shown .season-line')).toBeVisible()
  await expect(page.getByText('S2: a bigger pot, or a smaller plant.')).toBeVisible()
  await expect(page.locator('[data-factor=s2]')).toContainText('60')
  await page.getByRole('button', { name: 'Take over into the next plan' }).click()
  await expect(
    page.getByText('Season 2025 taken over into the plan.', { exact: true }),
  ).toBeVisible()
  await page.goto('/fit')
  await page
    .getByRole('group', { name: 'Into which pot' })
    .getByRole('button', { name: /S2/ })
    .click()
  await expect(page.getByText('What this pot gave')).toBeVisible()
  await open(page, 'book')
  await page.getByRole('button', { name: 'Seasons', exact: true }).click()
  await choose(page, 'Season', '2025')
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])
  await page.getByRole('button', { name: 'Forget it again' }).click()
  await expect(page.getByRole('button', { name: 'Forget it again' })).toBeHidden()
})

test('a trial is set up, warned of two differences, recorded and told', async ({ page }) => {
  await open(page, 'book')
  await page.getByRole('button', { name: 'Trials', exact: true }).click()
  await expect(page.locator('[data-trial=trial-mulch]')).toContainText('no difference can be told')
  await page.getByRole('button', { name: 'Set up a trial' }).click()
  await page.getByLabel('Name').fill('Reservoirs')
  await choose(page, 'What is different', 'pot')
  const [a, b] = [0, 1].map((side) => page.locator('.trial-side').nth(side)) as [Locator, Locator]
  for (const code of ['R1', 'R2']) await a.getByRole('button', { name: code, exact: true }).click()
  for (const code of ['F1', 'F2']) await b.getByRole('button', { name: code, exact: true }).click()
  await expect(page.getByText(/With 2 pots on each side, a difference of less than/)).toBeVisible()
  await expect(page.getByText(/The sides also differ in: .*plants/)).toBeVisible()
  await page.getByLabel('From').fill('2026-06-01')
  await page.getByRole('button', { name: 'Keep the trial' }).click()
  const own = page.locator('.trial').filter({ hasText: 'Reservoirs' })
  await page.getByRole('button', { name: 'Records', exact: true }).click()
  await page.getByLabel('What was done or seen').fill('2 kg r1; 2,1 kg r2; 500 g f1; 520 g f2')
  await page.getByLabel('What was done or seen').press('Enter')
  await expect(page.getByText('4 records made.', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Trials', exact: true }).click()
  await expect(own.locator('.trial-verdict')).toContainText('A (R1, R2) gave more than B (F1, F2)')
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])
  await own.getByRole('button', { name: 'Remove the trial' }).click()
  await expect(own).toBeHidden()
})

test('a season is told on paper', async ({ page }) => {
  await open(page, 'book')
  await page.getByRole('link', { name: 'Report to print' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('the season 2026')
  await expect(page.getByText('S1: plant later, or cover it on cold nights.')).toBeVisible()
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])
})

test('what was recorded of a pot stays when the pot goes', async ({ page }) => {
  await open(page, 'line-up')
  await page.locator('[data-pot=R1]').click()
  await page.getByRole('button', { name: 'Delete', exact: true }).click()
  await expect(page.locator('[data-pot=R1]')).toBeHidden()
  await page.getByRole('link', { name: 'Book' }).click()
  await choose(page, 'What', 'Picked')
  await expect(page.locator('.book-list tbody tr').first()).toContainText('a pot since removed')
})

test('spaces: one more, covered or not, and away again while it is empty', async ({ page }) => {
  await startOwn(page)
  await page.getByRole('link', { name: 'Settings' }).click()
  await page.getByLabel('Another space').fill('Roof')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  const roof = page.getByRole('listitem').filter({ hasText: 'Roof' })
  await roof.getByText('covered from rain').click()
  await expect(roof.getByRole('checkbox')).toBeChecked()
  await page.getByRole('link', { name: 'Line-up' }).click()
  await page.getByRole('button', { name: 'Roof' }).click()
  await expect(page.getByText('No pots here yet')).toBeVisible()
  await page.getByRole('link', { name: 'Settings' }).click()
  await page.getByRole('button', { name: 'Remove Roof' }).click()
  await expect(roof).toBeHidden()
  await expect(page.getByRole('button', { name: /^Remove/ })).toBeHidden()
})

test('the gardener’s own can and handful are what doses are told in', async ({ page }) => {
  await open(page, 'settings')
  await page.getByLabel('Your watering can holds').fill('1')
  await page.getByLabel('Your watering can holds').fill('500 l')
  await expect(page.getByText('500 L is too large: at most 30 L.')).toBeVisible()
  await page.getByLabel('Your watering can holds').fill('5 l')
  await page.getByLabel('Your handful holds').fill('1/4 cup')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.getByRole('link', { name: 'Round' }).click()
  await expect(page.getByText(/Carry \d+ cans of 5\sL/)).toBeVisible()
  await page.getByRole('button', { name: /^K3/ }).click()
  // 2.9 L into cans of 5, by the quarter.
  await expect(page.getByText('½ can', { exact: true })).toBeVisible()
  await page.getByRole('link', { name: 'Mix' }).click()
  await page.getByRole('button', { name: 'Batches' }).click()
  // 62.8 g of lime at 1.3 g/mL is 48 mL: three quarters of a handful of 62.5 mL.
  await expect(page.locator('tr[data-pot=B1]')).toContainText('¾ handful')
})

test('the demo is left for a garden of one’s own, and found again', async ({ page }) => {
  await startOwn(page)
  await expect(page.getByText('Demo garden, all invented')).toBeHidden()
  await page.reload()
  await expect(page.getByText('No pots here yet')).toBeVisible()
  for (const [view, says] of [
    ['Round', 'No plants yet'],
    ['Fit', 'There are no pots yet'],
    ['Mix', 'There are no pots yet'],
    ['Water', 'weather not known'],
    ['Book', 'Nothing recorded yet'],
  ] as const) {
    await page.getByRole('link', { name: view, exact: true }).click()
    await expect(page.getByText(says).first()).toBeVisible()
  }
  await page.getByRole('link', { name: 'Settings' }).click()
  await choose(page, 'Open', 'Third floor, Port Maren')
  await expect(page.getByText('Demo garden, all invented')).toBeVisible()
})

test('the harvest adds up beside what was expected, by variety, week and pot', async ({ page }) => {
  await open(page, 'book')
  await page.getByRole('button', { name: 'Harvest', exact: true }).click()
  const harvest = page.locator('.book-harvest')
  await expect(harvest).toContainText('12.8\u00a0kg picked')
  await choose(page, 'Season', '2025')
  await expect(harvest).toContainText('12\u00a0kg picked')
  await expect(page.locator('[data-harvest=blackCherry]')).toContainText('448')
  await page.getByRole('button', { name: 'Pot', exact: true }).click()
  await expect(page.locator('[data-harvest=s2]')).toContainText('2.9\u00a0kg')
  await page.getByRole('button', { name: 'Week', exact: true }).click()
  await expect(page.locator('[data-harvest]').first()).toContainText('week of')
})
