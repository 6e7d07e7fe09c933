import { english } from './english'
import { german } from './german'
import { spanish } from './spanish'
import type { Vocabulary } from './vocabulary'

/** A language in which an entry is understood. */
export type EntryLanguage = 'en' | 'de' | 'es'

/**
 * The words of an entry in a language, its own first. English ones are understood beside the others;
 * theirs are not in English, where "once" is no eleven and "red" no net.
 */
export const vocabulariesOf: Readonly<Record<EntryLanguage, readonly Vocabulary[]>> = {
  en: [english],
  de: [german, english],
  es: [spanish, english],
}
