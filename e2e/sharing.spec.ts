import AxeBuilder from '@axe-core/playwright'
import { type Browser, type Page } from '@playwright/test'
import { expect, open, test } from './support'

const record = async (page: Page, words: string) => {
  await open(page, 'book')
  await page.getByLabel('What was done or seen').fill(words)
  await page.getByRole('button', { name: 'Record', exact: true }).click()
  // The line is empty again once it is on disk.
  await expect(page.getByLabel('What was done or seen')).toHaveValue('')
}
const codeOf = async (page: Page): Promise<string> => {
  await open(page, 'settings')
  await page.getByRole('button', { name: 'Hand over by a code' }).click()
  const code = page.locator('.handover-code output')
  await expect(code).toHaveText(/^[2-9A-Z]{5}-[2-9A-Z]{4}-[2-9A-Z]{4}$/, { timeout: 30_000 })
  return (await code.textContent())!
}
const takeOver = async (page: Page, code: string) => {
  await open(page, 'settings')
  await page.getByText('Take over by a code', { exact: true }).click()
  await page.getByLabel('Code', { exact: true }).fill(code)
  await page.getByRole('button', { name: 'Fetch the garden' }).click()
}
const phoneOf = (browser: Browser) =>
  browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true })
const findNotes = async (page: Page, words: string) => {
  await open(page, 'book')
  await page.getByLabel('Find words').fill(words)
}

test('a day begun on a phone is ended on a laptop, and both have all of it', async ({
  page,
  browser,
}) => {
  test.slow()
  const phone = await phoneOf(browser)
  await record(phone, 'seen from the phone before noon')
  await record(page, 'seen from the laptop at noon')
  await takeOver(page, await codeOf(phone))
  const report = page.getByRole('status', { name: 'Brought together with what was here' })
  await expect(report).toContainText('Records: 1 new, 0 changed, 0 removed')
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])
  await report.getByRole('button', { name: 'Good' }).click()
  await record(page, 'seen from the laptop at dusk')
  await takeOver(phone, await codeOf(page))
  await expect(phone.locator('.merge-report')).toContainText('Records: 2 new')
  for (const device of [page, phone]) {
    await findNotes(device, 'seen from the')
    await expect(device.locator('.book-count')).toHaveText('3 records')
  }
  await phone.close()
})

test('a code holds once, and only whole; what was changed in both is shown, and all of it can be undone', async ({
  page,
  browser,
}) => {
  test.slow()
  const phone = await phoneOf(browser)
  for (const [device, name] of [
    [phone, 'Bed on the phone'],
    [page, 'Bed on the laptop'],
  ] as const) {
    await open(device, 'settings')
    await device.getByLabel('Name of the garden').fill(name)
    await device.getByLabel('Name of the garden').press('Enter')
    await expect(device.locator('.change-bar')).toBeVisible()
  }
  const code = await codeOf(phone)
  await takeOver(page, code.slice(0, 9))
  await expect(page.getByText('That is no code')).toBeVisible()
  await takeOver(page, code)
  const report = page.locator('.merge-report')
  await expect(report).toContainText('One thing was changed in both places')
  await expect(report).toContainText('here Bed on the laptop, there Bed on the phone')
  await report.getByRole('button', { name: 'Undo all of it' }).click()
  await expect(report).toHaveCount(0)
  await expect(page.getByLabel('Name of the garden')).toHaveValue('Bed on the laptop')
  await takeOver(page, code)
  await expect(page.getByText('There is nothing under this code any more')).toBeVisible()
  await phone.close()
})
