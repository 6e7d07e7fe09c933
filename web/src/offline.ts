import { Workbox } from 'workbox-window'
import { isSuperseded, offlineState, takeUpdate } from './newer'

/** A window that stays open looks for a newer version so often, ms. */
const LOOK_AGAIN_MS = 3_600_000

/**
 * Fetches all of Rimbo into the browser, so that every view opens without a network. A newer
 * version waits until it is asked in.
 */
export async function workOffline(): Promise<void> {
  if (!('serviceWorker' in navigator)) {
    offlineState.value = 'unsupported'
    return
  }
  const base = import.meta.env.BASE_URL
  const worker = new Workbox(`${base}sw.js`, { scope: base })
  let isAskedIn = false
  worker.addEventListener('activated', () => (offlineState.value = 'ready'))
  worker.addEventListener('redundant', () => {
    // A newer version that was not whole: the one that is there goes on.
    if (offlineState.value === 'waiting') offlineState.value = 'failed'
  })
  worker.addEventListener('waiting', () => {
    takeUpdate.value = () => {
      isAskedIn = true
      worker.messageSkipWaiting()
    }
  })
  worker.addEventListener('controlling', ({ isUpdate }) => {
    if (isAskedIn) window.location.reload()
    else if (isUpdate) isSuperseded.value = true
  })
  try {
    const registration = await worker.register()
    if (registration?.active) offlineState.value = 'ready'
  } catch {
    offlineState.value = 'failed'
    return
  }
  let lookedAt = Date.now()
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState !== 'visible' || Date.now() - lookedAt < LOOK_AGAIN_MS) return
    lookedAt = Date.now()
    // Without a network there is nothing newer.
    worker.update().catch(() => undefined)
  })
}
