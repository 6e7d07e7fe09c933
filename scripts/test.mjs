// `npm test`: installs what is missing, then runs every check and adds up.
// Its last line is `N passed, N failed` over all runners.
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { mkdtempSync, openSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ensureBuild, ensureChromium, ensurePackages, requireNode, root, run } from './prepare.mjs'

const reports = mkdtempSync(join(tmpdir(), 'rimbo-test-'))
const totals = { passed: 0, failed: 0 }
const summary = []

function count(name, passed, failed) {
  totals.passed += passed
  totals.failed += failed
  summary.push(`${name}: ${passed} passed, ${failed} failed`)
}

const npmRun = (script, args = [], env = {}) =>
  run('npm', ['run', '--silent', script, ...(args.length ? ['--', ...args] : [])], {
    env: { ...process.env, ...env },
  })

/** A check that is one thing: it holds or it does not. */
function check(name, work) {
  console.log(`\n— ${name}`)
  let isGood = false
  try {
    isGood = work() !== false
  } catch (error) {
    console.error(error.message)
  }
  count(name, isGood ? 1 : 0, isGood ? 0 : 1)
  return isGood
}

/** A runner with a report of its own; one that leaves none has failed. */
function runner(name, work, read) {
  console.log(`\n— ${name}`)
  const report = join(reports, `${name.replaceAll(' ', '-')}.json`)
  const isGood = work(report)
  try {
    const { passed, failed } = read(JSON.parse(readFileSync(report, 'utf8')))
    count(name, passed, isGood ? failed : Math.max(1, failed))
  } catch {
    count(name, 0, 1)
  }
}

const browserTests = (chromium, files) =>
  runner(
    'browser tests',
    (report) =>
      npmRun('test:browser', files, { CHROMIUM: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: report }),
    ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }),
  )

/** Begins one check beside others; its output is shown when it is asked for. */
function beside(name) {
  const output = join(reports, `${name}.txt`)
  const file = openSync(output, 'w')
  const child = spawn('npm', ['run', '--silent', `check:${name}`], {
    cwd: root,
    stdio: [0, file, file],
  })
  const ended = once(child, 'close')
  return async () => {
    const [code] = await ended
    check(name, () => {
      process.stdout.write(readFileSync(output))
      return code === 0
    })
  }
}

async function everything() {
  // Linting takes as long as all other checks, and one of two cores.
  const lint = beside('lint')
  for (const name of ['format', 'types', 'boundaries', 'unused', 'kernel'])
    check(name, () => npmRun(`check:${name}`))
  await lint()
  runner(
    'unit tests',
    (report) => npmRun('test:unit', ['--json', `--outputFile=${report}`]),
    ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => ({
      passed: numPassedTests,
      failed: numFailedTests + numRuntimeErrorTestSuites,
    }),
  )
  if (check('build', ensureBuild)) browser(['--project=tests'])
}

function browser(args) {
  let chromium
  if (check('chromium', () => (chromium = ensureChromium()))) browserTests(chromium, args)
}

try {
  requireNode()
  ensurePackages()
} catch (error) {
  console.error(error.message)
  console.log('0 passed, 1 failed')
  process.exit(1)
}
if (process.argv.includes('--only=screenshots')) {
  if (check('build', ensureBuild)) browser(['--project=screenshots'])
} else await everything()

rmSync(reports, { recursive: true, force: true })
console.log(`\n${summary.join('\n')}\n`)
console.log(`${totals.passed} passed, ${totals.failed} failed`)
process.exit(totals.failed ? 1 : 0)
