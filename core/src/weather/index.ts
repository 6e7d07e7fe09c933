export { daylightHours, declinationRad, extraterrestrialRadiation, MOL_PER_MJ } from './sun'
export {
  meanSaturationVapourPressureKPa,
  pressureKPa,
  psychrometricConstant,
  saturationVapourPressureKPa,
  vapourPressureSlope,
  windAt2M,
} from './air'
export {
  ASSUMED_WIND_MS,
  actualVapourPressureKPa,
  clearSkyRadiation,
  hargreavesEvapotranspirationMm,
  referenceEvapotranspiration,
  referenceWaterMm,
  solarRadiation,
  type AssumedTerm,
  type EvaporationDay,
  type ReferenceEvapotranspiration,
  type Site,
} from './referenceEvapotranspiration'
export {
  hourlyEvapotranspiration,
  hourReferenceMm,
  HOURS_A_DAY,
  hourTempC,
  spreadOverHours,
  type EvaporationHour,
} from './hourly'
export { wetLeafHours } from './leafWetness'
export { referenceReasons } from './reasons'
export { dailyWeatherSchema, type DailyWeather, type DayInPlace } from './schema'
export * from './readers'
export * from './generator'
export * from './climates'
export { degreeDays, degreeDaysProvenance } from './degreeDays'
export { FORECAST_DAYS, simulatedWeather } from './simulated'
export { answerWeather, weatherRequestSchema, type WeatherRequest } from './service'
export { withService } from './withService'
