import { writeGarden, type Garden } from '@rimbo/core'

/** Hands a text to the browser as a file to keep. */
export const downloadText = (name: string, text: string, type: string): void =>
  downloadBlob(name, new Blob([text], { type }))

/** Hands anything to the browser as a file to keep. */
export function downloadBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob)
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  // The click has taken the address; it may be given back once the event is over.
  setTimeout(() => URL.revokeObjectURL(url), 0)
}

/** A name as part of a file name: letters and digits of any script, single dashes. */
export const fileStem = (name: string): string =>
  name
    .trim()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .toLowerCase() || 'garden'

/** Hands a garden to the browser as a file to keep. */
export const saveGardenFile = (garden: Garden): void =>
  downloadText(`${fileStem(garden.name)}.rimbo.json`, writeGarden(garden), 'application/json')
