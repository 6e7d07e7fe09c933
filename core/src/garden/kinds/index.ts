import { z } from 'zod'
import type { RecordKindRules } from './common'
import { buy } from './buy'
import { check } from './check'
import { count } from './count'
import { cover } from './cover'
import { did } from './did'
import { drained } from './drained'
import { feed } from './feed'
import { fill } from './fill'
import { finger } from './finger'
import { firstFlower } from './firstFlower'
import { firstRipe } from './firstRipe'
import { flush } from './flush'
import { height } from './height'
import { label } from './label'
import { lime } from './lime'
import { look } from './look'
import { measurePh } from './measurePh'
import { move } from './move'
import { mulch } from './mulch'
import { note } from './note'
import { pick } from './pick'
import { photo } from './photo'
import { plant } from './plant'
import { potOn } from './potOn'
import { probe } from './probe'
import { prune } from './prune'
import { recharge } from './recharge'
import { remove } from './remove'
import { rootShoot } from './rootShoot'
import { secure } from './secure'
import { shade } from './shade'
import { shake } from './shake'
import { sign } from './sign'
import { skipWater } from './skipWater'
import { sow } from './sow'
import { spray } from './spray'
import { support } from './support'
import { tie } from './tie'
import { topUp } from './topUp'
import { unroll } from './unroll'
import { wash } from './wash'
import { water } from './water'
import { weed } from './weed'
import { weigh } from './weigh'

/** Every kind of record there is, in the order in which the Book lists them. */
const kinds = [
  sow,
  rootShoot,
  potOn,
  unroll,
  fill,
  recharge,
  topUp,
  plant,
  support,
  tie,
  mulch,
  move,
  shade,
  cover,
  water,
  skipWater,
  flush,
  feed,
  lime,
  finger,
  prune,
  shake,
  spray,
  weed,
  look,
  pick,
  height,
  weigh,
  drained,
  probe,
  measurePh,
  firstFlower,
  firstRipe,
  sign,
  secure,
  label,
  remove,
  wash,
  did,
  note,
  count,
  check,
  photo,
  buy,
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
/** A record of one kind. */
export type RecordOf<K extends RecordKind> = Extract<GardenRecord, { readonly kind: K }>
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

export { stockUnits, type StockUnit } from './count'
export { dids } from './did'
export { feels, knuckles } from './finger'
export { findings } from './look'
export { mulchMaterials, USUAL_MULCH_MM } from './mulch'
export { USUAL_CLOTH_SHARE } from './shade'
export { ripenesses, wasteCauses } from './pick'
export { PHOTO_SIDE_PX } from './photo'
export { removals } from './remove'
export { signs } from './sign'
export { skipReasons } from './skipWater'
export { supports } from './support'
export { pouredInto, waterOrigins } from './water'
