import { expect, test } from '@jest/globals'
import { remembered } from '.'

test('asked twice about the same object, the work is done once', () => {
  let times = 0
  const area = remembered(({ side }: { side: number }, factor: number) => {
    times++
    return side * side * factor
  })
  const square = { side: 3 }
  expect([area(square, 2), area(square, 2), area(square, 3), area({ side: 3 }, 2)]).toEqual([
    18, 18, 27, 18,
  ])
  expect(times).toBe(3)
})

test('of lists each item has to be the very same', () => {
  let times = 0
  const sum = remembered((_of: object, list: readonly { n: number }[]) => {
    times++
    return list.reduce((total, { n }) => total + n, 0)
  })
  const of = {}
  const [one, two] = [{ n: 1 }, { n: 2 }]
  expect([sum(of, [one, two]), sum(of, [one, two]), sum(of, [one]), sum(of, [{ n: 1 }])]).toEqual([
    3, 3, 1, 1,
  ])
  expect(times).toBe(3)
})
