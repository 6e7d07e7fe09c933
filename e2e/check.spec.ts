// Somebody with a sick plant comes in from the Round, and leaves with a cause, a job and a date.
import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, open, openRoundAt, test } from './support'

const PHONE = { width: 390, height: 844 }
const part = (page: Page, name: string) =>
  page.getByRole('button', { name: new RegExp(`^${name}( · \\d+)?$`) })
const sign = (page: Page, id: string) => page.locator(`.sign-list [data-sign=${id}]`)
const firstCause = (page: Page) => page.locator('[data-cause]').first()
async function clean(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze()
  expect(violations.map(({ id, nodes }) => [id, nodes[0]?.html])).toEqual([])
}

test('from the round by thumb: three signs and a knuckle, a cause, a job for tonight and a date', async ({
  page,
}) => {
  await page.setViewportSize(PHONE)
  await openRoundAt(page, 'F2')
  await page.getByRole('link', { name: 'Looks wrong' }).click()
  await expect(page).toHaveURL(/check/)
  await part(page, 'Fruit').click()
  await sign(page, 'fruitEndBlack').click()
  await part(page, 'Leaves').click()
  await page.getByRole('button', { name: 'old leaves', exact: true }).click()
  await sign(page, 'leafRollUp').click()
  await part(page, 'Mix, roots, pot').click()
  await sign(page, 'mixDryKnuckle').click()
  await expect(firstCause(page)).toHaveAttribute('data-cause', /^(drought|unevenWater)$/)
  await page.locator('.check-jump').click()
  await expect(page.getByText(/It should look better by .* \d+/)).toBeVisible()
  await clean(page)
  await page.getByRole('button', { name: /^Save this check and \d jobs?$/ }).click()
  await expect(page.getByText('It is in the Book')).toBeVisible()

  // The job stands on today's round at this pot, the check in the Book, and can be read again.
  await openRoundAt(page, 'F2')
  await expect(page.locator('.round-card [data-job=own]').first()).toBeVisible()
  await open(page, 'book')
  await page.getByRole('link', { name: 'Read this check' }).first().click()
  await expect(page.locator('.check-known')).toContainText('Sunken dark end')
  await page.getByLabel('What it turned out to be').first().selectOption({ label: 'Uneven water' })
  await expect(page.getByText('Outcome of the check marked.')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('What it turned out to be').first()).toHaveValue('unevenWater')
})

test('the pot’s own dry days explain its black end; struck out they count no more', async ({
  page,
}) => {
  await page.goto('/check?pot=f2')
  await part(page, 'Fruit').click()
  await sign(page, 'fruitEndBlack').click()
  await expect(firstCause(page)).toHaveAttribute('data-cause', 'unevenWater')
  await expect(firstCause(page)).toContainText('Short of water for')
  const shareOf = async () =>
    Number(/(\d+)/.exec((await firstCause(page).locator('.cause-share').textContent())!)![1])
  const before = await shareOf()
  for (const fact of ['shortHours14d', 'wiltHours14d', 'swings14d'])
    await page.locator(`[data-fact=${fact}]`).getByRole('button').click()
  await expect.poll(shareOf).toBeLessThan(before)
  await page.locator('[data-fact=shortHours14d]').getByRole('button').click()
  await expect(page.locator('.known-struck')).toHaveCount(2)
})

test('by keyboard: a sign, the next question answered and passed over', async ({ page }) => {
  await page.goto('/check?pot=k2')
  await part(page, 'Whole plant').focus()
  await page.keyboard.press('Enter')
  await sign(page, 'wiltDaily').focus()
  await page.keyboard.press('Space')
  await expect(sign(page, 'wiltDaily')).toHaveAttribute('aria-pressed', 'true')
  const question = page.locator('.check-question')
  await expect(question).toBeVisible()
  const first = await question.getAttribute('data-ask')
  await question.getByRole('button', { name: 'I can’t tell' }).press('Enter')
  await expect(question).not.toHaveAttribute('data-ask', first!)
  await clean(page)
})

test('what contradicts itself is said, and an empty pot offers another', async ({ page }) => {
  await page.goto('/check?pot=f2')
  await part(page, 'Mix, roots, pot').click()
  await sign(page, 'mixDryKnuckle').click()
  await sign(page, 'mixWetKnuckle').click()
  await expect(page.getByRole('alert')).toContainText('cannot both be so')
  // A test that was read off a meter becomes a record, and from then on a fact that was measured.
  await page.goto('/check?record=none')
  await expect(page.locator('main h1')).toHaveText('Check')
})

test('from the pot’s page and the line-up in one tap', async ({ page }) => {
  await page.goto('/pot/f2')
  await page.getByRole('link', { name: 'Looks wrong' }).click()
  await expect(page).toHaveURL(/check\?pot=f2/)
  await page.goto('/line-up?pot=f2')
  await page.getByRole('link', { name: 'Looks wrong' }).click()
  await expect(page).toHaveURL(/check\?pot=f2/)
  await expect(page.locator('.check-head')).toContainText('F2')
})
