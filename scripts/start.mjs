// `npm start`: installs and builds what is missing, then serves on one address; with `-- --lan`
// to the local network as well.
import { spawn } from 'node:child_process'
import { readyOrExit, root } from './prepare.mjs'

readyOrExit()

const server = spawn(
  process.execPath,
  ['--import', 'tsx', 'server/src/main.ts', ...process.argv.slice(2)],
  {
    cwd: root,
    stdio: 'inherit',
  },
)
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
server.on('exit', (code) => process.exit(code ?? 0))
