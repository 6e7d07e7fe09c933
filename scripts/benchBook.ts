import {
  besideSeasons,
  foundRecords,
  parseEntry,
  plainText,
  readGarden,
  saysAll,
  type Garden,
  type GardenRecord,
} from '@rimbo/core'
import { readFileSync } from 'node:fs'
import { medianMs } from './timing'

const RECORDS = 50_000

/** The demo with fifty thousand records over five years. */
function longGarden(): Garden {
  const text = readFileSync(new URL('../demo/port-maren.rimbo.json', import.meta.url), 'utf8')
  const garden = readGarden(text)
  const records = Array.from({ length: RECORDS }, (_, at): GardenRecord => {
    const day = new Date(Date.UTC(2022, 0, 1) + Math.floor((at * 1800) / RECORDS) * 86_400_000)
    const every = {
      id: `b${at}`,
      at: `${day.toISOString().slice(0, 10)}T08:00`,
      containerId: garden.containers[at % garden.containers.length]!.id,
    }
    return at % 9
      ? { ...every, kind: 'water', volumeL: 1 + (at % 5), note: `can ${at}` }
      : { ...every, kind: 'pick', massG: 100 + (at % 90), count: 3 }
  })
  return { ...garden, records }
}

/** An entry typed, words looked for among all records, and all seasons laid beside each other. */
export function bookTimes(): {
  readonly entryMs: number
  readonly searchMs: number
  readonly seasonsMs: number
} {
  const garden = longGarden()
  const texts = new Map(garden.records.map((one) => [one.id, plainText(one.note ?? '')]))
  const says = saysAll('can 4999')
  return {
    entryMs: medianMs(
      () => parseEntry('2 l b1 and k1, 640 g t1 before the rain', garden, '2026-11-27T08:00'),
      11,
    ),
    searchMs: medianMs(
      () => foundRecords(garden, { fits: ({ id }) => says(texts.get(id)!) }).length,
      7,
    ),
    seasonsMs: medianMs(() => besideSeasons({ ...garden }, '2026-11-27'), 3),
  }
}
