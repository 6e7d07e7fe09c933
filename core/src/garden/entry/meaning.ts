import { group } from 'd3-array'
import { feedProducts } from '../feeding'
import { varietyOf } from '../named'
import type { Garden } from '../garden'
import { catalogue, type Crop } from '../../plant'
import { plainText, remembered } from '../../units'
import type { Act, Choice } from './vocabulary'
import { vocabulariesOf, type EntryLanguage } from './words'

/** What some words of an entry may mean. Words may mean several things: what is said beside them decides. */
export type Meaning =
  | { readonly as: 'pot'; readonly containerId: string }
  | { readonly as: 'space'; readonly spaceId: string }
  | { readonly as: 'variety'; readonly varietyId: string }
  | { readonly as: 'product'; readonly productId: string }
  | { readonly as: 'crop'; readonly crop: Crop }
  | { readonly as: 'act'; readonly act: Act }
  | { readonly as: 'choice'; readonly choice: Choice }
  | { readonly as: 'all' | 'except' | 'yesterday' | 'filler' | 'break' }
  | { readonly as: 'volume'; readonly volumeL: number; readonly isSpoon: boolean }
  | { readonly as: 'mass'; readonly massG: number }
  | { readonly as: 'length'; readonly lengthMm: number }
  | { readonly as: 'share'; readonly share: number }
  | { readonly as: 'count'; readonly value: number }
  | { readonly as: 'analysis'; readonly shares: readonly number[] }
  | { readonly as: 'date'; readonly date: string }
  | { readonly as: 'time'; readonly time: string }
export type As = Meaning['as']

/** No name that is looked for has more words. */
export const MOST_WORDS = 5

/** What every phrase means in one garden. */
export type Lexicon = ReadonlyMap<string, readonly Meaning[]>

/** "tomatoFeed" as one would type it. */
const typed = (id: string) => id.replace(/([a-z])([A-Z])/g, '$1 $2')

/** Every name and word that can stand in an entry about a garden, in a language. */
export const lexiconOf = remembered((garden: Garden, language: EntryLanguage): Lexicon => {
  const lexicon = new Map<string, Meaning[]>()
  const put = (phrase: string, meaning: Meaning) => {
    const key = plainText(phrase)
    if (key === '') return
    const known = lexicon.get(key)
    if (known) known.push(meaning)
    else lexicon.set(key, [meaning])
  }
  for (const { id, code } of garden.containers) put(code, { as: 'pot', containerId: id })
  // A name that several pots have is no name of one of them.
  for (const [name, pots] of group(garden.containers, (one) => plainText(one.name)))
    if (pots.length === 1) put(name, { as: 'pot', containerId: pots[0]!.id })
  for (const { id, name } of garden.spaces) put(name, { as: 'space', spaceId: id })
  const varieties = new Set([...garden.varieties, ...catalogue].map(({ id }) => id))
  for (const varietyId of varieties) {
    const meaning = { as: 'variety', varietyId } as const
    const name = varietyOf(garden, varietyId)?.name ?? typed(varietyId)
    put(name, meaning)
    put(`${name}s`, meaning)
  }
  for (const { id, name } of feedProducts(garden)) {
    put(typed(id), { as: 'product', productId: id })
    if (name) put(name, { as: 'product', productId: id })
  }
  for (const words of vocabulariesOf[language]) {
    for (const [act, phrases] of words.acts) for (const one of phrases) put(one, { as: 'act', act })
    for (const [choice, phrases] of words.choices)
      for (const one of phrases) put(one, { as: 'choice', choice })
    for (const [crop, phrases] of words.crops)
      for (const one of phrases) put(one, { as: 'crop', crop })
    for (const [as, phrases] of [
      ['all', words.all],
      ['except', words.except],
      ['yesterday', words.yesterday],
      ['filler', [...words.articles, ...words.fillers]],
      ['break', words.breaks],
    ] as const)
      for (const one of phrases) put(one, { as })
  }
  return lexicon
})
