import { InputError, simulateProbe } from '@rimbo/core'
import { Router, type Response } from 'express'

/** So many streams at once are more than one gardener ever opens. */
const MOST_STREAMS = 8
/** After this a stream that was refused may be asked for again, s. */
const RETRY_S = 2

/** Between two readings, so that a stream is seen to be one, ms. */
const PACE_MS = 5

function send(response: Response, event: string, data: unknown): void {
  response.write(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`)
}

/**
 * The simulated soil probe: server-sent events.
 *
 * `GET /api/probe?from=…&hours=…&…` sends one `reading` event for each hour that
 * the probe has kept, then `end`. It is invented: noise, drift, gaps and jumps and
 * all, and the same for the same seed. At most eight at once, 503 beyond. Described
 * in docs/soil-probe.md.
 */
export function soilProbe(): Router {
  const router = Router()
  let streams = 0
  router.get('/api/probe', (request, response) => {
    let readings
    try {
      readings = simulateProbe(request.query)
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      const { code, params, faults } = error
      response.status(400).json({ code, params, faults })
      return
    }
    if (streams >= MOST_STREAMS) {
      response.status(503).set('retry-after', String(RETRY_S)).json({ code: 'tooManyStreams' })
      return
    }
    streams++
    response.writeHead(200, {
      'content-type': 'text/event-stream',
      // Not to be held back until there is enough to compress.
      'cache-control': 'no-cache, no-transform',
    })
    let next = 0
    const timer = setInterval(() => {
      const reading = readings[next++]
      if (reading) return send(response, 'reading', reading)
      send(response, 'end', { count: readings.length })
      clearInterval(timer)
      response.end()
    }, PACE_MS)
    response.on('close', () => {
      clearInterval(timer)
      streams--
    })
  })
  return router
}
