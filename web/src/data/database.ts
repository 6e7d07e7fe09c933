import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { DailyWeather, Garden, GardenRecord } from '@rimbo/core'

/** A garden without its long lists, which have stores of their own. */
export type GardenDocument = Omit<Garden, 'records' | 'weather'>

export interface GardenRow {
  readonly id: string
  /** Goes up by one with each saved change, so that two tabs notice each other. */
  readonly revision: number
  readonly document: GardenDocument
}

export interface RimboSchema extends DBSchema {
  gardens: { key: string; value: GardenRow }
  records: {
    key: [gardenId: string, id: string]
    value: { gardenId: string; record: GardenRecord }
    indexes: {
      byGarden: string
      byContainer: [gardenId: string, containerId: string]
      byDate: [gardenId: string, at: string]
    }
  }
  weather: {
    key: [gardenId: string, date: string]
    value: { gardenId: string; day: DailyWeather }
    indexes: { byGarden: string }
  }
  meta: { key: string; value: string }
}

export type RimboDatabase = IDBPDatabase<RimboSchema>

const NAME = 'rimbo'
const VERSION = 1

export function openDatabase(): Promise<RimboDatabase> {
  return openDB<RimboSchema>(NAME, VERSION, {
    upgrade(database) {
      database.createObjectStore('gardens', { keyPath: 'id' })
      const records = database.createObjectStore('records', { keyPath: ['gardenId', 'record.id'] })
      records.createIndex('byGarden', 'gardenId')
      records.createIndex('byContainer', ['gardenId', 'record.containerId'])
      records.createIndex('byDate', ['gardenId', 'record.at'])
      const weather = database.createObjectStore('weather', { keyPath: ['gardenId', 'day.date'] })
      weather.createIndex('byGarden', 'gardenId')
      database.createObjectStore('meta')
    },
    // A newer tab may want to upgrade: let it.
    blocking: (_current, _blocked, event) => (event.target as IDBDatabase).close(),
  })
}
