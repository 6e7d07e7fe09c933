import type { Page } from '@playwright/test'
import { inBrowser, openView, served, VIEWS, type Drill } from './lab'

/** What nobody types, and somebody will. */
const HOSTILE = [
  '<img src=x onerror="window.hit=1"><script>window.hit=1</script>',
  '\u202eright to left\u202c \u200f\u061c\u2067x',
  'lone \ud800 and \udfff surrogates \u0000 nul',
  'ten thousand '.repeat(770),
  '-1e308',
] as const
const FIELDS =
  'main input:visible:not([type=checkbox]):not([type=file]):not([readonly]):not([disabled]), main textarea:visible'
/** What opens forms without leaving the view. */
const OPENERS =
  /^(Add|Choose for me|Something else|Other amount|Gave water|Bought|Count|Set up a trial|Type latitude|Measure|Change|Edit|Weather|Label|A feed of my own|Copy as my own|Draw this space|Change the space|Shops|Solutions|Kitchen tests|Ingredients)/

async function filled(page: Page, text: string): Promise<number> {
  const fields = page.locator(FIELDS)
  const count = Math.min(await fields.count(), 60)
  for (let index = 0; index < count; index++) {
    const field = fields.nth(index)
    await field.fill(text, { timeout: 1500, force: true }).catch(() => undefined)
    await field.press('Tab', { timeout: 800 }).catch(() => undefined)
  }
  for (const submit of await page.locator('main button[type=submit]:visible:enabled').all())
    await submit.click({ timeout: 800 }).catch(() => undefined)
  return count
}

/** Every text field filled with markup, marks of direction, half characters and far too much. */
export const fields: Drill = (share) =>
  served((address) =>
    inBrowser(async (context, errors) => {
      const page = await context.newPage()
      page.setDefaultTimeout(15_000)
      let [count, failures, hits] = [0, 0, 0]
      for (const view of VIEWS) {
        await openView(page, address, view)
        const buttons = await page.locator('main button:visible').allInnerTexts()
        const openers = [
          '',
          ...new Set(buttons.map((text) => text.trim()).filter((text) => OPENERS.test(text))),
        ]
        for (const opener of openers.slice(0, share < 1 ? 2 : 5))
          for (const text of HOSTILE) {
            await openView(page, address, view)
            if (opener)
              await page
                .getByRole('button', { name: opener, exact: true })
                .first()
                .click({ timeout: 2000 })
                .catch(() => undefined)
            await page.waitForTimeout(150)
            count += await filled(page, text)
            failures += await page.locator('.view-failure').count()
            if (await page.evaluate('window.hit === 1 || document.title !== "Rimbo"')) hits += 1
          }
      }
      for (const view of VIEWS) {
        await openView(page, address, view)
        failures += await page.locator('.view-failure').count()
      }
      for (const error of errors.slice(0, 5)) console.log(`  console: ${error.slice(0, 200)}`)
      return [
        {
          what: 'Fields filled with markup, marks of direction, half characters, 10,000 signs',
          figure: String(count),
          held: count > 0,
        },
        { what: '– views that failed', figure: String(failures), held: failures === 0 },
        { what: '– markup that was run', figure: String(hits), held: hits === 0 },
        {
          what: '– errors in the console',
          figure: String(errors.length),
          held: errors.length === 0,
        },
      ]
    }),
  )
