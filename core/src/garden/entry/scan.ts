import {
  InputError,
  isDate,
  leadingNumber,
  measureMl,
  plainText,
  tidied,
  unitFor,
  type Measures,
  type UnitSystem,
} from '../../units'
import { MOST_WORDS, type Lexicon, type Meaning } from './meaning'
import type { Vocabulary } from './vocabulary'
import { vocabulariesOf, type EntryLanguage } from './words'

/** Some words of an entry and what they may mean; `[from, to)` in UTF-16 units. */
export interface Span {
  readonly from: number
  readonly to: number
  /** Empty where nothing is known of them. */
  readonly meanings: readonly Meaning[]
  /** A comma, a semicolon or a new line follows. */
  readonly endsClause: boolean
}

interface Word {
  readonly from: number
  readonly to: number
  readonly text: string
  readonly endsClause: boolean
}

/** How a gardener measures, counts and writes. */
export interface Measuring {
  readonly unitSystem: UnitSystem
  readonly measures: Measures
  readonly language: EntryLanguage
}

/** The words for amounts of a language, to be looked up. */
const amountWordsOf = (vocabularies: readonly Vocabulary[]) => {
  const looked = <T>(pairs: (words: Vocabulary) => readonly (readonly [string, T])[]) =>
    new Map(vocabularies.flatMap(pairs).map(([word, what]) => [plainText(word), what] as const))
  return {
    measures: looked(({ measures }) =>
      measures.flatMap(([measure, words]) => words.map((word) => [word, measure] as const)),
    ),
    numbers: looked(({ numbers }) => Object.entries(numbers)),
    articles: new Set(vocabularies.flatMap(({ articles }) => articles)),
    noUnits: new Set(vocabularies.flatMap(({ noUnits = [] }) => noUnits)),
    decimal: vocabularies[0]!.decimal,
  }
}
const AMOUNT_WORDS = {
  en: amountWordsOf(vocabulariesOf.en),
  de: amountWordsOf(vocabulariesOf.de),
  es: amountWordsOf(vocabulariesOf.es),
} satisfies Record<EntryLanguage, unknown>

/** A number that its unit follows without a space. */
const JOINED = /^([\d.,/½⅓⅔¼¾⅛⅜⅝⅞]+)([^\d.,/½⅓⅔¼¾⅛⅜⅝⅞].*)$/u
const isUnit = (text: string, { unitSystem, language }: Measuring) =>
  text === '%' ||
  AMOUNT_WORDS[language].measures.has(plainText(text)) ||
  !!unitFor(text, unitSystem)

