import { nanoid } from 'nanoid'
import { defineStore } from 'pinia'
import { dayOf, edits, type GardenRecord } from '@rimbo/core'
import { onTheClock } from '../clock'
import {
  clearPhotos,
  forgetPhotos,
  keepPhotos,
  photoIdsOf,
  photoOf,
  type StoredPhoto,
} from '../data/photos'
import type { ReadyPhoto } from '../workers/photo.worker'
import { useGardenStore } from './garden'

/** The device's own day, whatever the garden's clock says. */
const today = () => dayOf(onTheClock(new Date()))

/** To what a photo belongs. */
export interface PhotoOf {
  readonly containerId?: string | undefined
  readonly plantingId?: string | undefined
  readonly checkId?: string | undefined
  readonly note?: string | undefined
}

/** The pictures of the open garden: kept before their record says so, fetched when they are seen. */
export const usePhotosStore = defineStore('photos', () => {
  const store = useGardenStore()

  /** Keeps a picture, then its record: what the Book tells of is on disk. */
  async function add(ready: ReadyPhoto, of: PhotoOf, at: string, code: string): Promise<void> {
    const gardenId = store.garden?.id
    if (gardenId === undefined) return
    const photoId = nanoid()
    const { picture, widthPx, heightPx } = ready
    await store.use((database) => keepPhotos(database, gardenId, [{ photoId, picture }], today()))
    const given = Object.fromEntries(Object.entries(of).filter(([, one]) => one !== undefined))
    const record: GardenRecord = {
      id: nanoid(),
      at,
      ...(given as { containerId?: string }),
      kind: 'photo',
      photoId,
      widthPx,
      heightPx,
      bytes: picture.size,
    }
    try {
      await store.edit(edits.recordOne(record, code))
    } catch (error) {
      await store.use((database) => forgetPhotos(database, gardenId, [photoId]))
      throw error
    }
  }

  const picture = async (photoId: string): Promise<Blob | undefined> => {
    const gardenId = store.garden?.id
    if (gardenId === undefined) return undefined
    return store.use((database) => photoOf(database, gardenId, photoId))
  }
  const idsOf = (gardenId: string) => store.use((database) => photoIdsOf(database, gardenId))
  const pictureOf = (gardenId: string, photoId: string) =>
    store.use((database) => photoOf(database, gardenId, photoId))
  const takeIn = (gardenId: string, photos: readonly StoredPhoto[]) =>
    store.use((database) => keepPhotos(database, gardenId, photos, today()))

  /** Lets go of pictures whose records are gone for good. */
  async function clear(): Promise<void> {
    const { garden } = store
    if (garden) await store.use((database) => clearPhotos(database, garden, today()))
  }

  return { clear, add, picture, idsOf, pictureOf, takeIn }
})
