import type { RimboDatabase } from './database'
import { inOneTransaction } from './repository'

/** A picture and the id under which its record speaks of it. */
export interface StoredPhoto {
  readonly photoId: string
  readonly picture: Blob
}

/** Keeps some pictures of a garden: all of them, or none. On disk when the promise resolves. */
export const keepPhotos = (
  database: RimboDatabase,
  gardenId: string,
  photos: readonly StoredPhoto[],
): Promise<void> =>
  inOneTransaction(database, async (transaction) => {
    const store = transaction.objectStore('photos')
    await Promise.all(photos.map((photo) => store.put({ gardenId, ...photo })))
  })

/** The picture of that id; undefined where it is not in this browser. */
export const photoOf = async (
  database: RimboDatabase,
  gardenId: string,
  photoId: string,
): Promise<Blob | undefined> => (await database.get('photos', [gardenId, photoId]))?.picture

/** Which pictures of a garden are here. */
export const photoIdsOf = async (
  database: RimboDatabase,
  gardenId: string,
): Promise<readonly string[]> => {
  const keys = await database.getAllKeys('photos', IDBKeyRange.bound([gardenId], [gardenId, []]))
  return keys.map(([, photoId]) => photoId)
}

/** Forgets pictures that no record speaks of any more. */
export const forgetPhotos = (
  database: RimboDatabase,
  gardenId: string,
  photoIds: readonly string[],
): Promise<void> =>
  inOneTransaction(database, async (transaction) => {
    const store = transaction.objectStore('photos')
    await Promise.all(photoIds.map((id) => store.delete([gardenId, id])))
  })
