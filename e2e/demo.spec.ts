import AxeBuilder from '@axe-core/playwright'
import { choose, expect, open, test, views } from './support'

const PHONE = { width: 390, height: 844 }

test('a first visit to a view opens it on the demo garden', async ({ page }) => {
  await page.goto('/line-up')
  await expect(page.getByText('Demo garden, all invented')).toBeVisible()
  await expect(page).toHaveURL(/line-up/)
  for (const code of ['B1', 'K1', 'L1'])
    await expect(page.locator(`[data-pot=${code}]`)).toBeVisible()
  await expect(page.getByText(/\d pots need water now · \d+/)).toBeVisible()
})

test('only views that are there are in the menu', async ({ page }) => {
  await open(page, 'line-up')
  const links = page.getByRole('navigation', { name: 'Views' }).getByRole('link')
  await expect(links).toHaveText([
    'Round',
    'Line-up',
    'Check',
    'Coming days',
    'Place',
    'Fit',
    'Mix',
    'Feed',
    'Water',
    'Ways',
    'Book',
    'Stores',
    'Settings',
  ])
  for (const link of await links.all()) {
    await link.click()
    await expect(page.locator('main h1').first()).toBeAttached()
  }
})

for (const view of views)
  test(`${view} is clean for axe, at a desk and on a phone, and the page does not scroll`, async ({
    page,
  }) => {
    await open(page, view)
    const clean = async () => {
      const { violations } = await new AxeBuilder({ page })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'])
        .analyze()
      expect(violations.map(({ id, nodes }) => [id, nodes[0]?.html])).toEqual([])
    }
    await clean()
    const overflow = await page.evaluate(
      () => document.documentElement.scrollHeight - window.innerHeight,
    )
    expect(overflow).toBeLessThanOrEqual(0)
    await page.setViewportSize(PHONE)
    await clean()
  })

for (const theme of ['dark', 'sun'])
  test(`the ${theme} look is clean for axe`, async ({ page }) => {
    await page.addInitScript((value) => localStorage.setItem('rimbo-theme', value), theme)
    for (const view of ['line-up', 'round', 'fit', 'mix'] as const) {
      await open(page, view)
      const { violations } = await new AxeBuilder({ page })
        .withTags(['wcag2a', 'wcag2aa'])
        .analyze()
      expect(violations.map(({ id, nodes }) => [view, id, nodes[0]?.html])).toEqual([])
    }
  })

test('the pot panel, its form and a why are clean for axe', async ({ page }) => {
  await open(page, 'line-up')
  await page.locator('[data-pot=F3]').click()
  await page.getByRole('button', { name: /Water today: why/ }).click()
  await expect(page.getByText('FAO Irrigation and Drainage Paper 56').first()).toBeVisible()
  const analyse = () => new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze()
  expect((await analyse()).violations).toEqual([])
  await page.getByRole('button', { name: /Water today: why/ }).click()
  await page.getByRole('button', { name: 'Edit' }).click()
  await expect(page.getByLabel('Top, across inside')).toBeVisible()
  expect((await analyse()).violations).toEqual([])
})

test('a space in its form, every kind of container’s form, and an arrangement are clean for axe', async ({
  page,
}) => {
  test.slow()
  const clean = async () => {
    // A list that is closing is none of the page any more.
    await expect(page.locator('.el-select-dropdown:visible')).toHaveCount(0)
    const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze()
    expect(violations.map(({ id, nodes }) => [id, nodes[0]?.html])).toEqual([])
  }
  await open(page, 'place')
  await page.locator('[data-plan-pot=B1]').click()
  await expect(page.locator('[data-fact=sun]')).toContainText('h and')
  await page.getByText('Leaves when grown').click()
  await clean()
  await page.getByRole('button', { name: 'Change the space' }).click()
  await page.getByText('Not a rectangle').click()
  await page.getByRole('button', { name: 'Add a shelf' }).click()
  await clean()
  await page.getByRole('link', { name: 'Line-up' }).click()
  await page.getByRole('button', { name: 'Add container' }).click()
  await page.getByText('Wall, holes and pour test').click()
  for (const kind of ['Flat bag, lying', 'Box with a reservoir', 'Stacked tower']) {
    await choose(page, 'Kind', kind)
    await clean()
  }
  await page.getByRole('link', { name: 'Fit' }).click()
  await page.getByRole('button', { name: 'Arrange them all' }).click()
  await page.getByRole('button', { name: 'Arrange', exact: true }).click()
  await expect(page.getByText('Proven best')).toBeVisible({ timeout: 90_000 })
  await clean()
})

test('keys: find, shortcuts, along the line of pots', async ({ page }) => {
  await open(page, 'line-up')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Shortcuts' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog', { name: 'Shortcuts' })).toBeHidden()
  await page.keyboard.press('/')
  await page.getByLabel('A pot, plant, mix, feed or view').fill('padron')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'K1 · Black bucket' })).toBeVisible()
  await page.locator('[data-pot=B1]').focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'F1 · Fabric bag' })).toBeVisible()
})

test('US units hold everywhere, fields included', async ({ page }) => {
  await open(page, 'settings')
  await choose(page, 'Units', 'US')
  await expect(page.getByLabel('Your watering can holds')).toHaveValue('2.642 US gal')
  await page.getByRole('link', { name: 'Line-up' }).click()
  await expect(page.getByText(/US gal · \d cans/)).toBeVisible()
  await page.locator('[data-pot=B1]').click()
  await expect(page.locator('.line-up-side [data-fact=rim]')).toHaveText('12.4 US gal')
})
