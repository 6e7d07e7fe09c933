import { sunMap, type SunMap, type SunMapRequest } from '@rimbo/core'
import { expose } from './door'

const work = {
  sunMap: (request: SunMapRequest, progress: (share: number) => void): SunMap =>
    sunMap(request, progress),
}
export type SunWork = typeof work
expose(work)
