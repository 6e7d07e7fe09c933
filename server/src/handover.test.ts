// A garden passed from one device to another: fetched once, not for long, not too large, not too often.
import type { Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { afterEach, describe, expect, test } from '@jest/globals'
import express from 'express'
import { handover, usualLimits, type HandoverLimits } from './handover'

let server: Server | undefined
afterEach(() => {
  server?.close()
  server?.closeAllConnections()
})
async function started(limits: Partial<HandoverLimits> = {}) {
  server = express()
    .use(handover({ ...usualLimits, ...limits }))
    .use((error: { status?: number }, _q: unknown, response: express.Response, _n: unknown) => {
      response.status(error.status ?? 500).end()
    })
    .listen(0, '127.0.0.1')
  await new Promise((ready) => server!.once('listening', ready))
  const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/handover`
  return {
    give: (bytes: Uint8Array<ArrayBuffer>, type = 'application/octet-stream') =>
      fetch(address, { method: 'POST', headers: { 'content-type': type }, body: bytes }),
    take: (slot: string) => fetch(`${address}/${slot}`),
  }
}
const bytes = new Uint8Array([1, 2, 3, 250])
const slotOf = async (response: Response) => ((await response.json()) as { slot: string }).slot

describe('handing over', () => {
  test('gives back what was left, byte for byte, once', async () => {
    const { give, take } = await started()
    const slot = await slotOf(await give(bytes))
    expect(slot).toMatch(/^[2-9A-HJ-NP-Z]{5}$/)
    const taken = await take(slot)
    expect(taken.headers.get('cache-control')).toBe('no-store')
    expect(new Uint8Array(await taken.arrayBuffer())).toEqual(bytes)
    expect((await take(slot)).status).toBe(204)
  })
  test('is over after a while', async () => {
    const { give, take } = await started({ keptMs: 40 })
    const slot = await slotOf(await give(bytes))
    await new Promise((ready) => setTimeout(ready, 120))
    expect((await take(slot)).status).toBe(204)
  })
  test('takes nothing that is too large, of another kind, or nothing at all', async () => {
    const { give } = await started({ mostBytes: 100 })
    expect((await give(new Uint8Array(101))).status).toBe(413)
    expect((await give(bytes, 'text/plain')).status).toBe(415)
    expect((await give(new Uint8Array(0))).status).toBe(415)
  })
  test('holds so many and no more, and has room again once one was fetched', async () => {
    const { give, take } = await started({ mostHeld: 2 })
    const slots = [await slotOf(await give(bytes)), await slotOf(await give(bytes))]
    const refused = await give(bytes)
    expect([refused.status, refused.headers.get('retry-after')]).toEqual([503, '60'])
    await take(slots[0]!)
    expect((await give(bytes)).status).toBe(201)
  })
  test('cannot be guessed for long: after so many tries nobody is answered', async () => {
    const { give, take } = await started({ mostAsked: 5 })
    const slot = await slotOf(await give(bytes))
    for (let tried = 0; tried < 5; tried++) expect((await take('AAAAA')).status).toBe(204)
    expect((await take(slot)).status).toBe(429)
    for (let given = 0; given < usualLimits.mostHeld; given++) await give(bytes)
  })
  test('odd slots are not there', async () => {
    const { take } = await started()
    for (const slot of ['constructor', '__proto__', '%00', 'a'.repeat(5000)])
      expect((await take(slot)).status).toBe(204)
  })
})
