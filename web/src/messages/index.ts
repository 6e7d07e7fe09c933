import { faults } from './faults'
import { interfaceWords } from './interface'
import { names } from './names'
import { reasons } from './reasons'
import { viewWords } from './views'

/** All words of the interface, by language. */
export const messages = {
  en: { ...interfaceWords, ...viewWords, ...names, fault: faults, reason: reasons },
}
