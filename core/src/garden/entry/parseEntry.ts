import { addDays, dayOf, own } from '../../units'
import type { Garden } from '../garden'
import { recordSchema, type GardenRecord } from '../kinds'
import { lexiconOf, type As } from './meaning'
import { Said, takePots, type Pots } from './said'
import { scan, type Span } from './scan'
import { fieldsOf, type Fields } from './tell'
import type { Act } from './vocabulary'
import type { EntryLanguage } from './words'

/** A stretch of an entry that was understood, `[from, to)` in UTF-16 units, and what it was taken for. */
export interface Understood {
  readonly from: number
  readonly to: number
  readonly as: string
}

/** What an entry in words comes to. */
export interface Entry {
  readonly records: readonly GardenRecord[]
  readonly understood: readonly Understood[]
  /** What was not understood. It is kept as a note, with the record it stands beside or by itself. */
  readonly rest?: string
  /** What has to be told before it can be recorded: nothing of it is in the records. */
  readonly asks?: 'pot'
}

/** No entry is longer; a note has room for it. */
const MOST_CHARACTERS = 2000

/** The part of an entry that speaks of one thing done. */
interface Clause {
  readonly spans: readonly Span[]
}
const SAYS: ReadonlySet<As> = new Set(['act', 'volume', 'mass', 'count', 'length', 'share'])
const saysSomething = ({ spans }: Clause) =>
  spans.some(({ meanings }) => meanings.some(({ as }) => SAYS.has(as)))

/** Clauses, each of which says what was done or how much; what says neither goes with the one before. */
function clausesOf(spans: readonly Span[]): readonly Clause[] {
  const parted: Span[][] = [[]]
  for (const span of spans) {
    if (span.meanings[0]?.as === 'break') parted.push([])
    parted.at(-1)!.push(span)
    if (span.endsClause) parted.push([])
  }
  return parted
    .filter((one) => one.length > 0)
    .reduce<Clause[]>((clauses, one) => {
      const last = clauses.at(-1)
      const joins = !saysSomething({ spans: one }) || (last && !saysSomething(last))
      if (!last || !joins) return [...clauses, { spans: one }]
      return [...clauses.slice(0, -1), { spans: [...last.spans, ...one] }]
    }, [])
}

/** What was done: in words, or by what was given; a bare volume is water, a bare mass or count a harvest. */
function takeAct(
  said: Said,
  text: string,
): { readonly act: Act; readonly word: string } | undefined {
  const [named] = said.all('act')
  if (named) {
    const [span, { act }] = named
    said.take('act')
    return { act, word: text.slice(span.from, span.to).toLowerCase() }
  }
  if (said.has('volume')) return { act: { kind: 'water' }, word: '' }
  if (said.has('mass') || said.has('count')) return { act: { kind: 'pick', isOf: 'one' }, word: '' }
  return undefined
}

const OF_PLANTING: ReadonlySet<GardenRecord['kind']> = new Set(['pick', 'firstRipe', 'firstFlower'])
/** Done in the nursery, before there is a pot. */
const WITHOUT_POT: ReadonlySet<GardenRecord['kind']> = new Set(['sow', 'potOn'])

/** The moment that a clause names; now where it names none, or one that is still to come. */
function takeMoment(said: Said, now: string): string {
  const isYesterday = !!said.take('yesterday')
  const date =
    said.take('date', (one) => one.date <= dayOf(now))?.date ??
    (isYesterday ? addDays(dayOf(now), -1) : dayOf(now))
  const time = said.take('time', (one) => `${date}T${one.time}` <= now)?.time
  return `${date}T${time ?? now.slice(11)}`
}

/** One clause as records, or what it lacks. */
function read(
  said: Said,
  { text, garden, now, before }: Reading,
): { readonly fields: readonly Fields[]; readonly pots: Pots; readonly asks?: 'pot' } {
  const at = takeMoment(said, now)
  const named = takeAct(said, text)
  let pots = takePots(said, garden, at, named?.act)
  if (pots.by === 'none' && before) pots = before
  const nothing = { fields: [], pots }
  if (!named) return nothing
  const { act, word } = named
  const telling = { said, garden, at, says: act.says ?? {} }
  if (WITHOUT_POT.has(act.kind)) {
    const fields = fieldsOf(telling, act, word, undefined)
    return { fields: fields ? [{ kind: act.kind, at, ...fields }] : [], pots }
  }
  const isUnclear =
    pots.ids.length > 1 && (act.isOf === 'one' || (act.isOf === 'named' && pots.by !== 'code'))
  if (pots.ids.length === 0 || isUnclear) {
    // It is looked through all the same: what is understood lights up while the pot is still to be typed.
    return fieldsOf(telling, act, word, undefined) ? { ...nothing, asks: 'pot' } : nothing
  }
  // What the first pot takes from the words holds for all of them.
  const [first] = pots.ids
  const fields = fieldsOf(telling, act, word, first)
  if (!fields) return nothing
  const planting = pots.plantings.length === 1 ? pots.plantings[0] : undefined
  return {
    pots,
    fields: pots.ids.map((containerId) => ({
      kind: act.kind,
      at,
      containerId,
      ...fields,
      // Which animal it was is kept beside the sign.
      ...(act.kind === 'sign' && fields['sign'] === 'pests' && { note: word }),
      ...(act.kind === 'feed' && ownPlan(garden, fields, telling.said, containerId)),
      ...(OF_PLANTING.has(act.kind) &&
        planting?.containerId === containerId && { plantingId: planting.id }),
    })),
  }
}

