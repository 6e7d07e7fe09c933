import { readFileSync } from 'node:fs'
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { createPinia, setActivePinia } from 'pinia'
import { edits, isOpen, shelfStock } from '@rimbo/core'
import { useFeedingStore } from './feeding'
import { useGardenStore } from './garden'
import { useJobsStore } from './jobs'
import { useTodayStore } from './today'

const demoText = readFileSync(
  new URL('../../../demo/port-maren.rimbo.json', import.meta.url),
  'utf8',
)

let garden: ReturnType<typeof useGardenStore>
let feeding: ReturnType<typeof useFeedingStore>
beforeEach(async () => {
  globalThis.indexedDB = new IDBFactory()
  globalThis.fetch = jest.fn(() => Promise.resolve(new Response(demoText)))
  setActivePinia(createPinia())
  garden = useGardenStore()
  await garden.start()
  feeding = useFeedingStore()
  await until(() => feeding.walk?.stops.length === 16)
})
afterEach(() => garden.close())

async function until(isSo: () => boolean): Promise<void> {
  while (!isSo()) await new Promise((done) => setTimeout(done))
}

const leftOf = (id: string) =>
  shelfStock(garden.garden!).find(({ product }) => product.id === id)!.leftG

/** Records the feed that is due in a pot, as the round does. */
async function give(containerId: string) {
  const [due] = feeding.byContainer.get(containerId)!.due
  const container = garden.garden!.containers.find(({ id }) => id === containerId)!
  const given = { container, at: '2026-06-18T07:30', doses: [due!.dose] }
  await garden.edit(edits.recordFeeds(given, () => `fed-${containerId}`))
  const { product, massG, solution } = due!.dose
  return { productId: product.id, massG, volumeL: solution?.volumeL ?? 0 }
}

describe('a garden that is opened', () => {
  test('is walked from the first pot that is due, before all pots are worked out', async () => {
    setActivePinia(createPinia())
    const again = useGardenStore()
    await again.start()
    const today = useTodayStore()
    expect(today.walked).toBeUndefined()
    await until(() => today.walked !== undefined)
    expect(today.progress).toBeDefined()
    expect(today.course).toBeUndefined()
    const begun = today.walked!
    // The card has its feed; of what is to be carried no part is told for the whole.
    const feeds = useFeedingStore()
    expect(feeds.begun!.stops.length).toBeLessThan(16)
    expect(feeds.walk).toBeUndefined()
    expect(begun.course.pots.length).toBeLessThan(16)
    expect(begun.round.dueCount).toBeGreaterThan(0)
    await until(() => today.course !== undefined)
    expect(today.progress).toBeUndefined()
    expect(feeds.walk).toBeUndefined()
    await until(() => feeds.walk !== undefined)
    expect(feeds.walk!.stops).toHaveLength(16)
    // What was told of a pot first is what is told of it in the end.
    const first = begun.round.stops.find(({ state }) => state === 'due')!
    const same = today.round!.stops.find(({ pot }) => pot.container.id === first.pot.container.id)!
    expect(same.nowL).toBe(first.nowL)
    again.close()
  })
  test('has on the card what was recorded while it opened', async () => {
    // The browser's turns, given one by one.
    const turns: (() => void)[] = []
    const { MessageChannel } = globalThis
    class Turns {
      readonly port1 = { onmessage: (): void => undefined, close: () => undefined }
      readonly port2 = { postMessage: () => turns.push(() => this.port1.onmessage()) }
    }
    Object.assign(globalThis, { MessageChannel: Turns })
    const aTurn = async () => {
      turns.splice(0).forEach((go) => go())
      await new Promise((done) => setTimeout(done))
    }
    setActivePinia(createPinia())
    const again = useGardenStore()
    try {
      await again.start()
      const today = useTodayStore()
      while (!today.walked) await aTurn()
      const { pot } = today.walked.round.stops.find(({ state }) => state === 'due')!
      const { id: containerId, code } = pot.container
      const record = { id: 'early', at: today.now, kind: 'water', containerId, volumeL: 9 } as const
      await again.edit(edits.recordOne(record, code))
      await aTurn()
      expect(today.progress).toBeDefined()
      const { stops } = today.walked.round
      expect(stops.find((stop) => stop.pot.container.id === containerId)!.state).not.toBe('due')
    } finally {
      Object.assign(globalThis, { MessageChannel })
      again.close()
    }
  })
  test('is worked out anew when its weather changes, and shows the last answers until then', async () => {
    const today = useTodayStore()
    const before = today.course
    const { weather } = garden.garden!
    const day = weather.at(-1)!
    await garden.edit(edits.keepDay({ ...day, tempMaxC: day.tempMaxC + 5 }))
    expect(today.course).toBe(before)
    await until(() => today.course !== before)
    expect(today.course!.garden).toBe(garden.garden)
  })
})

describe('the feeding store', () => {
  test('knows every planted pot, and the walk has each of them once', () => {
    expect(feeding.byContainer.size).toBe(16)
    expect(feeding.walk!.stops).toHaveLength(16)
    expect(new Set(feeding.walk!.stops.map(({ stop }) => stop.pot.container.id)).size).toBe(16)
  })
  test('a feed that is recorded goes to the book, the stock goes down, and undo restores both', async () => {
    const records = garden.garden!.records.length
    const { productId, massG } = await give('f2')
    expect(garden.garden!.records).toHaveLength(records + 1)
    const after = leftOf(productId)
    expect(feeding.byContainer.get('f2')!.due).toEqual([])
    await garden.undo()
    expect(garden.garden!.records).toHaveLength(records)
    expect(leftOf(productId)).toBeCloseTo(after + massG, 9)
    expect(feeding.byContainer.get('f2')!.due).toHaveLength(1)
    await garden.redo()
    expect(leftOf(productId)).toBeCloseTo(after, 9)
  })
  test('what it was dissolved in is not asked for again as water', async () => {
    const today = useTodayStore()
    const before = today.round!.stops.find(({ pot }) => pot.container.id === 'f2')!
    expect(before.state).toBe('due')
    const { volumeL } = await give('f2')
    const after = today.round!.stops.find(({ pot }) => pot.container.id === 'f2')!
    expect(after.state).not.toBe('due')
    expect(after.pot.givenL).toBeCloseTo(volumeL, 9)
  })
  test('days ahead are after today, today’s own first where a feed is due', () => {
    const jobs = useJobsStore()
    const feedsOf = (id: string) =>
      jobs.byContainer.get(id)!.filter((job) => job.kind === 'feed' && isOpen(job))
    const { date } = useTodayStore().today!
    const [first, second] = feedsOf('f2')
    expect(first!.dueOn <= date && !first!.held).toBe(true)
    expect(second!.dueOn > date).toBe(true)
    const [waits] = feedsOf('k3')
    expect(waits!.held ?? waits!.dueOn > date).toBeTruthy()
  })
  test('another plan changes what is due at once', async () => {
    await garden.edit(edits.stopFeeding({ id: 'f2', code: 'F2' }))
    expect(feeding.byContainer.get('f2')!.due).toEqual([])
    const open = useJobsStore().byContainer.get('f2')!.filter(isOpen)
    expect(open.filter(({ kind }) => kind === 'feed')).toEqual([])
    expect(feeding.walk!.stops.find(({ stop }) => stop.pot.container.id === 'f2')!.due).toEqual([])
  })
})
