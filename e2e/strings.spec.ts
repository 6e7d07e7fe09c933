import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, open, startOwn, test } from './support'

const line = (page: Page) => page.getByRole('slider', { name: 'Day that is shown' })
const stemOf = (page: Page, code: string) =>
  page.locator(`[data-pot=${code}] .stems`).first().getAttribute('d')

test('the line is drawn to the end of August, and back to today', async ({ page }) => {
  await open(page, 'line-up')
  await expect(line(page)).toHaveAttribute('aria-valuetext', /Thu 18 June .* measured/)
  await expect(page.locator('[data-pot=B1] .fruit-green').first()).toBeVisible()
  await page.getByRole('button', { name: 'Weeks' }).click()
  const box = (await line(page).locator('circle').boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  const before = await stemOf(page, 'N1')
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x, y + 100, { steps: 10 })
  // Held below the last row, the weeks go by.
  await page.mouse.move(x, 799, { steps: 5 })
  await expect
    .poll(async () => Number(await line(page).getAttribute('aria-valuenow')), { timeout: 30_000 })
    .toBeGreaterThan(183)
  await page.mouse.up()
  await expect(page.getByText(/As simulated for .* usual for the time of year/)).toBeVisible()
  await expect.poll(() => stemOf(page, 'N1')).not.toBe(before)
  for (let press = 0; press < 40; press++) {
    const day = Number(await line(page).getAttribute('aria-valuenow'))
    if (day === 183) break
    await line(page).press(day > 183 ? 'ArrowLeft' : 'ArrowRight')
  }
  await expect(page.getByText('As simulated for Mon 31 August')).toBeVisible()
  // Vines still bear; the bush beside them is done.
  await expect(page.locator('[data-pot=R1] .fruit').first()).toBeVisible()
  await expect(page.locator('[data-pot=F2] .fruit')).toHaveCount(0)
  await page.getByRole('button', { name: 'Back to today' }).click()
  await expect(line(page)).toHaveAttribute('aria-valuetext', /Thu 18 June/)
})

test('by keys: a day, a week, the season’s end, and home', async ({ page }) => {
  await open(page, 'line-up')
  const says = (text: RegExp) => expect(line(page)).toHaveAttribute('aria-valuetext', text)
  await line(page).press('ArrowUp')
  await says(/Wed 17 June/)
  await line(page).press('PageDown')
  await says(/Wed 24 June .* forecast/)
  await line(page).press('End')
  await says(/Mon 30 November/)
  await line(page).press('Home')
  await says(/Thu 18 June/)
})

test('what was felt and seen hangs there, what is expected in dashes', async ({ page }) => {
  await open(page, 'line-up')
  const f2 = page.locator('[data-pot=F2]')
  await expect(f2.getByText('fruit rot')).toBeVisible()
  await expect(page.locator('[data-pot=B1]').getByText('first ripe')).toBeVisible()
  await expect(page.locator('[data-pot=B1] .knot-expected')).toHaveCount(1)
  await expect(page.locator('.knot-feel').first()).toBeVisible()
})

test('a pot’s own page: its course, a measured height, and dates over 500 years', async ({
  page,
}) => {
  test.slow()
  await open(page, 'line-up')
  await page.locator('[data-pot=R2]').click()
  await page.getByRole('link', { name: 'Open its page' }).click()
  await expect(page.getByRole('heading', { name: /^R2/ })).toBeVisible()
  const dots = page.locator('.course-measured')
  const measured = await dots.count()
  await page.getByLabel('Its height today').fill('2 cm')
  await page.getByLabel('Its height today').fill('900 cm')
  await expect(page.getByText('900 cm is too large: at most 600 cm.')).toBeVisible()
  await page.getByLabel('Its height today').fill('70 cm')
  await page.getByRole('button', { name: 'Record', exact: true }).click()
  await expect(page.getByText('Height recorded.')).toBeVisible()
  await expect(dots).toHaveCount(measured + 1)
  await expect(page.getByRole('button', { name: 'First flower recorded' })).toBeDisabled()
  await page.getByRole('button', { name: /Height: why/ }).click()
  await expect(page.getByText('Its first flower was seen')).toBeVisible()
  await page.getByRole('button', { name: /Height: why/ }).click()
  await page.getByRole('button', { name: 'Reckon over 500 years' }).click()
  await page.getByRole('button', { name: 'Cancel' }).click()
  await expect(page.locator('.years-table')).toBeHidden()
  await page.getByRole('button', { name: 'Reckon over 500 years' }).click()
  await expect(page.getByRole('row', { name: /^First ripe fruit .*–.*about/ })).toBeVisible({
    timeout: 60_000,
  })
  await expect(page.getByRole('row', { name: /^Sow indoors/ })).toBeVisible()
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze()
  expect(violations).toEqual([])
})

test('an own garden: simulated weather, normals, and the file they go out into', async ({
  page,
}) => {
  await startOwn(page)
  await page.getByRole('link', { name: 'Water' }).click()
  await page.getByRole('button', { name: 'Fetch 30 days' }).click()
  await expect(page.getByText('37 days filled in')).toBeVisible()
  await expect(page.getByText('From the service.')).toBeVisible()
  await page.getByRole('link', { name: 'Settings', exact: true }).click()
  await page.getByRole('button', { name: 'Type the normals' }).click()
  const july = page.getByLabel('July, Mean lowest')
  await july.fill('45 °C')
  await expect(page.getByText('The lowest temperature is above the highest.')).toBeVisible()
  await july.fill('15 °C')
  await page.getByLabel('Last frost').fill('31 May')
  await expect(page.getByText('is not a day of every year')).toBeVisible()
  await page.getByLabel('Last frost').fill('05-12')
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze()
  expect(violations).toEqual([])
  await page.getByRole('button', { name: 'Save these', exact: true }).click()
  await expect(page.getByText('by the normals you typed')).toBeVisible()
  await page.getByRole('link', { name: 'Water' }).click()
  await page.getByRole('button', { name: 'Weather', exact: true }).click()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save the weather as a file' }).click()
  expect((await download).suggestedFilename()).toMatch(/weather\.json$/)
})
