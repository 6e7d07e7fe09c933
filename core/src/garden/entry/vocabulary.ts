import type { Crop } from '../../plant'
import type { DecimalMark, MeasureName } from '../../units'
import type { GardenRecord, RecordOf } from '../kinds'

/** What was done or seen: a kind of record, and what the word itself says of it. */
export interface Act {
  readonly kind: GardenRecord['kind']
  readonly says?: Readonly<Record<string, unknown>>
  /** It is one pot's alone, such as its weight; or of several only where each was named. */
  readonly isOf?: 'one' | 'named'
}

/** Words that tell a field and not what was done: `of` names the field. */
export interface Choice {
  readonly of: 'why' | 'reason' | 'material' | 'knuckle' | 'feel' | 'from' | 'where' | 'how'
  readonly value: string
}

export const act = (kind: Act['kind'], says?: Act['says'], isOf?: Act['isOf']): Act => ({
  kind,
  ...(says && { says }),
  ...(isOf && { isOf }),
})
export const ofOne = (kind: Act['kind']): Act => act(kind, undefined, 'one')
export const ofNamed = (kind: Act['kind']): Act => act(kind, undefined, 'named')
export const sign = (name: RecordOf<'sign'>['sign']): Act => act('sign', { sign: name })
export const prune = (what: RecordOf<'prune'>['what']): Act => act('prune', { what })

/** Some words and what they say, in small letters. */
type Says<T> = readonly (readonly [T, readonly string[]])[]

/** What a language has for an entry. */
export interface Vocabulary {
  readonly decimal: DecimalMark
  /** Everything that can be said to have been done or seen. */
  readonly acts: Says<Act>
  /** Words that tell one field of what was done. */
  readonly choices: Says<Choice>
  readonly crops: Says<Crop>
  /** Measures that are the gardener's own, and spoons. */
  readonly measures: Says<MeasureName | 'can'>
  readonly all: readonly string[]
  readonly except: readonly string[]
  readonly yesterday: readonly string[]
  /** They part two things that were done. */
  readonly breaks: readonly string[]
  /** Numbers that are written out. */
  readonly numbers: Readonly<Record<string, number>>
  /** Before a measure they say one of it; else they are among the fillers. */
  readonly articles: readonly string[]
  /** Words that say nothing by themselves. */
  readonly fillers: readonly string[]
  /** Words that are a unit in another language, and none in this one. */
  readonly noUnits?: readonly string[]
}
