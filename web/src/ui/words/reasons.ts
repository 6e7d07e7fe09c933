import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { own, varietyOf, type Reason } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useFormat } from './format'
import { useNames } from './names'

/** Parameters that name a thing and are put in words, by the catalogue they are found in. */
const NAMED: Readonly<Record<string, string>> = {
  material: 'material',
  colour: 'colour',
  school: 'school',
  lime: 'limeKind',
}

/** The words for a reason. */
export function useReasonText() {
  const { t } = useI18n()
  const { params: formatted } = useFormat()
  const { varietyName, ingredientName } = useNames()
  const { garden } = storeToRefs(useGardenStore())
  const textOf = ({ code, params }: Reason): string => {
    const words = formatted(params)
    for (const [name, catalogue] of Object.entries(NAMED))
      if (own(params, name) !== undefined) words[name] = t(`${catalogue}.${own(params, name)}`)
    if (params['ingredient'] !== undefined)
      words['ingredient'] = ingredientName(String(params['ingredient']))
    const variety = garden.value && varietyOf(garden.value, String(params['variety']))
    if (variety) words['variety'] = varietyName(variety)
    return t(`reason.${code}`, words)
  }
  return { textOf }
}
