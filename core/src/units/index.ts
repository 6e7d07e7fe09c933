export {
  InputError,
  checked,
  customIssue,
  faultsAt,
  faultsOf,
  firstFault,
  type Fault,
  type Params,
  type Schema,
  type SchemaError,
} from './inputError'
export {
  memory,
  practice,
  published,
  reason,
  type Mark,
  type Provenance,
  type Reason,
} from './provenance'
export {
  dateRange,
  dateSchema,
  dateTimeSchema,
  idSchema,
  monthDaySchema,
  nameSchema,
  open,
  shareSchema,
  textSchema,
} from './schemas'
export {
  addDays,
  datesFrom,
  dayOf,
  dayOfYear,
  daysBetween,
  daysIntoWeek,
  nextWeekFrom,
  isDate,
  isDateTime,
  nextMonthDay,
} from './date'
export {
  bareUnit,
  fromUnit,
  toUnit,
  unitFor,
  units,
  type UnitName,
  type UnitSystem,
} from './unitTable'
export type { Dimension } from './dimension'
export { leadingNumber, parseNumber, tidied, type DecimalMark } from './parseNumber'
export { likelyMeaning, type LikelyMeaning } from './likelyMeaning'
export { plainText, saysAll } from './plainText'
export { parseQuantity } from './parseQuantity'
export {
  defaultMeasures,
  handfulMlFrom,
  inMeasures,
  pouredIn,
  measureMl,
  type Measured,
  type MeasureName,
} from './household'
export { measuresSchema, type Measures } from './measuresSchema'
export { bearingBy, compassPoint, compassPointBy, compassPoints, parseBearing } from './bearing'
export { fieldSchema } from './fieldSchema'
export { isFields, own } from './own'
export { choleskyOf, crossed, fitted, leastSquares } from './leastSquares'
export { remembered, rememberedBy } from './remembered'
export { solveWithHighs, type HighsLike, type Solution, type Solve } from './solver'
export { cellOf, isBlank, tableOptions, type TableRow } from './table'
