// What is on screen can be kept: limits at their field, tabs that do not overwrite each other, parts that do not load, stores that do not open.
import { readFile } from 'node:fs/promises'
import { readGarden, writeGarden } from '@rimbo/core'
import type { BrowserContext, Locator, Page } from '@playwright/test'
import { test as plain } from '@playwright/test'
import {
  choose,
  expect,
  importChanged,
  open,
  openRoundAt,
  openWeather,
  startOwn,
  test,
} from './support'

/** The open garden as its file would hold it. */
async function exported(page: Page): Promise<string> {
  await open(page, 'settings')
  const file = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export the garden' }).click()
  return readFile(await (await file).path(), 'utf8')
}

test('a label that nobody can dose from leaves every view standing, and is undone after a reload', async ({
  page,
}) => {
  await open(page, 'feed')
  await page.getByRole('button', { name: 'Shelf', exact: true }).click()
  const row = page.locator('[data-product=tomatoFeed]')
  const before = await row.innerText()
  await row.getByRole('button', { name: 'Label' }).click()
  await choose(page, 'The label says', 'for a litre of water')
  await choose(page, 'Unit', 'mL')
  await page.getByLabel('One level tablespoon weighs').fill('')
  await page.getByRole('button', { name: 'Save', exact: true }).last().click()
  await expect(page.getByRole('dialog')).toBeHidden()
  for (const view of ['line-up', 'round', 'feed', 'book'] as const) {
    await open(page, view)
    await expect(page.locator('.view-failure')).toHaveCount(0)
  }
  await open(page, 'round')
  await expect(page.getByText('Nothing more to carry now')).toHaveCount(0)
  // In the book, after all these reloads, what was changed last is told and taken back.
  await open(page, 'book')
  const undo = page.locator('.book-undo')
  await undo.getByRole('button', { name: 'Undo' }).click()
  await expect(undo.getByRole('button', { name: 'Redo' })).toBeVisible()
  await open(page, 'feed')
  await page.getByRole('button', { name: 'Shelf', exact: true }).click()
  await expect(row).toHaveText(before, { useInnerText: true })
})

