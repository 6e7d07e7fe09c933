import { useI18n } from 'vue-i18n'
import type { MixFault, SolutionStrength } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'

/** A solution in words: parts per million of each nutrient, and its EC. */
export function useStrengthWords() {
  const { t } = useI18n()
  const { number } = useFormat()
  const whole = (value: number) => number(Math.round(value))
  return ({ ppm, ecDsM }: SolutionStrength): string =>
    t('feedView.strength', {
      n: whole(ppm.n),
      p: whole(ppm.p),
      k: whole(ppm.k),
      ca: whole(ppm.ca),
      mg: whole(ppm.mg),
      ec: number(Math.round(ecDsM * 100) / 100),
    })
}

/** What keeps feeds out of one can, in words. */
export function useFaultWords() {
  const { t } = useI18n()
  const { number } = useFormat()
  const { productName } = useNames()
  return (fault: MixFault): string => {
    switch (fault.kind) {
      case 'gypsum':
      case 'calciumPhosphate':
        return t(`feedView.fault.${fault.kind}`, {
          calcium: number(fault.calciumMmolL),
          other: number(fault.otherMmolL),
        })
      case 'tooStrong':
        return t('feedView.fault.tooStrong', {
          product: productName(fault.productId),
          grams: `${number(fault.gramsL)} g/L`,
          limit: `${number(fault.limitGL)} g/L`,
        })
      case 'notSoluble':
        return t('feedView.fault.notSoluble', { product: productName(fault.productId) })
    }
  }
}
