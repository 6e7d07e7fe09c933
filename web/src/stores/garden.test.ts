import { readFileSync } from 'node:fs'
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { createPinia, setActivePinia } from 'pinia'
import {
  InputError,
  readGarden,
  type Garden,
  type GardenEdit,
  type GardenRecord,
} from '@rimbo/core'
import { createConnection } from '../data/connection'
import { currentGardenId } from '../data/repository'
import { useGardenStore } from './garden'

const demoText = readFileSync(
  new URL('../../../demo/port-maren.rimbo.json', import.meta.url),
  'utf8',
)
const changed = (apply: GardenEdit['apply']): GardenEdit => ({
  label: { code: 'change.settings' },
  apply,
})
/** A garden but for the marks by which it is merged. */
const withoutMarks = (garden: Garden | undefined): unknown =>
  JSON.parse(
    JSON.stringify({ ...garden, removed: undefined, devices: undefined, walkingOrder: undefined }),
    (field, value: unknown) => (field === 'changedAt' ? undefined : value),
  )
const watering = (id: string): GardenRecord => ({
  id,
  at: '2026-06-18T07:30',
  kind: 'water',
  containerId: 'b1',
  volumeL: 2,
})

test('the demo is in its file as its reader would leave it: it is shown unread', () => {
  expect(JSON.stringify(JSON.parse(demoText))).toBe(JSON.stringify(readGarden(demoText)))
})

/** A store as another tab or a later visit would have it: the same database, nothing in memory. */
async function visit() {
  setActivePinia(createPinia())
  const store = useGardenStore()
  opened.push(store)
  await store.start()
  return store
}
const opened: ReturnType<typeof useGardenStore>[] = []

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory()
  globalThis.fetch = jest.fn(() => Promise.resolve(new Response(demoText)))
})
afterEach(() => {
  opened.splice(0).forEach((store) => store.close())
})

