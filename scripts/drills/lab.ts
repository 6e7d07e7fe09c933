// What all drills stand on: the built application, its server, and the system's Chromium.
import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type Browser, type BrowserContext, type Page } from '@playwright/test'
import { createApp } from '../../server/src/app'

const CHROMIUM = process.env['CHROMIUM'] ?? '/usr/bin/chromium'
const ARGS = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run']

/** One line of the table. */
export interface Finding {
  readonly what: string
  readonly figure: string
  readonly held: boolean
}
/** A drill: done to the full at 1, a part of it below. */
export type Drill = (share: number) => Promise<readonly Finding[]>

export const counted = (whole: number, share: number): number =>
  Math.max(1, Math.round(whole * share))

/** Random numbers that are the same each time: what is found is found again. */
export function dice(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), state | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32
  }
}

/** Serves the built application while some work is done. */
export async function served<T>(work: (address: string) => Promise<T>): Promise<T> {
  const server = createApp().listen(0, '127.0.0.1')
  await new Promise((done) => server.once('listening', done))
  const { port } = server.address() as { port: number }
  try {
    return await work(`http://127.0.0.1:${port}`)
  } finally {
    server.closeAllConnections()
    server.close()
  }
}

/** Pages of one profile that is forgotten afterwards, and what went wrong in them unasked. */
export async function inBrowser<T>(
  work: (context: BrowserContext, errors: string[]) => Promise<T>,
  options: Parameters<Browser['newContext']>[0] = {},
): Promise<T> {
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: ARGS })
  const errors: string[] = []
  try {
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      locale: 'en-GB',
      serviceWorkers: 'block',
      ...options,
    })
    context.on('weberror', (error) => errors.push(error.error().message))
    context.on('console', (message) => {
      if (message.type() === 'error') errors.push(message.text())
    })
    return await work(context, errors)
  } finally {
    await browser.close()
  }
}

/** A Chromium of its own with a profile on disk, so that it can be killed in the midst of things. */
export interface Killable {
  readonly page: Page
  readonly kill: () => Promise<void>
}
/** Starts one; a start that comes to nothing is made again, for it is no drill yet. */
export async function killable(profile: string): Promise<Killable> {
  for (let tries = 0; ; tries++)
    try {
      return await startedOn(profile)
    } catch (error) {
      if (tries === 4) throw error
    }
}
async function startedOn(profile: string): Promise<Killable> {
  const child: ChildProcess = spawn(
    CHROMIUM,
    [
      ...ARGS,
      '--headless=new',
      '--lang=en-GB',
      '--remote-debugging-port=0',
      `--user-data-dir=${profile}`,
    ],
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'] },
  )
  const gone = new Promise<void>((done) => child.once('exit', () => done()))
  const address = await new Promise<string>((found, lost) => {
    let said = ''
    child.stderr!.on('data', (part: Buffer) => {
      said += part.toString()
      const match = /ws:\/\/\S+/.exec(said)
      if (match) found(match[0])
    })
    child.once('exit', () => lost(new Error(`Chromium did not start: ${said.slice(-300)}`)))
  })
  const browser = await chromium
    .connectOverCDP(address, { timeout: 10_000 })
    .catch(async (error: unknown) => {
      process.kill(-child.pid!, 'SIGKILL')
      await gone
      throw error
    })
  const [context] = browser.contexts()
  const page = context!.pages()[0] ?? (await context!.newPage())
  const kill = async () => {
    process.kill(-child.pid!, 'SIGKILL')
    await gone
    await browser.close().catch(() => undefined)
  }
  return { page, kill }
}

/** A directory for the time of some work. */
export async function inDirectory<T>(work: (path: string) => Promise<T>): Promise<T> {
  const path = mkdtempSync(join(tmpdir(), 'rimbo-drill-'))
  try {
    return await work(path)
  } finally {
    rmSync(path, { recursive: true, force: true, maxRetries: 5 })
  }
}

/** The words of `wordOf` in all records as they lie in the database: read past the application. */
export const storedNotes = (page: Page): Promise<string[]> =>
  page.evaluate<string[]>(`(async () => {
    const asked = indexedDB.open('rimbo')
    const database = await new Promise((done, failed) => {
      asked.onsuccess = () => done(asked.result)
      asked.onerror = () => failed(asked.error)
    })
    const rows = await new Promise((done) => {
      const all = database.transaction('pages').objectStore('pages').getAll()
      all.onsuccess = () => done(all.result)
    })
    database.close()
    return rows.filter((row) => row.field === 'records')
      .flatMap((row) => row.items).flatMap((record) => record.note?.match(/q\\w+q/g) ?? [])
  })()`)

/** A number as a word that an entry knows nothing of: it is kept as a note. */
export const wordOf = (number: number): string =>
  `q${[...String(number).padStart(5, '0')].map((digit) => 'zwxvkjyhgf'[Number(digit)]!).join('')}q`

export async function openView(page: Page, address: string, view: string): Promise<void> {
  await page.goto(`${address}/${view}`)
  await page.locator('main h1').first().waitFor({ state: 'attached', timeout: 90_000 })
}

export const VIEWS = [
  ...['round', 'line-up', 'check', 'days', 'place', 'fit', 'mix', 'feed', 'water', 'ways'],
  ...['book', 'stores', 'settings'],
] as const

/**
 * Writes a note about pots into the entry box of the Book. The field is emptied once the record is
 * on disk: that is what the gardener sees.
 *
 * @returns whether it was acknowledged in time
 */
export async function recordNote(page: Page, words: string, withinMs = 15_000): Promise<boolean> {
  const entry = page.locator('.entry input')
  await entry.fill(words)
  await page.locator('.entry-read li').first().waitFor()
  await entry.press('Enter')
  return isEmptied(page, withinMs)
}
export async function isEmptied(page: Page, withinMs = 15_000): Promise<boolean> {
  const entry = page.locator('.entry input')
  for (const from = performance.now(); performance.now() - from < withinMs;) {
    if ((await entry.inputValue()) === '') return true
    await new Promise((done) => setTimeout(done, 10))
  }
  return false
}
