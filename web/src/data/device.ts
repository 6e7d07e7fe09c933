import { nanoid } from 'nanoid'

const KEY = 'rimbo.device'
let device: string | undefined

/** A name for this browser, made once: of two changes made in one moment it decides which is the later. */
function deviceId(): string {
  if (device !== undefined) return device
  device = nanoid(8)
  try {
    const known = localStorage.getItem(KEY)
    if (known !== null) device = known
    else localStorage.setItem(KEY, device)
  } catch {
    // Nothing is kept here: a name for this visit serves as well.
  }
  return device
}

/** The stamp of a change made now, see `stampOf` of core: by the device's own clock, whatever the garden's says. */
export const stampNow = (): string => `${new Date().toISOString()} ${deviceId()}`
