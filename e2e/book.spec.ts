import { choose, expect, open, startOwn, test } from './support'

test('records are found by pot and kind, page by page, and one can be taken out and put back', async ({
  page,
}) => {
  await open(page, 'book')
  const rows = page.getByRole('row')
  await choose(page, 'Pot', 'F2 · Fabric bag')
  await choose(page, 'What', 'Seen')
  await expect(rows).toHaveCount(1 + 2)
  await expect(rows.nth(1)).toContainText('blossom-end rot')
  await expect(rows.nth(1)).toContainText('Two fruits, lowest truss.')
  await rows.nth(1).getByRole('button').click()
  await expect(rows).toHaveCount(1 + 1)
  await page.locator('.change-bar').getByRole('button', { name: 'Undo' }).click()
  await expect(rows).toHaveCount(1 + 2)
  await page.locator('.change-bar').getByRole('button', { name: 'Redo' }).click()
  await expect(rows).toHaveCount(1 + 1)
  await choose(page, 'Pot', 'All pots')
  await choose(page, 'What', 'Watered')
  await page.getByRole('button', { name: 'Go to next page' }).click()
  await expect(rows).toHaveCount(1 + 14)
  await choose(page, 'What', 'Fed')
  await expect(rows.nth(1)).toContainText(/\d\sg/)
})

test('what was recorded of a pot stays when the pot goes', async ({ page }) => {
  await open(page, 'line-up')
  await page.locator('[data-pot=R1]').click()
  await page.getByRole('button', { name: 'Delete', exact: true }).click()
  await expect(page.locator('[data-pot=R1]')).toBeHidden()
  await page.getByRole('link', { name: 'Book' }).click()
  await choose(page, 'What', 'Picked')
  await expect(page.getByRole('row').nth(1)).toContainText('a pot since removed')
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
  await expect(harvest).toContainText('6.34\u00a0kg picked')
  await choose(page, 'Season', '2025')
  await expect(harvest).toContainText('5.5\u00a0kg picked')
  await expect(page.locator('[data-harvest=blackCherry]')).toContainText('210')
  await page.getByRole('button', { name: 'Pot', exact: true }).click()
  await expect(page.locator('[data-harvest=s2]')).toContainText('2.9\u00a0kg')
  await page.getByRole('button', { name: 'Week', exact: true }).click()
  await expect(page.locator('[data-harvest]').first()).toContainText('week of')
})
