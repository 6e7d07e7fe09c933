import { useI18n } from 'vue-i18n'
import { faultsOf, InputError, type Fault, type Schema, type SchemaError } from '@rimbo/core'
import { StorageError } from '../../data/trouble'
import { LoadError } from '../../loading'
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

  /** A limit that a quantity does not keep, both shown in the user's unit. */
  function ofLimit(fault: Fault, shown: (value: number) => string, given: number): string {
    const limit = Number(fault.params['limit'])
    if (fault.code === 'tooSmall' && limit === 0 && given >= 0) return t('fault.aboveZero')
    return ['tooSmall', 'tooBig'].includes(fault.code)
      ? t(`fault.${fault.code}`, { given: shown(given), limit: shown(limit) })
      : words(fault.code, fault.params, 'invalid')
  }

  /** What a schema found at one field, in words; nothing where that is right. */
  function faultIn(error: SchemaError | undefined, ...path: readonly (string | number)[]) {
    const at = path.join('.')
    const found = error && faultsOf(error).find((fault) => fault.path.join('.') === at)
    return found && atField(found)
  }

  /** What is wrong with a text that is to be kept. */
  const textFault = (schema: Schema<string>, text: string, ifEmpty?: string) =>
    !text.trim() && ifEmpty ? ifEmpty : faultIn(schema.safeParse(text, { reportInput: true }).error)

  /** What a change was refused for: the first of its fields, and what is wrong there. */
  function refusal({ faults }: InputError): string {
    const [first] = faults
    if (!first) return t('fault.invalid')
    const field = String(first.path.findLast((step) => typeof step === 'string') ?? '')
    const name = i18n.te(`field.${field}`) ? t(`field.${field}`) : field
    return t('fault.refused', { field: name, why: atField(first) })
  }

  const ofError = (error: unknown): string => {
    if (error instanceof InputError)
      return error.code === 'refused' ? refusal(error) : words(error.code, error.params, 'invalid')
    if (error instanceof StorageError) return t(`storage.${error.code}`, { detail: error.detail })
    if (error instanceof LoadError) return t('fault.notLoaded')
    return t('fault.unexpected', { detail: error instanceof Error ? error.message : String(error) })
  }

  return { atField, withPath, ofLimit, faultIn, textFault, ofError }
}
