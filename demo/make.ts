// Writes the demo garden. Run it with `npm run demo` after a change of the model,
// so that what is recorded stays consistent with what is computed.
import { writeFileSync } from 'node:fs'
import { writeGarden } from '@rimbo/core'
import { care, jobChanges, ownJobs } from './care'
import { demoGarden } from './garden'
import { demoRecords } from './history'
import { changes, withPast } from './past'

const present = demoGarden()
const garden = withPast(present)
const records = [
  ...garden.records,
  ...demoRecords(garden, [...changes(present), ...care(present)]),
].sort((one, other) => (one.at < other.at ? -1 : one.at > other.at ? 1 : 0))
writeFileSync(
  new URL('port-maren.rimbo.json', import.meta.url),
  writeGarden({ ...garden, jobChanges, ownJobs, records }),
)
console.log(`${garden.containers.length} containers, ${records.length} records`)
