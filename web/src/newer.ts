import { ref, shallowRef } from 'vue'

/** How far Rimbo is there without a network. */
export type OfflineState = 'waiting' | 'ready' | 'failed' | 'unsupported'
export const offlineState = ref<OfflineState>('waiting')

/** Takes a newer version that lies ready; undefined while there is none. */
export const takeUpdate = shallowRef<() => void>()
/** A newer version was taken in another window: this one still is the old one. */
export const isSuperseded = ref(false)
