import type { produce as produceDraft } from 'immer'
import { nanoid } from 'nanoid'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import {
  addDays,
  dayOf,
  emptyGarden,
  type Garden,
  type GardenEdit,
  type StartsWith,
} from '@rimbo/core'
import { onTheClock } from '../clock'
import { createConnection } from '../data/connection'
import { LaterGardenError, StorageError } from '../data/trouble'
import type { ChangeLabel } from '../data/database'
import type { GardenMerged } from '../data/merging'
import {
  addGarden,
  currentGardenId,
  listGardens,
  forgetDeleted,
  loadGarden,
  markDeleted,
  rememberCurrent,
  storedDocument,
  type DeletedGarden,
  type GardenSummary,
  type StoredGarden,
} from '../data/repository'
import { load } from '../loading'

export type { GardenMerged } from '../data/merging'
export type { ChangeLabel } from '../data/database'

/** A deleted garden can be brought back for so long. */
const DELETED_KEPT_DAYS = 30
const today = () => dayOf(onTheClock(new Date()))

type Make = (garden: Garden) => Garden
const changing = () => import('../data/changing')
const merging = () => import('../data/merging')
interface News {
  readonly gardenId: string
  readonly revision: number
}

/**
 * The open garden. Every change goes through `edit`: it is written to disk first
 * and shown when it is there, and it can be undone, after a reload as well.
 */
