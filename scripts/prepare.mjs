// What `npm start` and `npm test` need before they can run. Node's own modules
// only: nothing of ours is installed yet.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = fileURLToPath(new URL('..', import.meta.url))
const stampDir = join(root, 'node_modules', '.cache', 'rimbo')

const LEAST_NODE = [20, 19]

export function requireNode() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major > LEAST_NODE[0] || (major === LEAST_NODE[0] && minor >= LEAST_NODE[1])) return
  throw new Error(
    `Rimbo needs Node ${LEAST_NODE.join('.')} or later; this is ${process.versions.node}.`,
  )
}

/** Runs a command with its output shown; true when it ended well. */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options })
  if (error) console.error(String(error.message))
  return status === 0
}

const hashOf = (parts) =>
  parts.reduce((hash, part) => hash.update(part), createHash('sha256')).digest('hex')

/** Does the work only where its inputs have changed since it was last done. */
function onceFor(name, key, isThere, work) {
  const stamp = join(stampDir, name)
  if (isThere() && existsSync(stamp) && readFileSync(stamp, 'utf8') === key) return
  work()
  mkdirSync(stampDir, { recursive: true })
  writeFileSync(stamp, key)
}

export function ensurePackages() {
  const key = hashOf([readFileSync(join(root, 'package-lock.json'))])
  const isThere = () => existsSync(join(root, 'node_modules', '.package-lock.json'))
  onceFor('packages', key, isThere, () => {
    console.log('Installing the packages of the lock file …')
    if (!run('npm', ['ci', '--include=dev', '--no-audit', '--no-fund']))
      throw new Error(
        'The packages could not be installed. The first time this needs the npm registry.',
      )
  })
}

function filesBelow(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name)
    if (['node_modules', 'dist'].includes(entry.name)) return []
    return entry.isDirectory() ? filesBelow(path) : [path]
  })
}

export function ensureBuild() {
  const inputs = ['core/src', 'web', 'demo'].flatMap((folder) => filesBelow(join(root, folder)))
  const key = hashOf(
    [...inputs, join(root, 'package-lock.json')]
      .sort()
      .map((path) => `${path}\n${readFileSync(path)}`),
  )
  const isThere = () => existsSync(join(root, 'web', 'dist', 'index.html'))
  onceFor('build', key, isThere, () => {
    console.log('Building the application …')
    if (!run('npm', ['run', '--silent', 'build', '--', '--logLevel', 'warn']))
      throw new Error('The application could not be built.')
  })
}

const isFile = (path) => existsSync(path) && statSync(path).isFile()

/** Path of a Chromium to drive; installed through apt where this is root on Debian. */
export function ensureChromium() {
  const known = [process.env['CHROMIUM'], '/usr/bin/chromium', '/usr/bin/chromium-browser']
  const found = () => known.find((path) => path && isFile(path))
  if (found()) return found()
  const isRoot = process.getuid?.() === 0
  if (isRoot && isFile('/usr/bin/apt-get')) {
    console.log('Installing the system’s Chromium …')
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
    const stdio = ['ignore', 'ignore', 'inherit']
    if (run('apt-get', ['update', '-q'], { env, stdio }))
      run('apt-get', ['install', '-y', '-q', 'chromium'], { env, stdio })
  }
  if (found()) return found()
  throw new Error(
    'The browser tests need Chromium. Install it (on Debian: apt-get install chromium) or name it: CHROMIUM=/path/to/chromium npm test',
  )
}

/** Everything installed and built, or a message and the end. */
export function readyOrExit() {
  try {
    requireNode()
    ensurePackages()
    ensureBuild()
  } catch (error) {
    console.error(error.message)
    process.exit(1)
  }
}