test.describe('a value that could not be read back', () => {
  test('is told at its field, with what was probably meant', async ({ page }) => {
    await openRoundAt(page, 'B1')
    await page.getByRole('button', { name: /Other amount|Gave water/ }).click()
    const field = page.getByLabel('How much')
    await field.fill('500')
    await expect(page.getByText('500 L is too large: at most 200 L.')).toBeVisible()
    await expect(page.getByRole('button', { name: 'Record it' })).toBeDisabled()
    await page.getByRole('button', { name: '500 mL?' }).click()
    await expect(field).toHaveValue('500 mL')
    await page.getByRole('button', { name: 'Record it' }).click()
    await expect(page.getByText('B1: watering recorded.')).toBeVisible()
    const { records } = readGarden(await exported(page))
    expect(records.at(-1)).toMatchObject({ kind: 'water', volumeL: 0.5 })
  })

  /** Beyond the limits of most fields, and at the edge of others. */
  const LIMITS = ['99999999', '0'] as const

  /** Types one of them into every field of a form, a field at a time, and keeps what the form lets through. */
  async function driven(page: Page, opened: () => Promise<Locator>): Promise<void> {
    for (let index = 0; ; index += 1) {
      const form = await opened()
      const inputs = form.locator('input.el-input__inner:not([readonly]):not([type=date]):visible')
      if (index >= (await inputs.count())) return
      const input = inputs.nth(index)
      /** What was in a field that can be typed into, after that was done; none in a list to choose from. */
      const typedInto = async (): Promise<string | undefined> => {
        if ((await input.getAttribute('role', { timeout: 5000 })) === 'combobox') return undefined
        const usual = await input.inputValue({ timeout: 5000 })
        await input.fill(LIMITS[index % LIMITS.length]!, { timeout: 5000 })
        return usual
      }
      // What was kept before may close the form only now: it is opened again.
      const typed = await typedInto()
        .then((usual) => ({ usual }))
        .catch(() => undefined)
      if (!typed) {
        index -= 1
        continue
      }
      const { usual } = typed
      if (usual === undefined) continue
      const button = form.locator('button[type=submit]').first()
      if (await button.isEnabled()) await button.click()
      if (await input.isVisible()) await input.fill(usual, { timeout: 2000 }).catch(() => undefined)
    }
  }
  /** Opens a view, unless it stands already: what is open in it stays so. */
  const at = async (page: Page, view: Parameters<typeof open>[1]) => {
    if (!page.url().includes(`/${view}`)) await open(page, view)
  }
  const forms: Readonly<Record<string, (page: Page) => Promise<Locator>>> = {
    'a pot’s form': async (page) => {
      const form = page.locator('form.container-form')
      if (!(await form.isVisible())) {
        await at(page, 'line-up')
        const edit = page.getByRole('button', { name: 'Edit', exact: true })
        if (!(await edit.isVisible())) await page.locator('[data-pot=B1]').click()
        await edit.click()
      }
      return form
    },
    settings: async (page) => {
      await at(page, 'settings')
      return page.locator('.settings-view form').first()
    },
    money: async (page) => {
      await at(page, 'settings')
      return page.locator('form.money')
    },
    'a weather day': async (page) => {
      if (!page.url().includes('/water')) await openWeather(page)
      return page.locator('form').filter({ hasText: 'Highest' }).first()
    },
    'a space': async (page) => {
      const form = page.locator('form.space-form')
      if (!(await form.isVisible())) {
        await at(page, 'place')
        await page.getByRole('button', { name: 'Change the space' }).click()
      }
      return form
    },
    'a variety': async (page) => {
      await at(page, 'fit')
      const form = page.getByRole('dialog').locator('form')
      if (!(await form.isVisible()))
        await page.getByRole('button', { name: 'Copy as my own' }).click()
      return form
    },
    'an ingredient': async (page) => {
      const form = page.locator('form.ingredient-form')
      if (!(await form.isVisible())) {
        await at(page, 'mix')
        await page.getByRole('button', { name: 'Ingredients', exact: true }).click()
        await page.locator('[data-ingredient=peat] button').click()
      }
      return form
    },
    'a label': async (page) => {
      const form = page.locator('form.product-form')
      if (!(await form.isVisible())) {
        await at(page, 'feed')
        await page.getByRole('button', { name: 'Shelf', exact: true }).click()
        await page
          .locator('[data-product=tomatoFeed]')
          .getByRole('button', { name: 'Label' })
          .click()
      }
      return form
    },
    'the water': async (page) => {
      await at(page, 'feed')
      const form = page.locator('form').filter({ hasText: 'Your water' })
      if (!(await form.isVisible())) await page.getByRole('button', { name: 'Solutions' }).click()
      return form
    },
    'a height': async (page) => {
      if (!page.url().includes('/pot/')) await page.goto('/pot/b1')
      return page.locator('form.sightings').first()
    },
    'a kitchen test': async (page) => {
      await at(page, 'mix')
      const form = page.locator('.tests form').first()
      if (!(await form.isVisible()))
        await page.getByRole('button', { name: 'Kitchen tests' }).click()
      return form
    },
  }
  for (const [name, opened] of Object.entries(forms))
    test(`whatever ${name} lets through can be exported and read back`, async ({ page }) => {
      test.slow()
      await page.goto('/line-up')
      await driven(page, () => opened(page))
      const text = await exported(page)
      expect(writeGarden(readGarden(text))).toBe(text)
    })
})

