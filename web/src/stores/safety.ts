import { defineStore, storeToRefs } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { exportReminder, writeGarden, type Exported, type Garden } from '@rimbo/core'
import { fileStem, saveGardenFile } from '../data/files'
import { chooseKeptFile, keepNote, keptFile, noteOf } from '../data/repository'
import { useGardenStore } from './garden'
import { useTodayStore } from './today'

/** Of the browsers that let a page write to a file that was chosen. */
type SavePicker = (options: {
  readonly suggestedName: string
  readonly types: readonly {
    readonly description: string
    readonly accept: Readonly<Record<string, readonly string[]>>
  }[]
}) => Promise<FileSystemFileHandle>
interface Permitted {
  readonly queryPermission?: (of: { readonly mode: 'readwrite' }) => Promise<PermissionState>
  readonly requestPermission?: (of: { readonly mode: 'readwrite' }) => Promise<PermissionState>
}
const picker = () => (window as { readonly showSaveFilePicker?: SavePicker }).showSaveFilePicker

const exportKey = (gardenId: string) => `exported:${gardenId}`
/** Several changes in a row are written at once. */
const WRITE_AFTER_MS = 800

/** How safe what is kept in this browser is: promised, copied to a file, kept up to date in one. */
export const useSafetyStore = defineStore('safety', () => {
  const store = useGardenStore()
  const { garden } = storeToRefs(store)
  const { date } = storeToRefs(useTodayStore())

  /** Whether the browser has promised not to clear it by itself; undefined where it does not say. */
  const isPromised = ref<boolean>()
  async function askPromise(): Promise<void> {
    const { storage } = navigator as Partial<Navigator>
    if (!storage) return
    isPromised.value = (await storage.persisted?.()) || (await storage.persist?.())
  }

  const last = shallowRef<Exported>()
  const file = shallowRef<FileSystemFileHandle>()
  const fileState = ref<'none' | 'upToDate' | 'asks' | 'failed'>('none')
  const canKeepFile = computed(() => !!picker())

  /** Whether a garden still is the open one: what the browser answers late is not for another. */
  const isOpen = (of: Garden) => garden.value?.id === of.id

  async function note(of: Garden, records: number): Promise<void> {
    const exported: Exported = { on: date.value, records }
    await store.use((database) => keepNote(database, exportKey(of.id), JSON.stringify(exported)))
    if (isOpen(of)) last.value = exported
  }
  async function look(of: Garden): Promise<void> {
    const [told, handle] = await store.use((database) =>
      Promise.all([noteOf(database, exportKey(of.id)), keptFile(database, of.id)]),
    )
    if (!isOpen(of)) return
    file.value = handle
    fileState.value = handle ? 'asks' : 'none'
    if (told) last.value = JSON.parse(told) as Exported
    // Never in a file: its days count from when it was first seen here.
    else await note(of, 0)
    if (handle && (await isAllowed(handle, false))) await writeTo(handle, of)
  }
  watch(
    () => garden.value?.id,
    () => {
      last.value = undefined
      file.value = undefined
      fileState.value = 'none'
      // The demo can be had again at any time.
      if (garden.value && !garden.value.clock)
        void Promise.all([look(garden.value), askPromise()]).catch(() => undefined)
    },
    { immediate: true },
  )

  const reminder = computed(() =>
    garden.value && last.value && fileState.value !== 'upToDate'
      ? exportReminder(garden.value, last.value, date.value)
      : undefined,
  )

  /** Hands the garden to the browser as a file, and remembers that it did. */
  async function exportNow(): Promise<void> {
    if (!garden.value) return
    saveGardenFile(garden.value)
    await note(garden.value, garden.value.records.length)
  }

  async function isAllowed(handle: FileSystemFileHandle, mayAsk: boolean): Promise<boolean> {
    const permitted = handle as Permitted
    const mode = { mode: 'readwrite' } as const
    const state = (await permitted.queryPermission?.(mode)) ?? 'granted'
    if (state === 'granted' || !mayAsk) return state === 'granted'
    return (await permitted.requestPermission?.(mode)) === 'granted'
  }
  let writing: Promise<unknown> = Promise.resolve()
  /** One writing after the other: an older garden never lands on a newer one. */
  function writeTo(handle: FileSystemFileHandle, of: Garden): Promise<void> {
    const turn = writing.then(async () => {
      const isWritten = await written(handle, of)
      if (isOpen(of)) fileState.value = isWritten ? 'upToDate' : 'failed'
      if (isWritten) await note(of, of.records.length)
    })
    writing = turn.catch(() => undefined)
    return turn
  }
  async function written(handle: FileSystemFileHandle, of: Garden): Promise<boolean> {
    try {
      const writable = await handle.createWritable()
      await writable.write(writeGarden(of))
      await writable.close()
      return true
    } catch {
      // The card is out, the folder is gone: it is said, and the garden in the browser is whole.
      return false
    }
  }

  /** Lets the gardener choose a file, and writes the garden to it with each change from now on. */
  async function keepInFile(): Promise<void> {
    const choose = picker()
    const { value: of } = garden
    if (!choose || !of) return
    const handle = await choose({
      suggestedName: `${fileStem(of.name)}.rimbo.json`,
      types: [{ description: 'Rimbo', accept: { 'application/json': ['.json'] } }],
    }).catch((error: unknown) => {
      // Chosen none.
      if ((error as DOMException).name === 'AbortError') return undefined
      throw error
    })
    if (!handle) return
    await store.use((database) => chooseKeptFile(database, of.id, handle))
    if (isOpen(of)) file.value = handle
    await writeTo(handle, of)
  }
  /** After a reload a browser wants to be asked again. */
  async function allowFile(): Promise<void> {
    const { value: handle } = file
    const { value: of } = garden
    if (handle && of && (await isAllowed(handle, true))) await writeTo(handle, of)
  }
  async function leaveFile(): Promise<void> {
    const { value: of } = garden
    if (!of) return
    file.value = undefined
    fileState.value = 'none'
    await store.use((database) => chooseKeptFile(database, of.id, undefined))
  }

  /** What waits to be written; a change in between takes its place, another garden does not. */
  let waiting: { readonly id: string; readonly timer: ReturnType<typeof setTimeout> } | undefined
  watch(garden, (now, before) => {
    const { value: handle } = file
    if (!handle || !now || now.id !== before?.id || fileState.value === 'asks') return
    if (waiting?.id === now.id) clearTimeout(waiting.timer)
    waiting = { id: now.id, timer: setTimeout(() => void writeTo(handle, now), WRITE_AFTER_MS) }
  })

  return {
    isPromised,
    reminder,
    fileName: computed(() => file.value?.name),
    fileState,
    canKeepFile,
    exportNow,
    keepInFile,
    allowFile,
    leaveFile,
  }
})
