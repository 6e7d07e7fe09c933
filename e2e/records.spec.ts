import { expect, open, openRoundAt, startOwn, test } from './support'

test('a record shown as made is there after the tab is killed', async ({ page, context }) => {
  await openRoundAt(page, 'K3')
  await page.getByRole('button', { name: 'Watered', exact: true }).click()
  await expect(page.getByText('K3: watering recorded.')).toBeVisible()
  // A crash, not a close: no handler of the page gets to run.
  const devtools = await context.newCDPSession(page)
  void devtools.send('Page.crash').catch(() => undefined)
  await page.waitForEvent('crash')
  const next = await context.newPage()
  await next.goto('/book')
  const newest = next.getByRole('row').nth(1)
  await expect(newest).toContainText('Thu 18 Jun, 07:30')
  await expect(newest).toContainText('K3')
  await expect(newest).toContainText(/\d\.?\d*\sL/)
})

test('another amount, and a record taken back', async ({ page }) => {
  await openRoundAt(page, 'K3')
  await page.getByRole('button', { name: 'Other amount' }).click()
  await page.getByLabel('How much').fill('half a can')
  await expect(page.getByRole('alert')).toContainText('cannot be read')
  await page.getByLabel('How much').fill('1 gal')
  await page.getByRole('button', { name: 'Record it' }).click()
  await expect(page.getByText('K3: watering recorded.')).toBeVisible()
  await page.getByRole('button', { name: /^K3/ }).click()
  await expect(page.getByText('3.8 L given')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('3.8 L given')).toBeHidden()
  await expect(page.getByRole('button', { name: 'Watered', exact: true })).toBeVisible()
})

test('two tabs see each other’s records and do not overwrite them', async ({ page, context }) => {
  await open(page, 'round')
  const second = await context.newPage()
  await openRoundAt(second, 'K3')
  await second.getByRole('button', { name: 'Watered', exact: true }).click()
  await expect(second.getByText('K3: watering recorded.')).toBeVisible()
  await expect(page.getByRole('button', { name: /^K3/ })).toContainText('watered')
  await page.getByRole('button', { name: /^F2/ }).click()
  await page.getByRole('button', { name: 'Watered', exact: true }).click()
  await expect(second.getByRole('button', { name: /^F2/ })).toContainText('watered')
  await expect(second.getByRole('button', { name: /^K3/ })).toContainText('watered')
})

test('a broken, foreign or later file is refused by name, and the garden stays', async ({
  page,
}) => {
  await open(page, 'settings')
  const give = (text: string) =>
    page.locator('input[type=file]').setInputFiles({
      name: 'x.rimbo.json',
      mimeType: 'application/json',
      buffer: Buffer.from(text),
    })
  const refusal = page.locator('.refusal')
  await give('not json')
  await expect(refusal).toContainText('cannot be read as JSON')
  await give('{"format":"something else"}')
  await expect(refusal).toContainText('not a Rimbo garden file')
  await give('{"format":"rimbo-garden","version":99}')
  await expect(refusal).toContainText('later version of Rimbo (file 99')
  await give('{"format":"rimbo-garden","version":1,"id":"x","name":""}')
  await expect(refusal).toContainText('The first of them')
  await expect(refusal).toContainText('name: ')
  await expect(refusal).toContainText('The open garden stays as it was.')
  await page.getByRole('link', { name: 'Line-up' }).click()
  await expect(page.getByText('6 pots need water now')).toBeVisible()
})

test('a garden goes out and comes back in, and can be undone', async ({ page }) => {
  await open(page, 'settings')
  const file = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export the garden' }).click()
  const path = await (await file).path()
  await page.getByRole('link', { name: 'Line-up' }).click()
  await page.locator('[data-pot=K3]').click()
  await page.getByRole('button', { name: 'Delete', exact: true }).click()
  await expect(page.getByText('5 pots need water now')).toBeVisible()
  await page.getByRole('link', { name: 'Settings' }).click()
  await page.locator('input[type=file]').setInputFiles(path)
  // A pot that was taken out stays out when the garden comes together with its older self …
  const report = page.getByRole('status', { name: 'Brought together with what was here' })
  await expect(report).toContainText('It holds nothing new')
  // … unless the file alone is wanted.
  await report.getByRole('button', { name: 'Take only what came in' }).click()
  await expect(page.getByText('Third floor, Port Maren: taken as it is in the file.')).toBeVisible()
  await page.getByRole('link', { name: 'Line-up' }).click()
  await expect(page.getByText('6 pots need water now')).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(page.getByText('5 pots need water now')).toBeVisible()
})

test('a user’s words are text, never markup', async ({ page }) => {
  await startOwn(page)
  await page.getByRole('button', { name: 'Add the first container' }).click()
  const words = '<img src=x onerror="document.title=1">'
  await page.getByLabel('Name', { exact: true }).fill(words)
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('heading', { name: words })).toBeVisible()
  await expect(page).toHaveTitle('Rimbo')
})
