import AxeBuilder from '@axe-core/playwright'
import { choose, expect, open, test } from './support'

for (const { locale, round, today } of [
  { locale: 'de-AT', round: 'Rundgang', today: /^Trage 3 Kannen zu 10\sl/ },
  { locale: 'es-MX', round: 'Ronda', today: /^Lleva 3 regaderas de 10\sl/ },
])
  test.describe(`read in ${locale}`, () => {
    test.use({ locale })
    test('the page speaks the language of its reader, and says which', async ({ page }) => {
      await open(page, 'round')
      await expect(page.getByRole('link', { name: round })).toBeVisible()
      await expect(page.getByText(today)).toBeVisible()
      await expect(page.locator('html')).toHaveAttribute('lang', locale.slice(0, 2))
      for (const view of ['round', 'check', 'start'] as const) {
        await open(page, view)
        const { violations } = await new AxeBuilder({ page }).analyze()
        expect(violations.map(({ id, nodes }) => [view, id, nodes[0]?.html])).toEqual([])
      }
    })
    test('every view stands, and nothing in it is a code or lacks its words', async ({ page }) => {
      for (const view of [
        'line-up',
        'days',
        'place',
        'fit',
        'mix',
        'feed',
        'water',
        'ways',
        'book',
        'stores',
        'settings',
      ] as const) {
        await open(page, view)
        await expect(page.locator('main')).not.toContainText(
          /\b[a-z]+(\.[a-z][a-zA-Z]+){1,3}\b(?!\.)/,
        )
        await expect(page.locator('main')).not.toContainText(/[{}]|undefined|NaN/)
      }
    })
  })

test('another language is chosen under Settings, is read at once, and is kept', async ({
  page,
}) => {
  await open(page, 'settings')
  await choose(page, 'Language', 'Deutsch')
  await expect(page.getByRole('heading', { name: 'Einstellungen' })).toBeVisible()
  await expect(page.getByLabel('Deine Gießkanne fasst')).toHaveValue('10 l')
  await page.getByLabel('Deine Gießkanne fasst').fill('7,25 Liter')
  await page.getByRole('button', { name: 'Speichern', exact: true }).first().click()
  await expect(page.getByText('Gespeichert.', { exact: true })).toBeVisible()
  await open(page, 'book')
  await expect(page.getByRole('heading', { name: 'Buch', level: 1 })).toBeVisible()
  const entry = page.getByLabel('Was getan oder gesehen wurde')
  await entry.fill('gestern 1,5 l b1 gegossen')
  await expect(page.locator('.entry-read li')).toContainText('B1 Gegossen')
  await entry.press('Enter')
  await expect(page.getByText('B1: Gießen notiert.', { exact: true })).toBeVisible()
  await open(page, 'settings')
  await expect(page.getByLabel('Deine Gießkanne fasst')).toHaveValue('7,25 l')
})