describe('the garden store', () => {
  test('opens the demo on a first visit, and fetches it once only', async () => {
    const first = await visit()
    expect(first.garden?.id).toBe('demo')
    const second = await visit()
    expect(second.garden?.id).toBe('demo')
    expect(globalThis.fetch).toHaveBeenCalledTimes(1)
  })

  test('a change that is shown is on disk', async () => {
    const store = await visit()
    await store.edit(changed((draft) => void draft.records.push(watering('new'))))
    expect(store.garden?.records.at(-1)?.id).toBe('new')
    const later = await visit()
    expect(later.garden?.records.some((record) => record.id === 'new')).toBe(true)
  })

  test('undo and redo, on disk as well', async () => {
    const store = await visit()
    const before = store.garden
    await store.edit(
      changed((draft) => {
        draft.containers = draft.containers.filter((one) => one.id !== 'b1')
        draft.plantings = draft.plantings.filter((one) => one.containerId !== 'b1')
      }),
    )
    expect(store.garden?.containers).toHaveLength(15)
    await store.undo()
    expect(withoutMarks(store.garden)).toEqual(withoutMarks(before))
    expect((await visit()).garden?.containers).toHaveLength(16)
    await store.redo()
    expect((await visit()).garden?.containers).toHaveLength(15)
    expect(store.canRedo).toBe(false)
  })

  test('a new change after an undo ends what could be redone', async () => {
    const store = await visit()
    await store.edit(changed((draft) => void (draft.name = 'One')))
    await store.undo()
    await store.edit(changed((draft) => void (draft.name = 'Two')))
    await store.redo()
    expect(store.garden?.name).toBe('Two')
  })

  test('changes made at once are made one after the other, none lost', async () => {
    const store = await visit()
    const count = store.garden!.records.length
    const ids = Array.from({ length: 8 }, (_, index) => `at-once-${index}`)
    await Promise.all(
      ids.map((id) => store.edit(changed((draft) => void draft.records.push(watering(id))))),
    )
    expect(store.garden?.records).toHaveLength(count + 8)
    expect((await visit()).garden?.records).toHaveLength(count + 8)
  })

  test('a change on top of what another tab has written keeps both', async () => {
    const here = await visit()
    const there = await visit()
    await there.edit(changed((draft) => void draft.records.push(watering('there'))))
    await here.edit(changed((draft) => void draft.records.push(watering('here'))))
    const ids = (await visit()).garden!.records.map((record) => record.id)
    expect(ids).toEqual(expect.arrayContaining(['there', 'here']))
  })

  test('a change that changes nothing is not one', async () => {
    const store = await visit()
    await store.edit(changed((draft) => void (draft.name = draft.name.trim())))
    expect(store.canUndo).toBe(false)
  })

  test('a change that fails leaves all as it was, and the next one works', async () => {
    const store = await visit()
    const before = store.garden
    const failing = store.edit(
      changed(() => {
        throw new Error('no')
      }),
    )
    await expect(failing).rejects.toThrow('no')
    expect(store.garden).toBe(before)
    await store.edit(changed((draft) => void (draft.name = 'After')))
    expect(store.garden?.name).toBe('After')
  })

  test('a garden of one’s own stands beside the demo and is opened next time', async () => {
    const store = await visit()
    await store.startOwn('Mine', 'Balcony')
    expect(store.gardens.map(({ name }) => name).sort()).toEqual([
      'Mine',
      'Third floor, Port Maren',
    ])
    expect((await visit()).garden?.name).toBe('Mine')
    await store.open('demo')
    expect(store.garden?.id).toBe('demo')
  })

  test('a garden that went on elsewhere is merged with what is here, and the whole can be undone', async () => {
    const store = await visit()
    const start = store.garden!
    await store.edit(changed((draft) => void draft.records.push(watering('here'))))
    const before = store.garden!
    const [pot] = start.containers
    const elsewhere = structuredClone({
      ...start,
      containers: [
        { ...pot!, name: 'Renamed', changedAt: '2026-06-18T08:00:00.000Z phone' },
        ...start.containers.slice(1),
      ],
      records: [...start.records, watering('there')],
    })
    const done = await store.takeIn(elsewhere)
    expect(done).toMatchObject({ conflicts: [] })
    expect(done!.lists.map(({ list }) => list).sort()).toEqual(['containers', 'records'])
    const ids = store.garden!.records.map(({ id }) => id)
    expect(ids).toEqual(expect.arrayContaining(['here', 'there']))
    expect(store.garden!.containers[0]!.name).toBe('Renamed')
    await store.undo()
    expect(store.garden).toEqual(before)
    // Taken back it can come in again, and nothing of it is thought to have been removed here.
    await store.takeIn(elsewhere)
    expect(store.garden!.records.some(({ id }) => id === 'there')).toBe(true)
  })

  test('it can take the place of what is here instead, and that is undone as well', async () => {
    const store = await visit()
    const before = store.garden!
    await store.replaceBy(structuredClone({ ...before, name: 'From a file', records: [] }))
    expect(store.garden).toMatchObject({ name: 'From a file', records: [] })
    await store.undo()
    expect(store.garden).toEqual(before)
  })

  test('an imported garden that is not known is added and opened', async () => {
    const store = await visit()
    await store.takeIn({ ...store.garden!, id: 'hers', name: 'Hers' })
    expect(store.garden?.id).toBe('hers')
    expect(store.gardens).toHaveLength(2)
  })

  test('an undo after another tab has written takes nothing of the other back', async () => {
    const here = await visit()
    await here.edit(changed((draft) => void (draft.name = 'Here')))
    const there = await visit()
    await there.edit(changed((draft) => void draft.records.push(watering('there'))))
    await here.undo()
    expect(here.garden?.records.some((record) => record.id === 'there')).toBe(true)
    expect((await visit()).garden?.records.some((record) => record.id === 'there')).toBe(true)
  })

  test('a garden opened while a change is being written waits for it, and stays open', async () => {
    const store = await visit()
    await store.startOwn('Mine', 'Balcony')
    const own = store.garden!.id
    const change = store.edit(changed((draft) => void (draft.name = 'Mine, renamed')))
    const opening = store.open('demo')
    await change
    expect(store.isSaving).toBe(true)
    await opening
    expect(store.isSaving).toBe(false)
    expect(store.garden?.id).toBe('demo')
    expect(store.gardens.find(({ id }) => id === own)?.name).toBe('Mine, renamed')
  })

  test('what was done before a reload can be undone after it, and done again, a hundred steps deep', async () => {
    const before = await visit()
    for (let count = 0; count < 103; count++)
      await before.edit(changed((draft) => void draft.records.push(watering(`w${count}`))))
    const has = (store: typeof before, id: string) =>
      store.garden!.records.some((record) => record.id === id)
    const later = await visit()
    expect(later.canUndo).toBe(true)
    expect(later.undoLabel).toEqual({ code: 'change.settings' })
    while (later.canUndo) await later.undo()
    // The three oldest are past recall.
    expect([has(later, 'w2'), has(later, 'w3')]).toEqual([true, false])
    const last = await visit()
    expect(last.canUndo).toBe(false)
    while (last.canRedo) await last.redo()
    expect(has(last, 'w102')).toBe(true)
    expect((await visit()).garden).toEqual(last.garden)
  }, 120_000)

  test('two tabs on a first visit both open, and there is one demo', async () => {
    const both = await Promise.all([visit(), visit()])
    for (const store of both) expect(store.garden?.id).toBe('demo')
    expect((await visit()).gardens).toHaveLength(1)
  })

  test('tabs that write at once wait for each other: nothing is lost, nothing fails', async () => {
    const tabs = [await visit(), await visit(), await visit()]
    const count = tabs[0]!.garden!.records.length
    await Promise.all(
      tabs.flatMap((store, tab) =>
        Array.from({ length: 12 }, (_, index) =>
          store.edit(changed((draft) => void draft.records.push(watering(`${tab}-${index}`)))),
        ),
      ),
    )
    const { records } = (await visit()).garden!
    expect(records).toHaveLength(count + 36)
    expect(new Set(records.map(({ id }) => id)).size).toBe(count + 36)
  })

  test('what could not be read back is refused by field, and nothing is written', async () => {
    const store = await visit()
    const before = store.garden
    const refused = store.edit(
      changed((draft) => {
        draft.records.push({ ...watering('flood'), volumeL: 500 } as GardenRecord)
      }),
    )
    await expect(refused).rejects.toBeInstanceOf(InputError)
    await expect(refused).rejects.toMatchObject({
      code: 'refused',
      faults: [{ path: ['records', before!.records.length, 'volumeL'], code: 'tooBig' }],
    })
    expect(store.garden).toBe(before)
    expect((await visit()).garden).toEqual(before)
  })

  test('started twice at once, or again while it is empty, it is one garden', async () => {
    const store = await visit()
    await Promise.all([store.startOwn('Mine', 'Balcony'), store.startOwn('Mine', 'Balcony')])
    await store.startOwn('Mine', 'Balcony')
    expect(store.gardens).toHaveLength(2)
  })

  test('the list of gardens has the names of now, in this tab and in another', async () => {
    const here = await visit()
    const there = await visit()
    await there.startOwn('Mine', 'Balcony')
    await here.edit(changed((draft) => void (draft.name = 'Renamed demo')))
    expect(here.gardens.map(({ name }) => name)).toContain('Renamed demo')
    await new Promise((resolve) => setTimeout(resolve, 100))
    expect(there.gardens.map(({ name }) => name).sort()).toEqual(['Mine', 'Renamed demo'])
  })

  describe('what a later program has written', () => {
    /** Puts the stored garden into the state in which a later program would leave it. */
    async function written(version: number) {
      const { use, end } = createConnection()
      await use(async (database) => {
        const row = (await database.get('gardens', (await currentGardenId(database))!))!
        const document = { ...row.document, version, laterField: 1 } as unknown
        await database.put('gardens', { ...row, document: document as typeof row.document })
      })
      await end()
    }
    test('is not opened, and can be taken out as it is', async () => {
      ;(await visit()).close()
      await written(99)
      const store = await visit()
      expect(store.garden).toBeUndefined()
      expect(store.trouble).toMatchObject({ name: 'LaterGardenError', gardenId: 'demo', given: 99 })
      const kept = JSON.parse(await store.storedText('demo')) as { records: unknown[] }
      expect(kept).toMatchObject({ version: 99, laterField: 1 })
      expect(kept.records.length).toBeGreaterThan(10)
    })
    test('is not written to from a tab that was open before, and another garden can be opened', async () => {
      const store = await visit()
      await store.startOwn('Mine', 'Balcony')
      await store.open('demo')
      await store.edit(changed((draft) => void (draft.name = 'Before')))
      await written(99)
      await use1(async (database) => {
        const row = (await database.get('gardens', 'demo'))!
        await database.put('gardens', { ...row, revision: row.revision + 1 })
      })
      await expect(
        store.edit(changed((draft) => void (draft.name = 'Overwritten'))),
      ).rejects.toMatchObject({ name: 'LaterGardenError' })
      expect(JSON.parse(await store.storedText('demo'))).toMatchObject({ name: 'Before' })
      await store.open(store.gardens.find(({ name }) => name === 'Mine')!.id)
      expect(store.garden?.name).toBe('Mine')
    })
  })
})

const use1: ReturnType<typeof createConnection>['use'] = async (work) => {
  const { use, end } = createConnection()
  try {
    return await use(work)
  } finally {
    await end()
  }
}
