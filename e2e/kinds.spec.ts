import { choose, expect, open, startOwn, test } from './support'

test('a reservoir box: its own fields, a fault at the overflow, and its water', async ({
  page,
}) => {
  await startOwn(page)
  await page.getByRole('button', { name: 'Add the first container' }).click()
  await choose(page, 'Kind', 'Box with a reservoir')
  await expect(page.locator('[data-fact=reservoir]')).toHaveText(/^\d+(\.\d)?\sL$/)
  await page.getByLabel('Overflow hole above the bottom').fill('12 cm')
  await expect(
    page.getByText('The overflow must lie below the false floor, which is at 8 cm.'),
  ).toBeVisible()
  await expect(page.getByRole('button', { name: 'Add', exact: true })).toBeDisabled()
  await page.getByLabel('Overflow hole above the bottom').fill('2 in')
  await choose(page, 'Water climbs', 'by a wick')
  await expect(page.getByLabel('Each foot, across')).toBeHidden()
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.locator('.line-up-side [data-fact=holes]')).toContainText('none to drill')
  await expect(page.locator('[data-pot=P1] .standing-water')).toBeAttached()
})

test('a flat bag lies as high as its label’s litres, with rings or cut-outs', async ({ page }) => {
  await startOwn(page)
  await page.getByRole('button', { name: 'Add the first container' }).click()
  await choose(page, 'Kind', 'Flat bag, lying')
  await page.getByLabel('What the label claims').fill('50 l')
  await expect(page.getByText('With 50 l in it, it would lie 13.2 cm high.')).toBeVisible()
  await page.getByRole('button', { name: 'Take that height' }).click()
  await page.getByLabel('Mix stops below the rim by').fill('0')
  await expect(page.getByText('The label says 50 l; to the rim it holds 50 L.')).toBeVisible()
  await page.getByText('Bottomless ring pots on top').click()
  await page.getByLabel('Each, across').fill('50 cm')
  await expect(page.getByText('So many rings or cut-outs do not fit on the bag')).toBeVisible()
  await page.getByLabel('Each, across').fill('20 cm')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.locator('.line-up-side [data-fact=fill]')).toHaveText('50 L')
})

test('poured litres are remembered as such; holes are judged and drawn; mass and heat answer why', async ({
  page,
}) => {
  await open(page, 'line-up')
  await page.locator('[data-pot=K1]').click()
  const side = page.locator('.line-up-side')
  await expect(side.locator('[data-fact=holes]')).toContainText('too few')
  await expect(side.locator('.drilling-hole')).toHaveCount(14)
  await expect(side.locator('[data-fact=heat]')).toContainText('cooks roots')
  await side.locator('[data-fact=mass] .why-number').click()
  await expect(page.getByText(/The container alone, plastic/)).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Edit' }).click()
  await page.getByText('Wall, holes and pour test').click()
  await page.getByLabel('Litres poured in, to the rim').fill('17.5')
  await choose(page, 'Its colour', 'white')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(side.locator('[data-fact=rim]')).toHaveText('17.5 L')
  await side.locator('[data-fact=rim] .why-number').click()
  await expect(page.getByText('On 18 June 2026 you poured 17.5 L to the rim')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(side.locator('[data-fact=heat]')).not.toContainText('cooks roots')
})

test('a rolled bag is unrolled; a pot is copied several times at once, and undone', async ({
  page,
}) => {
  await open(page, 'line-up')
  await page.locator('[data-pot=F3]').click()
  const side = page.locator('.line-up-side')
  const before = await side.locator('[data-fact=fill]').textContent()
  await page.getByRole('button', { name: 'Unroll and fill up' }).click()
  await expect(page.getByText('F3 unrolled and filled up.')).toBeVisible()
  await expect.poll(() => side.locator('[data-fact=fill]').textContent()).not.toBe(before)
  await page.getByLabel('How many copies').fill('3')
  await page.getByLabel('How many copies').press('Enter')
  await page.getByRole('button', { name: 'Copy', exact: true }).click()
  await expect(page.locator('[data-pot=F6]')).toBeAttached()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('[data-pot=F6]')).toBeHidden()
})
