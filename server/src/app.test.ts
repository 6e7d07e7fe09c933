import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import type { Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals'
import { datesFrom, readWeather, simulateProbe } from '@rimbo/core'
import { addressesHere, networkWords } from './addresses'
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
  server.closeAllConnections()
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

test('what cannot be read is refused in a few words, with nothing of the machine in them', async () => {
  const answers = await Promise.all([
    fetch(`${address}/%E0%A4%A`),
    fetch(`${address}/assets/%E0%A4%A`),
    fetch(`${address}/api/weather`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: '{"latitudeDeg": ',
    }),
    fetch(`${address}/api/weather`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ long: 'x'.repeat(30_000) }),
    }),
  ])
  expect(answers.map(({ status }) => status)).toEqual([400, 404, 400, 413])
  for (const answer of answers) expect((await answer.text()).length).toBeLessThan(30)
})

test('the terminal names the address for other devices, draws it, and says what that opens', () => {
  const wifi = { family: 'IPv4', internal: false, address: '192.168.1.20' }
  const own = { family: 'IPv4', internal: true, address: '127.0.0.1' }
  const addresses = addressesHere({ lo: [own], wlan: [wifi] } as never)
  expect(addresses).toEqual(['192.168.1.20'])
  const words = networkWords(addresses, 5180)
  expect(words).toContain('http://192.168.1.20:5180/')
  expect(words).toContain('anyone on this network')
  expect(words).toMatch(/[▀▄█]{5}/)
  expect(networkWords([], 5180)).toContain('only this machine')
})

describe('the simulated weather service', () => {
  const asked = {
    latitudeDeg: 44.1,
    elevationM: 35,
    coastal: true,
    on: '2026-06-18',
    pastDays: 5,
    seed: 7,
  }
  const ask = (body: unknown) =>
    fetch(`${address}/api/weather`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })

  test('answers with a weather file, the same each time', async () => {
    const [one, other] = await Promise.all([ask(asked), ask(asked)])
    const text = await one.text()
    expect(await other.text()).toBe(text)
    const { days, faultCount } = readWeather(text)
    expect(faultCount).toBe(0)
    expect(days.map(({ date }) => date)).toEqual(datesFrom('2026-06-13', 12))
  })
  test('refuses by field what it cannot answer', async () => {
    const response = await ask({ ...asked, seed: -1, on: 'tomorrow' })
    expect(response.status).toBe(400)
    const { faults } = (await response.json()) as { faults: { path: string[] }[] }
    expect(faults.map(({ path }) => path[0])).toEqual(['on', 'seed'])
  })
})

describe('the simulated soil probe', () => {
  const asked = new URLSearchParams({
    from: '2026-06-16T07:00',
    hours: '48',
    fullShare: '0.58',
    wiltingShare: '0.2',
    useShareADay: '0.05',
    wateredAfterH: '24',
    seed: '5',
  })
  test('streams its readings as events, and then says that it is done', async () => {
    const response = await fetch(`${address}/api/probe?${asked}`)
    expect(response.headers.get('content-type')).toContain('text/event-stream')
    const events = (await response.text()).trim().split('\n\n')
    const readings = events
      .slice(0, -1)
      .map((event): unknown => JSON.parse(event.split('data: ')[1]!))
    expect(readings).toEqual(simulateProbe(Object.fromEntries(asked)))
    expect(events.at(-1)).toContain(`event: end\ndata: {"count":${readings.length}}`)
  })
  test('refuses by field what it cannot answer', async () => {
    asked.set('hours', 'many')
    const response = await fetch(`${address}/api/probe?${asked}`)
    expect(response.status).toBe(400)
    const { faults } = (await response.json()) as { faults: { path: string[] }[] }
    expect(faults.map(({ path }) => path[0])).toEqual(['hours'])
  })
  test('has so many streams and no more, and a place again once one has ended', async () => {
    asked.set('hours', '400')
    const ends = Array.from({ length: 8 }, () => new AbortController())
    const ask = (signal?: AbortSignal) =>
      fetch(`${address}/api/probe?${asked}`, signal ? { signal } : {})
    const open = await Promise.all(ends.map(({ signal }) => ask(signal)))
    expect(open.map(({ status }) => status)).toEqual(Array(8).fill(200))
    const refused = await ask()
    expect([refused.status, refused.headers.get('retry-after')]).toEqual([503, '2'])
    ends.forEach((end) => end.abort())
    const free = async (): Promise<number> => {
      const again = new AbortController()
      const { status } = await ask(again.signal)
      again.abort()
      return status === 503 ? free() : status
    }
    expect(await free()).toBe(200)
  })
})
