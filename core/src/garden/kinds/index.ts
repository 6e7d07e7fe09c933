import { z } from 'zod'
import type { RecordKindRules } from './common'
import { recordKinds, type RecordKind } from './order'
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

const rules = {
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
} as const satisfies Readonly<Record<RecordKind, RecordKindRules>>
type Rules = typeof rules
type Schema = Rules[RecordKind]['schema']

/** One thing that was done or seen. */
export const recordSchema = z.discriminatedUnion(
  'kind',
  recordKinds.map((kind) => rules[kind].schema) as unknown as readonly [Schema, ...Schema[]],
)
export type GardenRecord = z.infer<Schema>
/** A record of one kind. */
export type RecordOf<K extends RecordKind> = Extract<GardenRecord, { readonly kind: K }>
type Undated<R> = R extends GardenRecord ? Omit<R, 'id' | 'at'> : never
/** A record before it has its id and moment. */
export type UndatedRecord = Undated<GardenRecord>

/** The rules of each kind, by its name. */
export const rulesOf: Readonly<Record<RecordKind, RecordKindRules>> = rules

export { recordKinds, type RecordKind } from './order'
export { stockUnits, type StockUnit } from './count'
export { dids } from './did'
export { findings } from './look'
export { ripenesses, wasteCauses } from './pick'
export { recordableL } from './choices'
export { PHOTO_SIDE_PX } from './photo'
export { removals } from './remove'
export { signs } from './sign'
export { pouredInto, waterOrigins, type WaterOrigin } from './choices'
