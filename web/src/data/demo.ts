import { readGarden, type Garden } from '@rimbo/core'
import demoUrl from '../../../demo/port-maren.rimbo.json?url'

/** The demo garden as it ships. */
export async function fetchDemo(): Promise<Garden> {
  const response = await fetch(demoUrl)
  if (!response.ok) throw new TypeError(response.statusText)
  return readGarden(await response.text())
}
