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
export function firstScreenBytes(): number {
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
  for (const [name, chunk] of Object.entries(manifest)) if (chunk.isEntry) take(name)
  return [...files].reduce((sum, file) => sum + gzipSync(read(`web/dist/${file}`)).length, 0)
}
