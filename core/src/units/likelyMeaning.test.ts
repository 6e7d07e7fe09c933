import { expect, test } from '@jest/globals'
import { likelyMeaning } from '.'

test('the digits that were typed, in the unit in which they are possible', () => {
  const isWatering = (litres: number) => litres > 0 && litres <= 200
  expect(likelyMeaning('500', 'volume', 'metric', isWatering)).toEqual({ number: 500, unit: 'ml' })
  expect(likelyMeaning('500 L', 'volume', 'metric', isWatering)?.unit).toBe('ml')
  const isPotHeight = (mm: number) => mm >= 50 && mm <= 1500
  expect(likelyMeaning('300', 'length', 'metric', isPotHeight)).toEqual({ number: 300, unit: 'mm' })
  expect(likelyMeaning('1 1/2 mm', 'length', 'us', isPotHeight)?.unit).toBe('ft')
  expect(likelyMeaning('95', 'temperature', 'metric', (celsius) => celsius < 60)?.unit).toBe(
    'fahrenheit',
  )
})
test('nothing is guessed for a sum, for words, or where no unit would do', () => {
  expect(likelyMeaning('5 ft 300', 'length', 'us', () => true)).toBeUndefined()
  expect(likelyMeaning('lots', 'volume', 'metric', () => true)).toBeUndefined()
  expect(likelyMeaning('500', 'volume', 'metric', () => false)).toBeUndefined()
})
