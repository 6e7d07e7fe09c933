import { readFile } from 'node:fs/promises'
import { choose, expect, open, test } from './support'

// What a gardener has of their own in a file, variety and recipe, is used like the rest.
test('a file with an own variety and recipe is read and both are worked with', async ({ page }) => {
  const demo = JSON.parse(
    await readFile(new URL('../demo/port-maren.rimbo.json', import.meta.url), 'utf8'),
  ) as { varieties: object[]; recipes: object[]; id: string; name: string; clock?: string }
  const own = {
    ...demo,
    id: 'own',
    name: 'Own things',
    varieties: [
      {
        id: 'auntie',
        name: 'Auntie’s Yellow',
        crop: 'tomato',
        habit: 'indeterminate',
        fruitClass: 'beefsteak',
        daysToMaturity: 90,
        matureHeightMm: 2400,
        matureCanopyM2: 0.4,
        fullVolumeL: 90,
      },
    ],
    recipes: [
      {
        id: 'garage',
        name: 'Garage mix',
        parts: [
          { ingredientId: 'bark', parts: 1 },
          { ingredientId: 'pumice', parts: 1 },
        ],
      },
    ],
  }
  await open(page, 'settings')
  await page.locator('input[type=file]').setInputFiles({
    name: 'own.rimbo.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(own)),
  })
  await expect(page.getByRole('banner').getByText('Own things')).toBeVisible()
  await page.getByRole('link', { name: 'Fit' }).click()
  await page.getByRole('combobox', { name: 'Plant', exact: true }).click({ force: true })
  await page.getByRole('option', { name: /^Auntie/ }).click()
  await expect(page.getByText('240 cm grown, first ripe fruit 90 days')).toBeVisible()
  await page.getByRole('link', { name: 'Mix' }).click()
  await choose(page, 'Recipe', 'Garage mix')
  await page.getByRole('button', { name: 'Batches' }).click()
  await expect(page.locator('[data-ingredient]')).toHaveCount(2)
  await expect(page.locator('[data-ingredient=pumice]')).toContainText('bags of 25 L')
})

test('a recipe of nothing and an unknown ingredient in a file are refused by name', async ({
  page,
}) => {
  const demo = JSON.parse(
    await readFile(new URL('../demo/port-maren.rimbo.json', import.meta.url), 'utf8'),
  ) as object
  await open(page, 'settings')
  const give = (recipes: object[]) =>
    page.locator('input[type=file]').setInputFiles({
      name: 'x.rimbo.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify({ ...demo, recipes })),
    })
  await give([{ id: 'x', parts: [] }])
  await expect(page.locator('.refusal')).toContainText('recipes › 0 › parts')
  await give([{ id: 'x', parts: [{ ingredientId: 'moondust', parts: 1 }] }])
  await expect(page.locator('.refusal')).toContainText('There is no ingredient “moondust”.')
})

test('a variety is copied as one’s own, changed, and planted', async ({ page }) => {
  await open(page, 'fit')
  await page.getByRole('button', { name: 'Copy as my own' }).click()
  const form = page.getByRole('dialog')
  await expect(form.getByLabel('Name')).toHaveValue('My Vine, cherry fruit')
  await form.getByLabel('Name').fill('Neighbour’s cherry')
  await form.getByLabel('Grown height').fill('9 m')
  await expect(form.getByRole('alert')).toContainText('too large: at most 400 cm')
  await expect(form.getByRole('button', { name: 'Save', exact: true })).toBeDisabled()
  await form.getByLabel('Grown height').fill('8 ft')
  await form.getByLabel('Mix it can make use of').fill('20 gal')
  await form.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Neighbour’s cherry kept.')).toBeVisible()
  await expect(page.getByText('244 cm grown')).toBeVisible()
  await expect(page.getByText('More than 75.7 L of mix')).toBeVisible()
  await page.getByRole('button', { name: 'Change …' }).click()
  await form.getByLabel('Days from planting out to ripe').fill('58')
  await form.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('first ripe fruit 58 days')).toBeVisible()
  await page.getByRole('button', { name: 'Plant in B1' }).click()
  await expect(page.getByText('Neighbour’s cherry × 1, since 18 June')).toBeVisible()
  await page.getByRole('link', { name: 'Line-up' }).click()
  await expect(page.locator('[data-pot=B1]')).toContainText('Neighbour’s cherry')
})
