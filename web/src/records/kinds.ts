import type { RecordKind, RecordOf, StockUnit } from '@rimbo/core'
import { changesShown } from './changes'
import type { KindShown, Say } from './shown'

export type { Mark } from './shown'

const planted = (
  { varietyId, count }: { readonly varietyId: string; readonly count: number },
  { variety }: Say,
) => `${variety(varietyId)} × ${count}`

const nothing = () => ''
/** So much of something at hand, in the measure it is kept in. */
function stockAmount(
  amount: number,
  unit: StockUnit,
  { mass, volume, number }: Pick<Say, 'mass' | 'volume' | 'number'>,
): string {
  if (unit === 'L') return volume(amount)
  if (unit === 'g') return mass(amount)
  return unit === 'mL' ? volume(amount / 1000) : number(amount)
}

/** Every kind of record: one that is forgotten here does not compile. */
export const kindsShown: { readonly [K in RecordKind]: KindShown<K> } = {
  ...changesShown,
  sow: {
    told: planted,
    mark: 'done',
  },
  potOn: {
    told: planted,
    mark: 'done',
  },
  plant: {
    told: (record, say) =>
      [
        planted(record, say),
        record.buriedMm ? say.t('happened.buried', { depth: say.length(record.buriedMm) }) : '',
      ]
        .filter(Boolean)
        .join(', '),
    mark: 'done',
  },
  water: {
    told: ({ volumeL, how }, { t, volume }) =>
      how === 'untilDrip' ? t('string.untilDrip', { litres: volume(volumeL) }) : volume(volumeL),
    mark: 'done',
  },
  skipWater: {
    told: ({ reason }, { t }) => t(`skip.${reason}`),
    mark: 'skipped',
  },
  feed: {
    told: ({ productId, massG, volumeL }, { t, product, mass, volume }) =>
      [
        product(productId),
        massG === undefined ? '' : mass(massG),
        volumeL === undefined ? '' : t('string.inWater', { litres: volume(volumeL) }),
      ]
        .filter(Boolean)
        .join(', '),
    mark: 'done',
  },
  lime: {
    told: ({ massG }, { mass }) => mass(massG),
    mark: 'done',
  },
  finger: {
    told: ({ feel, knuckle }, { t }) => `${t(`feel.${feel}`)}, ${t(`knuckle.${knuckle}`)}`,
    mark: 'finger',
  },
  pick: {
    told: ({ count, massG, ripeness, wasteG, wasteWhy }, { mass, t }) =>
      [
        count ?? '',
        massG === undefined ? '' : mass(massG),
        ripeness ? t(`happened.ripe.${ripeness}`) : '',
        wasteG ? t('happened.spoiled', { mass: mass(wasteG) }) : '',
        wasteWhy ? t(`happened.wasteCause.${wasteWhy}`) : '',
      ]
        .filter(Boolean)
        .join(' · '),
    mark: 'fruit',
  },
  height: {
    told: ({ heightMm }, { length }) => length(heightMm),
    mark: 'done',
  },
  weigh: {
    told: ({ massKg }, { mass }) => mass(massKg * 1000),
    mark: 'tested',
  },
  drained: {
    told: ({ volumeL }, { volume }) => volume(volumeL),
    mark: 'tested',
  },
  probe: {
    told: ({ moistureShare }, { share }) => share(moistureShare),
    mark: 'tested',
  },
  firstFlower: {
    told: nothing,
    mark: 'flower',
  },
  firstRipe: {
    told: nothing,
    mark: 'fruit',
  },
  sign: {
    told: ({ sign }, { t }) => t(`sign.${sign}`),
    mark: 'trouble',
  },
  check: {
    told: ({ cause, outcome }, { t }) =>
      [
        cause && t('happened.likely', { cause: t(`cause.${cause}`) }),
        outcome && t('happened.outcome', { cause: t(`cause.${outcome}`) }),
      ]
        .filter(Boolean)
        .join('; '),
    mark: 'trouble',
  },
  photo: {
    told: nothing,
    mark: 'done',
  },
  note: {
    told: nothing,
    mark: 'done',
  },
  buy: {
    told: ({ itemId, amount, unit }, { item, mass, volume, number }) =>
      `${item(itemId)}, ${stockAmount(amount, unit, { mass, volume, number })}`,
    mark: 'done',
  },
  count: {
    told: ({ itemId, amount, unit }, { item, mass, volume, number }) =>
      `${item(itemId)}, ${stockAmount(amount, unit, { mass, volume, number })}`,
    mark: 'done',
  },
}

/** What a record says beside its name. */
export const toldOf = <K extends RecordKind>(record: RecordOf<K>, say: Say): string =>
  (kindsShown[record.kind] as unknown as KindShown<K>).told(record, say)
