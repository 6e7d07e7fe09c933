import { strFromU8, strToU8, unzipSync, Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import {
  InputError,
  isFields,
  own,
  photoIdsIn,
  readGarden,
  recordsCsv,
  tableCsv,
  tableNames,
  writeGarden,
  type Garden,
} from '@rimbo/core'
import type { StoredPhoto } from './photos'

// The whole garden in one file: the garden as it is exported, a table of each of its
// lists, and its pictures as they are kept.
const GARDEN = 'garden.rimbo.json'
const PHOTOS = 'photos.json'

/** More than this a browser does not hold at once (our choice). */
const MOST_FILE_BYTES = 600e6
const MOST_TEXT_BYTES = 400e6
const MOST_PHOTO_BYTES = 30e6
const MOST_ENTRIES = 20_000

/**
 * Writes a garden with its pictures as a zip. Pictures are asked for one after the other.
 *
 * @param pictureOf undefined where a picture is not in this browser
 * @param tell      told how far it is, 0–1
 */
export async function writeZip(
  garden: Garden,
  pictureOf: (photoId: string) => Promise<Blob | undefined>,
  tell: (share: number) => void = () => undefined,
): Promise<Blob> {
  const parts: Blob[] = []
  let failed: unknown
  const zip = new Zip((error, chunk) => {
    if (error) failed = error
    // Copied: what is in a blob need not stay in memory.
    else parts.push(new Blob([chunk.slice()]))
  })
  const put = (name: string, bytes: Uint8Array, isText: boolean) => {
    const entry = isText ? new ZipDeflate(name, { level: 6 }) : new ZipPassThrough(name)
    zip.add(entry)
    entry.push(bytes, true)
  }
  put(GARDEN, strToU8(writeGarden(garden)), true)
  put('tables/book.csv', strToU8(recordsCsv(garden)), true)
  for (const name of tableNames) put(`tables/${name}.csv`, strToU8(tableCsv(garden, name)), true)
  const ids = photoIdsIn(garden)
  const names: Record<string, string> = {}
  for (const [index, photoId] of ids.entries()) {
    const picture = await pictureOf(photoId)
    tell((index + 1) / (ids.length + 1))
    if (!picture) continue
    const name = `photos/${String(index + 1).padStart(5, '0')}.jpg`
    names[name] = photoId
    put(name, new Uint8Array(await picture.arrayBuffer()), false)
  }
  put(PHOTOS, strToU8(JSON.stringify(names, null, 2)), true)
  zip.end()
  if (failed) throw failed instanceof Error ? failed : new Error('zip')
  tell(1)
  return new Blob(parts, { type: 'application/zip' })
}

/** A garden as it came out of a file, with the pictures that were beside it. */
export interface GardenFile {
  readonly garden: Garden
  readonly photos: readonly StoredPhoto[]
  /** Pictures that its records speak of and the file does not hold. */
  readonly missing: number
}

/** Whether a name in a zip leads out of it, or could be another's. */
const isClimbing = (name: string) =>
  name.startsWith('/') ||
  name.includes('\\') ||
  /^[a-z]:/i.test(name) ||
  /(^|\/)\.\.(\/|$)/.test(name)

function entriesOf(bytes: Uint8Array): Record<string, Uint8Array> {
  const seen = new Set<string>()
  let total = 0
  const isWanted = ({ name, originalSize }: { name: string; originalSize: number }): boolean => {
    if (isClimbing(name)) throw new InputError('zipUnsafe', { given: name.slice(0, 80) })
    if (seen.has(name)) throw new InputError('zipTwice', { given: name.slice(0, 80) })
    seen.add(name)
    const isText = name === GARDEN || name === PHOTOS
    const isPhoto = /^photos\/[^/]+$/.test(name)
    if (!isText && !isPhoto) return false
    total += originalSize
    const isOver = originalSize > (isText ? MOST_TEXT_BYTES : MOST_PHOTO_BYTES)
    if (isOver || total > MOST_FILE_BYTES || seen.size > MOST_ENTRIES)
      throw new InputError('zipTooLarge', { limitMb: MOST_FILE_BYTES / 1e6 })
    return true
  }
  try {
    return unzipSync(bytes, { filter: isWanted })
  } catch (error) {
    if (error instanceof InputError) throw error
    throw new InputError('zipBroken')
  }
}

/** The ids of the pictures by their names in the zip. */
function namesIn(entry: Uint8Array | undefined): Readonly<Record<string, unknown>> {
  if (!entry) return {}
  try {
    const read: unknown = JSON.parse(strFromU8(entry))
    return isFields(read) ? read : {}
  } catch {
    return {}
  }
}

const isZip = async (file: Blob): Promise<boolean> => {
  const [p, k] = new Uint8Array(await file.slice(0, 2).arrayBuffer())
  return p === 0x50 && k === 0x4b
}

/**
 * Reads a garden from its file, a zip with its pictures or the garden alone, whole or not
 * at all. A picture that is missing is counted.
 *
 * @throws InputError of `readGarden`; `zipBroken`, `zipUnsafe`, `zipTwice`, `zipTooLarge`
 */
export async function readGardenFile(
  file: Blob,
  tell: (share: number) => void = () => undefined,
): Promise<GardenFile> {
  if (!(await isZip(file)))
    return { garden: readGarden(await file.text(), tell), photos: [], missing: 0 }
  if (file.size > MOST_FILE_BYTES)
    throw new InputError('zipTooLarge', { limitMb: MOST_FILE_BYTES / 1e6 })
  const entries = entriesOf(new Uint8Array(await file.arrayBuffer()))
  const text = own(entries, GARDEN)
  if (!text) throw new InputError('notAGarden')
  const garden = readGarden(strFromU8(text), tell)
  const wanted = new Set(photoIdsIn(garden))
  const photos = Object.entries(namesIn(own(entries, PHOTOS))).flatMap(([name, id]) => {
    const bytes = own(entries, name)
    if (!bytes || typeof id !== 'string' || !wanted.delete(id)) return []
    return [{ photoId: id, picture: new Blob([bytes.slice()], { type: 'image/jpeg' }) }]
  })
  return { garden, photos, missing: wanted.size }
}
