import { useI18n } from 'vue-i18n'
import type { Reason } from '@rimbo/core'
import { useFormat } from './format'

/** Parameters that name a thing and are put in words, by the catalogue they are found in. */
const NAMED: Readonly<Record<string, string>> = {
  ingredient: 'ingredient',
  material: 'material',
  colour: 'colour',
}

/** The words for a reason. */
export function useReasonText() {
  const { t } = useI18n()
  const { params: formatted } = useFormat()
  const textOf = ({ code, params }: Reason): string => {
    const words = formatted(params)
    for (const [name, catalogue] of Object.entries(NAMED))
      if (params[name] !== undefined) words[name] = t(`${catalogue}.${params[name]}`)
    return t(`reason.${code}`, words)
  }
  return { textOf }
}
