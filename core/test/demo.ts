import { readFileSync } from 'node:fs'
import { readGarden } from '../src/garden'

/** The demo garden as it ships: its file, and what is read from it. */
export const demoText = readFileSync(
  new URL('../../demo/port-maren.rimbo.json', import.meta.url),
  'utf8',
)
export const demo = readGarden(demoText)
