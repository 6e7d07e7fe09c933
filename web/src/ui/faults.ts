import { useI18n } from 'vue-i18n'
import { InputError, type Fault } from '@rimbo/core'
import { useFormat } from './format'

/** Words for what is wrong with something entered or read. */
export function useFaultText() {
  const i18n = useI18n()
  const { t } = i18n
  const { params: formatted } = useFormat()

  const words = (code: string, params: Fault['params'], fallback: string) =>
    t(i18n.te(`fault.${code}`) ? `fault.${code}` : `fault.${fallback}`, formatted(params))

  /** For the field it stands at. Limits of a length are shown in the user's unit. */
  const atField = (fault: Fault): string => {
    const isLength = String(fault.path.at(-1)).endsWith('Mm')
    const { limit, ...params } = fault.params
    const given =
      isLength && Number.isFinite(Number(params['given']))
        ? { givenMm: Number(params['given']) }
        : {}
    if (isLength && limit !== undefined)
      return words(`${fault.code}Length`, { ...params, ...given, limitMm: limit }, fault.code)
    return words(fault.code, fault.params, 'invalid')
  }

  /** For a list, its place named. */
  const withPath = (fault: Fault): string =>
    `${fault.path.join(' › ') || t('fault.whole')}: ${words(fault.code, fault.params, 'invalid')}`

  const ofError = (error: unknown): string =>
    error instanceof InputError
      ? words(error.code, error.params, 'invalid')
      : error instanceof Error
        ? t('fault.unexpected', { detail: error.message })
        : t('fault.unexpected', { detail: String(error) })

  return { atField, withPath, ofError }
}
