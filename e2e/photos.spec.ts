import { readFile, writeFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, open, test } from './support'

/** A photo as a camera writes it: turned, and with its place and maker in it. */
async function cameraPhoto(page: Page, widthPx: number, heightPx: number): Promise<Buffer> {
  const drawn = await page.evaluate(
    async ([width, height]) => {
      const canvas = new OffscreenCanvas(width!, height!)
      const context = canvas.getContext('2d')!
      context.fillStyle = 'green'
      context.fillRect(0, 0, width!, height!)
      context.fillStyle = 'red'
      context.fillRect(0, 0, width! / 2, height! / 2)
      const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 })
      return [...new Uint8Array(await blob.arrayBuffer())]
    },
    [widthPx, heightPx],
  )
  const entry = (tag: number, type: number, count: number, value: number) => {
    const bytes = Buffer.alloc(12)
    bytes.writeUInt16BE(tag, 0)
    bytes.writeUInt16BE(type, 2)
    bytes.writeUInt32BE(count, 4)
    if (type === 3) bytes.writeUInt16BE(value, 8)
    else bytes.writeUInt32BE(value, 8)
    return bytes
  }
  // Exif 2.32: TIFF header, then maker (271), orientation (274, 6: turned by 90°) and the place (34853).
  const maker = Buffer.from('SecretMaker\0', 'latin1')
  const makerAt = 8 + 2 + 3 * 12 + 4
  const ifd = Buffer.concat([
    Buffer.from([0x4d, 0x4d, 0, 42, 0, 0, 0, 8, 0, 3]),
    entry(271, 2, maker.length, makerAt),
    entry(274, 3, 1, 6),
    entry(34853, 4, 1, makerAt + maker.length),
    Buffer.alloc(4),
    maker,
    Buffer.from('GPS 44.1 9.5', 'latin1'),
  ])
  const body = Buffer.concat([Buffer.from('Exif\0\0', 'latin1'), ifd])
  const head = Buffer.from([0xff, 0xe1, (body.length + 2) >> 8, (body.length + 2) & 255])
  const jpeg = Buffer.from(drawn)
  return Buffer.concat([jpeg.subarray(0, 2), head, body, jpeg.subarray(2)])
}

/** The pictures as they lie in the browser. */
const storedPictures = (page: Page) =>
  page.evaluate(async () => {
    const database = await new Promise<IDBDatabase>((resolve, reject) => {
      const asked = indexedDB.open('rimbo')
      asked.onsuccess = () => resolve(asked.result)
      asked.onerror = () => reject(asked.error!)
    })
    const rows = await new Promise<{ picture: Blob }[]>((resolve) => {
      const asked = database.transaction('photos').objectStore('photos').getAll()
      asked.onsuccess = () => resolve(asked.result as { picture: Blob }[])
    })
    database.close()
    return Promise.all(
      rows.map(async ({ picture }) => [...new Uint8Array(await picture.arrayBuffer())]),
    )
  })

async function openPhotos(page: Page): Promise<void> {
  await open(page, 'book')
  await page.getByRole('button', { name: 'Photos', exact: true }).click()
}
const chooser = (page: Page) => page.locator('input[type=file][multiple]')

