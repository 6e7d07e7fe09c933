import { expose } from 'comlink'
import { sunMap, type SunMap, type SunMapRequest } from '@rimbo/core'

const work = {
  sunMap: (request: SunMapRequest, progress: (share: number) => void): SunMap =>
    sunMap(request, progress),
}
export type SunWork = typeof work
expose(work)
