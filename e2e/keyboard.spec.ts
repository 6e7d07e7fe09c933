import { expect, open, startOwn, tabTo, test } from './support'

test('a pot is added, and watered, without a mouse', async ({ page }) => {
  await startOwn(page)
  await tabTo(page, 'Add the first container')
  await page.keyboard.press('Enter')
  await tabTo(page, 'Top, across inside')
  await page.keyboard.press('Control+a')
  await page.keyboard.type('40 cm')
  await tabTo(page, 'Height inside')
  await page.keyboard.press('Control+a')
  await page.keyboard.type('35 cm')
  await page.keyboard.press('Enter')
  await expect(page.getByText('P1 added.')).toBeVisible()
  await tabTo(page, 'P1, New pot')
  await page.keyboard.press('Space')
  await expect(page.getByRole('heading', { name: 'P1 · New pot' })).toBeHidden()
})

test('the round goes by arrow keys and Enter', async ({ page }) => {
  await open(page, 'round')
  await tabTo(page, 'Fed and watered')
  for (let step = 0; step < 3; step++) await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('region', { name: 'What F3 gets' })).toBeVisible()
  await page.keyboard.press('ArrowLeft')
  await expect(page.getByRole('region', { name: 'What F2 gets' })).toBeVisible()
  await tabTo(page, 'Watered')
  await page.keyboard.press('Enter')
  await expect(page.getByText('F2: watering recorded.')).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(page.getByText('Undone.')).toBeVisible()
  await page.keyboard.press('Control+Shift+z')
  await expect(page.getByRole('button', { name: /^F2/ })).toContainText('watered')
})

test('the first Tab offers to skip to the main part, and a letter in a field is a letter', async ({
  page,
}) => {
  await open(page, 'settings')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('link', { name: 'Skip to the main part' })).toBeFocused()
  const name = page.getByLabel('Name of the garden')
  await name.fill('')
  await name.pressSequentially('a/b?')
  await expect(name).toHaveValue('a/b?')
  await expect(page.getByRole('dialog')).toHaveCount(0)
})

test('the look is kept, and motion is stilled for who asks for it', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' })
  await open(page, 'settings')
  await page.getByRole('combobox', { name: 'Theme' }).click({ force: true })
  await page.getByRole('option', { name: 'Strong sun' }).click()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'sun')
  await page.reload()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'sun')
  const transition = await page
    .getByRole('button', { name: 'Save', exact: true })
    .evaluate((button) => getComputedStyle(button).transitionDuration)
  expect(['0s', '']).toContain(transition)
})
