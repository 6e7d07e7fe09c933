// An entry as a gardener types it: what is understood, what is asked, and that nothing typed is lost.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demo } from '../../../test/demo'
import { plainText, units } from '../../units'
import { recordSchema } from '../kinds'
import type { Garden } from '../garden'
import { parseEntry } from '.'
import { vocabulariesOf, type EntryLanguage } from './words'

const NOW = '2026-06-18T07:30'
const read = (text: string, garden: Garden = demo) => parseEntry(text, garden, NOW)
/** Of each record what it says beside its id and moment. */
const said = (text: string, garden?: Garden) =>
  read(text, garden).records.map(({ id: _id, at: _at, ...rest }) => rest)
const inUs: Garden = { ...demo, settings: { ...demo.settings, unitSystem: 'us' } }
const potIds = demo.containers.map(({ id }) => id)
const { usGallon, usTablespoon } = units.volume

describe('what is understood', () => {
  test.each<[string, object]>([
    ['2 l b1', { kind: 'water', containerId: 'b1', volumeL: 2 }],
    ['B1 2L', { kind: 'water', containerId: 'b1', volumeL: 2 }],
    ['watered b1 with 1,5 l', { kind: 'water', containerId: 'b1', volumeL: 1.5 }],
    ['half a can k2', { kind: 'water', containerId: 'k2', volumeL: 5 }],
    ['1 1/2 l b1', { kind: 'water', containerId: 'b1', volumeL: 1.5 }],
    [
      '3 l rainwater r1 into the reservoir',
      { kind: 'water', volumeL: 3, from: 'rain', where: 'reservoir' },
    ],
    ['640 g t1', { kind: 'pick', containerId: 't1', massG: 640 }],
    ['12 peppers k1', { kind: 'pick', containerId: 'k1', count: 12 }],
    ['12 k1 300 g', { kind: 'pick', containerId: 'k1', count: 12, massG: 300 }],
    ['moved n1 to landing', { kind: 'move', containerId: 'n1', spaceId: 'landing' }],
    ['aphids f2', { kind: 'sign', containerId: 'f2', sign: 'pests', note: 'aphids' }],
    ['blossom-end rot on f2', { kind: 'sign', containerId: 'f2', sign: 'blossomEndRot' }],
    ['pinched out side shoots b1', { kind: 'prune', containerId: 'b1', what: 'sideShoots' }],
    ['b1 is 145 cm tall', { kind: 'height', containerId: 'b1', heightMm: 1450 }],
    ['weighed k1 12.5 kg', { kind: 'weigh', containerId: 'k1', massKg: 12.5 }],
    ['ph 6.3 k1', { kind: 'measurePh', containerId: 'k1', ph: 6.3 }],
    ['ec 2.1 k1', { kind: 'measurePh', containerId: 'k1', ecDsM: 2.1 }],
    [
      'mulched k1 with straw 3 cm',
      { kind: 'mulch', containerId: 'k1', material: 'straw', depthMm: 30 },
    ],
    [
      'finger dry second knuckle b1',
      { kind: 'finger', containerId: 'b1', feel: 'dry', knuckle: 'second' },
    ],
    ['skipped k1 rain', { kind: 'skipWater', containerId: 'k1', reason: 'rain' }],
    ['staked b1 1.5 m', { kind: 'support', support: 'stake', heightMm: 1500 }],
    ['fleece off n1', { kind: 'cover', containerId: 'n1', cover: 'none' }],
    ['sown 12 black cherry', { kind: 'sow', varietyId: 'blackCherry', count: 12 }],
    ['first ripe black cherry', { kind: 'firstRipe', containerId: 'b1', plantingId: 'plant-b1' }],
    ['removed f1 frost', { kind: 'remove', plantingId: 'plant-f1', why: 'frost' }],
    ['2 l glazed pot', { kind: 'water', containerId: 'b1', volumeL: 2 }],
  ])('%s', (text, record) => {
    expect(said(text)).toHaveLength(1)
    expect(said(text)[0]).toMatchObject(record)
    expect(read(text).asks).toBeUndefined()
  })
  test.each<[EntryLanguage, string, object]>([
    ['de', '2,5 l b1 gegossen', { kind: 'water', containerId: 'b1', volumeL: 2.5 }],
    ['de', 'eine Kanne k2', { kind: 'water', containerId: 'k2', volumeL: 10 }],
    ['de', 'gestern 640 g t1 geerntet', { kind: 'pick', containerId: 't1', massG: 640 }],
    [
      'de',
      'Blattläuse an f2',
      { kind: 'sign', containerId: 'f2', sign: 'pests', note: 'blattläuse' },
    ],
    ['de', 'b1 ausgegeizt', { kind: 'prune', containerId: 'b1', what: 'sideShoots' }],
    ['de', 'k1 3 cm mit Stroh gemulcht', { kind: 'mulch', material: 'straw', depthMm: 30 }],
    ['es', 'media regadera k2', { kind: 'water', containerId: 'k2', volumeL: 5 }],
    ['es', 'ayer recogí 640 g de t1', { kind: 'pick', containerId: 't1', massG: 640 }],
    ['es', 'k1 acolchada con 3 cm de paja', { kind: 'mulch', material: 'straw', depthMm: 30 }],
    ['es', 'podredumbre apical f2', { kind: 'sign', containerId: 'f2', sign: 'blossomEndRot' }],
    ['es', 'b1 mide 145 cm', { kind: 'height', containerId: 'b1', heightMm: 1450 }],
    ['de', 'b1 gedüngt 4-3-8 2 EL', { kind: 'feed', containerId: 'b1' }],
    ['es', 'recogí 3 el lunes t1', { kind: 'pick', containerId: 't1', count: 3 }],
    ['es', 'once tomates t1', { kind: 'pick', containerId: 't1', count: 11 }],
    ['de', '2,500 l b1', { kind: 'water', containerId: 'b1', volumeL: 2.5 }],
  ])('in %s: %s', (language, text, record) => {
    const { records, asks } = parseEntry(text, demo, NOW, language)
    expect(records).toMatchObject([record])
    expect(asks).toBeUndefined()
  })
  test('where a comma parts the tenths, a point before three digits is no amount', () => {
    const { records, rest } = parseEntry('1.500 ml b1', demo, NOW, 'de')
    expect(records.map(({ kind }) => kind)).not.toContain('water')
    expect(rest).toContain('1.500')
  })
  test('in English no word of another language says anything', () => {
    expect(said('12 red peppers k1')).toMatchObject([{ kind: 'pick', count: 12 }])
    expect(said('watered once b1 2 l')).toMatchObject([{ kind: 'water', volumeL: 2 }])
    expect(read('mulched k1 with hay').rest).toContain('hay')
  })
  test('“all” is each pot; what is excepted is not', () => {
    const all = said('3 cans all') as { containerId: string; volumeL: number }[]
    expect(all.map(({ containerId }) => containerId)).toEqual(potIds)
    expect(new Set(all.map(({ volumeL }) => volumeL))).toEqual(new Set([30]))
    const but = said('2 l all but b1 and k1').map(({ containerId }) => containerId)
    expect(but).toEqual(potIds.filter((id) => id !== 'b1' && id !== 'k1'))
  })
  test('a feed by its numbers and a spoon, to every pot of a crop; its weight by the spoon’s', () => {
    const fed = said('fed tomatoes 4-3-8 1 tbsp', inUs) as { productId: string; massG: number }[]
    const tomatoes = demo.plantings.filter(({ id }) =>
      ['b1', 'f1', 'f2', 'r1', 'l1', 't1', 'h1', 'h2'].includes(id.replace('plant-', '')),
    )
    expect(fed).toHaveLength(tomatoes.length)
    // Its crystals weigh 1 g/mL in the catalogue.
    for (const { productId, massG } of fed)
      expect([productId, massG]).toEqual(['tomatoFeed', usTablespoon.factor * 1000])
  })
  test('a gallon is the gardener’s own', () =>
    expect(said('1 gal b1', inUs)[0]).toMatchObject({ volumeL: usGallon.factor }))
  test('several things at once, each for its own pots', () => {
    expect(said('watered b1 2 l before the storm and picked 300 g t1')).toEqual([
      { kind: 'water', containerId: 'b1', volumeL: 2, note: 'before the storm' },
      { kind: 'pick', containerId: 't1', massG: 300 },
    ])
    expect(said('500 ml b1, k1 and f2').map(({ containerId }) => containerId)).toEqual([
      'b1',
      'k1',
      'f2',
    ])
    expect(said('2 l b1, first ripe')).toMatchObject([
      { kind: 'water', containerId: 'b1' },
      { kind: 'firstRipe', containerId: 'b1' },
    ])
  })
  test('yesterday, a day, a time; what is still to come stands in the note', () => {
    const at = (text: string) => read(text).records[0]!.at
    expect(at('yesterday 2 l b1')).toBe('2026-06-17T07:30')
    expect(at('2026-06-10 2 l b1 19:05')).toBe('2026-06-10T19:05')
    expect(at('2 l b1 06:50')).toBe('2026-06-18T06:50')
    expect(read('2 l b1 23:00').records[0]).toMatchObject({ at: NOW, note: '23:00' })
  })
  test('what lights up is where it stands, in UTF-16 units', () => {
    const text = '🍅 640 g t1'
    const { understood, rest } = read(text)
    expect(understood.map(({ from, to, as }) => [text.slice(from, to), as])).toEqual([
      ['640 g', 'mass'],
      ['t1', 'pot'],
    ])
    expect(rest).toBe('🍅')
  })
})

