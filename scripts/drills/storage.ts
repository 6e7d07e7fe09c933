import type { Page } from '@playwright/test'
import {
  inBrowser,
  isEmptied,
  openView,
  recordNote,
  served,
  storedNotes,
  wordOf,
  type Drill,
  type Finding,
} from './lab'

const said = (page: Page, text: RegExp) =>
  page
    .getByText(text)
    .first()
    .waitFor({ timeout: 20_000 })
    .then(
      () => true,
      () => false,
    )
/** What the browser's store can do to a garden: full, forbidden, deleted or of a later version. */
export const storage: Drill = () =>
  served(async (address) => {
    const findings: Finding[] = []
    const note = (what: string, held: boolean) =>
      findings.push({ what, figure: held ? 'yes' : 'NO', held })

    await inBrowser(async (context) => {
      const page = await context.newPage()
      await openView(page, address, 'book')
      // The browser's own lesser quota is not heeded by its private profiles: its answer is given for it.
      await page.evaluate(`(() => {
        const { put } = IDBObjectStore.prototype
        window.makeRoom = () => { IDBObjectStore.prototype.put = put }
        IDBObjectStore.prototype.put = () => { throw new DOMException('full', 'QuotaExceededError') }
      })()`)
      const isKept = await recordNote(page, `${wordOf(1)} b1`, 5000)
      note(
        'No room left: it is said, and the words stay in the field',
        !isKept && (await said(page, /no room left/)),
      )
      await page.evaluate('window.makeRoom()')
      await page.locator('.entry input').press('Enter')
      note(
        '– with room again the same words are kept',
        (await isEmptied(page)) && (await storedNotes(page)).includes(wordOf(1)),
      )
    })

    await inBrowser(async (context) => {
      await context.addInitScript(
        'Object.defineProperty(window, "indexedDB", { value: undefined })',
      )
      const page = await context.newPage()
      await page.goto(`${address}/round`)
      note(
        'Storing forbidden: it is said, with what to do',
        await said(page, /lets Rimbo store nothing/),
      )
    })

    await inBrowser(async (context) => {
      const page = await context.newPage()
      await openView(page, address, 'book')
      await recordNote(page, `${wordOf(2)} b1`)
      const other = await context.newPage()
      await other.goto(`${address}/icon.svg`)
      await other.evaluate(`new Promise((done) => {
        const asked = indexedDB.deleteDatabase('rimbo')
        asked.onsuccess = asked.onerror = () => done(true)
      })`)
      await recordNote(page, `${wordOf(3)} b1`, 5000)
      note(
        'Database deleted while open: it is said, and what is seen can be exported',
        await said(page, /no longer in this browser|cannot be opened/),
      )
      await page.reload()
      note('– a reload opens a garden again', await said(page, /Book|Where is your garden/))
    })

    await inBrowser(async (context) => {
      const page = await context.newPage()
      await openView(page, address, 'book')
      const other = await context.newPage()
      await other.goto(`${address}/icon.svg`)
      await other.evaluate(`new Promise((done) => {
        const asked = indexedDB.open('rimbo', 99)
        asked.onsuccess = () => { asked.result.close(); done(true) }
        asked.onerror = () => done(false)
      })`)
      const isKept = await recordNote(page, `${wordOf(4)} b1`, 5000)
      note(
        'A later version took the database over: at the next record it is said',
        !isKept && (await said(page, /later version of Rimbo/)),
      )
      await page.reload()
      note('– and after a reload, with nothing touched', await said(page, /later version of Rimbo/))
      const version = await other.evaluate(`new Promise((done) => {
        const asked = indexedDB.open('rimbo')
        asked.onsuccess = () => { const { version } = asked.result; asked.result.close(); done(version) }
      })`)
      note('– the database is as the later version left it', version === 99)
    })
    return findings
  })
