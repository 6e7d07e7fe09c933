export { parseEntry, type Entry, type Understood } from './parseEntry'
