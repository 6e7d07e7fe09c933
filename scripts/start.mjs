// `npm start`: installs and builds what is missing, then serves on one address.
import { spawn } from 'node:child_process'
import { ensureBuild, ensurePackages, requireNode, root } from './prepare.mjs'

try {
  requireNode()
  ensurePackages()
  ensureBuild()
} catch (error) {
  console.error(error.message)
  process.exit(1)
}

const server = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
  cwd: root,
  stdio: 'inherit',
})
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
server.on('exit', (code) => process.exit(code ?? 0))
