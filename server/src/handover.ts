import { randomInt } from 'node:crypto'
import express, { Router, type Response } from 'express'
import { rateLimit } from 'express-rate-limit'

/** Where a garden is handed over, and how much and how long is held (our choice). */
export interface HandoverLimits {
  readonly mostBytes: number
  readonly keptMs: number
  /** Gardens that are held at once. */
  readonly mostHeld: number
  /** Asked or handed over from one address within `keptMs`. */
  readonly mostAsked: number
  readonly mostGiven: number
}
export const usualLimits: HandoverLimits = {
  mostBytes: 20e6,
  keptMs: 10 * 60_000,
  mostHeld: 4,
  mostAsked: 30,
  mostGiven: 20,
}

/** Digits and letters that are not taken for each other. */
const SIGNS = '23456789ABCDEFGHJKLMNPQRSTUVWXYZ'
const SLOT_SIGNS = 5
const newSlot = () =>
  Array.from({ length: SLOT_SIGNS }, () => SIGNS[randomInt(SIGNS.length)]).join('')

/** Nobody keeps a copy on the way. */
const unstored = (response: Response) => response.set('cache-control', 'no-store')

/**
 * Passes a garden from one device to another through memory: what is left here is fetched
 * once, or gone after a while. It comes encrypted; the key never comes here, and nothing of it
 * is written to disk or told in a log.
 */
export function handover(limits: HandoverLimits = usualLimits): Router {
  const held = new Map<string, Buffer>()
  const router = Router()
  const atMost = (limit: number) =>
    rateLimit({ windowMs: limits.keptMs, limit, standardHeaders: 'draft-8', legacyHeaders: false })

  router.post(
    '/api/handover',
    atMost(limits.mostGiven),
    express.raw({ type: 'application/octet-stream', limit: limits.mostBytes, inflate: false }),
    ({ body }: { body: unknown }, response) => {
      if (!Buffer.isBuffer(body) || !body.length) return void response.status(415).end()
      if (held.size >= limits.mostHeld)
        return void response.status(503).set('retry-after', '60').end()
      let slot = newSlot()
      while (held.has(slot)) slot = newSlot()
      held.set(slot, body)
      setTimeout(() => held.delete(slot), limits.keptMs).unref()
      unstored(response).status(201).json({ slot })
    },
  )
  router.get('/api/handover/:slot', atMost(limits.mostAsked), (request, response) => {
    const slot = String(request.params['slot'])
    const bytes = held.get(slot)
    // Nothing lies here: an answer like any other, the browser need not cry out.
    if (!bytes) return void unstored(response).status(204).end()
    held.delete(slot)
    unstored(response).type('application/octet-stream').send(bytes)
  })
  return router
}
