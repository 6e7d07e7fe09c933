import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import type { AddressInfo, Server } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import { createApp } from './app'

const root = mkdtempSync(join(tmpdir(), 'rimbo-server-'))
let server: Server
let address = ''

beforeAll(async () => {
  mkdirSync(join(root, 'assets'))
  writeFileSync(join(root, 'index.html'), '<title>Rimbo</title>')
  writeFileSync(join(root, 'assets', 'a-123.js'), `// ${'x'.repeat(3000)}`)
  server = createApp(root).listen(0, '127.0.0.1')
  await new Promise((ready) => server.once('listening', ready))
  address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
})
afterAll(() => {
  server.close()
  rmSync(root, { recursive: true })
})

test('every view is the application, and is asked for anew each time', async () => {
  for (const path of ['/', '/round', '/some/where']) {
    const response = await fetch(address + path)
    expect(response.status).toBe(200)
    expect(await response.text()).toContain('Rimbo')
  }
  expect((await fetch(address)).headers.get('cache-control')).toContain('max-age=0')
})

test('hashed assets are kept for good and come compressed; a missing one is missing', async () => {
  const response = await fetch(`${address}/assets/a-123.js`)
  expect(response.headers.get('cache-control')).toContain('immutable')
  expect(response.headers.get('content-encoding')).toBeTruthy()
  expect((await fetch(`${address}/assets/gone.js`)).status).toBe(404)
})

test('pages may load from nowhere else', async () => {
  const policy = (await fetch(address)).headers.get('content-security-policy') ?? ''
  expect(policy).toContain("default-src 'self'")
  expect(policy).not.toContain('http')
})

test('the solver may run as WebAssembly in a worker of our own, and no script may be made of text', async () => {
  const policy = (await fetch(address)).headers.get('content-security-policy') ?? ''
  expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval'")
  expect(policy).toContain("worker-src 'self'")
  expect(policy).not.toContain("'unsafe-eval'")
})
