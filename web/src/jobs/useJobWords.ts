import { useI18n } from 'vue-i18n'
import { storeToRefs } from 'pinia'
import { recipeOf, varietyOf, type Amount, type Job } from '@rimbo/core'
import { useGardenStore } from '../stores/garden'
import { useFormat } from '../ui/words/format'
import { useNames } from '../ui/words/names'

/** Amounts that are told by another, or by the name of the job. */
const UNTOLD: Partial<Record<Job['kind'], (amount: Amount) => boolean>> = {
  // So many plants as stand in the plan.
  plant: ({ what }) => what === 'count',
  potOn: () => false,
  tie: () => true,
  sow: ({ what }) => what === 'mm',
  topUp: ({ what }) => what === 'mm',
  tip: () => true,
}

/** Jobs, amounts and tools in words. */
export function useJobWords() {
  const i18n = useI18n()
  const { t } = i18n
  const { garden } = storeToRefs(useGardenStore())
  const { water, dose, length, number, inSentence } = useFormat()
  const { varietyName, recipeName, productName } = useNames()

  /** What an amount is of: a feed, a mix, a variety, a mulch. */
  function nameOf(id: string): string {
    if (!garden.value) return id
    const variety = varietyOf(garden.value, id)
    if (variety) return varietyName(variety)
    const recipe = recipeOf(garden.value, id)
    if (recipe) return recipeName(recipe)
    return i18n.te(`mulchMaterial.${id}`) ? inSentence(t(`mulchMaterial.${id}`)) : productName(id)
  }
  const COUNTED = ['stake', 'cage', 'string', 'ties']

  function amountWords({ what, value, of }: Amount): string {
    if (what === 'h') return t('amountOf.hours', { count: number(value) })
    if (what === 'count' && of !== undefined && COUNTED.includes(of))
      return t(`amountOf.${of}`, { count: value }, value)
    const amount =
      what === 'L'
        ? water(value)
        : what === 'g'
          ? dose(value)
          : what === 'mL'
            ? dose(0, value)
            : what === 'mm'
              ? length(value)
              : number(value)
    if (of === undefined) return amount
    if (of === 'rolled') return t('amountOf.rolled', { amount })
    if (COUNTED.includes(of)) return t('amountOf.long', { amount })
    return t('amountOf.named', { amount, name: nameOf(of) })
  }

  /** Feeds: each with the water it goes in. */
  const fedWords = (amounts: readonly Amount[]): string =>
    amounts
      .flatMap(({ what, value, of = '' }) => {
        if (what !== 'g') return []
        const inL = amounts.find((one) => one.what === 'L' && one.of === of)?.value
        const fed = t('amountOf.named', { amount: dose(value), name: nameOf(of) })
        return [inL === undefined ? fed : t('amountOf.dissolved', { fed, litres: water(inL) })]
      })
      .join(', ')

  const amountsWords = ({ kind, amounts }: Job): string =>
    kind === 'feed' ? fedWords(amounts) : amountListOf(kind, amounts)
  const amountListOf = (kind: Job['kind'], amounts: readonly Amount[]): string =>
    amounts
      .filter((amount) => !UNTOLD[kind]?.(amount))
      .map(amountWords)
      .join(', ')

  const jobName = ({ kind, own }: Job): string => own?.text ?? t(`job.${kind}`)

  /** A job in one line. */
  function jobWords(job: Job): string {
    const amounts = amountsWords(job)
    return amounts ? `${jobName(job)}: ${amounts}` : jobName(job)
  }

  const plantsOf = ({ plantingIds }: Pick<Job, 'plantingIds'>): string =>
    plantingIds
      .flatMap((id) => {
        const planting = garden.value?.plantings.find((one) => one.id === id)
        const variety = garden.value && planting && varietyOf(garden.value, planting.varietyId)
        return variety ? [varietyName(variety)] : []
      })
      .join(', ')
  const codeOf = ({ containerId }: Job): string =>
    garden.value?.containers.find(({ id }) => id === containerId)?.code ?? ''

  return { amountWords, amountsWords, jobName, jobWords, plantsOf, codeOf }
}
