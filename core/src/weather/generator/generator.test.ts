// What a generator learns from four years of real days (NOAA, see core/test-data)
// has to come out of it again; tolerances are stated beside each statistic.
import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { sampleCorrelation } from 'simple-statistics'
import {
  fitGenerator,
  generateWeather,
  generatorFromNormals,
  readDailyCsv,
  typicalDay,
  usualNormals,
  type DailyWeather,
} from '..'
