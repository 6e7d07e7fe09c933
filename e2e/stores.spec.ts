import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { choose, expect, open, tabTo, test } from './support'

const part = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).click()
const item = (page: Page, id: string) => page.locator(`[data-item="${id}"]`)

test('what is at hand goes up by buying, right by counting, and back by undo', async ({ page }) => {
  await open(page, 'stores')
  // Seeds of February, less what was sown in March.
  await expect(item(page, 'blackCherry')).toContainText('Seed of Black Cherry')
  await expect(item(page, 'blackCherry').locator('td').first()).toHaveText('17')
  await page.getByRole('button', { name: 'Bought: Epsom salt' }).click()
  await page.getByLabel('How much').fill('1 kg')
  await page.getByLabel('Paid for all of it, EUR').fill('4,50')
  await choose(page, 'Where', 'By post')
  await page.getByRole('button', { name: 'Record', exact: true }).click()
  await expect(page.getByText('1 entry of the stores recorded.', { exact: true })).toBeVisible()
  await expect(item(page, 'epsomSalt').locator('td').first()).toContainText('1.')
  await page.getByRole('button', { name: 'Count: Epsom salt' }).click()
  await page.getByLabel('How much').fill('900 g')
  await page.getByRole('button', { name: 'Record', exact: true }).click()
  await expect(item(page, 'epsomSalt').locator('td').first()).toHaveText(/900\sg/)
  await page.locator('.change-bar').getByRole('button', { name: 'Undo' }).click()
  await expect(item(page, 'epsomSalt').locator('td').first()).not.toHaveText(/900\sg/)
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])
})

test('the list for the rest of the season is found over two shops, ticked off on a phone, and bought with one tap', async ({
  page,
}) => {
  test.slow()
  await page.setViewportSize({ width: 390, height: 844 })
  await open(page, 'stores')
  await part(page, 'Needed')
  await expect(page.locator('[data-need=compost]')).toBeVisible()
  await part(page, 'Shopping list')
  await page.getByRole('button', { name: /^Find the cheapest list for \d+ things?$/ }).click()
  await expect(page.getByText('Nothing cheaper can be had from these shops.')).toBeVisible({
    timeout: 30_000,
  })
  const boxes = page.locator('.trip input[type=checkbox]')
  await expect(boxes.first()).toBeVisible()
  await boxes.first().check()
  await expect(
    page.getByRole('button', { name: 'Take what is ticked into the stock' }),
  ).toBeVisible()
  await boxes.first().uncheck()
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])
  await page.getByRole('button', { name: 'All bought: take it into the stock' }).click()
  await expect(page.getByText('Everything the plan needs is at hand.')).toBeVisible({
    timeout: 20_000,
  })
})

test('a shop is typed in with its packs, and what is no amount is told at its field', async ({
  page,
}) => {
  await open(page, 'stores')
  await part(page, 'Shops')
  await page.getByRole('button', { name: 'Add a shop' }).click()
  await page.getByLabel('Name').fill('Market')
  await page.getByLabel('Way there or delivery').fill('2')
  await page.getByRole('button', { name: 'Add a pack' }).click()
  await page.getByRole('button', { name: 'Keep the shop' }).click()
  await expect(page.getByRole('alert').first()).toBeVisible()
  await page.getByLabel('A pack holds').fill('40 l')
  await page.getByLabel('Price').fill('9')
  await page.getByRole('button', { name: 'Keep the shop' }).click()
  await expect(page.getByRole('heading', { name: 'Market' })).toBeVisible()
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])
})

test('what a season cost, a kilo of it, and the pots that paid for themselves', async ({
  page,
}) => {
  await open(page, 'stores')
  await part(page, 'Costs')
  await expect(page.getByText(/^The season 2026 cost/)).toBeVisible()
  await choose(page, 'Season', '2025')
  await expect(page.getByText(/^The season 2025 cost/)).toBeVisible()
  await expect(page.getByText(/^Paid for themselves: .*S1/)).toBeVisible()
  await expect(page.locator('[data-cost=cage]')).toContainText('over 5 years')
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])
})

test('by keyboard alone: bought, counted, a shop typed in, the list found, ticked and taken in', async ({
  page,
}) => {
  test.slow()
  const enter = (name: string) => tabTo(page, name, 200).then(() => page.keyboard.press('Enter'))
  const fill = async (name: string, text: string) => {
    await tabTo(page, name)
    await page.keyboard.press('Control+a')
    await page.keyboard.type(text)
  }
  await open(page, 'stores')
  await enter('Bought: Epsom salt')
  // The form stands above the list, and still comes next.
  await fill('How much', '1 kg')
  await fill('Paid for all of it', '4.50')
  await page.keyboard.press('Enter')
  await expect(page.getByText('1 entry of the stores recorded.', { exact: true })).toBeVisible()
  // Whoever was in the list is in it again.
  await expect(page.getByRole('button', { name: 'Bought: Epsom salt' })).toBeFocused()
  await enter('Count: Epsom salt')
  await fill('How much', '900 g')
  await page.keyboard.press('Enter')
  await expect(item(page, 'epsomSalt').locator('td').first()).toHaveText(/900\sg/)
  await enter('Shops')
  await enter('Add a shop')
  await fill('Name', 'Market')
  await enter('Add a pack')
  await fill('A pack holds', '40 l')
  await fill('Price', '9')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Market' })).toBeVisible()
  await enter('Shopping list')
  await enter('Find the cheapest list')
  await expect(page.getByText('Nothing cheaper can be had from these shops.')).toBeVisible({
    timeout: 30_000,
  })
  const boxes = page.locator('.trip input[type=checkbox]')
  const named = await page.locator('.trip label strong').first().innerText()
  await tabTo(page, named)
  await page.keyboard.press('Space')
  await expect(boxes.first()).toBeChecked()
  await enter('Take what is ticked into the stock')
  await expect(page.locator('.trip label strong', { hasText: named })).toBeHidden()
  await enter('Costs')
  await expect(page.getByText(/^The season 2026 cost/)).toBeVisible()
})