plain.describe('a part that cannot be loaded', () => {
  plain('is told and asked for again, and nothing typed is lost', async ({ page }) => {
    await open(page, 'line-up')
    await page.locator('[data-pot=B1]').click()
    await page.getByRole('button', { name: 'Edit', exact: true }).click()
    await page.getByLabel('Name', { exact: true }).fill('Typed and not kept')
    await page.route(/assets\/(FeedView|later)/, (route) => route.abort())
    await page.getByRole('navigation').getByRole('link', { name: 'Feed' }).click()
    await expect(page.getByText('A part of Rimbo could not be loaded')).toBeVisible()
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Typed and not kept')
    // Any other view is still to be had.
    await page.unroute(/assets\/(FeedView|later)/)
    await page.getByRole('button', { name: 'Try again' }).click()
    await expect(page.getByRole('navigation', { name: 'Pots' })).toBeVisible()
    await expect(page.getByText('A part of Rimbo could not be loaded')).toBeHidden()
  })
  plain('may be the words: they are asked for again as well', async ({ page }) => {
    await page.route(/assets\/later/, (route) => route.abort())
    await open(page, 'line-up')
    await page.getByRole('navigation').getByRole('link', { name: 'Book' }).click()
    await expect(page.getByText('A part of Rimbo could not be loaded')).toBeVisible()
    await page.unroute(/assets\/later/)
    await page.getByRole('button', { name: 'Try again' }).click()
    await expect(page.getByRole('heading', { level: 1, name: 'Book' })).toBeVisible()
  })
  plain('may be a dialog, or a worker', async ({ page }) => {
    await open(page, 'line-up')
    await page.route(/assets\/PotPanel/, (route) => route.abort())
    await page.locator('[data-pot=B1]').click()
    await expect(page.getByText('A part of Rimbo could not be loaded')).toBeVisible()
    await page.unroute(/assets\/PotPanel/)
    await page.getByRole('button', { name: 'Try again' }).click()
    await expect(page.getByRole('button', { name: 'Edit', exact: true })).toBeVisible()
    await open(page, 'settings')
    await page.route(/assets\/import\.worker/, (route) => route.abort())
    const file = { name: 'a.json', mimeType: 'application/json', buffer: Buffer.from('{}') }
    await page.locator('input[type=file]').setInputFiles(file)
    await expect(page.locator('.refusal')).toContainText('A part of Rimbo could not be loaded')
    await page.unroute(/assets\/import\.worker/)
    await page.locator('input[type=file]').setInputFiles(file)
    await expect(page.locator('.refusal')).toContainText('This is not a Rimbo garden file.')
  })
})

test('the forms follow when another garden is opened', async ({ page }) => {
  await open(page, 'settings')
  await expect(page.getByLabel('Name of the garden')).toHaveValue('Third floor, Port Maren')
  await page.getByLabel('Your watering can holds').fill('7 l')
  await page.getByRole('button', { name: 'Start my own garden' }).click()
  await page.getByRole('button', { name: 'Skip this step' }).dblclick()
  await page.getByRole('link', { name: 'Settings' }).click()
  const name = page.getByLabel('Name of the garden')
  await expect(name).toHaveValue('My garden')
  await expect(page.getByLabel('Your watering can holds')).toHaveValue('10 L')
  await name.fill('Mine, renamed')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Saved.', { exact: true })).toBeVisible()
  const list = page.getByRole('combobox', { name: 'Open', exact: true })
  await list.click({ force: true })
  await expect(page.getByRole('option')).toHaveCount(2)
  await expect(page.getByRole('option', { name: 'Mine, renamed' })).toBeVisible()
})

test.describe('two tabs', () => {
  async function editB1(page: Page): Promise<void> {
    await open(page, 'line-up')
    await page.locator('[data-pot=B1]').click()
    await page.getByRole('button', { name: 'Edit', exact: true }).click()
  }
  const another = (context: BrowserContext) => context.newPage()

  test('a form writes what was touched in it, upon what the other tab has written', async ({
    page,
    context,
  }) => {
    await editB1(page)
    await page.getByLabel('Name', { exact: true }).fill('Named here')
    const other = await another(context)
    await editB1(other)
    await other.getByLabel('Mulch', { exact: false }).first().fill('44 mm')
    await other.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(other.getByText('B1 changed.')).toBeVisible()
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByText('B1 changed.')).toBeVisible()
    const { containers, records } = readGarden(await exported(page))
    expect(containers.find(({ code }) => code === 'B1')!.name).toBe('Named here')
    // A plant stands in it: the mulch is a change of today.
    const mulched = records.filter(({ kind, at }) => kind === 'mulch' && at > '2026')
    expect(mulched[0]).toMatchObject({ containerId: 'f3' })
    expect(records.findLast(({ kind }) => kind === 'mulch')).toMatchObject({
      containerId: 'b1',
      depthMm: 44,
    })
  })

  test('a pot that was deleted there is not brought back by a form here', async ({
    page,
    context,
  }) => {
    await editB1(page)
    await page.getByLabel('Name', { exact: true }).fill('Named here')
    const other = await another(context)
    await open(other, 'line-up')
    await other.locator('[data-pot=B1]').click()
    await other.getByRole('button', { name: 'Delete', exact: true }).click()
    await expect(other.getByText('B1 deleted, its plants with it.')).toBeVisible()
    await expect(page.locator('[data-pot=B1]')).toHaveCount(0)
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByText('This has been removed in the meantime')).toBeVisible()
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Named here')
    expect(readGarden(await exported(page)).containers).toHaveLength(15)
  })

  test('both open on a first visit', async ({ context }) => {
    const pages = await Promise.all([another(context), another(context), another(context)])
    await Promise.all(pages.map((one) => one.goto('/line-up')))
    // Three first openings at a time share what processor there is.
    for (const one of pages)
      await expect(one.locator('[data-pot=B1]')).toBeVisible({ timeout: 30_000 })
  })
})