describe('what is asked or kept', () => {
  test.each([
    '640 g',
    '12',
    '12 peppers',
    'moved to landing',
    '640 g t1 and k1',
    'first ripe trailing cherry',
  ])('%s asks which pot, and records nothing', (text) =>
    expect(read(text)).toMatchObject({ asks: 'pot', records: [], rest: text }),
  )
  test.each([
    ['the neighbour came by', undefined],
    ['b1 looks happy', 'b1'],
    ['watered b1', 'b1'],
    // Fifteen hundred, or one and a half?
    ['1,250 g t1', 't1'],
    // More than anybody could pick.
    ['640 kg t1', 't1'],
  ])('%s is kept as a note', (text, containerId) => {
    const [note, ...others] = read(text).records
    expect(others).toEqual([])
    expect(note).toMatchObject({ kind: 'note', note: text })
    expect(note!.containerId).toBe(containerId)
  })
  test('nothing typed is nothing', () =>
    expect(read('  \n ')).toEqual({ records: [], understood: [] }))
  test('ids are free in the garden', () => {
    const taken = { ...demo, records: [{ ...demo.records[0]!, id: 'entry-1' }] }
    expect(read('2 l b1', taken).records[0]!.id).not.toBe('entry-1')
  })
})

test('whatever is typed: records are right, spans in order, and every word is understood, kept or asked about', () => {
  const words = ['2', 'l', 'b1', 'all', 'but', '640 g', 'fed', 'aphids', 'first ripe', ',', ';']
  const odd = ['__proto__', '<b>', '\ud800', '\u202e', '½', '4-3-8', '12:99', '1e9', 'constructor']
  const typed = fc
    .array(fc.oneof(fc.constantFrom(...words, ...odd), fc.string({ maxLength: 8 })), {
      maxLength: 9,
    })
    .map((parts) => parts.join(' '))
  fc.assert(
    fc.property(typed, (text) => {
      const { records, understood, rest = '', asks } = read(text)
      for (const record of records) expect(recordSchema.safeParse(record).error).toBeUndefined()
      let last = 0
      for (const { from, to } of understood) {
        expect(from).toBeGreaterThanOrEqual(last)
        expect(to).toBeGreaterThan(from)
        last = to
      }
      expect(last).toBeLessThanOrEqual(text.length)
      const isSaid = /[\p{L}\p{N}]/u.test(text)
      if (isSaid && !asks) expect(records.length).toBeGreaterThan(0)
      const notes = records.map(({ note = '' }) => note).join(' ')
      let unread = ''
      let at = 0
      for (const { from, to } of [...understood, { from: text.length, to: text.length }]) {
        unread += ` ${text.slice(at, from)}`
        at = to
      }
      for (const word of unread.match(/[\p{L}\p{N}]{3,}/gu) ?? [])
        if (!['and', 'then', 'the', 'for', 'with'].includes(word.toLowerCase()))
          expect(`${notes} ${rest}`).toContain(word)
    }),
    { numRuns: 400 },
  )
})

test.each(['en', 'de', 'es'] as const)(
  'no word is given the same meaning twice in %s',
  (language) => {
    const vocabularies = vocabulariesOf[language]
    const said = vocabularies.flatMap((words) =>
      [...words.acts, ...words.choices, ...words.crops].flatMap(([what, phrases]) =>
        phrases.map((phrase) => `${plainText(phrase)}: ${JSON.stringify(what)}`),
      ),
    )
    expect(said.filter((one, index) => said.indexOf(one) !== index)).toEqual([])
    const numbers = vocabularies.flatMap((words) => Object.keys(words.numbers))
    expect(numbers.filter((one, index) => numbers.indexOf(one) !== index)).toEqual([])
  },
)
