import { InputError, isFields, own } from '../units'

/** Shown in one unit and read back in another, a number may differ in its last digits. */
const SAME_SHARE = 1e-9

/** Whether two values of a form say the same. */
export function isSame(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true
  if (typeof one === 'number' && typeof other === 'number')
    return Math.abs(one - other) <= SAME_SHARE * Math.max(Math.abs(one), Math.abs(other))
  if (Array.isArray(one) && Array.isArray(other))
    return one.length === other.length && one.every((item, index) => isSame(item, other[index]))
  if (!isFields(one) || !isFields(other)) return false
  return [...new Set([...Object.keys(one), ...Object.keys(other)])].every((key) =>
    isSame(own(one, key), own(other, key)),
  )
}

/**
 * What a form has changed, put upon the thing as it is stored by now: fields that
 * were not touched stay as somebody else may have left them in the meantime.
 * A list is one field, and so is a shape that has become another kind of shape.
 *
 * @param stored as it is now
 * @param start  as it was when the form was filled
 * @param edited as the form has it
 */
export function withTouched<T>(stored: T, start: T, edited: T): T {
  if (isSame(start, edited)) return stored
  if (!isFields(stored) || !isFields(start) || !isFields(edited)) return edited
  if (stored['kind'] !== edited['kind'] || start['kind'] !== edited['kind']) return edited
  const keys = new Set([...Object.keys(stored), ...Object.keys(edited), ...Object.keys(start)])
  return Object.fromEntries(
    [...keys].flatMap((key) => {
      const value = withTouched(own(stored, key), own(start, key), own(edited, key))
      return value === undefined ? [] : [[key, value]]
    }),
  ) as T
}

/**
 * The thing of that id.
 *
 * @throws InputError `gone` where it has been removed, in another window perhaps
 */
export function requireIn<T extends { readonly id: string }>(list: readonly T[], id: string): T {
  const found = list.find((one) => one.id === id)
  if (!found) throw new InputError('gone')
  return found
}

/**
 * Puts an edited thing into its list: a new one at the end, a known one with the
 * fields that were touched.
 *
 * @param list   as it is stored by now; changed in place
 * @param start  the thing as it was when the form was filled
 * @param isNew  it did not stand in the list then
 * @throws InputError `gone` where it has been removed since
 */
export function keepIn<T extends { id: string }>(
  list: T[],
  edited: T,
  start: T | undefined,
  isNew: boolean,
): void {
  const index = list.findIndex(({ id }) => id === edited.id)
  if (index < 0 && !isNew) throw new InputError('gone')
  if (index < 0) list.push(edited)
  else list[index] = start ? withTouched(list[index]!, start, edited) : edited
}
