import { choose, expect, importChanged, open, test } from './support'

/** A feed of one's own by the millilitre, of which nobody has weighed any. */
const unweighed = {
  id: 'constructor',
  name: 'Unweighed liquid',
  form: 'liquid',
  analysis: { n: 6, k2o: 6 },
  rates: [{ kind: 'perLitreWater', amount: 4, unit: 'ml' }],
  placement: 'drench',
  cautions: [],
  packs: [],
}

test('a plan that cannot be carried out is told at its pot; every other pot stands', async ({
  page,
}) => {
  await importChanged(page, (demo) => {
    demo['products'] = [unweighed]
    demo['shelf'] = []
    Object.assign(demo['feedPlans'] as object, {
      k1: { programmeId: 'weekly', productId: 'epsomSalt', lateProductId: 'epsomSalt' },
      f1: { programmeId: 'weekly', productId: 'constructor', lateProductId: 'constructor' },
    })
  })
  await open(page, 'feed')
  const pots = page.getByRole('navigation', { name: 'Pots' }).getByRole('button')
  await expect(pots).toHaveCount(16)
  await pots.filter({ hasText: 'K1' }).click()
  await expect(page.locator('[data-unusable]')).toContainText('Epsom salt cannot be used')
  await pots.filter({ hasText: 'F1' }).click()
  await expect(page.locator('[data-unusable]')).toContainText('weigh a spoon of it first')
  await pots.filter({ hasText: 'F2' }).click()
  await expect(page.locator('[data-due]')).toContainText('Soluble tomato feed')
  // At the choice it is refused: the field says why, and the button does not take it.
  await pots.filter({ hasText: 'K1' }).click()
  await page.getByRole('button', { name: 'Programmes' }).click()
  await expect(page.getByText('it has no nitrogen or potassium.').first()).toBeVisible()
  await expect(page.getByRole('button', { name: 'Use this programme' })).toBeDisabled()
  await choose(page, 'While small', 'programme default')
  await choose(page, 'From first flower', 'Soluble tomato feed 4-3-8')
  await expect(page.getByRole('button', { name: 'Use this programme' })).toBeEnabled()
  await open(page, 'round')
  await expect(page.getByRole('button', { name: /^F2/ })).toBeVisible()
  await open(page, 'line-up')
  await expect(page.locator('[data-pot=K1]')).toBeVisible()
})

test('ids that every object inherits, and no mix, weather or plan: no view is empty', async ({
  page,
}) => {
  test.slow()
  await importChanged(page, (demo) => {
    const text = JSON.stringify(demo)
      .replaceAll('"b1"', '"constructor"')
      .replaceAll('"f1"', '"toString"')
      .replaceAll('"k1"', '"__proto__"')
    for (const key of Object.keys(demo)) delete demo[key]
    Object.assign(demo, JSON.parse(text))
    demo['weather'] = []
    demo.containers = demo.containers.map(({ recipeId: _none, ...container }) => container)
  })
  for (const view of [
    'line-up',
    'round',
    'place',
    'fit',
    'mix',
    'feed',
    'water',
    'book',
  ] as const) {
    await open(page, view)
    await expect(page.locator('main')).toContainText(/\w{3}/)
    await expect(page.locator('.view-failure')).toHaveCount(0)
  }
  await page.goto('/pot/constructor')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('B1')
})

test('a view that fails says so, keeps the rest of the app, and is tried again', async ({
  page,
}) => {
  await open(page, 'line-up')
  await page.evaluate(() => {
    const { prototype } = Intl.NumberFormat
    const whole = Object.getOwnPropertyDescriptor(prototype, 'format')!
    const broken = () => {
      throw new Error('no figures today')
    }
    Object.assign(window, { mend: () => Object.defineProperty(prototype, 'format', whole) })
    Object.defineProperty(prototype, 'format', { ...whole, get: broken })
  })
  await page.getByRole('navigation').getByRole('link', { name: 'Round' }).click()
  // The line-up may fail first, while the Round is still on its way.
  await expect(page).toHaveURL(/\/round$/)
  const failure = page.locator('.view-failure')
  await expect(failure).toContainText('This view could not be drawn')
  await expect(failure).toContainText('no figures today')
  const file = page.waitForEvent('download')
  await failure.getByRole('button', { name: 'Export the garden' }).click()
  expect((await file).suggestedFilename()).toMatch(/\.rimbo\.json$/)
  await page.evaluate(() => (window as unknown as { mend: () => void }).mend())
  await failure.getByRole('button', { name: 'Try again' }).click()
  await expect(failure).toBeHidden()
  await expect(page.locator('.round-card')).toBeVisible()
})
