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
  // Its jobs are still to do: then the walk goes on.
  await card.getByRole('button', { name: 'All done here' }).tap()
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
  const thirsty = page.locator('.round-stop-due')
  for (let left = await thirsty.count(); left > 0; left--) {
    await thirsty.first().tap()
    await watered.tap()
    await expect(thirsty).toHaveCount(left - 1)
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

test('every view is two taps from the thumb, the page alone scrolls, and the chosen pot stays chosen', async ({
  page,
}) => {
  await open(page, 'round')
  await page.getByRole('button', { name: 'Hide this line' }).tap()
  await expect(page.getByRole('complementary', { name: 'Demo garden' })).toBeHidden()
  const ways = page.getByRole('navigation', { name: 'Views' })
  const go = async (view: string) => {
    await ways.getByRole('button', { name: 'All' }).tap()
    await ways.getByRole('link', { name: view }).tap()
    await expect(page).toHaveURL(new RegExp(`/${view.toLowerCase()}$`))
    await expect(page.locator('main > .view')).toBeVisible()
  }
  /** What scrolls up and down inside the page, and what stands out of it at the side. */
  const wrong = () =>
    page.evaluate(() => [
      ...[...document.querySelectorAll('#main *')]
        .filter((one) => /auto|scroll/.test(getComputedStyle(one).overflowY))
        .filter((one) => one.scrollHeight > one.clientHeight + 2)
        .map((one) => one.className),
      ...(document.documentElement.scrollWidth > window.innerWidth ? ['page'] : []),
    ])
  for (const view of ['Place', 'Fit', 'Mix', 'Water', 'Feed', 'Settings']) {
    await go(view)
    await expect.poll(wrong).toEqual([])
  }
  await go('Water')
  const pots = page.getByRole('navigation', { name: 'Pots' })
  await pots.getByRole('button', { name: 'Another pot' }).tap()
  await pots.getByRole('button', { name: /K2/ }).tap()
  await expect(pots.getByRole('button', { name: /F2/ })).toBeHidden()
  await go('Feed')
  await expect(pots.locator('[aria-current]')).toContainText('K2')
})
