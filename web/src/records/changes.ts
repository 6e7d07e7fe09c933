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

const done = { told: nothing, mark: 'done' as const }

export const changesShown: { readonly [K in ChangeKind & RecordKind]: KindShown<K> } = {
  fill: {
    ...done,
    told: ({ recipeId, fillMm, reusedShare, fromContainerId }, { t, recipe, length, share, pot }) =>
      listed(
        recipe(recipeId),
        t('happened.to', { height: length(fillMm) }),
        reusedShare !== undefined &&
          reusedShare > 0 &&
          (fromContainerId === undefined
            ? t('happened.reused', { share: share(reusedShare) })
            : t('happened.reusedFrom', { share: share(reusedShare), pot: pot(fromContainerId) })),
      ),
  },
  topUp: {
    ...done,
    told: ({ volumeL, fillMm, recipeId }, { t, recipe, length, volume }) =>
      listed(
        volumeL !== undefined && volume(volumeL),
        fillMm !== undefined && t('happened.to', { height: length(fillMm) }),
        recipeId !== undefined && recipe(recipeId),
      ),
  },
  recharge: {
    ...done,
    told: ({ compostL, products = [] }, { t, volume, product, mass }) =>
      listed(
        compostL !== undefined && t('happened.compost', { litres: volume(compostL) }),
        ...products.map(({ productId, massG }) => `${product(productId)} ${mass(massG)}`),
      ),
  },
  unroll: {
    ...done,
    told: ({ rolledMm }, { t, length }) =>
      rolledMm > 0 ? t('happened.rolled', { height: length(rolledMm) }) : t('happened.unrolled'),
  },
  mulch: {
    ...done,
    told: ({ depthMm, material }, { t, length }) =>
      depthMm > 0 ? `${t(`mulchMaterial.${material}`)}, ${length(depthMm)}` : t('happened.off'),
  },
  move: {
    ...done,
    told: ({ spaceId, isIndoors }, { t, space }) =>
      isIndoors ? t('happened.indoors') : space(spaceId),
  },
  shade: {
    ...done,
    told: ({ share: kept }, { t, share }) =>
      kept > 0 ? t('happened.shade', { share: share(kept) }) : t('happened.off'),
  },
  cover: {
    ...done,
    told: ({ cover }, { t }) => (cover === 'none' ? t('happened.off') : t(`cover.${cover}`)),
  },
  support: {
    ...done,
    told: ({ support, heightMm }, { t, length }) =>
      `${t(`support.${support}`)}, ${length(heightMm)}`,
  },
  prune: {
    ...done,
    told: ({ what }, { t }) => t(`pruning.${what}`),
  },
  tie: {
    ...done,
    told: ({ count }, { t }) => (count === undefined ? '' : t('happened.tiesUsed', { count })),
  },
  shake: done,
  weed: done,
  wash: done,
  secure: done,
  spray: {
    ...done,
    told: ({ productId, massG, volumeL, intervalDays }, { t, product, mass, volume }) =>
      listed(
        productId !== undefined && product(productId),
        massG !== undefined && mass(massG),
        volumeL !== undefined && volume(volumeL),
        intervalDays !== undefined && t('happened.interval', { count: intervalDays }),
      ),
  },
  flush: {
    ...done,
    told: ({ volumeL }, { volume }) => volume(volumeL),
  },
  remove: {
    ...done,
    told: ({ why, movedTo }, { t, pot }) =>
      listed(t(`removal.${why}`), movedTo !== undefined && pot(movedTo)),
  },
  did: {
    ...done,
    told: ({ what, text }, { t }) => text ?? t(`did.${what}`),
  },
  label: {
    ...done,
    told: ({ text }) => text ?? '',
  },
  look: {
    ...done,
    told: ({ found }, { t }) => (found ? t(`finding.${found}`) : ''),
  },
  measurePh: {
    ...done,
    told: ({ ph, ecDsM }, { t, number }) =>
      listed(
        ph !== undefined && t('happened.ph', { ph: number(ph) }),
        ecDsM !== undefined && t('happened.ec', { ec: number(ecDsM) }),
      ),
    mark: 'tested',
  },
  rootShoot: {
    ...done,
    told: ({ count }) => `× ${count}`,
  },
}
