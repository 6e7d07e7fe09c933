import AxeBuilder from '@axe-core/playwright'
import { choose, expect, importChanged, open, openRoundAt, startOwn, test } from './support'

const SOLVED = { timeout: 60_000 }

test('every pot has its ledger; the overfed one is told to be washed out, the underfed one is found', async ({
  page,
}) => {
  await open(page, 'feed')
  const pots = page.getByRole('navigation', { name: 'Pots' }).getByRole('button')
  await expect(pots).toHaveCount(16)
  await pots.filter({ hasText: 'K3' }).click()
  await expect(page.locator('[data-verdict]')).toHaveText('Overfed')
  await expect(page.locator('[data-flush]')).toContainText(/Pour .*\sL slowly/)
  await expect(page.locator('[data-due]')).toContainText('Due, but it waits')
  await expect(page.locator('[data-due] [data-hold=salty]')).toBeVisible()
  await expect(page.locator('[data-due]').getByRole('button', { name: 'Fed' })).toBeHidden()
  await pots.filter({ hasText: 'S2' }).click()
  await expect(page.locator('[data-verdict]')).toHaveText('Underfed')
  await page.getByRole('button', { name: 'short, Nitrogen: why?' }).click()
  await expect(page.getByText(/Plants have gone without .*\sg so far/)).toBeVisible()
  // The rows behind the drawing, for who cannot see it.
  await expect(page.getByRole('row', { name: /1 May, recorded/ })).toContainText('dS/m')
  await expect(page.getByRole('row', { name: /estimated/ }).first()).toBeAttached()
})

test('a feed that is due is recorded, the shelf goes down, and undo restores both', async ({
  page,
}) => {
  await open(page, 'feed')
  const pots = page.getByRole('navigation', { name: 'Pots' }).getByRole('button')
  const left = async () => {
    await page.getByRole('button', { name: 'Shelf' }).click()
    const row = page.locator('[data-product=fishEmulsion]')
    await expect(row).toBeVisible()
    return row.locator('td').nth(2).innerText()
  }
  const before = await left()
  await page.getByRole('button', { name: 'Ledger' }).click()
  await pots.filter({ hasText: 'F3' }).click()
  const due = page.locator('[data-due]')
  await expect(due).toContainText('Fish emulsion')
  await expect(due).toContainText(/Stir it into [\d.]+\sL/)
  await due.getByRole('button', { name: 'Fed', exact: true }).click()
  await expect(page.getByText('F3: feed recorded.')).toBeVisible()
  await expect(due).toContainText('Nothing is due.')
  await expect.poll(() => left()).not.toBe(before)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('[data-product=fishEmulsion] td').nth(2)).toHaveText(before)
  await page.getByRole('button', { name: 'Ledger' }).click()
  await pots.filter({ hasText: 'F3' }).click()
  await expect(due).toContainText('Fish emulsion')
})

test('the best out of the shelf is found, and what to buy from an empty one', async ({ page }) => {
  await open(page, 'feed')
  await page.getByRole('navigation', { name: 'Pots' }).getByRole('button', { name: /S2/ }).click()
  const choice = page.locator('[data-choose]')
  await choice.getByRole('button', { name: 'Choose' }).click()
  await expect(choice.getByText(/^Costs/)).toBeVisible(SOLVED)
  await choice.getByRole('button', { name: 'Fed' }).click()
  await expect(page.getByText('S2: feed recorded.')).toBeVisible()
  await importChanged(page, (demo) => void (demo['shelf'] = []))
  await open(page, 'feed')
  await page.getByRole('navigation', { name: 'Pots' }).getByRole('button', { name: /S2/ }).click()
  await choice.getByRole('button', { name: 'Choose' }).click()
  await expect(choice).toContainText('To buy, the one thing', SOLVED)
})

test('a feed nobody has weighed asks for a spoon; holds and cautions stand at the dose', async ({
  page,
}) => {
  await open(page, 'feed')
  const other = page.locator('[data-other]')
  await choose(page, 'Feed', 'Vine and fruit crystals 12-5-24')
  await expect(other).toContainText('Nobody has weighed a spoon of it yet')
  await other.getByLabel('One level tablespoon weighs').fill('13.5 g')
  await other.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(other).not.toContainText('Nobody has weighed')
  await choose(page, 'Feed', 'Bone meal 3-15-0')
  await expect(other.locator('[data-hold=dogs]')).toBeVisible()
  await choose(page, 'Feed', 'Neem oil')
  await expect(other).toContainText('This is no feed')
  await expect(other.getByRole('button', { name: 'Record it' })).toBeHidden()
  await choose(page, 'Feed', 'Soluble tomato feed 4-3-8')
  await other.getByLabel('How much').fill('200 g')
  await expect(other.locator('[data-hold=overLabel]')).toContainText('times the most its label')
  await expect(other.getByRole('button', { name: /^Record anyway: .* × the label$/ })).toBeVisible()
})

test('programmes are judged for the pot before one is chosen, and can be bent', async ({
  page,
}) => {
  await open(page, 'feed')
  await page.getByRole('navigation', { name: 'Pots' }).getByRole('button', { name: /K1/ }).click()
  await page.getByRole('button', { name: 'Programmes' }).click()
  await expect(page.locator('[data-programme]')).toHaveCount(12)
  const compost = page.locator('[data-programme=compostAndSeaweed]')
  await expect(compost.locator('td').first()).toContainText('N')
  const weekly = page.locator('[data-programme=weekly]')
  await weekly.getByRole('button', { name: /^Liquid every week/ }).click()
  const usual = await weekly.locator('td').nth(2).innerText()
  await page.getByLabel('Times as strong').fill('9')
  await expect(page.getByText('From 0.1 to 4 times.')).toBeVisible()
  await page.getByLabel('Times as strong').fill('3')
  await expect(page.getByRole('button', { name: /^Use it anyway: .* × the label$/ })).toBeVisible()
  await page.getByLabel('Times as strong').fill('0.2')
  await expect(weekly.locator('td').nth(2)).not.toHaveText(usual)
  await page.getByRole('button', { name: 'Use this programme' }).click()
  await expect(page.getByText('K1: fed by another programme.')).toBeVisible()
  await expect(weekly.getByRole('rowheader')).toContainText('now')
})

