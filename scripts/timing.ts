/** Middle of several runs, ms, after a few that warm up. */
export function medianMs(work: () => unknown, runs = 41): number {
  for (let warm = 0; warm < Math.min(5, runs / 3); warm++) work()
  const times = Array.from({ length: runs }, () => {
    const start = performance.now()
    work()
    return performance.now() - start
  })
  return times.sort((one, other) => one - other)[Math.floor(runs / 2)]!
}
