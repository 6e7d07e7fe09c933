import { applyPatches, enablePatches, produceWithPatches, type Draft, type Patch } from 'immer'
import { nanoid } from 'nanoid'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { emptyGarden, readGarden, type Garden } from '@rimbo/core'
import { openDatabase, type RimboDatabase } from '../data/database'
import {
  currentGardenId,
  listGardens,
  loadGarden,
  rememberCurrent,
  saveGarden,
  StaleGardenError,
  type GardenSummary,
  type StoredGarden,
} from '../data/repository'
import demoUrl from '../../../demo/port-maren.rimbo.json?url'

enablePatches()

/** What a change is called where it can be undone: a message code and its parameters. */
export interface ChangeLabel {
  readonly code: string
  readonly params?: Record<string, string | number>
}

interface Change {
  readonly label: ChangeLabel
  readonly patches: Patch[]
  readonly inverse: Patch[]
}

type Recipe = (draft: Draft<Garden>) => void

const UNDO_DEPTH = 100

/**
 * The open garden. Every change goes through `edit`: it is written to disk first
 * and shown when it is there, and it can be undone.
 */
export const useGardenStore = defineStore('garden', () => {
  const stored = shallowRef<StoredGarden>()
  const gardens = shallowRef<readonly GardenSummary[]>([])
  const done = shallowRef<readonly Change[]>([])
  const undone = shallowRef<readonly Change[]>([])
  const lastChange = shallowRef<ChangeLabel>()
  const turnsWaiting = ref(0)
  const channel = new BroadcastChannel('rimbo')
  let database: RimboDatabase | undefined
  let queue: Promise<unknown> = Promise.resolve()

  const garden = computed(() => stored.value?.garden)

  const opened = (): RimboDatabase => {
    if (!database) throw new Error('The database is not open yet')
    return database
  }

  function show(next: StoredGarden): void {
    stored.value = next
  }

  function forgetHistory(): void {
    done.value = []
    undone.value = []
    lastChange.value = undefined
  }

  /** Reads the open garden again, as another tab has left it. */
  async function reload(): Promise<void> {
    const id = garden.value?.id
    const fresh = id && (await loadGarden(opened(), id))
    if (!fresh) return
    forgetHistory()
    show(fresh)
  }

  async function write(before: StoredGarden, next: Garden): Promise<void> {
    const revision = await saveGarden(opened(), before, next)
    show({ garden: next, revision })
    channel.postMessage({ gardenId: next.id, revision })
  }

  /** One change after the other: each starts from what the one before has written. */
  function inTurn(work: () => Promise<void>): Promise<void> {
    turnsWaiting.value += 1
    const turn = queue.then(work).finally(() => (turnsWaiting.value -= 1))
    queue = turn.catch(() => undefined)
    return turn
  }

  async function apply(label: ChangeLabel, recipe: Recipe): Promise<void> {
    const before = stored.value
    if (!before) return
    const [next, patches, inverse] = produceWithPatches(before.garden, (draft) => {
      recipe(draft)
    })
    if (!patches.length) return
    await write(before, next)
    done.value = [...done.value, { label, patches, inverse }].slice(-UNDO_DEPTH)
    undone.value = []
    lastChange.value = label
  }

  /** Changes the garden. When the promise resolves, the change is on disk and shown. */
  function edit(label: ChangeLabel, recipe: Recipe): Promise<void> {
    return inTurn(async () => {
      try {
        await apply(label, recipe)
      } catch (error) {
        if (!(error instanceof StaleGardenError)) throw error
        await reload()
        await apply(label, recipe)
      }
    })
  }

  function step(from: typeof done, to: typeof done, side: 'inverse' | 'patches') {
    return inTurn(async () => {
      const change = from.value.at(-1)
      const before = stored.value
      if (!change || !before) return
      try {
        await write(before, applyPatches(before.garden, change[side]))
      } catch (error) {
        if (!(error instanceof StaleGardenError)) throw error
        // Another tab has gone on from here: what this one could take back is no longer the last.
        return reload()
      }
      from.value = from.value.slice(0, -1)
      to.value = [...to.value, change]
      lastChange.value = undefined
    })
  }
  const undo = () => step(done, undone, 'inverse')
  const redo = () => step(undone, done, 'patches')

  function open(id: string): Promise<void> {
    return inTurn(async () => {
      const fresh = await loadGarden(opened(), id)
      if (!fresh) return
      forgetHistory()
      show(fresh)
      await rememberCurrent(opened(), id)
      gardens.value = await listGardens(opened())
    })
  }

  /** Stores a garden that is not there yet and opens it. */
  async function add(next: Garden): Promise<void> {
    await saveGarden(opened(), undefined, next)
    await open(next.id)
  }

  /** Takes a garden file in: a new one beside the others, a known one in the place of its older self. */
  async function importText(text: string): Promise<void> {
    const incoming = readGarden(text)
    const known = await loadGarden(opened(), incoming.id)
    if (!known) return add(incoming)
    if (garden.value?.id !== incoming.id) await open(incoming.id)
    await edit({ code: 'change.import', params: { name: incoming.name } }, (draft) => {
      for (const key of Object.keys(draft)) delete (draft as Record<string, unknown>)[key]
      Object.assign(draft, incoming)
    })
  }

  async function openDemo(): Promise<void> {
    const known = await loadGarden(opened(), 'demo')
    if (known) return open('demo')
    const response = await fetch(demoUrl)
    await add(readGarden(await response.text()))
  }

  const startOwn = (name: string, spaceName: string): Promise<void> =>
    add(emptyGarden(nanoid(), name, spaceName))

  /** Opens the last garden, or the demo on a first visit. */
  async function start(): Promise<void> {
    database = await openDatabase()
    channel.onmessage = ({ data }: MessageEvent<{ gardenId: string; revision: number }>) => {
      const isNews = data.gardenId === garden.value?.id && data.revision !== stored.value?.revision
      if (isNews) void inTurn(reload)
    }
    const id = await currentGardenId(database)
    if (id) await open(id)
    if (!garden.value) await openDemo()
  }

  /** Lets go of the database and of the other tabs. */
  function close(): void {
    channel.close()
    database?.close()
  }

  return {
    garden,
    gardens,
    isSaving: computed(() => turnsWaiting.value > 0),
    lastChange,
    canUndo: computed(() => done.value.length > 0),
    canRedo: computed(() => undone.value.length > 0),
    undoLabel: computed(() => done.value.at(-1)?.label),
    redoLabel: computed(() => undone.value.at(-1)?.label),
    start,
    edit,
    undo,
    redo,
    open,
    importText,
    openDemo,
    startOwn,
    close,
  }
})
