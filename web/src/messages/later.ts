import { changeWords } from './changes'
import { faults, fieldNames } from './faults'
import { feedWords } from './feed'
import { feedReasons } from './feedReasons'
import { kitchenWords } from './kitchen'
import { laterViewWords } from './laterViews'
import { mixReasons } from './mixReasons'
import { mixingWords } from './mixing'
import { planningWords } from './planning'
import { potPageWords } from './potPage'
import { reasons } from './reasons'
import { seasonReasons } from './seasonReasons'
import { waterReasons, waterWords } from './water'
import { weatherWords } from './weather'

/** What the other views say, and every answer to “why?”: loaded with the first of them. */
export const laterWords = {
  ...laterViewWords,
  ...planningWords,
  ...mixingWords,
  ...kitchenWords,
  ...weatherWords,
  ...potPageWords,
  ...waterWords,
  ...feedWords,
  change: changeWords,
  fault: faults,
  field: fieldNames,
  reason: { ...reasons, ...mixReasons, ...seasonReasons, ...waterReasons, ...feedReasons },
}
