import type { Garden } from '@rimbo/core'
import { writeZip } from '../data/zip'
import { expose } from './door'

const work = {
  /** A garden with its pictures as one file. */
  write: (
    garden: Garden,
    pictureOf: (photoId: string) => Promise<Blob | undefined>,
    progress: (share: number) => void,
  ): Promise<Blob> => writeZip(garden, pictureOf, progress),
}
export type ZipWork = typeof work
expose(work)
