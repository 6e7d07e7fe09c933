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
