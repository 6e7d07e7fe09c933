import { addressesHere, networkWords } from './addresses'
import { createApp, isBuilt } from './app'

const FIRST_PORT = 5180
const PORTS_TRIED = 20

/** Only this machine, or everybody on the local network where that was asked for. */
const isForNetwork = process.argv.includes('--lan')
const HOST = isForNetwork ? '0.0.0.0' : '127.0.0.1'

function tell(port: number): void {
  console.log(`Rimbo is at http://127.0.0.1:${port}/`)
  if (isForNetwork) console.log(networkWords(addressesHere(), port))
}

/** Listens on the wanted port, or on the first free one from 5180 where none is wanted. */
function listen(port: number, triesLeft: number): void {
  const server = createApp().listen(port, HOST, (error?: Error) => {
    if (!error) tell(port)
    else if ((error as NodeJS.ErrnoException).code === 'EADDRINUSE' && triesLeft > 0)
      listen(port + 1, triesLeft - 1)
    else {
      console.error(`Rimbo cannot listen on port ${port}: ${error.message}`)
      process.exitCode = 1
    }
  })
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => server.close())
}

if (isBuilt()) {
  const wanted = process.env['PORT']
  listen(Number(wanted ?? FIRST_PORT), wanted ? 0 : PORTS_TRIED)
} else {
  console.error('The application is not built yet. Run `npm start`, which builds it first.')
  process.exitCode = 1
}
