/**
 * The same function, which keeps its answer for as long as the object it was
 * asked about lives. For pure functions of plain data that never changes: the
 * answer is the same, only sooner.
 */
export function remembered<O extends object, A extends readonly (string | number)[], R>(
  work: (of: O, ...rest: A) => R,
): (of: O, ...rest: A) => R {
  const known = new WeakMap<O, Map<string, R>>()
  return (of, ...rest) => {
    let answers = known.get(of)
    if (!answers) known.set(of, (answers = new Map<string, R>()))
    const key = rest.join('|')
    const before = answers.get(key)
    if (before !== undefined) return before
    const answer = work(of, ...rest)
    answers.set(key, answer)
    return answer
  }
}

const isSame = (one: unknown, other: unknown): boolean =>
  Object.is(one, other) ||
  (Array.isArray(one) &&
    Array.isArray(other) &&
    one.length === other.length &&
    one.every((item, index) => Object.is(item, other[index])))

/** Different questions about one object are kept side by side, so many at most. */
const MOST_KEPT = 4

/**
 * As `remembered`, for work that goes by many things: its last answers about an
 * object are kept, and given again where all it goes by is the very same, lists
 * item by item.
 */
export function rememberedBy<O extends object, A extends readonly unknown[], R>(
  work: (of: O, ...given: A) => R,
): (of: O, ...given: A) => R {
  const known = new WeakMap<O, { given: A; answer: R }[]>()
  return (of, ...given) => {
    const kept = known.get(of) ?? []
    const before = kept.find((one) => isSameList(one.given, given))
    if (before) {
      // The one asked for last is the last to be forgotten.
      if (before !== kept[0]) known.set(of, [before, ...kept.filter((one) => one !== before)])
      return before.answer
    }
    const answer = work(of, ...given)
    known.set(of, [{ given, answer }, ...kept].slice(0, MOST_KEPT))
    return answer
  }
}

const isSameList = (one: readonly unknown[], other: readonly unknown[]) =>
  one.every((item, index) => isSame(item, other[index]))
