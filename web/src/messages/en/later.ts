import { causeNames } from './causeNames'
import { changeWords } from './changes'
import { faults, fieldNames } from './faults'
import { productNames } from './productNames'
import { containerReasons } from './reasons/container'
import { mixReasons } from './reasons/mix'
import { plantReasons } from './reasons/plant'
import { placeReasons } from './reasons/place'
import { fitReasons } from './reasons/fit'
import { waterReasons } from './reasons/water'
import { weatherReasons } from './reasons/weather'
import { feedReasons } from './reasons/feed'
import { seasonReasons } from './reasons/season'
import { jobReasons } from './reasons/jobs'
import { jobWords } from './views/jobs'
import { wayWords } from './views/ways'
import { roundWords } from './views/round'
import { waterWords } from './views/water'
import { weatherWords } from './views/weather'
import { placeWords } from './views/place'
import { fitWords } from './views/fit'
import { containerWords } from './views/container'
import { mixWords } from './views/mix'
import { kitchenWords } from './views/kitchen'
import { feedWords } from './views/feed'
import { potPageWords } from './views/potPage'
import { storesWords } from './views/stores'
import { bookWords } from './views/book'
import { startWords } from './views/start'
import { settingsWords } from './views/settings'
import { partWords } from './views/parts'
import { sharingWords } from './views/sharing'
import { happenedWords } from './views/happened'

/** What the other views say, and every answer to “why?”: loaded with the first of them. */
export const laterWords = {
  ...productNames,
  ...roundWords,
  ...jobWords,
  ...wayWords,
  ...waterWords,
  ...weatherWords,
  ...placeWords,
  ...fitWords,
  ...containerWords,
  ...mixWords,
  ...kitchenWords,
  ...feedWords,
  ...potPageWords,
  ...bookWords,
  ...storesWords,
  ...settingsWords,
  ...startWords,
  ...partWords,
  ...happenedWords,
  ...sharingWords,
  cause: causeNames,
  change: changeWords,
  fault: faults,
  field: fieldNames,
  reason: {
    ...containerReasons,
    ...mixReasons,
    ...plantReasons,
    ...placeReasons,
    ...fitReasons,
    ...waterReasons,
    ...weatherReasons,
    ...feedReasons,
    ...seasonReasons,
    ...jobReasons,
  },
}
