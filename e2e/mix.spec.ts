import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { choose, expect, open, test } from './support'

const mode = (page: Page, name: string) =>
  page
    .getByRole('group', { name: 'What to do with the mix' })
    .getByRole('button', { name, exact: true })
    .click()
const fact = (page: Page, name: string) => page.locator(`[data-fact=${name}] .why-number`).first()
/** A share as it is shown, in percent. */
const percentOf = async (page: Page, name: string) =>
  Number((await fact(page, name).innerText()).replace(/\D/g, ''))

test('a boundary of the tub is dragged, and pot and numbers follow while it moves', async ({
  page,
}) => {
  await open(page, 'mix')
  const section = page.getByRole('img', { name: /^Pot B1 in section/ })
  await expect(section).toBeVisible()
  const before = await section.getAttribute('aria-label')
  const airBefore = await percentOf(page, 'airSpace')
  const grip = page.getByRole('slider', { name: 'Boundary between Garden compost and Perlite' })
  const box = (await grip.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2, box.y - 30, { steps: 5 })
  // Still held: everything is redrawn already.
  await expect(section).not.toHaveAttribute('aria-label', before!)
  await expect.poll(() => percentOf(page, 'airSpace')).toBeLessThan(airBefore)
  await page.mouse.up()
  await page.getByRole('button', { name: 'Put back' }).click()
  await expect(section).toHaveAttribute('aria-label', before!)
})

