import { faults } from './faults'
import { interfaceWords } from './interface'
import { names } from './names'
import { reasons } from './reasons'

/** All words of the interface, by language. */
export const messages = {
  en: { ...interfaceWords, ...names, fault: faults, reason: reasons },
}
