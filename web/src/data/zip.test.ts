// The whole garden as a zip and back: pictures byte for byte, everything else field for field.
import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { strToU8, unzipSync, zipSync } from 'fflate'
import Papa from 'papaparse'
import { readGarden, tableNames, writeGarden, type Garden, type GardenRecord } from '@rimbo/core'
import { readGardenFile, writeZip } from './zip'

const demo = readGarden(
  readFileSync(new URL('../../../demo/port-maren.rimbo.json', import.meta.url), 'utf8'),
)
const bytesOf = (blob: Blob) => blob.arrayBuffer().then((buffer) => new Uint8Array(buffer))
const noise = (length: number, seed: number) =>
  Uint8Array.from({ length }, (_, at) => (at * 131 + seed * 977) % 251)
const photo = (photoId: string): GardenRecord => ({
  id: `r-${photoId}`,
  at: '2026-06-18T07:00',
  containerId: 'b1',
  kind: 'photo',
  photoId,
  widthPx: 3,
  heightPx: 2,
  bytes: 100,
})
const IDS = ['one', '../two', '写真', 'constructor']
const garden: Garden = { ...demo, records: [...demo.records, ...IDS.map(photo)] }
const pictures = new Map(IDS.map((id, at) => [id, noise(5000 + at, at)]))
const pictureOf = (id: string) =>
  Promise.resolve(pictures.has(id) ? new Blob([pictures.get(id)!]) : undefined)
const code = (work: Promise<unknown>) =>
  work.then(
    () => undefined,
    (error: unknown) => (error as { code?: string }).code,
  )
const zipOf = (files: Record<string, Uint8Array>) => new Blob([zipSync(files)])
const own = { 'garden.rimbo.json': strToU8(writeGarden(garden)) }

test('out and in again nothing has changed', async () => {
  const { garden: read, photos, missing } = await readGardenFile(await writeZip(garden, pictureOf))
  expect(read).toEqual(garden)
  expect(missing).toBe(0)
  for (const { photoId, picture } of photos)
    expect(await bytesOf(picture)).toEqual(pictures.get(photoId))
  expect(photos.map(({ photoId }) => photoId).sort()).toEqual([...IDS].sort())
})

test('its tables are read by another program: a line for each thing, quotes, commas and scripts as they were', async () => {
  const odd = { ...demo, name: 'x', spaces: [{ ...demo.spaces[0]!, name: 'a "b", c\n漢字 مرحبا' }] }
  const files = unzipSync(await bytesOf(await writeZip(odd, pictureOf)))
  for (const name of tableNames) {
    const text = new TextDecoder().decode(files[`tables/${name}.csv`])
    const { data, errors } = Papa.parse<Record<string, string>>(text, { header: true })
    if ((odd[name] ?? []).length === 0) continue
    expect([name, errors]).toEqual([name, []])
    expect([name, data.length]).toEqual([name, odd[name]!.length])
  }
  const spaces = Papa.parse<{ name: string }>(
    new TextDecoder().decode(files['tables/spaces.csv']),
    { header: true },
  ).data
  expect(spaces[0]!.name).toBe('a "b", c\n漢字 مرحبا')
  expect(new TextDecoder().decode(files['tables/containers.csv'])).toContain('\r\n')
})

describe('a zip that is wrong', () => {
  test('one with a picture missing is taken, and it is counted', async () => {
    const some = await writeZip(garden, (id) =>
      id === 'one' ? Promise.resolve(undefined) : pictureOf(id),
    )
    expect((await readGardenFile(some)).missing).toBe(1)
  })
  test.each([
    ['a way out of it', '../evil.json', 'zipUnsafe'],
    ['a way to the root', '/etc/passwd', 'zipUnsafe'],
    ['a way of another system', 'a\\..\\b', 'zipUnsafe'],
  ])('%s is refused', async (_what, name, expected) =>
    expect(await code(readGardenFile(zipOf({ ...own, [name]: noise(3, 1) })))).toBe(expected),
  )
  test('the same name twice is refused', async () => {
    const bytes = zipSync({
      ...own,
      'photos/00001.jpg': noise(9, 1),
      'photos/00002.jpg': noise(9, 2),
    })
    const text = Buffer.from(bytes).toString('latin1').replaceAll('00002.jpg', '00001.jpg')
    expect(await code(readGardenFile(new Blob([Buffer.from(text, 'latin1')])))).toBe('zipTwice')
  })
  test('a bomb is not opened', async () => {
    const bytes = zipSync({ ...own, 'photos/00001.jpg': new Uint8Array(40e6) }, { level: 9 })
    expect(bytes.length).toBeLessThan(1e6)
    expect(await code(readGardenFile(new Blob([bytes])))).toBe('zipTooLarge')
  })
  test('damaged, without a garden, or with a garden that is none', async () => {
    const whole = zipSync(own)
    expect(await code(readGardenFile(new Blob([whole.slice(0, 400)])))).toBe('zipBroken')
    expect(await code(readGardenFile(zipOf({ 'a.txt': noise(4, 1) })))).toBe('notAGarden')
    expect(await code(readGardenFile(zipOf({ 'garden.rimbo.json': strToU8('{}') })))).toBe(
      'notAGarden',
    )
  })
  test('names of pictures that say nothing useful are passed over', async () => {
    const files = { ...own, 'photos.json': strToU8('{"photos/00001.jpg": 3, "__proto__": "one"}') }
    expect(await readGardenFile(zipOf(files))).toMatchObject({ photos: [], missing: IDS.length })
  })
})

test('a garden file without pictures is read as before', async () =>
  expect((await readGardenFile(new Blob([writeGarden(demo)]))).garden).toEqual(demo))