test('by keys a boundary moves a percent; the change is kept as a recipe of one’s own and set', async ({
  page,
}) => {
  await open(page, 'mix')
  const grip = page.getByRole('slider', { name: /Garden compost and Perlite/ })
  await expect(grip).toHaveAttribute('aria-valuenow', '33')
  await grip.focus()
  await page.keyboard.press('PageUp')
  await page.keyboard.press('ArrowUp')
  await expect(grip).toHaveAttribute('aria-valuenow', '39')
  await page.getByLabel('Changed. Save it as').fill('Richer thirds')
  await page.getByRole('button', { name: 'Save as new' }).click()
  await expect(page.getByText('Recipe kept: Richer thirds.')).toBeVisible()
  await page.getByRole('button', { name: 'Set this mix for these pots' }).click()
  await expect(page.getByText('Mix set: Richer thirds.')).toBeVisible()
  await page.reload()
  await choose(page, 'Recipe', 'Richer thirds')
  await expect(page.getByLabel('Garden compost, Percent')).toHaveValue('39')
  await page.getByRole('button', { name: 'Remove this recipe' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await choose(page, 'Recipe', 'Richer thirds')
})

test('parts, percent or litres; an ingredient and an amendment come in and go out', async ({
  page,
}) => {
  await open(page, 'mix')
  await page.getByRole('button', { name: 'Parts', exact: true }).click()
  await page.getByLabel('Sphagnum peat, Parts').fill('2')
  await page.getByLabel('Sphagnum peat, Parts').press('Enter')
  await expect(page.getByRole('slider').last()).toHaveAttribute('aria-valuetext', /50/)
  await choose(page, 'Add an ingredient', 'Biochar')
  await expect(page.getByLabel('Biochar, Parts')).toBeVisible()
  await page.getByRole('button', { name: 'Without Biochar' }).click()
  await expect(page.getByLabel('Biochar, Parts')).toBeHidden()
  await choose(page, 'Strew in', 'Gypsum')
  await page.getByLabel('Gypsum, how much').fill('2')
  await page.getByLabel('Gypsum, how much').press('Enter')
  await mode(page, 'Batches')
  // 40.83 L at 2 g for each.
  await expect(page.locator('tr[data-pot=B1]')).toContainText('Gypsum: 81.7 g')
})

test('numbers can be asked why, and stones at the bottom do not drain', async ({ page }) => {
  await open(page, 'mix')
  await fact(page, 'airSpace').click()
  await expect(page.getByText('Yeager et al.')).toBeVisible()
  await expect(page.getByText('Milks, Fonteno & Larson 1989')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'The same mix in other vessels' }).click()
  const airIn = async (form: string) =>
    Number(/(\d+)\s% air/.exec(await page.locator(`[data-form=${form}]`).innerText())![1])
  await expect.poll(() => airIn('tray')).toBeLessThan(await airIn('bucket'))
  await expect.poll(() => airIn('bucket')).toBeLessThan(await airIn('tallBarrel'))
  await expect.poll(() => airIn('stones')).toBeLessThan(await airIn('without'))
})

test('batches: tubs and scoops follow the tools, lime its kind, and the card prints alone', async ({
  page,
}) => {
  await open(page, 'mix')
  await mode(page, 'Batches')
  const card = page.locator('.tub-card')
  await expect(card).toContainText('4 equal tubs')
  await page.getByLabel('Your tub', { exact: true }).fill('1 ft3')
  await expect(card).toContainText('8 equal tubs')
  await page.getByLabel('Your tub', { exact: true }).fill('1')
  await expect(page.getByText('1 L is too small: at least 5 L.')).toBeVisible()
  await page.getByLabel('Your tub', { exact: true }).fill('90')
  await expect(card).toContainText('3 equal tubs')
  await choose(page, 'Lime', 'Wood ash')
  await expect(page.getByText('Only of untreated wood')).toBeVisible()
  await page.getByText('Mix a reserve for topping up').click()
  await expect(page.getByRole('heading', { name: /182 L loose|18\d L loose/ })).toBeVisible()
  const total = page.locator('.shopping tfoot')
  await expect(total).toContainText('€')
  await page.emulateMedia({ media: 'print' })
  await expect(card).toBeVisible()
  await expect(page.getByRole('navigation', { name: 'Views' })).toBeHidden()
  await expect(page.getByText('For which pots')).toBeHidden()
})

test('the lightest mix is found within bounds, says what binds, and is taken to the tub', async ({
  page,
}) => {
  await open(page, 'mix')
  await mode(page, 'Solve')
  await choose(page, 'Look for', 'The lightest when wet')
  await page.locator('[data-bound=peat]').getByText('Sphagnum peat').click()
  await page.getByRole('button', { name: 'Find the mix' }).click()
  await expect(page.getByRole('heading', { name: /The lightest: a wet litre weighs/ })).toBeVisible(
    {
      timeout: 60_000,
    },
  )
  await expect(page.getByText('What holds it back')).toBeVisible()
  await expect(page.locator('.solved')).toContainText('Garden compost: at least 20')
  await page.getByRole('button', { name: 'Look at it in the tub' }).click()
  await expect(page.getByLabel('Changed. Save it as')).toBeVisible()
  await expect(page.getByLabel('Sphagnum peat, Percent')).toBeHidden()
})

test('bounds that cannot hold together are named', async ({ page }) => {
  await open(page, 'mix')
  await mode(page, 'Solve')
  await page.getByLabel('Garden loam, at least, percent').fill('70')
  await page.getByLabel('Garden loam, at least, percent').press('Enter')
  await page.getByLabel('Air, at least').fill('30 %')
  await page.getByRole('button', { name: 'Find the mix' }).click()
  const refusal = page.getByRole('alert').filter({ hasText: 'No mix does all of this' })
  await expect(refusal).toBeVisible({ timeout: 60_000 })
  await expect(refusal.getByRole('listitem')).toHaveText([
    /Garden loam: at least 70/,
    /Air: at least 30/,
  ])
})

test('old mix: recharged after a good year, refused after blight', async ({ page }) => {
  await open(page, 'mix')
  await mode(page, 'Old mix')
  await expect(page.getByRole('heading', { name: 'Good for another season' })).toBeVisible()
  await choose(page, 'What went wrong in it', 'late or early blight')
  await expect(
    page.getByRole('heading', { name: 'Not for tomatoes and peppers again' }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Measure its pH and salt' }).click()
  await page.getByLabel('pH', { exact: true }).fill('5.4')
  await page.getByLabel('EC, dS/m (mS/cm)').fill('2')
  await page.getByLabel('EC, dS/m (mS/cm)').press('Tab')
  await page.getByRole('button', { name: 'Save the test' }).click()
  await mode(page, 'Old mix')
  await choose(page, 'What went wrong in it', 'nothing that lasts')
  await expect(page.getByRole('heading', { name: 'Wash the salt out first' })).toBeVisible()
  await expect(page.getByText('Lime, ground:')).toBeVisible()
})

test('pour and drain: guided with a clock, checked at its field, and then it counts', async ({
  page,
}) => {
  await open(page, 'mix')
  const poresBefore = await percentOf(page, 'totalPorosity')
  await mode(page, 'Kitchen tests')
  await page.getByRole('button', { name: /Start the clock: Cover it/ }).click()
  await expect(page.getByRole('timer').first()).toHaveText(/29:5\d/)
  await page.getByLabel('Mix in the pot').fill('3 l')
  await page.getByLabel('Water poured in').fill('1.8 l')
  await page.getByLabel('Water that ran out').fill('2 l')
  await expect(page.getByText('More water came out (2 L) than went in (1.8 L)')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Save the test' })).toBeDisabled()
  await page.getByLabel('Water that ran out').fill('0.5 l')
  await page.getByRole('button', { name: 'Save the test' }).click()
  await expect(page.locator('[data-test=drain]').first()).toContainText('60 % pores')
  await mode(page, 'Tub')
  await expect.poll(() => percentOf(page, 'totalPorosity')).toBeLessThan(poresBefore)
  await expect.poll(() => percentOf(page, 'totalPorosity')).toBe(60)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(() => percentOf(page, 'totalPorosity')).toBe(poresBefore)
})

test('an ingredient of one’s own, in cubic feet, faults at their fields', async ({ page }) => {
  await open(page, 'mix')
  await mode(page, 'Ingredients')
  await page.getByRole('button', { name: 'Add an ingredient' }).click()
  const form = page.getByRole('dialog')
  await form.getByLabel('Name').fill('Stable compost')
  await form.getByLabel('A dry litre weighs, g').fill('')
  await form.getByLabel('A dry litre weighs, g').press('Tab')
  await expect(form.getByRole('button', { name: 'Save', exact: true })).toBeDisabled()
  await form.getByLabel('A dry litre weighs, g').fill('900')
  await form.getByLabel('A dry litre weighs, g').press('Tab')
  await expect(form.getByText(/cannot weigh less than bone-dry/)).toBeVisible()
  await form.getByLabel('A dry litre weighs, g').fill('380')
  await form.getByLabel('50 cm', { exact: true }).fill('70 %')
  await expect(form.getByText(/cannot hold more water the harder/)).toBeVisible()
  await form.getByLabel('50 cm', { exact: true }).fill('42 %')
  await form.getByLabel('Label, volume').first().fill('1.5 ft3')
  await form.getByLabel('Makes, loose').first().fill('1.5 ft3')
  await form.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Ingredient kept: Stable compost.')).toBeVisible()
  await mode(page, 'Tub')
  await choose(page, 'Add an ingredient', 'Stable compost')
  await mode(page, 'Batches')
  await expect(page.locator('.shopping')).toContainText('bag of 42.5 L')
})

for (const name of ['Tub', 'Batches', 'Solve', 'Old mix', 'Kitchen tests', 'Ingredients'])
  test(`${name} is clean for axe, at a desk and on a phone`, async ({ page }) => {
    await open(page, 'mix')
    await mode(page, name)
    for (const viewport of [
      { width: 1280, height: 800 },
      { width: 390, height: 844 },
    ]) {
      await page.setViewportSize(viewport)
      const { violations } = await new AxeBuilder({ page })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
        .analyze()
      expect(violations.map(({ id, nodes }) => [id, nodes[0]?.html])).toEqual([])
    }
  })
