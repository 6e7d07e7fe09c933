import { choose, expect, importChanged, open, startOwn, test } from './support'

test('a balcony of one’s own is entered in minutes: fields and clicks counted', async ({
  page,
}, info) => {
  const counted = { fields: 0, clicks: 0 }
  const fill = async (label: string, value: string) => {
    await page.getByLabel(label, { exact: true }).fill(value)
    counted.fields++
  }
  const click = async (name: string) => {
    await page.getByRole('button', { name, exact: true }).click()
    counted.clicks++
  }
  const pick = async (label: string, option: string) => {
    await choose(page, label, option)
    counted.clicks += 2
  }
  await startOwn(page)
  counted.clicks++
  await page.getByRole('link', { name: 'Place' }).click()
  counted.clicks++
  await expect(page.getByRole('heading', { name: 'Not drawn yet' })).toBeVisible()
  await page.getByRole('button', { name: 'Draw this space' }).first().click()
  counted.clicks++
  await fill('Along the house', '3.2 m')
  await fill('Away from the house', '5 ft')
  await fill('Faces', 'SSW')
  await fill('Straight ahead', '12')
  await fill('To the left', '25')
  await pick('Left end', 'Wall or screen')
  await page.getByText('A slab or roof above').click()
  counted.clicks++
  await fill('Its underside, from the floor', '240 cm')
  await fill('Reaches out from the house', '120 cm')
  await fill('Load the papers allow', '60 psf')
  await click('Save')
  await expect(page.getByText('Balcony drawn.')).toBeVisible()
  await expect(page.getByText('320 cm', { exact: true })).toBeAttached()
  await expect(page.getByText(/\d h a day/)).toBeVisible()

  // Its first pot, as it comes, copied twice, and all put down where it is free.
  await page.getByRole('link', { name: 'Line-up' }).click()
  await click('Add the first container')
  await click('Add')
  await page.getByLabel('How many copies').fill('2')
  counted.fields++
  await click('Copy')
  await expect(page.locator('[data-pot=P3]')).toBeVisible()
  await page.getByRole('link', { name: 'Place' }).click()
  counted.clicks += 2
  await click('Place them where it is free')
  await expect(page.locator('[data-plan-pot]')).toHaveCount(3)
  await expect(page.getByText('All on the floor, clear of each other')).toBeVisible()

  // Slowly: twelve seconds to measure and type a field, three for a click.
  const minutes = (counted.fields * 12 + counted.clicks * 3) / 60
  const report = `${counted.fields} fields and ${counted.clicks} clicks, about ${minutes.toFixed(1)} minutes`
  info.annotations.push({ type: 'own balcony', description: report })
  console.log(`own balcony: ${report}`)
  expect(minutes).toBeLessThan(5)
})

test('pots are dragged, draw to the side, and what is wrong is said', async ({ page }) => {
  await open(page, 'place')
  const pot = page.locator('[data-plan-pot=F2]')
  const box = (await pot.boundingBox())!
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 }
  await page.mouse.move(middle.x, middle.y)
  await page.mouse.down()
  await page.mouse.move(middle.x, middle.y + 60, { steps: 5 })
  await page.mouse.up()
  await expect(page.getByText('F2 moved.')).toBeVisible()
  const moved = (await pot.boundingBox())!
  expect(moved.y - box.y).toBeGreaterThan(45)
  await page.reload()
  await expect(pot).toBeVisible()
  expect((await pot.boundingBox())!.y).toBeCloseTo(moved.y, 0)
  // Into its neighbour by the keyboard, a decimetre at a time.
  await page.locator('[data-plan-pot=K2]').focus()
  await page.keyboard.press('Shift+ArrowRight')
  await expect(page.getByText('K3 overlaps K2.')).toBeVisible()
  await expect(page.locator('[data-plan-pot=K3]')).toHaveClass(/is-wrong/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('K3 overlaps K2.')).toBeHidden()
  await page.locator('[data-plan-pot=R1]').focus()
  await page.keyboard.press('Shift+ArrowLeft')
  await expect(page.getByText('R1 stands off the floor.')).toBeVisible()
})

test('the sun by month, as hours and as light; each asked why', async ({ page }) => {
  await open(page, 'place')
  const span = page.locator('.place-sun .why-number')
  await expect(span).toHaveText('0 to 8.2 h a day')
  await expect(page.locator('.contour').first()).toBeAttached()
  await page.getByLabel('Month').fill('12')
  await expect(span).not.toHaveText('0 to 8.2 h a day')
  await page.getByRole('button', { name: 'Daily light' }).click()
  await expect(span).toContainText('mol/m² a day')
  await span.click()
  await expect(page.getByText(/Erbs, Klein & Duffie/)).toBeVisible()
})

