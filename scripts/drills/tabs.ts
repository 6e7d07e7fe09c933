import type { Page } from '@playwright/test'
import {
  counted,
  dice,
  inBrowser,
  openView,
  recordNote,
  served,
  storedNotes,
  wordOf,
  type Drill,
} from './lab'

const EDITS = 500
const TABS = 3

/** Three windows on one garden: all write at once, and one takes back. */
export const tabs: Drill = (share) =>
  served((address) =>
    inBrowser(async (context, errors) => {
      const random = dice(7)
      const pages: Page[] = []
      for (let tab = 0; tab < TABS; tab++) pages.push(await context.newPage())
      for (const page of pages) await openView(page, address, 'book')
      const made = new Set<string>()
      let [number, undos] = [0, 0]
      const record = async (page: Page) => {
        const note = wordOf(number++)
        if (!(await recordNote(page, `${note} b1`))) throw new Error(`${note} was not acknowledged`)
        made.add(note)
      }
      const counts = () => Promise.all(pages.map((page) => page.locator('.book-count').innerText()))
      const agree = async () => {
        for (let wait = 0; wait < 200; wait++) {
          if (new Set(await counts()).size === 1) return true
          await new Promise((done) => setTimeout(done, 50))
        }
        return false
      }
      let disagreed = 0
      for (let edits = 0; edits < counted(EDITS, share);) {
        await Promise.all(pages.map(record))
        edits += TABS
        if (random() < 0.4) {
          if (!(await agree())) disagreed += 1
          const page = pages[Math.floor(random() * TABS)]!
          const before = (await storedNotes(page)).length
          await page.locator('.book-undo').getByRole('button', { name: 'Undo' }).click()
          for (let wait = 0; wait < 100 && (await storedNotes(page)).length !== before - 1; wait++)
            await new Promise((done) => setTimeout(done, 30))
          undos += 1
          edits += 1
        }
      }
      if (!(await agree())) disagreed += 1
      const notes = (await storedNotes(pages[0]!)).filter((note) => made.has(note))
      const wrong = made.size - undos - new Set(notes).size
      return [
        {
          what: 'Edits in three windows at once, some taken back',
          figure: `${made.size + undos} (${undos} undone)`,
          held: true,
        },
        {
          what: '– records lost or left over',
          figure: String(Math.abs(wrong)),
          held: wrong === 0 && new Set(notes).size === notes.length,
        },
        {
          what: '– times the windows did not come to show the same',
          figure: String(disagreed),
          held: disagreed === 0,
        },
        {
          what: '– errors in the console',
          figure: String(errors.length),
          held: errors.length === 0,
        },
      ]
    }),
  )
