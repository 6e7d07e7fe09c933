import { readFileSync } from 'node:fs'
import { readGarden, type Garden } from '../src/garden'

/** The demo garden as it ships: its file, and what is read from it. */
export const demoText = readFileSync(
  new URL('../../demo/port-maren.rimbo.json', import.meta.url),
  'utf8',
)
export const demo = readGarden(demoText)

/** A garden in which nothing at hand was ever counted. */
export const withoutCounts = (garden: Garden): Garden => ({
  ...garden,
  records: garden.records.filter(({ kind }) => kind !== 'count'),
})
