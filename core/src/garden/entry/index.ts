export { parseEntry, type Entry, type Understood } from './parseEntry'
export type { EntryLanguage } from './words'
