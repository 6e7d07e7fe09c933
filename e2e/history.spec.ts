import AxeBuilder from '@axe-core/playwright'
import { choose, expect, open, openRoundAt, test } from './support'

test('a pot changes from today on: two taps record it, the form asks since when, the day before stays', async ({
  page,
}) => {
  await open(page, 'line-up')
  await page.locator('[data-pot=F1]').click()
  await page.getByText('What happened?').click()
  await page.getByRole('button', { name: 'Topped up' }).click()
  await page.getByLabel('How much was added').fill('60 l')
  await page.getByRole('button', { name: 'Record', exact: true }).click()
  await expect(page.getByRole('alert')).toContainText('There is not room for so much: at most')
  await page.getByLabel('How much was added').fill('1.5 l')
  await page.getByLabel('Day', { exact: true }).fill('2027-01-01')
  await page.getByRole('button', { name: 'Record', exact: true }).click()
  await expect(page.getByText('This date is in the future.')).toBeVisible()
  await page.getByLabel('Day', { exact: true }).fill('2026-06-10')
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])
  await page.getByRole('button', { name: 'Record', exact: true }).click()
  await expect(page.getByText('F1: top-up recorded.')).toBeVisible()
  await expect(page.getByText('28.4 L')).toBeVisible()

  await page.getByRole('button', { name: 'Edit' }).click()
  await page.getByLabel('Mulch').fill('5 cm')
  await expect(page.getByRole('button', { name: 'From today' })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('F1 changed.')).toBeVisible()
  await page.getByRole('link', { name: 'Book' }).click()
  await choose(page, 'Pot', 'F1 · Fabric bag')
  await choose(page, 'What', 'Mulched')
  await expect(page.getByRole('row').nth(1)).toContainText('Thu 18 Jun')
  await choose(page, 'What', 'Topped up')
  await expect(page.getByRole('row').nth(1)).toContainText('Wed 10 Jun')
})

test('on the walk anything else that was done is two taps; what is taken out needs no water', async ({
  page,
}) => {
  await openRoundAt(page, 'F2')
  await page.getByRole('button', { name: 'Something else' }).click()
  await page.getByRole('button', { name: 'Shaken' }).click()
  await page.getByRole('button', { name: 'Record', exact: true }).click()
  await expect(page.getByText('F2: shaking recorded.')).toBeVisible()
  await page.getByRole('button', { name: 'Something else' }).click()
  await page.getByRole('button', { name: 'Taken out' }).click()
  await choose(page, 'Why', 'Disease')
  await page.getByRole('button', { name: 'Record', exact: true }).click()
  await expect(page.getByText('F2: taken out, recorded.')).toBeVisible()
  await page.getByRole('link', { name: 'Line-up' }).click()
  await expect(page.getByText(/5 pots need water now/)).toBeVisible()
})

test('the season is closed in one look at each pot, and last season is found in the Book', async ({
  page,
}) => {
  await open(page, 'book')
  await choose(page, 'Season', '2025')
  await choose(page, 'What', 'Picked')
  // Nine weeks of five pots.
  await expect(page.locator('.book-count')).toHaveText('45 records')
  await page.getByRole('button', { name: 'Close the season' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByRole('heading', { name: /^R1/ })).toBeVisible()
  const { violations } = await new AxeBuilder({ page }).include('.el-dialog').analyze()
  expect(violations).toEqual([])
  await dialog.getByRole('button', { name: 'Record for 16 pots' }).click()
  await expect(page.getByText('Season 2026 closed.', { exact: true })).toBeVisible()
  await choose(page, 'Season', 'All seasons')
  await choose(page, 'What', 'Recharged')
  await expect(page.getByText(/of compost/).first()).toBeVisible()
  await page.locator('.change-bar').getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText(/of compost/)).toHaveCount(0)
})
