import { readFile } from 'node:fs/promises'
import { test as base, expect, type Page } from '@playwright/test'

/** A page on which any console error, page error or request to elsewhere fails the test. */
export const test = base.extend<{ page: Page }>({
  page: async ({ page, baseURL }, use) => {
    const wrong: string[] = []
    page.on('console', (message) => {
      // These tests let no service worker in: offline.spec.ts does.
      if (message.text() === 'Service Worker registration blocked by Playwright') return
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

export const views = [
  'line-up',
  'round',
  'check',
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
] as const

/** Opens a view and waits until it stands. */
export async function open(page: Page, view: (typeof views)[number] | 'start'): Promise<void> {
  await page.goto(`/${view}`)
  await page.locator('main h1').first().waitFor({ state: 'attached' })
}

/** Opens the round at one pot. */
export async function openRoundAt(page: Page, code: string): Promise<void> {
  await open(page, 'round')
  await page.getByRole('button', { name: new RegExp(`^${code}`) }).click()
}

/** Opens the weather of a day, under Water. */
export async function openWeather(page: Page): Promise<void> {
  await open(page, 'water')
  await page.getByRole('button', { name: 'Weather', exact: true }).click()
}

/** Chooses an option of a select by its label. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  // The shown value lies over the input, as a pointer meets it too.
  const field = page.getByRole('combobox', { name: label, exact: true })
  // Clear of a form's buttons, which stay at its foot.
  await field.evaluate((element) => element.scrollIntoView({ block: 'center' }))
  await field.click({ force: true })
  await page.getByRole('option', { name: option, exact: true }).click()
  // The next list may hold an option of the same name: this one is to be gone first.
  await expect(page.locator('.el-select-dropdown:visible')).toHaveCount(0)
}

/** Leaves the demo for a garden of one's own. */
export async function startOwn(page: Page): Promise<void> {
  await open(page, 'line-up')
  await page.getByRole('button', { name: 'Start my own garden' }).click()
  await page.getByRole('button', { name: 'Skip this step' }).click()
  await expect(page.locator('[data-usual="bucket"]')).toBeVisible()
  await open(page, 'line-up')
  await expect(page.getByText('No pots here yet')).toBeVisible()
}

interface DemoFile {
  id: string
  name: string
  containers: { id: string; [field: string]: unknown }[]
  [field: string]: unknown
}

/** Reads in the demo garden with something changed, as a file of the gardener's own. */
export async function importChanged(page: Page, change: (demo: DemoFile) => void): Promise<void> {
  const text = await readFile(new URL('../demo/port-maren.rimbo.json', import.meta.url), 'utf8')
  const demo = JSON.parse(text) as DemoFile
  Object.assign(demo, { id: 'changed', name: 'Changed demo' })
  change(demo)
  await open(page, 'settings')
  await page.locator('input[type=file]').setInputFiles({
    name: 'changed.rimbo.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(demo)),
  })
  await expect(page.getByRole('banner').getByText('Changed demo')).toBeVisible()
}

/** Presses Tab until the wanted thing has the focus; fails if it is never reached. */
export async function tabTo(page: Page, name: string, most = 60): Promise<void> {
  for (let press = 0; press < most; press++) {
    await page.keyboard.press('Tab')
    const focused = await page.evaluate(() => {
      const element = document.activeElement
      const label = element?.getAttribute('aria-label')
      const own =
        element instanceof HTMLInputElement
          ? element.labels?.[0]?.textContent
          : element?.textContent
      return (label ?? own ?? '').trim()
    })
    if (focused.startsWith(name)) return
  }
  throw new Error(`“${name}” cannot be reached by Tab`)
}
