import { chromium } from '@playwright/test'
import { spawn } from 'node:child_process'
const PORT = 5477
const server = spawn('node', ['--import','tsx','server/src/main.ts'], { env: { ...process.env, PORT: String(PORT) }, stdio: 'ignore' })
await new Promise(r => setTimeout(r, 3500))
const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--no-sandbox'] })
const go = async (name, size, work, theme) => {
  const ctx = await browser.newContext({ viewport: size, serviceWorkers: 'block' })
  const page = await ctx.newPage()
  page.on('console', m => { if (['error','warning'].includes(m.type())) console.log(name, m.type(), m.text().slice(0,300)) })
  page.on('pageerror', e => console.log(name, 'pageerror', String(e).slice(0,300)))
  try { await work(page) } catch (e) { console.log(name, String(e).slice(0,300)) }
  await page.screenshot({ path: `/tmp/${name}.png` })
  await ctx.close()
}
const base = `http://127.0.0.1:${PORT}`
const desk = { width: 1280, height: 800 }, phone = { width: 390, height: 844 }
const which = process.argv.slice(2)
const all = {
  empty: () => go('empty', desk, async p => { await p.goto(base + '/check?pot=f2'); await p.getByText('measured').first().waitFor() }),
  fruit: () => go('fruit', desk, async p => { await p.goto(base + '/check?pot=f2'); await p.getByRole('button', { name: /^Fruit/ }).click(); await p.locator('[data-sign=fruitEndBlack]').click(); await p.locator('[data-cause]').first().waitFor(); await p.waitForTimeout(500) }),
  leaf: () => go('leaf', desk, async p => { await p.goto(base + '/check?pot=k2'); await p.getByRole('button', { name: /^Leaves/ }).click(); await p.getByRole('button', { name: 'old leaves', exact: true }).click(); await p.locator('[data-sign=leafYellow]').click(); await p.locator('[data-sign=leafPale]').click(); await p.locator('[data-cause]').first().waitFor(); await p.waitForTimeout(700) }),
  phone: () => go('phone', phone, async p => { await p.goto(base + '/check?pot=f2'); await p.getByRole('button', { name: /^Fruit/ }).click(); await p.locator('[data-sign=fruitEndBlack]').click(); await p.locator('[data-cause]').first().waitFor(); await p.waitForTimeout(500) }),
  phone2: () => go('phone2', phone, async p => { await p.goto(base + '/check?pot=f2'); await p.getByRole('button', { name: /^Fruit/ }).click(); await p.locator('[data-sign=fruitEndBlack]').click(); await p.locator('[data-cause]').first().waitFor(); await p.waitForTimeout(500); await p.locator('.check-question').scrollIntoViewIfNeeded(); await p.locator('.check-causes').evaluate(e => e.scrollIntoView()) }),
  round: () => go('round', phone, async p => { await p.goto(base + '/round'); await p.locator('.round-card').waitFor(); await p.waitForTimeout(500) }),
  signs: () => go('signs', { width: 1500, height: 1700 }, async p => { await p.goto(base + '/check?pot=f2'); await p.getByText('measured').first().waitFor(); const out=[]; for (const part of ['Fruit','Flowers','Leaves','Whole plant']) { await p.getByRole('button', { name: new RegExp('^'+part) }).first().click(); out.push(await p.locator('.sign-list').evaluate(e => e.outerHTML)) } await p.evaluate(h => { document.querySelector('main, #app').innerHTML = `<div style="padding:10px">${h}</div>` ; document.querySelectorAll('.sign-list').forEach(e => e.style.cssText='display:grid;grid-template-columns:repeat(7,1fr);gap:6px;margin:10px 0') }, out.join('')) }),
  signs2: () => go('signs2', { width: 1500, height: 1100 }, async p => { await p.goto(base + '/check?pot=f2'); await p.getByText('measured').first().waitFor(); const out=[]; for (const part of ['Stem','Mix, roots','Animals']) { await p.getByRole('button', { name: new RegExp('^'+part) }).first().click(); out.push(await p.locator('.sign-list').evaluate(e => e.outerHTML)) } await p.evaluate(h => { document.querySelector('main, #app').innerHTML = `<div style="padding:10px">${h}</div>` ; document.querySelectorAll('.sign-list').forEach(e => e.style.cssText='display:grid;grid-template-columns:repeat(7,1fr);gap:6px;margin:10px 0') }, out.join('')) }),
}
for (const n of which) await all[n]()
await browser.close(); server.kill()
process.exit(0)
