/**
 * What stands in an object under a key that came from outside, and nothing that all
 * objects inherit: an id may be called `constructor`.
 *
 * @example own({}, 'toString') // => undefined
 */
export const own = <V>(
  table: Readonly<Record<string, V>>,
  key: string | undefined,
): V | undefined =>
  // eslint-disable-next-line rimbo/own-properties -- the one place where it is done
  key !== undefined && Object.hasOwn(table, key) ? table[key] : undefined

/** Whether a value from outside is an object with fields, and no list. */
export const isFields = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
