import { readFileSync } from 'node:fs'
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import 'fake-indexeddb/auto'
import { createPinia, type Pinia } from 'pinia'
import { createSSRApp } from 'vue'
import { renderToString } from 'vue/server-renderer'
import { createI18n } from 'vue-i18n'
import {
  cropForecast,
  gardenToday,
  growthReasons,
  InputError,
  readGarden,
  varietyOf,
  type Reason,
} from '@rimbo/core'
import { messages } from '../../messages'
import { useGardenStore } from '../../stores/garden'
import { useFaultText } from './faults'
import { useFormat } from './format'
import { useNames } from './names'
import { usePotWords } from './potWords'
import { useReasonText } from './reasons'
import { useRecordWords } from './recordWords'

const demoText = readFileSync(
  new URL('../../../../demo/port-maren.rimbo.json', import.meta.url),
  'utf8',
)
const demo = readGarden(demoText)
const pots = gardenToday(demo, demo.clock!).pots
let pinia: Pinia

beforeEach(async () => {
  globalThis.fetch = jest.fn(() => Promise.resolve(new Response(demoText)))
  pinia = createPinia()
  await useGardenStore(pinia).start()
})
afterEach(() => useGardenStore(pinia).close())

/** Runs words as a component would have them: in the demo garden, in English. */
async function inApp<T>(work: () => T): Promise<T> {
  let result: T | undefined
  const app = createSSRApp({
    setup() {
      result = work()
      return () => null
    },
  })
  app.use(pinia).use(createI18n({ legacy: false, locale: 'en', messages }))
  await renderToString(app)
  return result!
}

const plain = (text: string) => text.replaceAll('\u00a0', ' ')
const isWhole = (text: string) => {
  expect(text).not.toMatch(/[{}]|undefined|NaN|\[object/)
  expect(text.trim()).not.toBe('')
  // An untranslated code would come out as itself.
  expect(text).not.toMatch(/^[a-z]+(\.[a-zA-Z]+)+$/)
}

describe('words in the demo garden', () => {
  test('every reason is a whole sentence with its numbers in it', async () => {
    const reasons: Reason[] = pots.flatMap((pot) => [
      ...(pot.need?.reasons ?? []),
      ...(pot.mix?.reasons ?? []),
      ...pot.plants.flatMap(({ course }) => [
        ...growthReasons(course, 109),
        ...cropForecast(course).reasons,
      ]),
    ])
    const texts = await inApp(() => reasons.map(useReasonText().textOf))
    texts.forEach(isWhole)
    const said = texts.map(plain)
    expect(said.some((text) => /^Through the wall \(fabric\): 0\.\d+ L\.$/.test(text))).toBe(true)
    expect(said).toContain('Stop when it starts to drain.')
  })

  const toldByKind = new Set('firstFlower firstRipe count tie shake weed wash secure'.split(' '))
  test('every record is told', async () => {
    const texts = await inApp(() => {
      const { whatWords } = useRecordWords()
      // What is told by its kind alone has nothing more to say.
      return demo.records.filter(({ kind }) => !toldByKind.has(kind)).map(whatWords)
    })
    texts.forEach(isWhole)
    const told = new Set(texts.map(plain))
    expect(told).toContain('Stupice × 4')
    const fed = [...told].filter((text) => text.startsWith('Soluble tomato feed 4-3-8, '))
    expect(fed.length).toBeGreaterThan(2)
    for (const text of fed) expect(text).toMatch(/, [\d.]+ g, in [\d.]+ L$/)
    expect(told).toContain('14 · 165 g')
  })

  test('every pot is told to who cannot see it: what it is, holds, grows and wants', async () => {
    const texts = await inApp(() => pots.map(usePotWords().wholeWords))
    texts.forEach(isWhole)
    expect(plain(texts[0]!)).toBe(
      'B1, Glazed pot. 47 L to the rim, 40.8 L of mix. Black Cherry. 188 cm tall. Mix: Thirds (peat), 56 % water when drained. Water today: none',
    )
  })

  test('names: a cultivar its own, a habit class ours', async () => {
    const names = await inApp(() =>
      ['padron', 'vineCherry'].map((id) => useNames().varietyName(varietyOf(demo, id)!)),
    )
    expect(names).toEqual(['Padrón', 'Vine, cherry fruit'])
  })

  test('a dose by hand, one and several', async () => {
    const texts = await inApp(() => {
      const { measured } = useFormat()
      return [
        measured({ measure: 'handful', count: 0.5 }),
        measured({ measure: 'handful', count: 1 }),
        measured({ measure: 'tablespoon', count: 2.25 }),
      ]
    })
    expect(texts).toEqual(['½ handful', '1 handful', '2¼ tablespoons'])
  })
})

describe('words for what is wrong', () => {
  test('at a length, the limit is told in the units of the garden', async () => {
    const fault = {
      path: ['shape', 'heightMm'],
      code: 'tooBig',
      params: { limit: 3000, given: '20000' },
    }
    const text = await inApp(() => useFaultText().atField(fault))
    expect(plain(text)).toBe('2,000 cm is too large: at most 300 cm.')
  })
  test('in a list, the place is named', async () => {
    const fault = {
      path: ['containers', 3, 'name'],
      code: 'wrongType',
      params: { expected: 'string', given: 'undefined' },
    }
    const text = await inApp(() => useFaultText().withPath(fault))
    expect(text).toMatch(/^containers › 3 › name: This is missing/)
  })
  test('an unknown fault and an unforeseen error still say something', async () => {
    const texts = await inApp(() => {
      const { ofError } = useFaultText()
      return [new InputError('neverHeardOf'), new Error('disk full'), 'odd'].map(ofError)
    })
    texts.forEach(isWhole)
    expect(texts[1]).toContain('disk full')
  })
})
