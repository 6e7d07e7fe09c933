import { existsSync } from 'node:fs'
import { STATUS_CODES } from 'node:http'
import { fileURLToPath } from 'node:url'
import compression from 'compression'
import express, { type ErrorRequestHandler, type Express } from 'express'
import helmet from 'helmet'
import { handover } from './handover'
import { soilProbe } from './probe'
import { weatherService } from './weather'

/** Where the build puts the application. */
const builtApp = fileURLToPath(new URL('../../web/dist', import.meta.url))

const YEAR_S = 31_536_000

/** What went wrong is told by its number and in words: nothing of the machine is shown. */
const refusal: ErrorRequestHandler = (error: { status?: unknown }, _request, response, next) => {
  if (response.headersSent) return next(error)
  const status = typeof error.status === 'number' ? error.status : 500
  if (status >= 500) console.error(error)
  response
    .status(status)
    .type('text/plain')
    .send(STATUS_CODES[status] ?? 'Error')
}

/**
 * Serves the built application. Everything is its own: no address outside is
 * named, and the pages may call none.
 */
export function createApp(root: string = builtApp): Express {
  const app = express()
  app.use(
    helmet({
      // The server speaks plain http to the same machine: nothing to upgrade to.
      strictTransportSecurity: false,
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          // The solver is WebAssembly; it and the sun run in workers of our own.
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          workerSrc: ["'self'"],
          // Element Plus places its poppers by inline style.
          styleSrc: ["'self'", "'unsafe-inline'"],
          fontSrc: ["'self'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          upgradeInsecureRequests: null,
        },
      },
    }),
  )
  app.use(compression())
  app.use(weatherService())
  app.use(soilProbe())
  app.use(handover())
  app.use('/assets', express.static(`${root}/assets`, { immutable: true, maxAge: YEAR_S * 1000 }))
  app.use(express.static(root, { maxAge: 0, index: false }))
  // A missing file is missing; any other address is a view of the application.
  app.use('/assets', (_request, response) => void response.status(404).end())
  app.get('/{*path}', (_request, response) => response.sendFile('index.html', { root }))
  app.use(refusal)
  return app
}

export const isBuilt = (root: string = builtApp): boolean => existsSync(`${root}/index.html`)
