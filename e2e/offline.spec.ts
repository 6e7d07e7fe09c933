// Without a network: the service worker in the real browser, with the server stopped, a newer build, and half of one.
import { spawn, type ChildProcess } from 'node:child_process'
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { createServer, type AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { expect, test as base, type Page } from '@playwright/test'
import { views } from './support'

const project = fileURLToPath(new URL('..', import.meta.url))

/** A server of its own over a copy of the build, to be stopped and changed. */
interface OwnServer {
  readonly url: string
  readonly root: string
  readonly start: () => Promise<void>
  readonly stop: () => Promise<void>
}
const freePort = () =>
  new Promise<number>((found) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo
      probe.close(() => found(port))
    })
  })

const test = base.extend<{ own: OwnServer }>({
  // The page is asked for only because a fixture has to name one.
  own: async ({ page: _page }, use) => {
    const root = mkdtempSync(join(tmpdir(), 'rimbo-offline-'))
    cpSync(join(project, 'web', 'dist'), root, { recursive: true })
    const port = await freePort()
    const url = `http://127.0.0.1:${port}`
    let child: ChildProcess | undefined
    const answers = async () => {
      try {
        return (await fetch(url)).ok
      } catch {
        return false
      }
    }
    const start = async () => {
      const script = `import { createApp } from './server/src/app'; createApp(${JSON.stringify(root)}).listen(${port}, '127.0.0.1')`
      child = spawn('node', ['--import', 'tsx', '--input-type=module', '-e', script], {
        cwd: project,
        stdio: 'ignore',
      })
      await expect.poll(answers, { timeout: 30_000 }).toBe(true)
    }
    const stop = async () => {
      child?.kill()
      await expect.poll(answers).toBe(false)
    }
    await start()
    await use({ url, root, start, stop })
    child?.kill()
    rmSync(root, { recursive: true })
  },
})
test.use({ serviceWorkers: 'allow' })
test.setTimeout(180_000)

const isReady = (page: Page) =>
  expect(page.locator('[data-safe="offline"]')).toContainText('Works without a network', {
    timeout: 90_000,
  })
async function fetchAll(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/settings`)
  await isReady(page)
}
async function everyView(page: Page, url: string): Promise<void> {
  for (const view of [...views, 'start?new', 'days/week', 'pot/b1']) {
    await page.goto(`${url}/${view}`)
    await page.locator('main h1').first().waitFor({ state: 'attached' })
  }
}
/** What a newer build leaves: another page, and a service worker that knows of it. */
function renew(root: string, alsoWants?: string): void {
  const page = join(root, 'index.html')
  writeFileSync(page, readFileSync(page, 'utf8').replace('<title>Rimbo', '<title>Newer Rimbo'))
  const worker = join(root, 'sw.js')
  const text = readFileSync(worker, 'utf8').replace(
    /\{url:"index\.html",revision:"[^"]*"\}/,
    `{url:"index.html",revision:"newer"}${alsoWants ? `,{url:"${alsoWants}",revision:null}` : ''}`,
  )
  expect(text).toContain('revision:"newer"')
  writeFileSync(worker, text)
}

test('with the server stopped every view opens, and a day is walked and recorded', async ({
  page,
  own,
}) => {
  await fetchAll(page, own.url)
  await own.stop()
  await everyView(page, own.url)
  await page.goto(`${own.url}/round`)
  await page.getByRole('button', { name: 'Fed and watered' }).click()
  await expect(page.locator('.change-bar')).toContainText('Undo')
  await page.goto(`${own.url}/book`)
  await expect(page.locator('main tbody tr, main li').first()).toContainText('07:30')
  // The solver too: a mix is worked out.
  await page.goto(`${own.url}/mix`)
  await page.getByRole('button', { name: 'Solve', exact: true }).click()
  await page.getByRole('button', { name: 'Find the mix' }).click()
  await expect(page.locator('.solved')).toBeVisible({ timeout: 60_000 })
})

test('a newer version is offered, not on the walk, and taken when asked; an old window says so', async ({
  page,
  own,
  context,
}) => {
  await fetchAll(page, own.url)
  const other = await context.newPage()
  await other.goto(`${own.url}/book`)
  renew(own.root)
  await page.goto(`${own.url}/round`)
  await expect(page.locator('.round-card')).toBeVisible()
  await page.waitForTimeout(7000)
  await expect(page.getByText('A new version of Rimbo is ready.')).toHaveCount(0)
  await page.getByRole('link', { name: 'Book' }).click()
  await expect(page.getByText('A new version of Rimbo is ready.')).toBeVisible({ timeout: 30_000 })
  await expect(page).toHaveTitle('Rimbo')
  await page.getByRole('button', { name: 'Update now' }).click()
  await expect(page).toHaveTitle('Newer Rimbo', { timeout: 30_000 })
  await expect(other.getByText('A new version of Rimbo is open in another window.')).toBeVisible()
  await other.getByRole('button', { name: 'Reload' }).click()
  await expect(other).toHaveTitle('Newer Rimbo')
  await own.stop()
  await everyView(page, own.url)
})

test('half a newer version is none: the one that is whole goes on without a network', async ({
  page,
  own,
}) => {
  await fetchAll(page, own.url)
  renew(own.root, 'assets/never-came.js')
  await page.goto(`${own.url}/settings`)
  await page.waitForTimeout(8000)
  await isReady(page)
  await own.stop()
  await everyView(page, own.url)
  await expect(page).toHaveTitle('Rimbo')
})

test('a service worker that cannot be had: Rimbo works while there is a network, and says so', async ({
  page,
  own,
}) => {
  rmSync(join(own.root, 'sw.js'))
  await page.goto(`${own.url}/settings`)
  await expect(page.locator('[data-safe="offline"]')).toContainText('could not be downloaded', {
    timeout: 30_000,
  })
  await everyView(page, own.url)
})

test('the manifest is what an installed application needs', async ({ page, own }) => {
  await page.goto(own.url)
  const href = await page.locator('link[rel="manifest"]').getAttribute('href')
  const response = await page.request.get(`${own.url}${href}`)
  // W3C Web Application Manifest: members that browsers ask for before they install.
  expect(response.headers()['content-type']).toContain('application/manifest+json')
  const manifest = (await response.json()) as {
    name: string
    start_url: string
    display: string
    icons: { src: string; sizes: string; purpose?: string }[]
  }
  expect(manifest.name).toContain('Rimbo')
  expect(manifest).toMatchObject({ start_url: '/', display: 'standalone' })
  expect(manifest.icons.map(({ sizes }) => sizes)).toEqual(
    expect.arrayContaining(['192x192', '512x512']),
  )
  expect(manifest.icons.some(({ purpose }) => purpose === 'maskable')).toBe(true)
  for (const { src } of manifest.icons)
    expect((await page.request.get(`${own.url}/${src}`)).ok()).toBe(true)
})
