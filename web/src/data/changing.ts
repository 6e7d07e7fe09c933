import {
  changeBetween,
  GARDEN_VERSION,
  inverseOf,
  isListChange,
  requireReadable,
  stamped,
  withChange,
  type Garden,
  type GardenChange,
} from '@rimbo/core'
import { stampNow } from './device'
import type { ChangeLabel, GardenHistory, RimboDatabase } from './database'
import { pageNames, pagesOf } from './pages'
import {
  gardenIn,
  inOneTransaction,
  LONG_LISTS,
  versionIn,
  write,
  writeAnew,
  type PageWritten,
  type StoredGarden,
  type Writing,
} from './repository'

// Nothing of this is needed until something is changed: the first screen does not wait for it.
export { produce } from 'immer'

const UNDO_DEPTH = 100

/** What came in whole from elsewhere keeps the marks it came with, and goes again with them. */
const IS_FROM_ELSEWHERE: ReadonlySet<string> = new Set(['change.import', 'change.merge'])

/** The pages on which a change has left its mark. */
const pagesOfChange = (garden: Garden, change: GardenChange): PageWritten[] =>
  LONG_LISTS.flatMap((field) => {
    const touched = change.flatMap((one) =>
      isListChange(one) && one.field === field ? [...one.removed, ...one.added] : [],
    )
    const names = pageNames(field, touched)
    const pages = pagesOf(field, garden[field], names)
    return [...names].map((page) => ({ field, page, items: pages.get(page) ?? [] }))
  })

/** The history with one more step: what was undone can be done again no more, the oldest is forgotten. */
function withStep({ steps, done }: GardenHistory, label: ChangeLabel) {
  const kept = steps.slice(0, done)
  const step = { number: (kept.at(-1)?.number ?? 0) + 1, label }
  const next = [...kept, step].slice(-UNDO_DEPTH)
  const forgotten = [...steps.slice(done), ...kept.slice(0, kept.length + 1 - next.length)]
  return { step, forgotten, history: { steps: next, done: next.length } }
}

/** The garden as it is stored now: the one that is known, where nobody has written since. */
async function storedNow(
  transaction: Writing,
  known: StoredGarden,
): Promise<StoredGarden | undefined> {
  const row = await transaction.objectStore('gardens').get(known.garden.id)
  if (!row || row.deletedOn) return undefined
  const isKnown = row.revision === known.revision && versionIn(row) <= GARDEN_VERSION
  return isKnown ? known : gardenIn(transaction, row)
}

/**
 * Changes a garden as it is stored now, whoever has written to it since it was
 * read. When the promise resolves, the change is committed and flushed. Writers
 * wait for each other in the database, so none has to try again.
 *
 * @param known the garden as it was last read or written here
 * @param make  gives the garden as it is to be; called once, with what is stored
 * @returns what is stored now, or undefined where the garden has been deleted
 * @throws InputError `refused` where it could not be read back; LaterGardenError
 */
export const changeGarden = (
  database: RimboDatabase,
  known: StoredGarden,
  label: ChangeLabel,
  make: (garden: Garden) => Garden,
): Promise<StoredGarden | undefined> =>
  inOneTransaction(database, async (transaction) => {
    const before = await storedNow(transaction, known)
    if (!before) return undefined
    const made = make(before.garden)
    const change = changeBetween(before.garden, made)
    if (!change.length) return before
    requireReadable(before.garden, made, change)
    const garden = IS_FROM_ELSEWHERE.has(label.code)
      ? made
      : stamped(before.garden, made, change, stampNow())
    const { step, forgotten, history } = withStep(before.history, label)
    const changes = transaction.objectStore('changes')
    const { id: gardenId } = garden
    const next = { garden, revision: before.revision + 1, history }
    await Promise.all(forgotten.map(({ number }) => changes.delete([gardenId, number])))
    if (before.isOlder) await writeAnew(transaction, next)
    else await write(transaction, next, pagesOfChange(garden, change))
    await changes.put({ gardenId, number: step.number, change })
    return next
  })

/**
 * Takes the last step back, or does the next one again. Where somebody else has
 * gone on in the meantime nothing is done: what was to be taken back is not the
 * last any more.
 *
 * @returns what is stored now, or undefined where the garden has been deleted
 */
export const stepGarden = (
  database: RimboDatabase,
  known: StoredGarden,
  by: -1 | 1,
): Promise<StoredGarden | undefined> =>
  inOneTransaction(database, async (transaction) => {
    const before = await storedNow(transaction, known)
    if (before !== known) return before
    const { garden, history, revision } = before
    const step = history.steps[by < 0 ? history.done - 1 : history.done]
    const row = step && (await transaction.objectStore('changes').get([garden.id, step.number]))
    if (!row) return before
    const change = by < 0 ? inverseOf(row.change) : row.change
    const stepped = withChange(garden, change)
    const isWhole = IS_FROM_ELSEWHERE.has(step.label.code)
    const next = {
      // Taking a change back is a change: another device is to learn of it.
      garden: isWhole
        ? stepped
        : stamped(garden, stepped, changeBetween(garden, stepped), stampNow()),
      revision: revision + 1,
      history: { ...history, done: history.done + by },
    }
    await write(transaction, next, pagesOfChange(next.garden, change))
    return next
  })
