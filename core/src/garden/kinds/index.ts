import { z } from 'zod'
import type { RecordKindRules } from './common'
import { count } from './count'
import { drained } from './drained'
import { feed } from './feed'
import { finger } from './finger'
import { firstFlower } from './firstFlower'
import { firstRipe } from './firstRipe'
import { height } from './height'
import { lime } from './lime'
import { note } from './note'
import { pick } from './pick'
import { plant } from './plant'
import { potOn } from './potOn'
import { probe } from './probe'
import { sign } from './sign'
import { skipWater } from './skipWater'
import { sow } from './sow'
import { water } from './water'
import { weigh } from './weigh'

/** Every kind of record there is, in the order in which the Book lists them. */
const kinds = [
  sow,
  potOn,
  plant,
  water,
  skipWater,
  feed,
  lime,
  finger,
  pick,
  height,
  weigh,
  drained,
  probe,
  firstFlower,
  firstRipe,
  sign,
  note,
  count,
] as const satisfies readonly RecordKindRules[]
type Kinds = typeof kinds
type Schema = Kinds[number]['schema']

/** One thing that was done or seen. */
export const recordSchema = z.discriminatedUnion(
  'kind',
  kinds.map(({ schema }) => schema) as unknown as readonly [Schema, ...Schema[]],
)
export type GardenRecord = z.infer<Schema>
export type RecordKind = GardenRecord['kind']
type Undated<R> = R extends GardenRecord ? Omit<R, 'id' | 'at'> : never
/** A record before it has its id and moment. */
export type UndatedRecord = Undated<GardenRecord>

export const recordKinds: readonly RecordKind[] = recordSchema.options.map(
  ({ shape }) => shape.kind.value,
)

/** The rules of each kind, by its name. */
export const rulesOf = Object.fromEntries(
  kinds.map((rules) => [rules.schema.shape.kind.value, rules]),
) as unknown as Readonly<Record<RecordKind, RecordKindRules>>

export { stockUnits } from './count'
export { feels, knuckles } from './finger'
export { signs } from './sign'
export { skipReasons } from './skipWater'
