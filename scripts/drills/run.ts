// `npm run drills`: tries to lose what a gardener has kept, and writes what came of it into
// docs/reliability.md. Names of drills do only these; `--share=0.1` does a tenth of each.
import { readFileSync, writeFileSync } from 'node:fs'
import { clocks } from './clocks'
import { fields } from './fields'
import { files } from './files'
import { heap } from './heap'
import { kills } from './kills'
import { large } from './large'
import { server } from './server'
import { storage } from './storage'
import { tabs } from './tabs'
import type { Drill, Finding } from './lab'

const DRILLS: Readonly<Record<string, Drill>> = {
  kills,
  tabs,
  storage,
  files,
  fields,
  large,
  heap,
  server,
  clocks,
}
const given = process.argv.slice(2)
const share = Number(given.find((one) => one.startsWith('--share='))?.slice(8) ?? 1)
const names = given.filter((one) => Object.hasOwn(DRILLS, one))
const wanted = names.length > 0 ? names : Object.keys(DRILLS)

const told = new Map<string, { readonly findings: readonly Finding[]; readonly seconds: number }>()
for (const name of wanted) {
  console.log(`${name} …`)
  const from = performance.now()
  // One that breaks off is told, and the others still run.
  const findings = await DRILLS[name]!(share).catch((error: unknown): Finding[] => {
    console.error(error)
    const figure = error instanceof Error ? error.message.split('\n')[0]! : String(error)
    return [{ what: `${name} broke off`, figure, held: false }]
  })
  const seconds = (performance.now() - from) / 1000
  told.set(name, { findings, seconds })
  for (const { what, figure, held } of findings)
    console.log(`${held ? '  ' : '✘ '}${what}: ${figure}`)
  console.log(`  ${seconds.toFixed(0)} s`)
}

const MARK = (name: string, end: '' | '/') => `<!-- ${end}${name} -->`
const page = new URL('../../docs/reliability.md', import.meta.url)
if (share === 1) {
  let text = readFileSync(page, 'utf8')
  for (const [name, { findings, seconds }] of told) {
    const table = [
      `Took ${seconds < 90 ? `${seconds.toFixed(0)} s` : `${(seconds / 60).toFixed(0)} min`}, last on ${new Date().toISOString().slice(0, 10)}.`,
      '',
      '| What | Figure | Held |',
      '| --- | --- | --- |',
      ...findings.map(
        ({ what, figure, held }) => `| ${what} | ${figure} | ${held ? 'yes' : '**no**'} |`,
      ),
    ].join('\n')
    const [begins, ends] = [text.indexOf(MARK(name, '')), text.indexOf(MARK(name, '/'))]
    if (begins < 0 || ends < begins) throw new Error(`docs/reliability.md has no place for ${name}`)
    text = `${text.slice(0, begins)}${MARK(name, '')}\n\n${table}\n\n${text.slice(ends)}`
  }
  writeFileSync(page, text)
}
const broken = [...told.values()].flatMap(({ findings }) => findings).filter(({ held }) => !held)
console.log(broken.length ? `${broken.length} did not hold.` : 'All held.')
process.exit(broken.length ? 1 : 0)
