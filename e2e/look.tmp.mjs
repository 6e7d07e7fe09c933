import { chromium } from '@playwright/test'
const [, , script] = process.argv
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox'],
})
const base = 'http://127.0.0.1:5391'
export const run = async (size, work) => {
  const context = await browser.newContext({
    viewport: size,
    serviceWorkers: 'block',
    deviceScaleFactor: 1,
  })
  const page = await context.newPage()
  page.on('console', (m) => m.type() === 'error' && console.log('console:', m.text()))
  page.on('pageerror', (e) => console.log('error:', e.message))
  await work(page, base)
  await context.close()
}
await (await import(script)).default(run)
await browser.close()
