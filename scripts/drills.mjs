// `npm run drills`: installs and builds what is missing, then drills the built application.
import { readyOrExit, run } from './prepare.mjs'

readyOrExit()
process.exit(
  run(process.execPath, ['--import', 'tsx', 'scripts/drills/run.ts', ...process.argv.slice(2)])
    ? 0
    : 1,
)
