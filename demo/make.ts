// Writes the demo garden. Run it with `npm run demo` after a change of the model,
// so that what is recorded stays consistent with what is computed.
import { writeFileSync } from 'node:fs'
import { readGarden, usedIn, writeGarden, type GardenRecord } from '@rimbo/core'
import { care, jobChanges, ownJobs } from './care'
import { demoGarden } from './garden'
import { demoRecords } from './history'
import { changes, withPast } from './past'
import { purchases, shops } from './shops'

const present = demoGarden()
const garden = withPast(present)
const records = [
  ...garden.records,
  ...demoRecords(garden, [...changes(present), ...care(present)]),
  ...purchases,
].sort((one, other) => (one.at < other.at ? -1 : one.at > other.at ? 1 : 0))
/** What is counted in spring is what is told as left, and what the pots of this year took since. */
const counted = records.map((one): GardenRecord => {
  if (one.kind !== 'count' || one.unit !== 'L') return one
  const taken = records
    .filter(({ at }) => at >= one.at)
    .flatMap((record) => usedIn(garden, record))
    .filter(({ itemId, unit }) => itemId === one.itemId && unit === one.unit)
    .reduce((sum, { amount }) => sum + amount, 0)
  return { ...one, amount: Math.round((one.amount + taken) * 100) / 100 }
})
// It is shown unread: as its reader would leave it, to the order of its fields.
const made = readGarden(writeGarden({ ...garden, jobChanges, ownJobs, shops, records: counted }))
writeFileSync(new URL('port-maren.rimbo.json', import.meta.url), writeGarden(made))
console.log(`${garden.containers.length} containers, ${records.length} records`)
