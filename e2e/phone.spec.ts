import { expect, importChanged, open, openRoundAt, test } from './support'

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })

const THUMB_PX = 44

test('a round with a thumb: every button of the card is large enough, and one tap goes on', async ({
  page,
}) => {
  await openRoundAt(page, 'F2')
  const card = page.getByRole('region', { name: 'What F2 gets' })
  for (const button of await card.locator('.push-button').all()) {
    const box = (await button.boundingBox())!
    expect(box.height).toBeGreaterThanOrEqual(THUMB_PX)
    expect(box.width).toBeGreaterThanOrEqual(THUMB_PX)
  }
  await card.getByRole('button', { name: 'Watered', exact: true }).tap()
  await expect(page.getByRole('region', { name: 'What F3 gets' })).toBeVisible()
  await page.getByRole('button', { name: 'Next pot' }).tap()
  await expect(page.getByRole('region', { name: 'What K1 gets' })).toBeVisible()
  await expect(page.getByText('no water today')).toBeVisible()
  await expect(page.getByText(/Safe until/)).toBeVisible()
})

test('the whole round, tap by tap, and what is for the evening on a fierce day', async ({
  page,
}) => {
  await importChanged(page, (demo) => {
    const days = demo['weather'] as { date: string; tempMaxC: number; tempMinC: number }[]
    for (const day of days)
      if (day.date >= '2026-06-17') Object.assign(day, { tempMaxC: 40, tempMinC: 26, windMS: 5 })
  })
  await open(page, 'round')
  const watered = page.getByRole('button', { name: 'Watered', exact: true })
  await expect(page.getByText(/Carry \d+ cans? of 10\sL/)).toBeVisible()
  while (await watered.isVisible()) {
    const place = await page.locator('.round-code').textContent()
    await watered.tap()
    await expect(page.getByText(`${place}: watering recorded.`)).toBeVisible()
  }
  await expect(page.getByText(/Nothing more to carry now\..*Again this evening: \d/)).toBeVisible()
})

test('the line-up scrolls sideways inside its frame, not the page', async ({ page }) => {
  await open(page, 'line-up')
  const frame = page.locator('.line-up-frame')
  const { inner, outer } = await frame.evaluate((element) => ({
    inner: element.scrollWidth,
    outer: element.clientWidth,
  }))
  expect(inner).toBeGreaterThan(outer)
  const pageOverflow = await page.evaluate(
    () => document.documentElement.scrollWidth - window.innerWidth,
  )
  expect(pageOverflow).toBeLessThanOrEqual(0)
  await page.locator('[data-pot=B1]').tap()
  await expect(page.locator('.line-up-side [data-fact=rim]')).toContainText('47 L')
  await page.getByRole('button', { name: 'Close' }).tap()
  await expect(page.locator('.line-up-side')).toBeHidden()
})