test('a browser that keeps nothing is told so, plainly', async ({ page }) => {
  await page.addInitScript(() => Object.defineProperty(window, 'indexedDB', { value: undefined }))
  await page.goto('/line-up')
  await expect(page.getByRole('heading', { name: 'The garden cannot be opened' })).toBeVisible()
  await expect(page.getByText('Nothing can be saved here.')).toBeVisible()
})

test('a garden of a later Rimbo is not written to, and can be taken out as it is', async ({
  page,
}) => {
  await startOwn(page)
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const asked = indexedDB.open('rimbo')
        asked.onerror = () => reject(new Error('no database'))
        asked.onsuccess = () => {
          const transaction = asked.result.transaction(['gardens', 'meta'], 'readwrite')
          const current = transaction.objectStore('meta').get('currentGarden')
          current.onsuccess = () => {
            const gardens = transaction.objectStore('gardens')
            const row = gardens.get(current.result as string)
            row.onsuccess = () => {
              const found = row.result as { document: Record<string, unknown> }
              gardens.put({ ...found, document: { ...found.document, version: 99, later: 'kept' } })
            }
          }
          transaction.oncomplete = () => {
            asked.result.close()
            resolve()
          }
        }
      }),
  )
  await page.goto('/round')
  await expect(
    page.getByRole('heading', { name: 'belongs to a later version of Rimbo' }),
  ).toBeVisible()
  const file = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export the garden' }).click()
  const text = await readFile(await (await file).path(), 'utf8')
  expect(JSON.parse(text)).toMatchObject({ version: 99, later: 'kept', records: [] })
  await page.getByRole('button', { name: 'Open Third floor, Port Maren' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toBeAttached()
  await expect(page.getByText('Carry')).toBeVisible()
})

test.describe('import', () => {
  const RECORDS = 50_000
  const many = (bad: boolean) => (demo: Record<string, unknown>) => {
    demo['records'] = Array.from({ length: RECORDS }, (_, index) => ({
      id: `r${index}`,
      at: `${2000 + (index % 26)}-0${1 + (index % 9)}-1${index % 9}T07:30`,
      kind: 'water',
      containerId: 'b1',
      volumeL: bad ? 500 : 2,
    }))
  }
  test('of fifty thousand records goes on while the page lives, and is there after a reload', async ({
    page,
  }) => {
    test.slow()
    const from = Date.now()
    await importChanged(page, many(false))
    console.log(
      `imported ${RECORDS} records in ${Date.now() - from} ms, the page's opening with it`,
    )
    await open(page, 'book')
    await expect(page.locator('.book-count')).toHaveText(
      `${RECORDS.toLocaleString('en-US')} records`,
    )
  })
  test('of many bad records is refused with their number, and can be cancelled', async ({
    page,
  }) => {
    test.slow()
    const text = await readFile(new URL('../demo/port-maren.rimbo.json', import.meta.url), 'utf8')
    const demo = JSON.parse(text) as Record<string, unknown>
    many(true)(demo)
    const file = {
      name: 'bad.rimbo.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(demo)),
    }
    await open(page, 'settings')
    const input = page.locator('input[type=file]')
    await input.setInputFiles(file)
    await page.getByRole('button', { name: 'Cancel' }).click()
    await expect(page.getByRole('progressbar')).toBeHidden()
    await input.setInputFiles(file)
    await expect(page.getByText(`This garden file has 50,000 faults.`)).toBeVisible({
      timeout: 60_000,
    })
    await expect(page.locator('.refusal li')).toHaveCount(5)
    await expect(page.getByText(`And 49,995 more.`)).toBeVisible()
    await expect(page.getByText('The open garden stays as it was.')).toBeVisible()
  })
  test('of weather with lines of commas only is read to its end', async ({ page }) => {
    await openWeather(page)
    await page.locator('input[type=file]').setInputFiles({
      name: 'commas.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('date,tmax,tmin\n2025-06-01,25,12\n,,,,,,\n,,\n2025-06-02,27,14,,,\n'),
    })
    await page.getByRole('button', { name: 'Read it' }).click()
    await expect(page.getByRole('button', { name: 'Take these 2 days' })).toBeVisible()
  })
})
