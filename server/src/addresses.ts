import { networkInterfaces } from 'node:os'
import { renderUnicodeCompact } from 'uqr'

/** Under which addresses other devices of the local network reach this machine. */
export const addressesHere = (
  interfaces: ReturnType<typeof networkInterfaces> = networkInterfaces(),
): readonly string[] =>
  Object.values(interfaces)
    .flatMap((all) => all ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address)

/** What the terminal says once the local network can load the application. */
export function networkWords(addresses: readonly string[], port: number): string {
  const urls = addresses.map((address) => `http://${address}:${port}/`)
  const [first] = urls
  if (!first)
    return 'No local network was found: only this machine can open Rimbo. Join your wi-fi and start again.'
  return [
    `On the same wi-fi Rimbo is at ${urls.join(' or ')}`,
    '',
    renderUnicodeCompact(first, { border: 2 }),
    '',
    'What this opens: anyone on this network can load the application. No garden is on this server:',
    'each browser keeps its own. A garden that is handed over lies encrypted in memory, for ten minutes at most.',
    'The connection is plain http: do this at home, not in a café. Stop it with Ctrl+C.',
  ].join('\n')
}
