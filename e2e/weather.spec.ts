import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { choose, expect, openWeather, test } from './support'

const give = async (page: Page, name: string, text: string) => {
  await openWeather(page)
  await page.getByLabel('Choose a weather file').setInputFiles({
    name,
    mimeType: 'text/csv',
    buffer: Buffer.from(text),
  })
}

test('a table of days: columns by eye, Fahrenheit asked, wrong lines named, then taken and undone', async ({
  page,
}) => {
  const rows = [
    'date,high,low,rain',
    '2026-07-01,86,59,0',
    '2026-07-02,59,86,0',
    '2026-07-05,90,61,12',
  ]
  await give(page, 'mine.csv', rows.join('\n'))
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByText('look like degrees Fahrenheit')).toBeVisible()
  await choose(page, 'Highest temperature', 'high')
  await choose(page, 'Lowest temperature', 'low')
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze()
  expect(violations.map(({ id, nodes }) => [id, nodes[0]?.html])).toEqual([])
  await dialog.getByRole('button', { name: 'Read it' }).click()
  await expect(dialog.getByText('2 days, 1 Jul 2026 to 5 Jul 2026')).toBeVisible()
  await expect(dialog.getByText(/From 15\s°C to 32\s°C/)).toBeVisible()
  await expect(
    dialog.getByText('Between them 3 days are missing: 2 Jul 2026 – 4 Jul 2026'),
  ).toBeVisible()
  await expect(dialog.getByText(/Line 3: .*lowest temperature is above the highest/)).toBeVisible()
  await dialog.getByRole('button', { name: 'Take these 2 days' }).click()
  await expect(page.getByText('Days of weather taken: 2.')).toBeVisible()
  await page.getByLabel('Which day').fill('2026-07-05')
  await expect(page.getByRole('heading', { name: 'Sun 5 July' })).toBeVisible()
  await expect(page.getByLabel('Highest', { exact: true })).toHaveValue(/32\.2/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText(/weather not known/)).toBeVisible()
})

test('a long table streams in, and a file of another kind is refused without loss', async ({
  page,
}) => {
  const lines = Array.from({ length: 60_000 }, (_, index) => {
    const day = new Date(Date.UTC(2001, 0, 1 + (index % 9000))).toISOString().slice(0, 10)
    return `${day},20,10,1`
  })
  await give(page, 'long.csv', ['date,tmax,tmin,rain', ...lines].join('\n'))
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Read it' }).click()
  await expect(dialog.getByText(/^9000 days, 1 Jan 2001 to/)).toBeVisible({ timeout: 60_000 })
  await expect(dialog.getByText(/51,?000 lines cannot be used/)).toBeVisible()
  await page.keyboard.press('Escape')
  await give(page, 'photo.png', 'PK\u0003\u0004\u0000\u0000')
  await expect(page.getByRole('alert')).toContainText('This is no weather file known here')
  await give(page, 'hours.epw', 'LOCATION,Somewhere\n')
  await expect(page.getByRole('alert')).toContainText('This is no whole EPW file.')
  await expect(page.getByText(/5.6\smm/)).toBeVisible()
})

test('a GHCN-Daily station file is read at once, with its name', async ({ page }) => {
  const rows = [
    '"STATION","DATE","LATITUDE","LONGITUDE","ELEVATION","NAME","PRCP","PRCP_ATTRIBUTES","TMAX","TMAX_ATTRIBUTES","TMIN","TMIN_ATTRIBUTES"',
    '"XX000012345","2026-06-01","44.1","9.5","35.0","PORT MAREN","0",",,S","281",",,S","182",",,S"',
  ]
  await give(page, 'XX000012345.csv', rows.join('\n'))
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByText('· PORT MAREN')).toBeVisible()
  await expect(dialog.getByText('1 day that the garden has already is replaced.')).toBeVisible()
  await dialog.getByRole('button', { name: 'Take this day' }).click()
  await expect(page.getByText('Days of weather taken: 1.')).toBeVisible()
})
