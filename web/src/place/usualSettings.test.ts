// Regions and their money by ISO 3166 and ISO 4217, weeks by the Unicode CLDR (from memory).
import { expect, test } from '@jest/globals'
import { usualSettings } from './usualSettings'

test.each([
  ['en-GB', 'metric', 'GBP', 1],
  ['en-US', 'us', 'USD', 7],
  ['de', 'metric', 'EUR', 1],
  ['es-MX', 'metric', 'MXN', 7],
  ['en-AU', 'metric', 'AUD', 1],
  ['ar-EG', 'metric', 'EGP', 6],
  ['pt-BR', 'metric', 'BRL', 7],
] as const)('%s: %s, %s, weeks from day %d', (language, unitSystem, currency, weekStartsOn) =>
  expect(usualSettings(language)).toEqual({ unitSystem, currency, weekStartsOn }),
)
test('a language that is none is no trouble', () =>
  expect(usualSettings('not a language')).toEqual({
    unitSystem: 'metric',
    currency: 'EUR',
    weekStartsOn: 1,
  }))