/** Where no feed was named each pot gets the one of its own plan. */
function ownPlan(garden: Garden, fields: Fields, said: Said, containerId: string): Fields {
  const isNamed = [...said.used.values()].some((as) => as === 'product' || as === 'analysis')
  const plan = own(garden.feedPlans, containerId)
  return isNamed || !plan ? {} : { productId: plan.productId ?? fields['productId'] }
}

interface Reading {
  readonly text: string
  readonly garden: Garden
  readonly now: string
  /** Pots of the clause before: "b3 2 l, first ripe". */
  readonly before: Pots | undefined
}

/** Words of a clause that nothing was made of, as they were typed. */
function restOf(text: string, spans: readonly Span[], used: ReadonlyMap<Span, As>): string {
  const parts: Span[][] = []
  let isOpen = false
  for (const span of spans) {
    if (used.has(span)) isOpen = false
    else if (isOpen) parts.at(-1)!.push(span)
    else {
      parts.push([span])
      isOpen = true
    }
  }
  const says = (part: readonly Span[]) =>
    part.some(({ meanings }) => !meanings.some(({ as }) => as === 'filler' || as === 'break'))
  return parts
    .filter(says)
    .map((part) => text.slice(part[0]!.from, part.at(-1)!.to))
    .join(' … ')
}

function noteOf({ note }: Fields, rest: string): Fields {
  const parts = [note, rest].filter(Boolean)
  return parts.length > 0 ? { note: parts.join(', ') } : {}
}

/** An id that the garden does not have yet; whoever records it may give it another. */
function idsFor({ records }: Garden): () => string {
  const taken = new Set(records.map(({ id }) => id))
  let number = 0
  return () => {
    do number += 1
    while (taken.has(`entry-${number}`))
    return `entry-${number}`
  }
}

/**
 * What a gardener typed, as records: "2 l b3", "3 cans all", "fed tomatoes 4-3-8 1 tbsp",
 * "640 g t2", "moved n1 to landing". A bare volume is water, a bare mass or count a
 * harvest, and "all" is each pot. What is not understood is kept as a note, on the record
 * it stands beside or as one of its own; what wants a pot and names none, or a harvest
 * of several, asks for it.
 *
 * @param now moment of the gardener's clock, `YYYY-MM-DDTHH:mm`
 * @param language in which it is typed: its words, and its decimal mark
 * @returns records with ids that are free, each right by its schema
 * @example parseEntry('2 l b3', garden, now).records // => [{ kind: 'water', volumeL: 2, containerId: 'b3', … }]
 */
export function parseEntry(
  text: string,
  garden: Garden,
  now: string,
  language: EntryLanguage = 'en',
): Entry {
  const whole = text.slice(0, MOST_CHARACTERS)
  const { unitSystem, measures } = garden.settings
  const spans = scan(whole, lexiconOf(garden, language), { unitSystem, measures, language })
  const newId = idsFor(garden)
  const records: GardenRecord[] = []
  const understood: Understood[] = []
  const rests: string[] = []
  let asks: 'pot' | undefined
  let before: Pots | undefined
  for (const clause of clausesOf(spans)) {
    const said = new Said(clause.spans)
    const found = read(said, { text: whole, garden, now, before })
    if (found.pots.by !== 'none') before = found.pots
    const words = whole.slice(clause.spans[0]!.from, clause.spans.at(-1)!.to)
    const rest = restOf(whole, clause.spans, said.used)
    const made = found.fields.map((fields) =>
      recordSchema.safeParse({ id: newId(), ...fields, ...noteOf(fields, rest) }),
    )
    const isRight = made.length > 0 && made.every(({ success }) => success)
    for (const [{ from, to }, as] of said.used) understood.push({ from, to, as })
    if (isRight) {
      records.push(...made.map(({ data }) => data!))
      if (rest) rests.push(rest)
    } else if (found.asks) {
      asks = found.asks
      rests.push(words)
    } else {
      const [containerId] = found.pots.ids
      const isOne = found.pots.ids.length === 1
      records.push({
        id: newId(),
        at: now,
        kind: 'note',
        note: words,
        ...(isOne && containerId !== undefined && { containerId }),
      })
      rests.push(words)
    }
  }
  return {
    records,
    understood: understood.sort((one, other) => one.from - other.from),
    ...(rests.length > 0 && { rest: rests.join('; ') }),
    ...(asks && { asks }),
  }
}
