import type { ProbeQuestion, ProbeReading } from '@rimbo/core'

/**
 * Reads what the simulated soil probe has kept, as it streams in.
 *
 * @param onReading told of each as it comes
 * @returns all of them; rejected where no probe answers
 */
export function readProbe(
  question: ProbeQuestion,
  onReading: (count: number) => void,
): Promise<readonly ProbeReading[]> {
  const query = new URLSearchParams(
    Object.entries(question).map(([name, value]) => [name, String(value)]),
  )
  return new Promise((resolve, reject) => {
    const source = new EventSource(`/api/probe?${query}`)
    const readings: ProbeReading[] = []
    source.addEventListener('reading', (event: MessageEvent<string>) => {
      readings.push(JSON.parse(event.data) as ProbeReading)
      onReading(readings.length)
    })
    source.addEventListener('end', () => {
      source.close()
      resolve(readings)
    })
    source.addEventListener('error', () => {
      source.close()
      reject(new Error('No probe answers'))
    })
  })
}
