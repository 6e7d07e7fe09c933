import { useI18n } from 'vue-i18n'
import type { SolutionStrength } from '@rimbo/core'
import { useFormat } from '../../ui/format'

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
