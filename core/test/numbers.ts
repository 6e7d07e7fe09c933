/** Where in some result a number is none, each place once: lists by `#`. */
export function notNumbers(result: unknown): readonly string[] {
  const found = new Set<string>()
  const seen = new Set<object>()
  const look = (value: unknown, path: string): void => {
    if (typeof value === 'number' && Number.isNaN(value)) found.add(path)
    if (typeof value !== 'object' || value === null || seen.has(value)) return
    seen.add(value)
    if (value instanceof Float64Array) {
      if (value.some(Number.isNaN)) found.add(path)
      return
    }
    for (const [key, one] of Object.entries(value))
      look(one, `${path}.${Array.isArray(value) ? '#' : key}`)
  }
  look(result, '')
  return [...found]
}
