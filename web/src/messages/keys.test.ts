// Every word that the interface asks for by its whole key is there.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { expect, test } from '@jest/globals'
import { messages } from '.'
import { firstWords } from './en/first'

const words: unknown = messages.en
const in_ = (from: unknown, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((found, step) => (found as Record<string, unknown> | undefined)?.[step], from)

const root = fileURLToPath(new URL('..', import.meta.url))
const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter(
  (file) => /\.(vue|ts)$/.test(file) && !file.includes('messages') && !file.endsWith('.test.ts'),
)
const keysIn = (file: string, pattern: RegExp) =>
  [...readFileSync(join(root, file), 'utf8').matchAll(pattern)].map((match) => match[1]!)
const ASKED = /\bt\(\s*'([\w.]+)'/g
const CHANGES = /code: '(change[\w.]+)'/g

test.each(files.filter((file) => keysIn(file, ASKED).length + keysIn(file, CHANGES).length > 0))(
  'of %s',
  (file) => {
    for (const key of [...keysIn(file, ASKED), ...keysIn(file, CHANGES)])
      expect([key, typeof in_(words, key)]).toEqual([key, 'string'])
  },
)

test('what is on the first screen is among the first words', () => {
  for (const file of [
    'App.vue',
    join('views', 'LineUpView', 'LineUpView.vue'),
    join('drawing', 'LineUpDrawing.vue'),
    join('drawing', 'LineUpEdges.vue'),
    join('ui', 'AppHeader.vue'),
    join('ui', 'ChangeBar.vue'),
    join('ui', 'DemoBanner.vue'),
  ])
    for (const key of keysIn(file, ASKED))
      // A new pot has its name once all words are there.
      if (key !== 'form.newName')
        expect([key, typeof in_(firstWords, key)]).toEqual([key, 'string'])
})
