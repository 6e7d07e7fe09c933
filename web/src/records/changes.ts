import type { RecordKind } from '@rimbo/core'
import type { KindShown } from './shown'

const nothing = () => ''
const listed = (...parts: readonly (string | false | undefined)[]): string =>
  parts.filter(Boolean).join(', ')

/** What changes a pot or its plants, and what is done to them beside water and feed. */
type ChangeKind =
  | ('fill' | 'topUp' | 'recharge' | 'unroll' | 'mulch' | 'move' | 'shade' | 'cover' | 'support')
  | ('prune' | 'tie' | 'shake' | 'weed' | 'wash' | 'secure' | 'spray' | 'flush' | 'remove')
  | ('label' | 'look' | 'measurePh' | 'rootShoot' | 'did')

const done = (name: string, onString: string, recorded: string) => ({
  words: { name, onString, recorded: `{code}: ${recorded} recorded.` },
  told: nothing,
  mark: 'done' as const,
})

export const changesShown: { readonly [K in ChangeKind & RecordKind]: KindShown<K> } = {
  fill: {
    ...done('Filled', 'filled', 'new mix'),
    told: ({ recipeId, fillMm, reusedShare }, { t, recipe, length, share }) =>
      listed(
        recipe(recipeId),
        t('happened.to', { height: length(fillMm) }),
        reusedShare ? t('happened.reused', { share: share(reusedShare) }) : '',
      ),
  },
  topUp: {
    ...done('Topped up', 'topped up', 'top-up'),
    told: ({ volumeL, fillMm, recipeId }, { t, recipe, length, volume }) =>
      listed(
        volumeL !== undefined && volume(volumeL),
        fillMm !== undefined && t('happened.to', { height: length(fillMm) }),
        recipeId !== undefined && recipe(recipeId),
      ),
  },
  recharge: {
    ...done('Recharged', 'recharged', 'recharged mix'),
    told: ({ compostL, products = [] }, { t, volume, product, mass }) =>
      listed(
        compostL !== undefined && t('happened.compost', { litres: volume(compostL) }),
        ...products.map(({ productId, massG }) => `${product(productId)} ${mass(massG)}`),
      ),
  },
  unroll: {
    ...done('Rim rolled', 'rim rolled', 'rolled rim'),
    told: ({ rolledMm }, { t, length }) =>
      rolledMm > 0 ? t('happened.rolled', { height: length(rolledMm) }) : t('happened.unrolled'),
  },
  mulch: {
    ...done('Mulched', 'mulch', 'mulch'),
    told: ({ depthMm, material }, { t, length }) =>
      depthMm > 0 ? `${t(`mulchMaterial.${material}`)}, ${length(depthMm)}` : t('happened.off'),
  },
  move: {
    ...done('Moved', 'moved', 'move'),
    told: ({ spaceId, isIndoors }, { t, space }) =>
      isIndoors ? t('happened.indoors') : space(spaceId),
  },
  shade: {
    ...done('Shade', 'shade', 'shade'),
    told: ({ share: kept }, { t, share }) =>
      kept > 0 ? t('happened.shade', { share: share(kept) }) : t('happened.off'),
  },
  cover: {
    ...done('Cover', 'cover', 'cover'),
    told: ({ cover }, { t }) => (cover === 'none' ? t('happened.off') : t(`cover.${cover}`)),
  },
  support: {
    ...done('Support', 'support', 'support'),
    told: ({ support, heightMm }, { t, length }) =>
      `${t(`support.${support}`)}, ${length(heightMm)}`,
  },
  prune: {
    ...done('Pruned', 'pruned', 'pruning'),
    told: ({ what }, { t }) => t(`pruning.${what}`),
  },
  tie: {
    ...done('Tied up', 'tied up', 'tying'),
    told: ({ count }, { t }) => (count === undefined ? '' : t('happened.tiesUsed', { count })),
  },
  shake: done('Shaken', 'flowers shaken', 'shaking'),
  weed: done('Weeded', 'weeded', 'weeding'),
  wash: done('Washed', 'pot washed', 'washing'),
  secure: done('Secured', 'secured', 'securing'),
  spray: {
    ...done('Sprayed', 'sprayed', 'spraying'),
    told: ({ productId, massG, volumeL, intervalDays }, { t, product, mass, volume }) =>
      listed(
        productId !== undefined && product(productId),
        massG !== undefined && mass(massG),
        volumeL !== undefined && volume(volumeL),
        intervalDays !== undefined && t('happened.interval', { count: intervalDays }),
      ),
  },
  flush: {
    ...done('Flushed', 'flushed', 'flushing'),
    told: ({ volumeL }, { volume }) => volume(volumeL),
  },
  remove: {
    ...done('Taken out', 'taken out', 'taken out'),
    words: { name: 'Taken out', onString: 'taken out', recorded: '{code}: taken out, recorded.' },
    told: ({ why, movedTo }, { t, pot }) =>
      listed(t(`removal.${why}`), movedTo !== undefined && pot(movedTo)),
  },
  did: {
    ...done('Done', 'done', 'job'),
    told: ({ what, text }, { t }) => text ?? t(`did.${what}`),
  },
  label: {
    ...done('Labelled', 'labelled', 'label'),
    told: ({ text }) => text ?? '',
  },
  look: {
    ...done('Looked over', 'looked over', 'look'),
    told: ({ found }, { t }) => (found ? t(`finding.${found}`) : ''),
  },
  measurePh: {
    ...done('Measured pH', 'pH', 'measured pH'),
    told: ({ ph, ecDsM }, { t, number }) =>
      listed(
        ph !== undefined && t('happened.ph', { ph: number(ph) }),
        ecDsM !== undefined && t('happened.ec', { ec: number(ecDsM) }),
      ),
    mark: 'tested',
  },
  rootShoot: {
    ...done('Shoots rooted', 'shoots rooted', 'rooted shoots'),
    told: ({ count }) => `× ${count}`,
  },
}
