import { useI18n } from 'vue-i18n'

/** Values of a list as choices, in the words that a catalogue has for them. */
export function useOptions() {
  const { t } = useI18n()
  return {
    optionsOf: <T extends string>(values: readonly T[], catalogue: string) =>
      values.map((value) => ({ value, label: t(`${catalogue}.${value}`) })),
  }
}
