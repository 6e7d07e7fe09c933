import { faults } from './faults'
import { interfaceWords } from './interface'
import { kitchenWords } from './kitchen'
import { mixReasons } from './mixReasons'
import { mixingWords } from './mixing'
import { names } from './names'
import { reasons } from './reasons'
import { planningWords } from './planning'
import { seasonReasons } from './seasonReasons'
import { seasonWords } from './season'
import { viewWords } from './views'
import { weatherWords } from './weather'

/** All words of the interface, by language. */
export const messages = {
  en: {
    ...interfaceWords,
    ...viewWords,
    ...planningWords,
    ...mixingWords,
    ...kitchenWords,
    ...weatherWords,
    ...seasonWords,
    ...names,
    fault: faults,
    reason: { ...reasons, ...mixReasons, ...seasonReasons },
  },
}