test('the shelf: counted again, one more by its label, more than a hundred per cent refused', async ({
  page,
}) => {
  await open(page, 'feed')
  await page.getByRole('button', { name: 'Shelf' }).click()
  const gypsum = page.locator('[data-product=epsomSalt]')
  await gypsum.getByRole('button', { name: 'Count' }).click()
  await page.getByLabel('There is now').first().fill('-5 g')
  await expect(page.getByRole('alert')).toBeVisible()
  await page.getByLabel('There is now').first().fill('250 g')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(gypsum).toContainText('250 g')
  await page.getByRole('button', { name: 'A feed of my own' }).click()
  const form = page.getByRole('dialog')
  await form.getByLabel('Name').fill('Harbour crystals')
  await form.getByLabel('N', { exact: true }).fill('60')
  await form.getByLabel('P₂O₅').fill('30')
  await form.getByLabel('K₂O').fill('30')
  await expect(form.getByRole('alert')).toContainText('120 %')
  await expect(form.getByRole('button', { name: 'Save', exact: true })).toBeDisabled()
  await form.getByLabel('N', { exact: true }).fill('15')
  await form.getByLabel('P₂O₅').fill('5')
  await form.getByLabel('K₂O').fill('30')
  await expect(form).toContainText('That is N 15, P 2.18, K 24.9')
  await form.getByLabel('Amount').fill('1')
  await form.getByLabel('There is now').fill('500 g')
  await form.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('row', { name: /Harbour crystals/ })).toContainText('500 g')
})

test('a solution says its strength, and refuses calcium with sulphate in one stock', async ({
  page,
}) => {
  await open(page, 'feed')
  await page.getByRole('button', { name: 'Solutions' }).click()
  await expect(page.locator('[data-strength]')).toContainText('N 100')
  await choose(page, 'Feed', 'Calcium nitrate 15.5-0-0')
  await page.getByRole('button', { name: 'Another feed' }).click()
  const second = page.getByRole('combobox', { name: 'Feed', exact: true }).nth(1)
  await second.click({ force: true })
  await page.getByRole('option', { name: 'Epsom salt', exact: true }).click()
  await expect(page.getByText('These go together.')).toBeVisible()
  await choose(page, 'One part of stock in', '1 : 200')
  await expect(page.locator('[data-tanks]')).toContainText('Tank A')
  await expect(page.locator('[data-tanks]')).toContainText('Tank B')
  await page.getByLabel('g in a litre').first().fill('60')
  await page.getByLabel('g in a litre').nth(1).fill('40')
  await expect(page.getByRole('alert').first()).toContainText('gypsum')
  await page.getByLabel('EC, dS/m').fill('0.8')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Your water kept.')).toBeVisible()
})

test('the round tells which can gets how much of what, and one tap records feed and water', async ({
  page,
}) => {
  await open(page, 'round')
  await expect(page.getByText(/feeds on this walk/)).toBeVisible()
  await expect(page.getByText(/can \(.*\sL\): .* of Fish emulsion/)).toBeVisible()
  await openRoundAt(page, 'F2')
  await expect(page.locator('[data-feed]')).toContainText(/L with .* of Soluble tomato feed/)
  await page.getByRole('button', { name: 'Fed and watered' }).click()
  await expect(page.getByText('F2: feed recorded.')).toBeVisible()
  await page.getByRole('button', { name: /^F2/ }).click()
  await expect(page.locator('[data-feed]')).toBeHidden()
  await expect(page.getByRole('region', { name: 'What F2 gets' })).toContainText(/L given/)
  await page.getByRole('link', { name: 'Line-up' }).click()
  await expect(page.getByText(/5 pots need water now · .* 3 with feed/)).toBeVisible()
})

test('a garden without feeds teaches the first step', async ({ page }) => {
  await startOwn(page)
  await page.getByRole('link', { name: 'Feed', exact: true }).click()
  await expect(page.getByText('Nothing to feed: plant something under')).toBeVisible()
  await page.getByRole('button', { name: 'Shelf' }).click()
  await expect(page.getByText('Nothing yet. Count what you have')).toBeVisible()
  await importChanged(page, (demo) => {
    const records = (demo['records'] as { kind: string }[]).filter(({ kind }) => kind !== 'count')
    Object.assign(demo, { records, feedPlans: {} })
  })
  await open(page, 'feed')
  const due = page.locator('[data-due]')
  await expect(due).toContainText('It is fed by no programme yet', { timeout: 30_000 })
  await due.getByRole('button', { name: 'Shelf' }).click()
  await expect(page.getByText('Nothing yet. Count what you have')).toBeVisible()
})

for (const [name, mode] of [
  ['ledger', 'Ledger'],
  ['programmes', 'Programmes'],
  ['shelf', 'Shelf'],
  ['solutions', 'Solutions'],
] as const)
  for (const viewport of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ])
    test(`${name} is clean for axe at ${viewport.width} pixels`, async ({ page }) => {
      await page.setViewportSize(viewport)
      await open(page, 'feed')
      await page.getByRole('button', { name: mode }).click()
      await page.waitForTimeout(300)
      const { violations } = await new AxeBuilder({ page }).analyze()
      expect(violations.map(({ id, nodes }) => [id, nodes[0]?.html])).toEqual([])
    })
