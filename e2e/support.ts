import { test as base, expect, type Page } from '@playwright/test'

/** A page on which any console error, page error or request to elsewhere fails the test. */
export const test = base.extend<{ page: Page }>({
  page: async ({ page, baseURL }, use) => {
    const wrong: string[] = []
    page.on('console', (message) => {
      if (message.type() === 'error' || message.type() === 'warning') wrong.push(message.text())
    })
    page.on('pageerror', (error) => wrong.push(error.message))
    page.on('request', (request) => {
      const url = request.url()
      const isOwn = url.startsWith(baseURL!) || url.startsWith('blob:') || url.startsWith('data:')
      if (!isOwn) wrong.push(`asked for ${url}`)
    })
    await use(page)
    expect(wrong).toEqual([])
  },
})

export { expect }

export const views = ['line-up', 'round', 'fit', 'mix', 'water', 'book', 'settings'] as const

/** Opens a view and waits until it stands. */
export async function open(page: Page, view: (typeof views)[number]): Promise<void> {
  await page.goto(`/${view}`)
  await page.locator('main h1').first().waitFor({ state: 'attached' })
}

/** Chooses an option of a select by its label. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  // The shown value lies over the input, as a pointer meets it too.
  await page.getByRole('combobox', { name: label, exact: true }).click({ force: true })
  await page.getByRole('option', { name: option, exact: true }).click()
}

/** Leaves the demo for a garden of one's own. */
export async function startOwn(page: Page): Promise<void> {
  await open(page, 'line-up')
  await page.getByRole('button', { name: 'Start my own garden' }).click()
  await expect(page.getByText('No pots here yet')).toBeVisible()
}
