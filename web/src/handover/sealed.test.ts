// What is handed over: sealed by the browser's own ciphers or in plain script, each opened by the other.
import { describe, expect, test } from '@jest/globals'
import { codeWords, newKey, readCode } from './code'
import { ciphers, seal, unseal } from './sealed'

const plain = new TextEncoder().encode('{"name":"Third floor"} äöü 🌶')
const both = Object.values(ciphers)

describe('a sealed garden', () => {
  test('is opened by its key, whoever has sealed it', async () => {
    for (const one of both)
      for (const other of both)
        expect(await unseal(await seal(plain, 'ABCDEFGH', one), 'ABCDEFGH', other)).toEqual(plain)
  })
  test('holds nothing that can be read, and is another each time', async () => {
    const [one, other] = [await seal(plain, 'ABCDEFGH'), await seal(plain, 'ABCDEFGH')]
    expect(new TextDecoder().decode(one)).not.toContain('Third')
    expect(one).not.toEqual(other)
  })
  test('is not opened by another key, nor once a bit of it has changed', async () => {
    const sealed = await seal(plain, 'ABCDEFGH')
    const broken = Uint8Array.from(sealed)
    broken[40]! ^= 1
    for (const cipher of both) {
      const wrong = expect.objectContaining({ code: 'wrongCode' })
      await expect(unseal(sealed, 'ABCDEFGJ', cipher)).rejects.toEqual(wrong)
      await expect(unseal(broken, 'ABCDEFGH', cipher)).rejects.toEqual(wrong)
      await expect(unseal(sealed.slice(0, 20), 'ABCDEFGH', cipher)).rejects.toEqual(wrong)
    }
  })
})

describe('a code', () => {
  test('is read as it is shown, and as it is typed in a hurry', () => {
    const key = newKey()
    const shown = codeWords('K7QF3', key)
    expect(readCode(shown)).toEqual({ slot: 'K7QF3', key })
    expect(readCode(` ${shown.toLowerCase().replaceAll('-', ' – ')} `)).toEqual({
      slot: 'K7QF3',
      key,
    })
  })
  test('is none where a sign is missing or is none of its own', () => {
    for (const typed of ['', 'K7QF3', 'K7QF3-ABCD-EFG', 'K7QF3-ABCD-EFGO', 'K7QF3-ABCD-EFGHJ'])
      expect(readCode(typed)).toBeUndefined()
  })
})
