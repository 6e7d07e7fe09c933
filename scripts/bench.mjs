// `npm run bench`: measures what the design sets limits for, and prints a table.
import { ensureBuild, ensurePackages, requireNode, run } from './prepare.mjs'

try {
  requireNode()
  ensurePackages()
  ensureBuild()
} catch (error) {
  console.error(error.message)
  process.exit(1)
}
process.exit(run(process.execPath, ['--import', 'tsx', 'scripts/measure.ts']) ? 0 : 1)
