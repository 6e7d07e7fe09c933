import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'

const root = new URL('..', import.meta.url)
const read = (path: string) => readFileSync(new URL(path, root))

interface Chunk {
  readonly file: string
  readonly isEntry?: boolean
  readonly imports?: readonly string[]
  readonly css?: readonly string[]
}

/** Script and style that the first screen waits for: the entry, and all it imports at once. */
export const firstScreenBytes = (): number => bytesOf(filesOf(({ isEntry }) => !!isEntry))

/** What the start waits for beyond the first screen; its words come with those of all other views. */
export function startBytes(): number {
  const first = filesOf(({ isEntry }) => !!isEntry)
  const start = filesOf((_, name) => name.endsWith('StartView.vue'))
  return bytesOf([...start].filter((file) => !first.has(file)))
}

const bytesOf = (files: Iterable<string>) =>
  [...files].reduce((sum, file) => sum + gzipSync(read(`web/dist/${file}`)).length, 0)

/** The files of some chunks and of all they import at once. */
function filesOf(isWanted: (chunk: Chunk, name: string) => boolean): Set<string> {
  const manifest = JSON.parse(read('web/dist/.vite/manifest.json').toString()) as Record<
    string,
    Chunk
  >
  const files = new Set<string>()
  const take = (name: string): void => {
    const chunk = manifest[name]
    if (!chunk || files.has(chunk.file)) return
    files.add(chunk.file)
    chunk.css?.forEach((file) => files.add(file))
    chunk.imports?.forEach(take)
  }
  for (const [name, chunk] of Object.entries(manifest)) if (isWanted(chunk, name)) take(name)
  return files
}
