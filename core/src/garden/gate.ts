import { InputError, own, type Fault } from '../units'
import { isListChange, type GardenChange } from './change'
import { countFaults, faultsIn, listOf, schemaOf } from './fields'
import type { Garden } from './garden'
import { referenceFaults } from './references'

/** What a fault is, whatever place in its list it stands at by now. */
const sameFault = ({ path, code, params }: Fault) =>
  JSON.stringify([path.filter((step) => typeof step === 'string'), code, params])

/** Faults that a change would leave in the garden, with which its own file could not be read back. */
function faultsOfChange(before: Garden, after: Garden, change: GardenChange): Fault[] {
  const single = change.flatMap((one): Fault[] => {
    const value = own(after as unknown as Readonly<Record<string, unknown>>, one.field)
    const list = listOf(one.field)
    if (!list || !isListChange(one)) return faultsIn(schemaOf(one.field), value, [one.field])
    const things = one.added.flatMap((item, index) =>
      faultsIn(list.of, item, [one.field, one.at + index]),
    )
    return [...countFaults(one.field, (value as readonly unknown[]).length), ...things]
  })
  // What stands between the things is only looked at where each is right by itself.
  if (single.length) return single
  const fields = new Set(change.map(({ field }) => field))
  const between = referenceFaults(after, (field) => fields.has(field))
  if (!between.length) return []
  // A fault that was there before must not stop every later change.
  const known = new Set(referenceFaults(before).map(sameFault))
  return between.filter((fault) => !known.has(sameFault(fault)))
}

/**
 * The one gate of every change: refuses what could be stored and exported, but
 * not read back. Only what the change touches is looked at.
 *
 * @throws InputError `refused`, with each fault and its path
 */
export function requireReadable(before: Garden, after: Garden, change: GardenChange): void {
  const faults = faultsOfChange(before, after, change)
  if (faults.length) throw new InputError('refused', { faults: faults.length }, faults)
}
