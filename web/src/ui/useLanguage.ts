import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { changeLanguage } from '../i18n'
import { languageNames, languages, type Language } from '../language'
import { load } from '../loading'

const options = languages.map((value) => ({ value, label: languageNames[value] }))

/** In which language Rimbo speaks, as a choice; where its words cannot be had it stays as it is. */
export function useLanguage() {
  const { locale } = useI18n()
  const language = computed({
    get: () => locale.value as Language,
    set: (chosen: Language | undefined) =>
      void (chosen && load(() => changeLanguage(chosen)).catch(() => undefined)),
  })
  return { language, languageOptions: options }
}
