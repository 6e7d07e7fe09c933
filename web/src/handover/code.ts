import { customAlphabet } from 'nanoid'

// A code is what the server calls its place (five signs), and a key that never goes there (eight).
const SIGNS = '23456789ABCDEFGHJKLMNPQRSTUVWXYZ'
const SLOT_SIGNS = 5
const KEY_SIGNS = 8

/** A key of 40 bits, as it can be read from one screen and typed on another. */
export const newKey = customAlphabet(SIGNS, KEY_SIGNS)

/** A code as it is shown: in groups. */
export const codeWords = (slot: string, key: string): string =>
  `${slot}-${key.slice(0, 4)}-${key.slice(4)}`

/** A code as it was typed: small letters, blanks and dashes do not matter. Undefined where it is none. */
export function readCode(typed: string): { slot: string; key: string } | undefined {
  const signs = typed.toUpperCase().replace(/[\s\p{Pd}]/gu, '')
  const isWhole =
    signs.length === SLOT_SIGNS + KEY_SIGNS && [...signs].every((sign) => SIGNS.includes(sign))
  return isWhole ? { slot: signs.slice(0, SLOT_SIGNS), key: signs.slice(SLOT_SIGNS) } : undefined
}
