import {
  InputError,
  readEpw,
  readGarden,
  readGhcnDaily,
  readWeather,
  tableCsv,
  tableFromCsv,
  tableNames,
  writeGarden,
  writeWeather,
  type Garden,
} from '@rimbo/core'
import { readFileSync } from 'node:fs'
import { writeZip, readGardenFile } from '../../web/src/data/zip'
import { counted, dice, inBrowser, openView, served, VIEWS, type Drill } from './lab'

const FILES = 50_000
const WALKED = 30
const LONGEST_MS = 2000

type Random = () => number
const below = (random: Random, limit: number) => Math.floor(random() * limit)

/** Values that no form would give. */
const ODD: readonly unknown[] = [
  ...[
    null,
    true,
    -1,
    0,
    1e308,
    -1e-308,
    0.1,
    2 ** 53,
    '',
    ' ',
    '__proto__',
    'constructor',
    '\ud800',
  ],
  ...[
    '9999-99-99',
    '2026-02-30',
    '\u202eabc',
    '<img src=x onerror=alert(1)>',
    [],
    {},
    [[]],
    { id: 1 },
  ],
  ...['x'.repeat(10_000), '2026-06-18T24:00', '1e5', 'NaN'],
]

/** A text with some of its signs changed, lost, doubled or cut off. */
function torn(text: string, random: Random): string {
  const at = below(random, text.length + 1)
  const to = Math.min(text.length, at + 1 + below(random, 40))
  switch (below(random, 6)) {
    case 0:
      return text.slice(0, at)
    case 1:
      return text.slice(0, at) + text.slice(to)
    case 2:
      return text.slice(0, to) + text.slice(at)
    case 3:
      return text.slice(0, at) + String.fromCharCode(below(random, 0xffff)) + text.slice(at + 1)
    case 4:
      return text.slice(0, at) + String(ODD[below(random, ODD.length)]) + text.slice(at)
    default:
      return text.slice(0, at) + '9'.repeat(1 + below(random, 30)) + text.slice(at + 1)
  }
}

/** A value with one of its parts, somewhere inside, made odd, left out or doubled. */
function oddly(value: unknown, random: Random): unknown {
  const copy = structuredClone(value)
  let at: unknown = copy
  for (let level = 0; level < 6; level++) {
    if (typeof at !== 'object' || at === null) break
    const keys = Object.keys(at)
    const key = keys[below(random, keys.length)]
    if (key === undefined) break
    const table = at as Record<string, unknown>
    const inside = table[key]
    if (typeof inside === 'object' && inside !== null && random() < 0.8) {
      at = inside
      continue
    }
    const how = random()
    if (how < 0.6) table[key] = ODD[below(random, ODD.length)]
    else if (how < 0.75) delete table[key]
    else if (how < 0.9 && typeof inside === 'number')
      table[key] = inside * 10 ** (below(random, 9) - 4)
    else if (Array.isArray(at)) at.push(structuredClone(inside))
    else table[String(ODD[below(random, ODD.length)])] = inside
    break
  }
  return copy
}

const demoText = readFileSync(new URL('../../demo/port-maren.rimbo.json', import.meta.url), 'utf8')
const demo = readGarden(demoText)
/** The demo without most of its days: tens of thousands of files have to be read. */
const small: Garden = {
  ...demo,
  id: 'drill',
  weather: demo.weather.slice(-20),
  records: demo.records.filter((_, index) => index % 12 === 0).slice(0, 60),
  trials: [],
}
const gardenText = writeGarden(small)

const GHCN = ['TMAX', 'TMIN', 'PRCP']
  .map((what) => `XX000000001202606${what}${'  215  A'.repeat(31)}`)
  .join('\n')
const EPW = [
  'LOCATION,Port Maren,-,ZZ,made up,1,44.1,9.5,1,35',
  ...['DESIGN CONDITIONS,0', 'TYPICAL/EXTREME PERIODS,0', 'GROUND TEMPERATURES,0'],
  ...['HOLIDAYS/DAYLIGHT SAVINGS,No,0,0,0', 'COMMENTS 1,x', 'COMMENTS 2,x'],
  'DATA PERIODS,1,1,Data,Sunday,1/1,12/31',
  ...Array.from(
    { length: 48 },
    (_, hour) =>
      `2026,6,${1 + Math.floor(hour / 24)},${1 + (hour % 24)},60,x,20,10,50,101000,0,0,0,200,0,0,0,0,0,0,180,2,0,0,0,0,0,0,0,0,0,0,0,0,0`,
  ),
].join('\n')

