import { afterEach, expect, jest, test } from '@jest/globals'
import { answerWeather, writeWeather } from '@rimbo/core'
import { askWeather } from './weatherService'

const request = {
  latitudeDeg: 44,
  elevationM: 10,
  coastal: true,
  on: '2026-06-18',
  pastDays: 3,
  seed: 1,
}
const { fetch } = globalThis
afterEach(() => {
  globalThis.fetch = fetch
})

test('the service answers where there is one', async () => {
  const text = writeWeather(answerWeather(request))
  globalThis.fetch = jest.fn(() => Promise.resolve(new Response(text)))
  expect(await askWeather(request)).toEqual({ days: answerWeather(request), by: 'service' })
})
test.each([
  ['there is none', () => Promise.reject(new TypeError('no network'))],
  ['it refuses', () => Promise.resolve(new Response('{}', { status: 500 }))],
  ['it answers with a page', () => Promise.resolve(new Response('<title>Rimbo</title>'))],
])('the browser works out the same days where %s', async (_, answer) => {
  globalThis.fetch = jest.fn(answer)
  expect(await askWeather(request)).toEqual({ days: answerWeather(request), by: 'browser' })
})
