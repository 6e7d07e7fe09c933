import { photoIdsIn, type Garden } from '@rimbo/core'
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
  keptOn: string,
): Promise<void> =>
  inOneTransaction(database, async (transaction) => {
    const store = transaction.objectStore('photos')
    await Promise.all(photos.map((photo) => store.put({ gardenId, ...photo, keptOn })))
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

/**
 * Forgets the pictures that nothing speaks of any more: no record, none in the bin, and no
 * change that can be taken back. What was kept today is left alone: its record may be on its way.
 *
 * @returns the ids of those that went
 */
export async function clearPhotos(
  database: RimboDatabase,
  garden: Garden,
  today: string,
): Promise<readonly string[]> {
  const spoken = new Set(photoIdsIn(garden))
  const ofGarden = IDBKeyRange.bound([garden.id], [garden.id, []])
  let gone: readonly string[] = []
  await inOneTransaction(database, async (transaction) => {
    const store = transaction.objectStore('photos')
    const kept = await store.getAll(ofGarden)
    const unspoken = kept.filter(
      ({ photoId, keptOn }) => !spoken.has(photoId) && (keptOn === undefined || keptOn < today),
    )
    if (!unspoken.length) return
    const changes = JSON.stringify(await transaction.objectStore('changes').getAll(ofGarden))
    gone = unspoken.flatMap(({ photoId }) =>
      changes.includes(JSON.stringify(photoId)) ? [] : [photoId],
    )
    await Promise.all(gone.map((photoId) => store.delete([garden.id, photoId])))
  })
  return gone
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