test('a photo is turned upright, made smaller, and loses its place and maker; it goes out and in with the garden', async ({
  page,
  browser,
  baseURL,
}) => {
  await openPhotos(page)
  const photo = await cameraPhoto(page, 2400, 1200)
  expect(photo.includes('SecretMaker')).toBe(true)
  await chooser(page).setInputFiles({ name: 'a.jpg', mimeType: 'image/jpeg', buffer: photo })
  await expect(page.getByText(/photo kept\.$/)).toBeVisible()
  const image = page.locator('.photos-grid img')
  await expect(image).toBeVisible()
  // Turned by a quarter: it stands upright now, its long side 1600 px.
  const size = await image.evaluate(({ naturalWidth, naturalHeight }: HTMLImageElement) => [
    naturalWidth,
    naturalHeight,
  ])
  expect(size).toEqual([800, 1600])
  const [stored] = await storedPictures(page)
  const bytes = Buffer.from(stored!)
  for (const secret of ['Exif', 'SecretMaker', 'GPS']) expect(bytes.includes(secret)).toBe(false)
  expect(bytes.length).toBeLessThan(320_000)
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations).toEqual([])

  // Out as a zip, and in on another browser's profile, byte for byte.
  await open(page, 'settings')
  const waits = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export with photos and tables' }).click()
  const zip = await readFile(await (await waits).path())
  const context = await browser.newContext({ baseURL: baseURL!, serviceWorkers: 'block' })
  const other = await context.newPage()
  await open(other, 'settings')
  await other
    .locator('.import-garden input[type=file]')
    .setInputFiles({ name: 'g.zip', mimeType: 'application/zip', buffer: zip })
  await expect(other.getByRole('button', { name: 'Take only what came in' })).toBeVisible()
  expect((await storedPictures(other)).map((one) => Buffer.from(one).equals(bytes))).toEqual([true])
  await openPhotos(other)
  await expect(other.locator('.photos-grid img')).toBeVisible()
  await context.close()
})

test('what is no photo, damaged or too large is refused in words, and nothing is kept of it', async ({
  page,
}, testInfo) => {
  await openPhotos(page)
  const photo = await cameraPhoto(page, 60, 40)
  const huge = testInfo.outputPath('huge.jpg')
  await writeFile(huge, Buffer.alloc(50e6))
  const wrong = [
    ['text.jpg', Buffer.from('not a photo at all'), 'This is not a photo, or it is damaged.'],
    ['broken.jpg', photo.subarray(0, 120), 'This is not a photo, or it is damaged.'],
  ] as const
  for (const [name, buffer, words] of wrong) {
    await chooser(page).setInputFiles({ name, mimeType: 'image/jpeg', buffer })
    await expect(page.getByRole('alert')).toHaveText(words)
  }
  await page.reload()
  await page.getByRole('button', { name: 'Photos', exact: true }).click()
  await chooser(page).setInputFiles(huge)
  await expect(page.getByRole('alert')).toHaveText('This is not a photo, or it is damaged.')
  await expect.poll(() => storedPictures(page)).toEqual([])
  // Of an animated picture the first is kept.
  const gif = Buffer.from(
    'R0lGODlhAgACAPAAAP8AAAAAACH/C05FVFNDQVBFMi4wAwEAAAAh+QQACgAAACwAAAAAAgACAAACAoRRACH5BAAKAAAALAAAAAACAAIAAAIChFEAOw==',
    'base64',
  )
  await chooser(page).setInputFiles({ name: 'a.gif', mimeType: 'image/gif', buffer: gif })
  await expect(page.locator('.photos-grid li')).toHaveCount(1)
})

test('photos are only fetched when they are seen', async ({ page }) => {
  test.slow()
  await openPhotos(page)
  const photo = await cameraPhoto(page, 300, 400)
  await chooser(page).setInputFiles(
    Array.from({ length: 24 }, (_, at) => ({
      name: `${at}.jpg`,
      mimeType: 'image/jpeg',
      buffer: photo,
    })),
  )
  // One after the other, each made ready in a worker of its own.
  await expect(page.locator('.photos-grid li')).toHaveCount(24, { timeout: 45_000 })
  await expect(page.locator('.photos-grid img').first()).toBeVisible()
  await page.setViewportSize({ width: 390, height: 500 })
  await expect.poll(() => page.locator('.photos-grid img').count()).toBeLessThan(12)
  // Two side by side.
  const buttons = page.locator('.photos-grid button')
  await buttons.nth(0).click()
  await buttons.nth(1).click()
  await expect(page.locator('.photos-beside img')).toHaveCount(2)
})