interface Kind {
  readonly name: string
  /** Makes a file, or its text, out of order. */
  readonly make: (random: Random) => string | Blob
  /** @throws InputError where it is refused */
  readonly read: (made: string | Blob) => unknown
}
async function kindsOfFile(): Promise<readonly Kind[]> {
  const zip = new Uint8Array(
    await (await writeZip(small, () => Promise.resolve(undefined))).arrayBuffer(),
  )
  const text = (of: string) => (random: Random) => torn(of, random)
  const read = (by: (text: string) => unknown) => (made: string | Blob) => by(made as string)
  const tables = tableNames.map((name) => [name, tableCsv(small, name)] as const)
  let table = 0
  return [
    { name: 'garden files, torn', make: text(gardenText), read: read((one) => readGarden(one)) },
    {
      name: 'garden files with odd values',
      make: (random) => {
        let value: unknown = JSON.parse(gardenText)
        for (let times = 1 + below(random, 3); times > 0; times--) value = oddly(value, random)
        return JSON.stringify(value)
      },
      read: read((one) => readGarden(one)),
    },
    {
      name: 'tables (CSV)',
      make: (random) => torn(tables[(table = below(random, tables.length))]![1], random),
      read: read((one) => tableFromCsv(one, tables[table]![0])),
    },
    { name: 'Rimbo weather', make: text(writeWeather(small.weather)), read: read(readWeather) },
    { name: 'GHCN-Daily', make: text(GHCN), read: read(readGhcnDaily) },
    { name: 'EPW', make: text(EPW), read: read((one) => readEpw(one)) },
    {
      name: 'zips',
      make: (random) => {
        const bytes = zip.slice(0, random() < 0.2 ? below(random, zip.length) : zip.length)
        for (let times = 1 + below(random, 8); times > 0 && bytes.length > 2; times--)
          bytes[2 + below(random, bytes.length - 2)] = below(random, 256)
        return new Blob([bytes])
      },
      read: (made) => readGardenFile(made as Blob),
    },
  ]
}

/** Files out of order: refused in words or taken whole, soon, and what is taken can be looked at. */
export const files: Drill = async (share) => {
  const random = dice(11)
  const kinds = await kindsOfFile()
  const crashes = new Map<string, number>()
  const gardens: string[] = []
  const refused: string[] = []
  let [made, taken, slowest] = [0, 0, 0]
  const each = counted(FILES / kinds.length, share)
  for (const { name, make, read } of kinds)
    for (let count = 0; count < each; count++) {
      const file = make(random)
      made += 1
      const from = performance.now()
      try {
        const value = await read(file)
        taken += 1
        if (
          name.startsWith('garden') &&
          file !== gardenText &&
          gardens.length < WALKED &&
          random() < 0.2
        )
          gardens.push(writeGarden(value as Garden))
      } catch (error) {
        if (!(error instanceof InputError)) {
          const told =
            `${name}: ${error instanceof Error ? `${error.name} ${error.message}` : String(error)}`.slice(
              0,
              160,
            )
          crashes.set(told, (crashes.get(told) ?? 0) + 1)
        } else if (name.startsWith('garden') && refused.length < 10) refused.push(file as string)
      }
      slowest = Math.max(slowest, performance.now() - from)
    }
  for (const [told, times] of crashes) console.log(`  crash ${times} × ${told}`)
  const walked = await walkedThrough(gardens.slice(0, counted(WALKED, share)), refused)
  const unread = [...crashes.values()].reduce((sum, one) => sum + one, 0)
  return [
    { what: 'Files out of order, of seven kinds', figure: `${made} (${taken} taken)`, held: true },
    { what: '– that ended otherwise than in words', figure: String(unread), held: unread === 0 },
    {
      what: '– the slowest of them, ms',
      figure: String(Math.round(slowest)),
      held: slowest < LONGEST_MS,
    },
    {
      what: '– gardens among the taken walked through all views',
      figure: String(walked.gardens),
      held: walked.gardens > 0,
    },
    {
      what: '– views that failed, or errors in the console',
      figure: String(walked.failures),
      held: walked.failures === 0,
    },
    {
      what: '– refused files that changed the open garden',
      figure: String(walked.changed),
      held: walked.changed === 0,
    },
  ]
}

function walkedThrough(gardens: readonly string[], refused: readonly string[]) {
  return served((address) =>
    inBrowser(async (context, errors) => {
      const page = await context.newPage()
      let [failures, changed] = [0, 0]
      const give = async (text: string) => {
        await page.goto(`${address}/settings`)
        await page.locator('.import-garden input[type=file]').setInputFiles({
          name: 'g.json',
          mimeType: 'application/json',
          buffer: Buffer.from(text),
        })
      }
      for (const [index, text] of gardens.entries()) {
        const garden = {
          ...(JSON.parse(text) as Garden),
          id: `drill${index}`,
          name: `Drill ${index}`,
        }
        await give(JSON.stringify(garden))
        await page.getByText(`Drill ${index}`).first().waitFor({ timeout: 30_000 })
        for (const view of VIEWS) {
          await page.goto(`${address}/${view}`)
          await page.locator('main h1').first().waitFor({ state: 'attached', timeout: 60_000 })
          await page.waitForTimeout(150)
          if (await page.locator('.view-failure').count()) {
            failures += 1
            console.log(
              `  garden ${index}: ${view} failed: ${(await page.locator('.view-failure').innerText()).slice(0, 200)}`,
            )
          }
        }
      }
      for (const text of refused) {
        await openView(page, address, 'settings')
        const name = await page.getByRole('banner').innerText()
        await give(text)
        await page.locator('.refusal').waitFor({ timeout: 30_000 })
        if ((await page.getByRole('banner').innerText()) !== name) changed += 1
      }
      for (const error of errors.slice(0, 5)) console.log(`  console: ${error.slice(0, 200)}`)
      return { gardens: gardens.length, failures: failures + errors.length, changed }
    }),
  )
}
