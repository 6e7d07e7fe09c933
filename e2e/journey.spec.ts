import { readFile } from 'node:fs/promises'
import { GARDEN_VERSION } from '@rimbo/core'
import { choose, expect, startOwn, test } from './support'

// The whole way of a new gardener: from a tape measure to today's can of water,
// and out into a file.
test('from a tape measure to today’s can of water', async ({ page }) => {
  // The whole way in one go, on a machine that may be busy.
  test.slow()
  await test.step('a container, any dimension in any unit', async () => {
    await startOwn(page)
    await page.getByRole('button', { name: 'Add the first container' }).click()
    await page.getByLabel('Short name').fill('A1')
    await page.getByLabel('Name', { exact: true }).fill('Old pot')
    await page.getByLabel('Top, across inside').fill('12 in')
    await page.getByLabel('Bottom, across inside').fill('30.48cm')
    await page.getByLabel('Height inside').fill('12"')
    await page.getByLabel('Mix stops below the rim by').fill('1 1/2 in')
    await expect(page.locator('[data-fact=rim]')).toHaveText('22.2 L')
    await page.getByLabel('What the label claims').fill('7 gal')
    await expect(
      page.getByText('The label says 7 gal, but to the rim it holds 22.2 L: 16 % less.'),
    ).toBeVisible()
    await expect(
      page.getByText('Nurseries sell this as #7: a class of 21.9 L to 29.3 L'),
    ).toBeVisible()
    await page.getByLabel('Top, across inside').fill('circumference 94 cm')
    await page.getByText('Wall, holes and pour test').click()
    await page.getByLabel('Wall thickness').fill('0')
    await expect(page.getByText('= 29.9 cm')).toBeVisible()
    await page.getByLabel('Top, across inside').fill('20 m')
    await expect(
      page.getByRole('alert').filter({ hasText: 'too large: at most 300 cm' }),
    ).toBeVisible()
    await expect(page.getByRole('button', { name: 'Add', exact: true })).toBeDisabled()
    await page.getByLabel('Top, across inside').fill('5 kg')
    await expect(page.getByRole('alert').filter({ hasText: '“kg” measures mass' })).toBeVisible()
    await page.getByLabel('Top, across inside').fill('45 cm')
    await page.getByLabel('Bottom, across inside').fill('40 cm')
    await page.getByLabel('Height inside').fill('40 cm')
    await page.getByLabel('Mix stops below the rim by').fill('50 cm')
    await expect(page.getByText('That leaves no mix in the pot.')).toBeVisible()
    await page.getByLabel('Mix stops below the rim by').fill('4 cm')
    await page.getByRole('button', { name: 'Add', exact: true }).click()
    await expect(page.getByText('A1 added.')).toBeVisible()
    await expect(page.locator('.line-up-side [data-fact=rim]')).toHaveText('56.8 L')
  })

  await test.step('every kind, a copy, and a deletion that is undone', async () => {
    for (const [kind, litres] of [
      ['Bucket', '19 L'],
      ['Fabric bag', '30.5 L'],
      ['Box, rectangular and tapered', '45.5 L'],
      ['Hanging basket', '11.2 L'],
      ['Half barrel', '123 L'],
      ['Flat bag, lying', '75.6 L'],
      ['Deep box, filled in layers', '396 L'],
      ['Bucket with a reservoir', '21.3 L'],
      ['Stacked tower', '32 L'],
      ['Sunken pot, bottom cut out', '38.8 L'],
    ]) {
      await page.getByRole('button', { name: 'Add container' }).click()
      await choose(page, 'Kind', kind!)
      await expect(page.locator('[data-fact=rim]')).toHaveText(litres!)
    }
    await page.getByRole('button', { name: 'Cancel' }).click()
    await page.getByRole('button', { name: 'Copy' }).click()
    await expect(page.locator('[data-pot=A2]')).toBeVisible()
    await page.getByRole('button', { name: 'Delete', exact: true }).click()
    await expect(page.locator('[data-pot=A2]')).toBeHidden()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.locator('[data-pot=A2]')).toBeVisible()
  })

  await test.step('a plant, judged by every school', async () => {
    await page.getByRole('link', { name: 'Fit' }).click()
    await page.getByRole('combobox', { name: 'Plant', exact: true }).click({ force: true })
    await page.getByRole('option', { name: /^Moneymaker/ }).click()
    const school = (name: string) => page.getByRole('row', { name: new RegExp(`^${name}`) })
    await expect(school('Roomy')).toContainText('good')
    await expect(school('Bucket')).toContainText('Only if it is watered every day.')
    await expect(school('Bags')).toContainText('says nothing')
    await page.getByLabel('How many').fill('2')
    await page.getByLabel('How many').press('Enter')
    await expect(school('Roomy')).toContainText('advises against')
    await page.getByLabel('How many').fill('1')
    await page.getByLabel('How many').press('Enter')
    await page
      .getByRole('button', {
        name: /of a plant with all the room, light and cool roots it needs: why/,
      })
      .click()
    await expect(page.getByText(/Poorter/)).toBeVisible()
    await page.keyboard.press('Escape')
    // The pot that was looked at last stays chosen: it was the second.
    await page.getByRole('button', { name: /A1 / }).click()
    await page.getByRole('button', { name: 'Plant in A1' }).click()
    await expect(page.getByText('Moneymaker planted in A1.')).toBeVisible()
    await page.getByRole('button', { name: /A2 / }).click()
    await page.getByRole('button', { name: 'Plant in A2' }).click()
    await expect(page.getByText('Moneymaker planted in A2.')).toBeVisible()
  })

  await test.step('the mix, what to buy, lime and starter feed', async () => {
    await page.getByRole('link', { name: 'Mix' }).click()
    await choose(page, 'Recipe', 'Thirds (peat)')
    await page.getByRole('button', { name: 'Batches' }).click()
    await expect(
      page.getByRole('heading', { name: '116 L loose makes 101 L of mix' }),
    ).toBeVisible()
    const peat = page.locator('[data-ingredient=peat]')
    await expect(peat).toContainText('38.8 L')
    await expect(peat).toContainText('2 bags of 28.3 L')
    await page.getByRole('button', { name: 'Kitchen tests' }).click()
    await page.getByRole('button', { name: 'Mixing loss' }).click()
    await page.getByLabel('All parts, loose').fill('10 l')
    await page.getByLabel('Mix they make').fill('12 l')
    await expect(page.getByText('Mixing never makes more: 10 L went in.')).toBeVisible()
    await page.getByLabel('Mix they make').fill('8 l')
    await page.getByRole('button', { name: 'Save the test' }).click()
    await expect(page.getByText('20 % lost in mixing')).toBeVisible()
    await page.getByRole('button', { name: 'Batches' }).click()
    await expect(
      page.getByRole('heading', { name: '126 L loose makes 101 L of mix' }),
    ).toBeVisible()
    const first = page.locator('tr[data-pot=A1]')
    await expect(first).toContainText('73.8 g')
    await expect(first).toContainText('1½ handfuls')
    await choose(page, 'Starter feed', 'Controlled release 15-9-12')
    await expect(first).toContainText('152 g')
    await expect(page.getByText(/wear a dust mask/).first()).toBeVisible()
  })

  await test.step('today’s weather typed, and what each pot drinks', async () => {
    await page.getByRole('link', { name: 'Settings' }).click()
    await page.getByLabel('Latitude, north +').fill('45.7')
    await page.getByLabel('Height above the sea').fill('200 m')
    await page.getByRole('button', { name: 'Save the place' }).click()
    await expect(page.getByText('estimated from places nearby')).toBeVisible()
    await page.getByRole('link', { name: 'Water' }).click()
    await page.getByRole('button', { name: 'Weather', exact: true }).click()
    await expect(page.getByText(/weather not known/)).toBeVisible()
    await page.getByLabel('Highest', { exact: true }).fill('80.6 °F')
    await page.getByLabel('Lowest', { exact: true }).fill('30')
    await expect(page.getByText('The lowest temperature is above the highest.')).toBeVisible()
    await page.getByLabel('Lowest', { exact: true }).fill('14')
    await page.getByRole('button', { name: 'Use this weather' }).click()
    await expect(page.getByText('Not known and assumed: humidity, wind, sun.')).toBeVisible()
    await expect(page.locator('tr[data-pot=A1]')).toContainText(/\d\s(L|mL)/)
  })

  await test.step('the round: a tap records, and the record survives a reload', async () => {
    await page.getByRole('link', { name: 'Round' }).click()
    // Planted today and watered in: full, and safe for a while.
    await expect(page.getByText('Nothing more to carry now.')).toBeVisible()
    await page.getByRole('list', { name: 'Pots in walking order' }).getByText('A1').click()
    await expect(page.getByRole('region', { name: 'What A1 gets' })).toContainText('no water today')
    await page.getByRole('button', { name: 'Gave water' }).click()
    await page.getByLabel('How much').fill('1 l')
    await page.getByRole('button', { name: 'Record it' }).click()
    await expect(page.getByText('A1: watering recorded.')).toBeVisible()
    await page.getByRole('button', { name: /^A2/ }).click()
    await page.getByRole('button', { name: 'Finger test' }).click()
    await page.getByRole('button', { name: 'Dry, second knuckle (5 cm)' }).click()
    await expect(page.getByText('A2: finger test recorded.')).toBeVisible()
    await page.reload()
    await expect(page.getByText('Nothing more to carry now.')).toBeVisible()
  })

  await test.step('out as a file and as CSV', async () => {
    await page.getByRole('link', { name: 'Book' }).click()
    await expect(page.getByRole('row')).toHaveCount(1 + 4)
    const csv = page.waitForEvent('download')
    await page.getByRole('button', { name: 'Records as CSV' }).click()
    const records = await readFile(await (await csv).path(), 'utf8')
    expect(records).toMatch(/^date,time,container,kind,volume_l/)
    expect(records.split('\r\n')).toHaveLength(5)
    await page.getByRole('link', { name: 'Settings' }).click()
    const file = page.waitForEvent('download')
    await page.getByRole('button', { name: 'Export the garden' }).click()
    const download = await file
    expect(download.suggestedFilename()).toBe('my-garden.rimbo.json')
    const text = await readFile(await download.path(), 'utf8')
    expect(JSON.parse(text)).toMatchObject({
      format: 'rimbo-garden',
      version: GARDEN_VERSION,
      name: 'My garden',
    })
  })
})
