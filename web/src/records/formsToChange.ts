import {
  feels,
  knuckles,
  pouredInto,
  skipReasons,
  waterOrigins,
  type RecordKind,
} from '@rimbo/core'
import { choice, nurseryForms, optional, quantity, recordForms, type FormField } from './forms'

const count = (field: string, label: string, max: number): FormField => ({
  field,
  label,
  as: 'count',
  max,
})
const number = (field: string, label: string): FormField => ({ field, label, as: 'number' })

/** What can be changed of records that are made elsewhere: at the can, by a test, under Fit. */
const madeElsewhere: Readonly<Partial<Record<RecordKind, readonly FormField[]>>> = {
  water: [
    quantity('volumeL', 'poured', 'volume'),
    optional(choice('from', 'from', waterOrigins, 'happened.origin')),
    optional(choice('where', 'into', pouredInto, 'happened.pouredInto')),
  ],
  skipWater: [choice('reason', 'why', skipReasons, 'skip')],
  feed: [
    { field: 'productId', label: 'fedWith', as: 'product' },
    optional(quantity('massG', 'mass', 'mass')),
    optional(quantity('volumeL', 'inWater', 'volume')),
  ],
  finger: [choice('feel', 'felt', feels, 'feel'), choice('knuckle', 'deep', knuckles, 'knuckle')],
  plant: [count('count', 'count', 10_000), optional(quantity('buriedMm', 'buriedDepth', 'length'))],
  height: [quantity('heightMm', 'height', 'length')],
  weigh: [number('massKg', 'massKg')],
  drained: [quantity('volumeL', 'drainedL', 'volume')],
  probe: [
    { field: 'moistureShare', label: 'moisture', as: 'percent' },
    quantity('depthMm', 'deep', 'length'),
  ],
  count: [number('amount', 'amount')],
  buy: [number('amount', 'amount'), optional(number('price', 'paid'))],
}

/** The fields of a record that can be changed afterwards, whatever its kind. */
export const fieldsToChange = (kind: RecordKind): readonly FormField[] =>
  [...recordForms, ...nurseryForms].find((form) => form.kind === kind)?.fields ??
  madeElsewhere[kind] ??
  []
