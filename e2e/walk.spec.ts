// Every view of gardens as odd as their schemas allow: none is empty, none fails, and the console stays silent.
import fc from 'fast-check'
import { datesFrom, emptyGarden, writeGarden, type Garden } from '@rimbo/core'
import type { Page } from '@playwright/test'
import { anyGarden } from '../core/test/anyGarden'
import { expect, open, test, views } from './support'

const GARDENS = 40
/** They are walked in so many lots, so that lots go side by side. */
const LOTS = 4
const CLOCK = '2026-06-18T07:30'

const SCRIPTS = ['W', 'ß', 'Ж', 'ع', 'ש', 'ක', '漢', 'ก', '🌶️', 'ấ'] as const
/** A text as long as a field takes, of one script after the other. */
const long = (index: number, most: number) => {
  const letter = SCRIPTS[index % SCRIPTS.length]!
  return letter.repeat(Math.floor(most / letter.length))
}

/** What else may be odd about a garden, beside the numbers and ids that its schemas gave it. */
const oddities: readonly ((garden: Garden) => Garden)[] = [
  (garden) => garden,
  (garden) => ({ ...garden, weather: [] }),
  (garden) => ({
    ...garden,
    weather: datesFrom('2025-07-01', 365).map((date, day) => ({
      date,
      tempMaxC: 10 + 20 * Math.sin(day / 58) ** 2,
      tempMinC: 5 * Math.sin(day / 58),
    })),
  }),
  (garden) => ({
    ...garden,
    containers: garden.containers.map(({ recipeId: _none, ...pot }) => pot),
  }),
  (garden) => ({ ...garden, containers: [], plantings: [], feedPlans: {} }),
  (garden) => ({
    ...garden,
    products: [],
    recipes: [],
    records: garden.records.filter(({ kind }) => kind !== 'count'),
    feedPlans: Object.fromEntries(
      garden.containers.map(({ id }) => [id, { programmeId: 'weekly' as const }]),
    ),
    containers: garden.containers.map((pot) => ({ ...pot, recipeId: 'thirds' })),
  }),
  (garden) => ({
    ...garden,
    place: { ...garden.place, name: long(3, 80) },
    spaces: garden.spaces.map((space, index) => ({ ...space, name: long(index, 80) })),
    containers: garden.containers.map((pot, index) => ({
      ...pot,
      code: long(index, 6),
      name: long(index + 2, 80),
    })),
    varieties: garden.varieties.map((one, index) => ({ ...one, name: long(index + 4, 80) })),
    recipes: garden.recipes.map((one, index) => ({ ...one, name: long(index + 6, 80) })),
    products: garden.products.map((one, index) => ({ ...one, name: long(index + 8, 80) })),
    records: garden.records.map((one, index) => ({ ...one, note: long(index, 2000) })),
  }),
  ({ id, name }) => emptyGarden(id, name, 'Here'),
]

const gardens = fc
  .sample(anyGarden, { numRuns: GARDENS, seed: 20260618 })
  .map((garden, index): Garden => {
    const odd = oddities[index % oddities.length]!({ ...garden, id: `odd-${index}` })
    return { ...odd, name: `Odd ${index}`, ...(index % 2 === 0 && { clock: CLOCK }) }
  })

async function readIn(page: Page, garden: Garden): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Views' })
    .getByRole('link', { name: 'Settings' })
    .click()
  await page.locator('input[type=file]').setInputFiles({
    name: 'odd.rimbo.json',
    mimeType: 'application/json',
    buffer: Buffer.from(writeGarden(garden)),
  })
  await expect(page.getByRole('banner').getByText(garden.name, { exact: true })).toBeVisible()
}
async function expectDrawn(page: Page, where: string): Promise<void> {
  await expect(page.locator('main'), where).toContainText(/\p{L}{3}/u)
  await expect(page.locator('.view-failure'), where).toHaveCount(0)
}

for (let lot = 0; lot < LOTS; lot += 1)
  test(`no view stops at an odd garden, lot ${lot + 1} of ${LOTS}`, async ({ page }) => {
    test.slow()
    await open(page, 'settings')
    const nav = page.getByRole('navigation', { name: 'Views' })
    for (const garden of gardens.filter((_, index) => index % LOTS === lot)) {
      await readIn(page, garden)
      for (const view of views) {
        await nav.locator(`a[href="/${view}"]`).click()
        await expect(page).toHaveURL(new RegExp(`/${view}`))
        await expectDrawn(page, `${garden.name}, ${view}`)
      }
      const [pot] = garden.containers
      if (!pot) continue
      await nav.locator('a[href="/line-up"]').click()
      const drawn = page.locator('[data-pot]').first()
      if (await drawn.isVisible()) {
        // By key: the middle of a thimble under tall plants is air.
        await drawn.press('Enter')
        await page.getByRole('link', { name: 'Open its page' }).click()
        await expectDrawn(page, `${garden.name}, pot`)
      }
    }
  })
