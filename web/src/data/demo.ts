import type { Garden } from '@rimbo/core'
import demoUrl from '../../../demo/port-maren.rimbo.json?url'

/** The demo garden as it ships: it was read when it was made, and a phone has no time to read it again. */
export async function fetchDemo(): Promise<Garden> {
  const response = await fetch(demoUrl)
  if (!response.ok) throw new TypeError(response.statusText)
  return (await response.json()) as Garden
}
