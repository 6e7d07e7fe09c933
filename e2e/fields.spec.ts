import { choose, expect, open, test } from './support'

test('pots are changed, moved along the walk, and keep what was typed while it is wrong', async ({
  page,
}) => {
  await open(page, 'line-up')
  await page.locator('[data-pot=K1]').click()
  await page.getByRole('button', { name: 'Later on the walk' }).click()
  await expect(page.getByText('K1 moved.')).toBeVisible()
  const codes = page.locator('.pot-code')
  await expect(codes).toHaveText(['B1', 'F1', 'F2', 'F3', 'K2', 'K1', 'K3', 'R1', 'R2', 'N1', 'L1'])
  await page.getByRole('button', { name: 'Edit' }).click()
  const height = page.getByLabel('Height inside')
  await height.fill('0')
  await expect(page.getByRole('alert').first()).toContainText('too small')
  await height.fill('fifteen')
  await expect(page.getByRole('alert').first()).toContainText('“fifteen” cannot be read')
  await expect(height).toHaveValue('fifteen')
  await page.getByLabel('Short name').fill('B1')
  await expect(page.getByText('Another container is called that already.')).toBeVisible()
  await page.getByLabel('Short name').fill('K9')
  await height.fill('1 ft 2 in')
  await expect(page.getByText('= 35.6 cm')).toBeVisible()
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.locator('[data-pot=K9]')).toBeVisible()
  await expect(page.locator('.line-up-side [data-fact=rim]')).toContainText('20.8 L')
})

test('a volume can be asked why', async ({ page }) => {
  await open(page, 'line-up')
  await page.locator('[data-pot=B1]').click()
  await page.getByRole('button', { name: '47 L, To the rim: why?' }).click()
  await expect(
    page.getByText('a round pot 32 cm across at the bottom, 45 cm across at 40 cm'),
  ).toBeVisible()
})

test('a date out of range and a pot that is not there yet', async ({ page }) => {
  await open(page, 'fit')
  await page.getByLabel('Planted on').fill('1999-05-01')
  await expect(page.getByText('Type a day between 2000 and 2100.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Plant in B1' })).toBeDisabled()
  await page.getByLabel('Planted on').fill('2026-06-18')
  await page.getByRole('button', { name: 'Take out Black Cherry' }).click()
  await expect(page.getByText('Nothing yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Black Cherry × 1, since 8 April')).toBeVisible()
})

test('another day’s weather is typed and answered for, and today’s stays', async ({ page }) => {
  await open(page, 'water')
  await page.getByLabel('Which day').fill('2026-07-14')
  await expect(page.getByRole('heading', { name: 'Tue 14 July: weather not known' })).toBeVisible()
  await expect(page.getByLabel('Highest', { exact: true })).toHaveValue('')
  await page.getByLabel('Highest', { exact: true }).fill('31')
  await page.getByLabel('Lowest', { exact: true }).fill('20')
  await page.getByLabel('Humidity, highest').fill('150 %')
  await expect(page.getByRole('alert').first()).toContainText('too large')
  await page.getByLabel('Humidity, highest').fill('80')
  await page.getByLabel('Wind').fill('11 km/h')
  await page.getByRole('button', { name: 'Use this weather' }).click()
  await expect(page.getByText('Weather of 2026-07-14 kept.')).toBeVisible()
  await expect(page.getByText('Not known and assumed: sun.')).toBeVisible()
  await expect(page.getByText(/^Carry \d+ cans/)).toBeVisible()
  await page.getByLabel('Which day').fill('2026-06-18')
  await expect(page.getByRole('heading', { name: 'Thu 18 June' })).toBeVisible()
  await expect(page.getByRole('button', { name: /5.6\smm/ })).toBeVisible()
  await page.getByLabel('Which day').fill('1950-06-18')
  await expect(page.getByText('1950-06-18 is out of range')).toBeVisible()
})

test('a mix is set for pots, each pot with its own adds up, and the find goes to a mix', async ({
  page,
}) => {
  await open(page, 'mix')
  await choose(page, 'Recipe', 'Each pot with its own mix')
  await expect(page.locator('[data-ingredient]')).toHaveCount(7)
  await page.keyboard.press('Escape')
  await page.locator('h1').click()
  await page.keyboard.press('/')
  await page.getByLabel('A pot, plant, mix, feed or view').fill('plain earth')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-ingredient]')).toHaveCount(2)
  await page.getByRole('button', { name: 'Set this mix for these pots' }).click()
  await expect(page.getByText('Mix set: Plain earth.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Set this mix for these pots' })).toBeHidden()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('button', { name: 'Set this mix for these pots' })).toBeVisible()
})
