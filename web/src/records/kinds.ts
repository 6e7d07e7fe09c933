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
    words: { name: 'Sown', onString: 'sown', recorded: '{code}: sowing recorded.' },
    told: planted,
    mark: 'done',
  },
  potOn: {
    words: { name: 'Potted on', onString: 'potted on', recorded: '{code}: potting on recorded.' },
    told: planted,
    mark: 'done',
  },
  plant: {
    words: { name: 'Planted', onString: 'planted', recorded: '{code}: planting recorded.' },
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
    words: { name: 'Watered', onString: 'watered', recorded: '{code}: watering recorded.' },
    told: ({ volumeL, how }, { t, volume }) =>
      how === 'untilDrip' ? t('string.untilDrip', { litres: volume(volumeL) }) : volume(volumeL),
    mark: 'done',
  },
  skipWater: {
    words: {
      name: 'Water skipped',
      onString: 'skipped',
      recorded: '{code}: skipped, recorded.',
    },
    told: ({ reason }, { t }) => t(`skip.${reason}`),
    mark: 'skipped',
  },
  feed: {
    words: { name: 'Fed', onString: 'feed', recorded: '{code}: feed recorded.' },
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
    words: { name: 'Limed', onString: 'lime', recorded: '{code}: lime recorded.' },
    told: ({ massG }, { mass }) => mass(massG),
    mark: 'done',
  },
  finger: {
    words: {
      name: 'Finger test',
      onString: 'finger test',
      recorded: '{code}: finger test recorded.',
    },
    told: ({ feel, knuckle }, { t }) => `${t(`feel.${feel}`)}, ${t(`knuckle.${knuckle}`)}`,
    mark: 'finger',
  },
  pick: {
    words: { name: 'Picked', onString: 'pick', recorded: '{code}: harvest recorded.' },
    told: ({ count, massG, ripeness, wasteG, wasteWhy }, { mass, t }) =>
      [
        count ?? '',
        massG === undefined ? '' : mass(massG),
        ripeness ? t(`happened.ripe.${ripeness}`) : '',
        wasteG ? t('harvest.waste', { mass: mass(wasteG) }) : '',
        wasteWhy ? t(`happened.wasteCause.${wasteWhy}`) : '',
      ]
        .filter(Boolean)
        .join(' · '),
    mark: 'fruit',
  },
  height: {
    words: { name: 'Measured', onString: 'measured', recorded: '{code}: height recorded.' },
    told: ({ heightMm }, { length }) => length(heightMm),
    mark: 'done',
  },
  weigh: {
    words: { name: 'Weighed', onString: 'weighed', recorded: '{code}: weight recorded.' },
    told: ({ massKg }, { mass }) => mass(massKg * 1000),
    mark: 'tested',
  },
  drained: {
    words: { name: 'Drained', onString: 'drained', recorded: '{code}: drained water recorded.' },
    told: ({ volumeL }, { volume }) => volume(volumeL),
    mark: 'tested',
  },
  probe: {
    words: { name: 'Probe', onString: 'probe', recorded: '{code}: probe reading recorded.' },
    told: ({ moistureShare }, { share }) => share(moistureShare),
    mark: 'tested',
  },
  firstFlower: {
    words: {
      name: 'First flower',
      onString: 'first flower',
      recorded: '{code}: first flower recorded.',
    },
    told: nothing,
    mark: 'flower',
  },
  firstRipe: {
    words: {
      name: 'First ripe fruit',
      onString: 'first ripe',
      recorded: '{code}: first ripe fruit recorded.',
    },
    told: nothing,
    mark: 'fruit',
  },
  sign: {
    words: { name: 'Seen', onString: 'seen', recorded: '{code}: sign recorded.' },
    told: ({ sign }, { t }) => t(`sign.${sign}`),
    mark: 'trouble',
  },
  check: {
    words: { name: 'Checked', onString: 'checked', recorded: '{code}: check saved.' },
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
    words: { name: 'Photo', onString: 'photo', recorded: '{code}: photo kept.' },
    told: nothing,
    mark: 'done',
  },
  note: {
    words: { name: 'Note', onString: 'note', recorded: '{code}: note recorded.' },
    told: nothing,
    mark: 'done',
  },
  buy: {
    words: { name: 'Bought', onString: 'bought', recorded: '{code}: purchase recorded.' },
    told: ({ itemId, amount, unit }, { item, mass, volume, number }) =>
      `${item(itemId)}, ${stockAmount(amount, unit, { mass, volume, number })}`,
    mark: 'done',
  },
  count: {
    words: { name: 'Counted', onString: 'counted', recorded: '{code}: count recorded.' },
    told: ({ itemId, amount, unit }, { item, mass, volume, number }) =>
      `${item(itemId)}, ${stockAmount(amount, unit, { mass, volume, number })}`,
    mark: 'done',
  },
}

/** One of their words by kind, for the messages. */
export const wordsOfKinds = (which: keyof KindShown<RecordKind>['words']): Record<string, string> =>
  Object.fromEntries(Object.entries(kindsShown).map(([kind, { words }]) => [kind, words[which]]))

/** What a record says beside its name. */
export const toldOf = <K extends RecordKind>(record: RecordOf<K>, say: Say): string =>
  (kindsShown[record.kind] as unknown as KindShown<K>).told(record, say)
