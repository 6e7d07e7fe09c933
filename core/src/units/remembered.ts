const isSame = (one: unknown, other: unknown): boolean =>
  Object.is(one, other) ||
  (Array.isArray(one) &&
    Array.isArray(other) &&
    one.length === other.length &&
    one.every((item, index) => Object.is(item, other[index])))

/** Answers kept at most for one object. */
const MOST_KEPT = 4

/**
 * The same function, which keeps its last answers about an object and gives them
 * again where all else it goes by is the very same, lists item by item. For pure
 * functions of plain data that never changes: the answer is the same, only sooner.
 */
export function remembered<O extends object, A extends readonly unknown[], R>(
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

/**
 * The same for a function whose arguments are the fields of one object.
 *
 * @param of the field, an object itself, with which the answers are kept
 */
export function rememberedBy<Asked extends object, R>(
  of: keyof Asked,
  work: (asked: Asked) => R,
): (asked: Asked) => R {
  let asked!: Asked
  const answer = remembered((_of: object, ..._others: readonly unknown[]) => work(asked))
  return (next) => {
    asked = next
    return answer(next[of] as object, ...(Object.values(next) as readonly unknown[]))
  }
}

const isSameList = (one: readonly unknown[], other: readonly unknown[]) =>
  one.length === other.length && one.every((item, index) => isSame(item, other[index]))
