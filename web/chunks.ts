// A phone takes longer for a hundred small files than for a few large ones, so what is fetched
// together lies together: what every opening needs, and what the first views share, those of a
// newcomer and of a gardener. Which modules these are is asked of a plain build, for only that
// knows what nobody uses and can be left out.
import { fileURLToPath } from 'node:url'
import { build, type Plugin, type Rolldown } from 'vite'

const pathOf = (file: string) => fileURLToPath(new URL(file, import.meta.url))

const PAGE = pathOf('index.html')
const MAIN = pathOf('src/main.ts')
/** What is fetched for the first view at once; the words of every language are of one make. */
const FIRST = ['src/views/RoundView/RoundView.vue', 'src/messages/en/later.ts', 'src/data/demo.ts']

/** What a newcomer meets instead, before there is a garden. */
const START = pathOf('src/views/StartView/StartView.vue')

/** Workers are bundles of their own: what they hold does not matter here. */
const noWorkers: Plugin = {
  name: 'no-workers',
  enforce: 'pre',
  load: (id) => (/[?&](worker|url)\b/.test(id) ? 'export default class {}' : undefined),
}

async function plainBuild(plugins: readonly Plugin[]): Promise<readonly Rolldown.OutputChunk[]> {
  const result = await build({
    configFile: false,
    root: pathOf('.'),
    logLevel: 'error',
    plugins: [noWorkers, ...plugins],
    build: { write: false, minify: false, target: 'es2022' },
  })
  if (!('output' in result)) throw new Error('A plain build gives one output.')
  return result.output.filter((file) => file.type === 'chunk')
}

/** The modules that are fetched with these files. */
function comingWith(
  files: readonly string[],
  chunks: readonly Rolldown.OutputChunk[],
): ReadonlySet<string> {
  const named = new Map(chunks.map((chunk) => [chunk.fileName, chunk]))
  const found = new Set(chunks.filter((chunk) => files.includes(chunk.facadeModuleId ?? '')))
  if (found.size < files.length)
    throw new Error(`One of these is no file of its own: ${files.join(', ')}`)
  // A set goes on to what is added to it on the way.
  for (const { imports } of found)
    for (const name of imports) {
      const imported = named.get(name)
      if (imported) found.add(imported)
    }
  return new Set([...found].flatMap((chunk) => chunk.moduleIds))
}

/** The files that the bundler is to make of what is fetched together. */
export async function chunkGroups(
  plugins: readonly Plugin[],
): Promise<Rolldown.CodeSplittingGroup[]> {
  const chunks = await plainBuild(plugins)
  const opening = comingWith([PAGE], chunks)
  const first = comingWith([PAGE, ...FIRST.map(pathOf)], chunks)
  const start = comingWith([PAGE, START], chunks)
  // A garden on disk was read when it came in: nobody waits for its reader again.
  const reader = [...opening].find((id) => id.includes('/node_modules/zod/'))
  if (reader)
    throw new Error(`The opening fetches ${reader}: a schema is imported where a garden is shown.`)
  return [
    {
      name: 'opening',
      priority: 2,
      // Nothing may wait for the beginning itself, which waits for the words.
      test: (id) => opening.has(id) && id !== PAGE && id !== MAIN,
    },
    {
      name: 'start',
      priority: 1,
      minShareCount: 2,
      test: (id) => first.has(id) && start.has(id),
    },
    { name: 'garden', minShareCount: 2, test: (id) => first.has(id) },
  ]
}
