import { afterEach, beforeEach, describe, expect, test } from '@jest/globals'
import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { createPinia, setActivePinia } from 'pinia'
import { edits, emptyGarden } from '@rimbo/core'
import { useGardenStore } from './garden'
import { useSafetyStore } from './safety'

/** A file as a browser hands it out; writing to it takes as long as is said. */
class ChosenFile {
  readonly name = 'mine.rimbo.json'
  readonly slowMs: number[] = []
  static text = ''
  createWritable() {
    const ms = this.slowMs.shift() ?? 0
    let written = ''
    return Promise.resolve({
      write: (text: string) => {
        written = text
        return new Promise((done) => setTimeout(done, ms))
      },
      close: () => Promise.resolve((ChosenFile.text = written)),
    })
  }
}
const nameInFile = () => (JSON.parse(ChosenFile.text) as { name: string }).name

let store: ReturnType<typeof useGardenStore>
let safety: ReturnType<typeof useSafetyStore>
let chosen: ChosenFile
async function until(isSo: () => boolean): Promise<void> {
  while (!isSo()) await new Promise((done) => setTimeout(done, 5))
}
const rename = (name: string) => store.edit(edits.changeSettings({}, name))
const settled = () => new Promise((done) => setTimeout(done, 1200))

beforeEach(async () => {
  globalThis.indexedDB = new IDBFactory()
  chosen = new ChosenFile()
  ChosenFile.text = ''
  Object.assign(globalThis, { window: { showSaveFilePicker: () => Promise.resolve(chosen) } })
  setActivePinia(createPinia())
  store = useGardenStore()
  await store.start(true)
  await store.takeIn(emptyGarden('other', 'Another', 'Yard'))
  await store.takeIn(emptyGarden('mine', 'Mine', 'Balcony'))
  safety = useSafetyStore()
  await settled()
})
afterEach(() => {
  store.close()
  Reflect.deleteProperty(globalThis, 'window')
})

describe('a file that is kept up to date', () => {
  test('has the garden at once, and each change soon after', async () => {
    await safety.keepInFile()
    expect([safety.fileState, nameInFile()]).toEqual(['upToDate', 'Mine'])
    await rename('Renamed')
    await until(() => nameInFile() === 'Renamed')
    expect(safety.reminder).toBeUndefined()
  })
  test('has the last change of its own garden, and nothing of the one that is opened next', async () => {
    await safety.keepInFile()
    await rename('Last change')
    await store.open('other')
    await settled()
    expect(nameInFile()).toBe('Last change')
    expect([safety.fileState, safety.fileName]).toEqual(['none', undefined])
    await rename('Of the other')
    await settled()
    expect(nameInFile()).toBe('Last change')
  })
  test('ends with the newest, however slow an older writing was', async () => {
    chosen.slowMs.push(0, 1500, 0)
    await safety.keepInFile()
    await rename('Older')
    await settled()
    await rename('Newest')
    await until(() => nameInFile() === 'Newest')
    await settled()
    expect(nameInFile()).toBe('Newest')
  })
  test('that cannot be written to is said, and the garden stays whole', async () => {
    await safety.keepInFile()
    chosen.createWritable = () => Promise.reject(new Error('The card is out'))
    await rename('Safe here')
    await until(() => safety.fileState === 'failed')
    expect(store.garden!.name).toBe('Safe here')
  })
})
