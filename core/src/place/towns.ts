import { InputError, own } from '../units'

/** A town of the list that ships with the application. */
export interface Town {
  readonly name: string
  /** What it is called in other languages. */
  readonly otherNames: readonly string[]
  /** Two letters of ISO 3166. */
  readonly country: string
  /** Where several towns of a country share a name; empty elsewhere. */
  readonly state: string
  readonly latitudeDeg: number
  readonly longitudeDeg: number
  /** Left out where the list does not know it. */
  readonly elevationM: number | undefined
  readonly coastal: boolean
}

/** The list of towns, made ready to be searched. */
export interface TownList {
  readonly lines: readonly string[]
  /** Names of each as they are compared: a space before each word. */
  readonly folded: readonly string[]
}

/** Marks above and below letters. */
const MARKS = /\p{M}/gu
const LETTERS: Readonly<Record<string, string>> = {
  ø: 'o',
  ł: 'l',
  đ: 'd',
  ß: 'ss',
  æ: 'ae',
  œ: 'oe',
  ı: 'i',
}
const PLAIN = /^[a-z ]*$/

/** A name as it is compared: small letters without marks, single spaces. `foldTown('Łódź')` is `'lodz'`. */
export function foldTown(name: string): string {
  const small = name.toLowerCase()
  if (PLAIN.test(small)) return small
  return small
    .normalize('NFD')
    .replace(MARKS, '')
    .replace(/[øłđßæœı]/g, (letter) => own(LETTERS, letter) ?? letter)
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()
}

const FIELDS = 8

/**
 * Reads the list of towns: a line each, `name|other names|country|state|latitude|longitude|height|c`,
 * lines that begin with `#` left out, the largest town first.
 *
 * @throws InputError `notTowns` where it is something else
 */
export function readTowns(text: string): TownList {
  const lines = text.split('\n').filter((line) => line && !line.startsWith('#'))
  if (!lines.length || lines[0]!.split('|').length !== FIELDS) throw new InputError('notTowns')
  const folded = lines.map((line) => {
    const [name = '', others = ''] = line.split('|', 2)
    return others
      ? [name, ...others.split(',')].map((one) => ` ${foldTown(one)}`).join('|')
      : ` ${foldTown(name)}`
  })
  return { lines, folded }
}

function townIn(line: string): Town {
  const [name = '', others = '', country = '', state = '', lat, lon, elevation, coast] =
    line.split('|')
  return {
    name,
    otherNames: others ? others.split(',') : [],
    country,
    state,
    latitudeDeg: Number(lat),
    longitudeDeg: Number(lon),
    elevationM: elevation ? Number(elevation) : undefined,
    coastal: coast === 'c',
  }
}

/** What counts against a town beside its size, in doublings of its place in the list (our choice). */
const BACK = { notFirstWord: 2, notWholeWord: 4, abroad: 8, notThere: 30 } as const

/**
 * Towns with a word that begins as was typed. Large towns come first, those of the gardener's
 * own country before others, whole words before parts of them. After a comma the country or
 * state may follow by its letters: `springfield, il`.
 *
 * @param region the gardener's own country, two letters of ISO 3166
 */
export function findTowns(
  { lines, folded }: TownList,
  typed: string,
  most: number,
  region?: string,
): Town[] {
  const [what = '', ...where] = typed.split(',')
  const sought = foldTown(what)
  if (!sought) return []
  const there = where.join(' ').trim().toUpperCase()
  const found: { readonly index: number; readonly back: number }[] = []
  folded.forEach((names, index) => {
    const at = names.indexOf(` ${sought}`)
    if (at < 0) return
    const end = names[at + sought.length + 1]
    const [, , country, state] = lines[index]!.split('|', 4)
    const back =
      Math.log2(index + 1) +
      (at === 0 || names[at - 1] === '|' ? 0 : BACK.notFirstWord) +
      (end === undefined || end === ' ' || end === '|' ? 0 : BACK.notWholeWord) +
      (country === region ? 0 : BACK.abroad) +
      (!there || there === country || there === state ? 0 : BACK.notThere)
    found.push({ index, back })
  })
  return found
    .sort((one, other) => one.back - other.back)
    .slice(0, most)
    .map(({ index }) => townIn(lines[index]!))
}

const DEG = Math.PI / 180

/** The town nearest to a position; undefined for an empty list. */
export function nearestTown(
  { lines }: TownList,
  latitudeDeg: number,
  longitudeDeg: number,
): Town | undefined {
  const across = Math.cos(latitudeDeg * DEG)
  let nearest: string | undefined
  let nearestDeg = Infinity
  for (const line of lines) {
    const [, , , , lat, lon] = line.split('|', 6)
    const eastDeg = Math.abs(((longitudeDeg - Number(lon) + 540) % 360) - 180) * across
    const deg = Math.hypot(latitudeDeg - Number(lat), eastDeg)
    if (deg < nearestDeg) {
      nearest = line
      nearestDeg = deg
    }
  }
  return nearest === undefined ? undefined : townIn(nearest)
}