/** The words of a text, with what only parts them left out. */
function wordsOf(text: string, lexicon: Lexicon, measuring: Measuring): Word[] {
  return [...text.matchAll(/\S+/gu)].flatMap(({ 0: run, index }): Word[] => {
    const open = /^[([{"“]*/u.exec(run)![0].length
    const close = /[)\]}.,;:!?”]*$/u.exec(run)![0].length
    const from = index + open
    const to = Math.max(from, index + run.length - close)
    const body = text.slice(from, to)
    const isLine = /^[^\S\n]*\n/u.test(text.slice(index + run.length))
    const endsClause = isLine || /[,;]/.test(text.slice(to, index + run.length))
    if (body === '') return []
    const joined = lexicon.has(plainText(body)) ? undefined : JOINED.exec(body)
    if (!joined || !isUnit(joined[2]!, measuring)) return [{ from, to, text: body, endsClause }]
    const middle = from + joined[1]!.length
    return [
      { from, to: middle, text: joined[1]!, endsClause: false },
      { from: middle, to, text: joined[2]!, endsClause },
    ]
  })
}

/** The number that a word is; undefined where it is none, or can be read two ways. */
function numberOf(text: string, { unitSystem, language }: Measuring): number | undefined {
  const { numbers, decimal } = AMOUNT_WORDS[language]
  const written = numbers.get(plainText(text))
  if (written !== undefined) return written
  try {
    const found = leadingNumber(tidied(text), unitSystem, decimal)
    return found?.rest === '' && found.value >= 0 ? found.value : undefined
  } catch (error) {
    if (error instanceof InputError) return undefined
    throw error
  }
}

/** So many of a unit. */
function amountOf(
  count: number,
  unitText: string,
  { unitSystem, measures, language }: Measuring,
): Meaning | undefined {
  const words = AMOUNT_WORDS[language]
  const measure = words.measures.get(plainText(unitText))
  if (measure === 'can') return { as: 'volume', volumeL: count * measures.canL, isSpoon: false }
  if (measure) {
    const volumeL = (count * measureMl(measure, unitSystem, measures)) / 1000
    return { as: 'volume', volumeL, isSpoon: true }
  }
  if (unitText === '%') return { as: 'share', share: count / 100 }
  const found = words.noUnits.has(unitText) ? undefined : unitFor(unitText, unitSystem)
  const value = count * (found?.unit.factor ?? 0)
  switch (found?.dimension) {
    case 'volume':
      return { as: 'volume', volumeL: value, isSpoon: false }
    case 'mass':
      return { as: 'mass', massG: value }
    case 'length':
      return { as: 'length', lengthMm: value }
    default:
      return undefined
  }
}

const ANALYSIS = /^\d+(?:\.\d+)?(?:[-–]\d+(?:\.\d+)?){2}$/
const CLOCK = /^([01]?\d|2[0-3]):([0-5]\d)$/

function writtenMoment(text: string): Meaning | undefined {
  // A day has two dashes as well.
  if (isDate(text)) return { as: 'date', date: text }
  if (ANALYSIS.test(text)) return { as: 'analysis', shares: text.split(/[-–]/).map(Number) }
  return CLOCK.test(text) ? { as: 'time', time: text.padStart(5, '0') } : undefined
}

/**
 * Everything in an entry that may mean something, from left to right, longest names
 * first; words of which nothing is known stand there without a meaning.
 */
export function scan(text: string, lexicon: Lexicon, measuring: Measuring): readonly Span[] {
  const { articles, measures } = AMOUNT_WORDS[measuring.language]
  const words = wordsOf(text, lexicon, measuring)
  const spans: Span[] = []
  const found = (first: number, count: number, meanings: readonly Meaning[]): number => {
    const last = words[first + count - 1]!
    spans.push({ from: words[first]!.from, to: last.to, meanings, endsClause: last.endsClause })
    return count
  }
  const textAt = (at: number) => words[at]?.text ?? ''
  /** "3 cans", "1 1/2 l", "half a can", "a can": the words that it takes. */
  const amountAt = (at: number): number => {
    const isOne = articles.has(plainText(textAt(at))) && measures.has(plainText(textAt(at + 1)))
    const single = isOne ? 1 : numberOf(textAt(at), measuring)
    const isMixed = /^\d+\/\d+$|^[½⅓⅔¼¾⅛⅜⅝⅞]$/u.test(textAt(at + 1)) && /^\d+$/.test(textAt(at))
    const count = isMixed ? numberOf(`${textAt(at)} ${textAt(at + 1)}`, measuring) : single
    if (count === undefined) return 0
    let next = at + (isMixed ? 2 : 1)
    if (articles.has(plainText(textAt(next)))) next += 1
    for (const length of [2, 1]) {
      const unitText = words
        .slice(next, next + length)
        .map((one) => one.text)
        .join(' ')
      const amount = words[next + length - 1] && amountOf(count, unitText, measuring)
      if (amount) return found(at, next + length - at, [amount])
    }
    const isPot = lexicon.get(plainText(textAt(at)))?.some(({ as }) => as === 'pot')
    const isCounted = lexicon.get(plainText(textAt(at + 1)))?.some(({ as }) => as === 'crop')
    if (isPot && !isCounted) return 0
    return found(at, isMixed ? 2 : 1, [{ as: 'count', value: count }])
  }
  const phraseAt = (at: number): number => {
    for (let count = Math.min(MOST_WORDS, words.length - at); count > 0; count--) {
      const phrase = words.slice(at, at + count).map((one) => plainText(one.text))
      const meanings = lexicon.get(phrase.join(' '))
      if (meanings) return found(at, count, meanings)
    }
    return 0
  }
  for (let at = 0; at < words.length;) {
    const moment = writtenMoment(textAt(at))
    at += moment ? found(at, 1, [moment]) : amountAt(at) || phraseAt(at) || found(at, 1, [])
  }
  return spans
}
