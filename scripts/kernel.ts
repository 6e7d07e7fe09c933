// `npm run kernel`: builds the water's inner loop, and writes it where core reads it.
// With `--check` it only says whether what is there is what the source gives.
import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const at = (path: string) => fileURLToPath(new URL(`../${path}`, import.meta.url))
const TARGET = at('core/src/water/hours/wasm.ts')

function built(): string {
  const folder = mkdtempSync(join(tmpdir(), 'rimbo-kernel-'))
  try {
    const file = join(folder, 'kernel.wasm')
    const compiler = at('node_modules/assemblyscript/bin/asc.js')
    const source = at('core/kernel/waterHours.ts')
    const options = ['--runtime', 'stub', '-O3', '--noAssert', '--importMemory', '--outFile', file]
    execFileSync(process.execPath, [compiler, source, ...options], { stdio: 'inherit' })
    const base64 = readFileSync(file).toString('base64')
    return `/** core/kernel/waterHours.ts as \`npm run kernel\` has built it, in base64. */\nexport const waterHoursWasm =\n  '${base64}'\n`
  } finally {
    rmSync(folder, { recursive: true })
  }
}

const text = built()
if (!process.argv.includes('--check')) writeFileSync(TARGET, text)
else if (readFileSync(TARGET, 'utf8') !== text) {
  console.error('core/src/water/hours/wasm.ts is not what its source gives: run `npm run kernel`.')
  process.exit(1)
}
