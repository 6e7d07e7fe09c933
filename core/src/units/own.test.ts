import { expect, test } from '@jest/globals'
import { own } from '.'

test('only what was put into a table is found in it', () => {
  expect(own({ a: 1 }, 'a')).toBe(1)
  expect(own({ a: 1 }, undefined)).toBeUndefined()
  for (const id of ['constructor', 'toString', '__proto__', 'hasOwnProperty'])
    expect(own({ a: 1 }, id)).toBeUndefined()
})