test('load: against the papers, and without them only a question', async ({ page }) => {
  await open(page, 'place')
  await expect(page.locator('[data-fact=load]')).toContainText(
    'of the 3 kN/m² that the papers allow',
  )
  await page.getByRole('button', { name: 'Landing' }).click()
  await expect(page.locator('[data-fact=load]')).toContainText(
    'No papers, no verdict: ask the owner',
  )
  await page.getByRole('button', { name: 'Yard strip' }).click()
  await expect(page.locator('[data-fact=load]')).toContainText('The earth carries it')
})

test('bad outlines and doors are faults at their field, and nothing is lost', async ({ page }) => {
  await open(page, 'place')
  await page.getByRole('button', { name: 'Change the space' }).click()
  const keep = page.getByRole('button', { name: 'Save', exact: true })
  await page.getByLabel('Faces').fill('up')
  await expect(page.getByText('“up” is not a direction')).toBeVisible()
  await expect(keep).toBeDisabled()
  await page.getByLabel('Faces').fill('205')
  await choose(page, 'Door in', 'Front')
  await expect(page.getByText('There is no wall there for a door')).toBeVisible()
  await choose(page, 'Door in', 'At the house')
  await page.getByLabel('Door begins after').fill('4.5 m')
  await expect(page.getByText('it can begin after 390 cm at most')).toBeVisible()
  await page.getByLabel('Door begins after').fill('30 cm')
  await page.getByText('Not a rectangle').click()
  await page.getByLabel('Begins, to the right').nth(1).fill('50 cm')
  await page.getByLabel('Begins, from the house').nth(1).fill('2 m')
  await expect(page.getByText('The outline crosses itself')).toBeVisible()
  await expect(keep).toBeDisabled()
  // The drawing stays as it last was, with every pot.
  await expect(page.locator('[data-plan-pot]')).toHaveCount(11)
  await page.getByRole('button', { name: 'Cancel' }).click()
  await expect(page.locator('[data-fact=load]')).toContainText('3 kN/m²')
})

test('a corner is dragged, a shelf without a figure asks', async ({ page }) => {
  await open(page, 'place')
  await page.getByRole('button', { name: 'Landing' }).click()
  await page.getByRole('button', { name: 'Change the space' }).click()
  const corner = page.locator('.plan-corner').nth(2)
  const box = (await corner.boundingBox())!
  await page.mouse.move(box.x + 7, box.y + 7)
  await page.mouse.down()
  await page.mouse.move(box.x - 60, box.y + 7, { steps: 4 })
  await page.mouse.up()
  await expect(page.getByLabel('Begins, to the right')).toHaveCount(4)
  await expect(page.getByLabel('Begins, to the right').nth(2)).not.toHaveValue('160 cm')
  await page.getByRole('button', { name: 'Add a shelf' }).click()
  await page.getByLabel('Carries, kg').fill('lots')
  await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeDisabled()
  await page.getByLabel('Carries, kg').fill('')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Nobody said what it is made for')).toBeVisible()
})

test('a file with a space that cannot be is refused with its place named', async ({ page }) => {
  await open(page, 'settings')
  await expect(
    importChanged(page, (demo) => {
      const spaces = demo['spaces'] as { plan: { sides: object[] } }[]
      spaces[0]!.plan.sides = []
    }),
  ).rejects.toThrow()
  await expect(page.locator('.refusal')).toContainText('spaces › 0 › plan › sides')
})

test('a pot is taken up, waits, is put down again where it is free, and turned', async ({
  page,
}) => {
  await open(page, 'place')
  await page.locator('[data-plan-pot=R1]').click()
  await expect(page.locator('[data-fact=sun]')).toContainText('h and')
  const wide = (await page.locator('[data-plan-pot=R1] rect').boundingBox())!
  await page.getByRole('button', { name: 'Turn it' }).click()
  await expect
    .poll(async () => (await page.locator('[data-plan-pot=R1] rect').boundingBox())!.width)
    .toBeLessThan(wide.width * 0.7)
  await page.getByRole('button', { name: 'Take it up' }).click()
  await expect(page.locator('[data-plan-pot=R1]')).toBeHidden()
  await expect(page.getByRole('heading', { name: 'Not placed yet' })).toBeVisible()
  await page.getByRole('button', { name: 'Place them where it is free' }).click()
  await expect(page.locator('[data-plan-pot=R1]')).toBeVisible()
  await expect(page.getByText('All on the floor, clear of each other')).toBeVisible()
})

test('crowns are shown grown, and those too close are named', async ({ page }) => {
  await open(page, 'place')
  await page.getByText('Leaves when grown').click()
  await expect(page.locator('.crown')).toHaveCount(11)
  await page.locator('[data-plan-pot=F1]').focus()
  for (let press = 0; press < 2; press++) await page.keyboard.press('Shift+ArrowRight')
  await expect(page.getByText('F2 overlaps F1.')).toBeVisible()
  await page.getByText(/will grow into each other/).click()
  await expect(page.getByText(/F1 and F2: by \d+/)).toBeVisible()
})