export const useGardenStore = defineStore('garden', () => {
  const stored = shallowRef<StoredGarden>()
  const listed = shallowRef<readonly GardenSummary[]>([])
  const deleted = shallowRef<readonly DeletedGarden[]>([])
  const lastChange = shallowRef<ChangeLabel>()
  const turnsWaiting = ref(0)
  /** Why there is no garden to be shown, or none to be written to. */
  const trouble = shallowRef<StorageError | LaterGardenError>()
  /** Another tab has to be closed before this one can begin. */
  const isWaiting = ref(false)
  const channel = new BroadcastChannel('rimbo')
  const { use, end } = createConnection(() => (isWaiting.value = true))
  let queue: Promise<unknown> = Promise.resolve()

  const garden = computed(() => (trouble.value ? undefined : stored.value?.garden))
  const history = computed(() => stored.value?.history ?? { steps: [], done: 0 })
  const gardens = computed(() =>
    listed.value.map((one) => (one.id === stored.value?.garden.id ? summaryOf(stored.value) : one)),
  )
  const summaryOf = ({ garden: { id, name } }: StoredGarden): GardenSummary => ({ id, name })

  /** One piece of work after the other: each starts from what the one before has written. */
  function inTurn(work: () => Promise<void>): Promise<void> {
    turnsWaiting.value += 1
    const turn = queue.then(work).finally(() => (turnsWaiting.value -= 1))
    queue = turn.catch(() => undefined)
    return turn
  }

  /** Works out what a changed garden asks for, so that showing it takes no time; set by who shows it. */
  const workOutFirst = shallowRef<(next: Garden) => Promise<void>>()

  /** Shows what was written, and tells the other tabs. */
  async function written(next: StoredGarden): Promise<void> {
    // What cannot be worked out is told by the view that asks for it.
    await workOutFirst.value?.(next.garden).catch(() => undefined)
    stored.value = next
    const news: News = { gardenId: next.garden.id, revision: next.revision }
    channel.postMessage(news)
  }

  /** Does something with the open garden in the database, and shows what came of it. */
  async function withStored(
    work: (known: StoredGarden) => Promise<StoredGarden | undefined>,
  ): Promise<void> {
    const before = stored.value
    if (!before) return
    try {
      const next = await work(before)
      if (!next) throw new StorageError('gone')
      if (next !== before) await written(next)
    } catch (error) {
      // What a later program has written is neither shown nor written to from here.
      if (error instanceof LaterGardenError) trouble.value = error
      throw error
    }
  }

  const change = (
    label: ChangeLabel,
    makeWith: (produce: typeof produceDraft) => Make,
  ): Promise<void> =>
    inTurn(async () => {
      const { changeGarden, produce } = await load(changing)
      const make = makeWith(produce)
      let isChanged = false
      await withStored((known) =>
        use((database) =>
          changeGarden(database, known, label, (before) => {
            const next = make(before)
            isChanged = next !== before
            return next
          }),
        ),
      )
      if (isChanged) lastChange.value = label
    })

  /**
   * Changes the garden as it is stored by now. When the promise resolves, the
   * change is on disk and shown.
   *
   * @throws InputError `refused` with the faults of what could not be read back
   */
  const edit = ({ label, apply }: GardenEdit): Promise<void> =>
    change(
      label,
      (produce) => (before) =>
        produce(before, (draft) => {
          apply(draft)
        }),
    )

  const step = (by: -1 | 1): Promise<void> =>
    inTurn(async () => {
      const { stepGarden } = await load(changing)
      lastChange.value = undefined
      await withStored((known) => use((database) => stepGarden(database, known, by)))
    })
  const undo = () => step(-1)
  const redo = () => step(1)

  /** Reads the open garden again, as another tab has left it. */
  async function reload(): Promise<void> {
    const id = stored.value?.garden.id
    const fresh = id && (await use((database) => loadGarden(database, id)))
    // Deleted in another window: what is seen here can still be exported.
    if (!fresh) return
    lastChange.value = undefined
    stored.value = fresh
  }

  async function list(): Promise<void> {
    const all = await use(listGardens)
    listed.value = all.kept
    deleted.value = all.deleted
  }

  const open = (id: string, opensNextTime = false): Promise<void> =>
    inTurn(async () => {
      const fresh = await use((database) => loadGarden(database, id))
      if (!fresh) return
      // What is seen is found again after a reload.
      if (!opensNextTime) await use((database) => rememberCurrent(database, id))
      trouble.value = undefined
      lastChange.value = undefined
      stored.value = fresh
      await list()
    })

  /** Any garden that is there, where the last one is gone. */
  async function openFirst(): Promise<void> {
    const { kept } = await use(listGardens)
    if (kept[0]) await open(kept[0].id)
  }

  /**
   * Takes a garden in: a new one beside the others; a known one is merged with what is here.
   *
   * @returns what the merge has done, undefined where the garden is new
   */
  async function takeIn(incoming: Garden): Promise<GardenMerged | undefined> {
    const isNew = await use((database) => addGarden(database, incoming))
    if (stored.value?.garden.id !== incoming.id) await open(incoming.id)
    if (isNew) return undefined
    const { merge } = await load(merging)
    let merged: GardenMerged | undefined
    await change({ code: 'change.merge', params: { name: incoming.name } }, () => (before) => {
      const { after, done } = merge(before, incoming)
      merged = done
      return after
    })
    return merged
  }

  /** Takes a known garden in the place of its other self: what is here and not there goes. */
  async function replaceBy(incoming: Garden): Promise<void> {
    const { replacedBy } = await load(merging)
    await change(
      { code: 'change.import', params: { name: incoming.name } },
      () => (before) => replacedBy(before, incoming),
    )
  }

  async function openDemo(): Promise<void> {
    const known = (await use(listGardens)).kept.some(({ id }) => id === 'demo')
    if (!known) {
      const garden = await load(async () => (await import('../data/demo')).fetchDemo())
      // Another tab may have been quicker: then its demo is opened.
      await use((database) => addGarden(database, garden))
    }
    await open('demo')
  }

  let starting: Promise<void> | undefined
  /** Begins a garden of one's own; one that was just begun and has nothing in it yet serves. */
  function startOwn(name: string, spaceName: string, start?: StartsWith): Promise<void> {
    const begin = async () => {
      const own = garden.value
      const isUntouched = stored.value?.revision === 1 && !own?.clock && !own?.containers.length
      if (!isUntouched || start) await takeIn(emptyGarden(nanoid(), name, spaceName, start))
    }
    starting ??= begin().finally(() => (starting = undefined))
    return starting
  }

  /**
   * Opens the last garden, or any that is there. On a first visit the demo, so that every address
   * shows something; a newcomer who is asked first gets none.
   */
  async function start(asksFirst = false): Promise<void> {
    trouble.value = undefined
    channel.onmessage = ({ data }: MessageEvent<News>) => {
      const isOpen = data.gardenId === stored.value?.garden.id
      if (!isOpen) void list()
      else if (data.revision !== stored.value?.revision) void inTurn(reload).catch(toldAsTrouble)
    }
    try {
      await use((database) => forgetDeleted(database, addDays(today(), -DELETED_KEPT_DAYS)))
      const id = await use(currentGardenId)
      if (id) await open(id, true)
      if (!stored.value) await openFirst()
      if (!stored.value && !asksFirst) await openDemo()
    } catch (error) {
      toldAsTrouble(error)
    }
    isWaiting.value = false
    void changing().catch(() => undefined)
  }
  /**
   * Deletes a garden; it can be brought back for a month. Where it lies open another opens, and
   * none where it was the last.
   */
  const deleteGarden = (id: string): Promise<void> =>
    inTurn(async () => {
      await use((database) => markDeleted(database, id, today()))
      channel.postMessage({ gardenId: id, revision: -1 } satisfies News)
      await list()
      if (stored.value?.garden.id !== id) return
      lastChange.value = undefined
      stored.value = undefined
      const [other] = listed.value
      if (other) void open(other.id)
    })
  const bringBack = (id: string): Promise<void> =>
    inTurn(async () => {
      await use((database) => markDeleted(database, id, undefined))
      await list()
      void open(id)
    })
  function toldAsTrouble(error: unknown): void {
    if (!(error instanceof StorageError || error instanceof LaterGardenError)) throw error
    trouble.value = error
    void list().catch(() => undefined)
  }

  /** A garden as it is stored, even where it is not understood here. */
  const storedText = async (id: string): Promise<string> =>
    JSON.stringify(await use((database) => storedDocument(database, id)), null, 2)

  /** Lets go of the database and of the other tabs. */
  function close(): void {
    channel.close()
    void end()
  }

  return {
    garden,
    gardens,
    deleted,
    deleteGarden,
    bringBack,
    trouble,
    isWaiting,
    isSaving: computed(() => turnsWaiting.value > 0),
    lastChange,
    canUndo: computed(() => history.value.done > 0),
    canRedo: computed(() => history.value.done < history.value.steps.length),
    undoLabel: computed(() => history.value.steps[history.value.done - 1]?.label),
    start,
    edit,
    undo,
    redo,
    open,
    takeIn,
    replaceBy,
    openDemo,
    startOwn,
    storedText,
    use,
    workOutFirst,
    close,
  }
})
