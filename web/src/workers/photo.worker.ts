import { InputError, PHOTO_SIDE_PX } from '@rimbo/core'
import { expose } from './door'

/** A picture made ready to be kept. */
export interface ReadyPhoto {
  readonly picture: Blob
  readonly widthPx: number
  readonly heightPx: number
}

// What a phone can decode without running out of memory (our choice).
const MOST_BYTES = 60e6
const MOST_PIXELS = 120e6
const WANTED_BYTES = 300e3
const QUALITIES = [0.85, 0.75, 0.65, 0.55, 0.45]

async function bitmapOf(file: Blob): Promise<ImageBitmap> {
  if (file.size > MOST_BYTES) throw new InputError('photoTooLarge', { limitMb: MOST_BYTES / 1e6 })
  try {
    // Turned upright as its maker says; of an animated picture the first.
    return await createImageBitmap(file, { imageOrientation: 'from-image' })
  } catch {
    throw new InputError('notAPhoto')
  }
}

const work = {
  /**
   * Draws a photo anew, upright and no larger than it is shown: what its maker wrote into
   * it, the place among that, stays behind.
   *
   * @throws InputError `notAPhoto`, `photoTooLarge`
   */
  prepare: async (file: Blob): Promise<ReadyPhoto> => {
    const bitmap = await bitmapOf(file)
    try {
      if (bitmap.width * bitmap.height > MOST_PIXELS)
        throw new InputError('photoTooLarge', { limitMb: MOST_BYTES / 1e6 })
      const scale = Math.min(1, PHOTO_SIDE_PX / Math.max(bitmap.width, bitmap.height))
      const widthPx = Math.max(1, Math.round(bitmap.width * scale))
      const heightPx = Math.max(1, Math.round(bitmap.height * scale))
      const canvas = new OffscreenCanvas(widthPx, heightPx)
      const context = canvas.getContext('2d')
      if (!context) throw new InputError('notAPhoto')
      context.fillStyle = 'white'
      context.fillRect(0, 0, widthPx, heightPx)
      context.imageSmoothingQuality = 'high'
      context.drawImage(bitmap, 0, 0, widthPx, heightPx)
      let picture: Blob | undefined
      for (const quality of QUALITIES) {
        picture = await canvas.convertToBlob({ type: 'image/jpeg', quality })
        if (picture.size <= WANTED_BYTES) break
      }
      return { picture: picture!, widthPx, heightPx }
    } finally {
      bitmap.close()
    }
  },
}
export type PhotoWork = typeof work
expose(work)
