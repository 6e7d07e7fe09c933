import { useI18n } from 'vue-i18n'
import { isOverLabel, type FeedDose } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'

/** What the button says that records a dose: over its label it is recorded all the same, and told. */
export function useGivenWords() {
  const { t } = useI18n()
  const { number } = useFormat()
  return (dose: FeedDose, usual: string): string =>
    isOverLabel(dose)
      ? t('feedView.givenOver', { times: number(Math.round((dose.timesLabel ?? 0) * 10) / 10) })
      : t(usual)
}
