// `npm run bench`: measures what the design sets limits for, and prints a table.
import { readyOrExit, run } from './prepare.mjs'

readyOrExit()
process.exit(run(process.execPath, ['--import', 'tsx', 'scripts/measure.ts']) ? 0 : 1)
