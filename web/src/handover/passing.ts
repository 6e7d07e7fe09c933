import { InputError, isFields, own } from '@rimbo/core'
import { codeWords, newKey, readCode } from './code'
import { seal, unseal } from './sealed'

/** What the server takes, see its `handover`. */
export const MOST_BYTES = 20e6
export const KEPT_MINUTES = 10

/** Why the server did not do it, by its number. */
const TROUBLES: Readonly<Record<string, string>> = {
  413: 'handoverTooLarge',
  429: 'tooManyCodes',
  503: 'handoverFull',
}
const ADDRESS = '/api/handover'

/** Asks the server, and tells what it refused; nobody at all answers where the app was opened from a file host. */
async function asked(path: string, how?: RequestInit): Promise<Response> {
  const response = await fetch(path, how).catch(() => undefined)
  const isServer = response && !(response.headers.get('content-type') ?? '').includes('text/html')
  if (!isServer || response.status === 405) throw new InputError('noHandover')
  if (response.ok) return response
  throw new InputError(own(TROUBLES, String(response.status)) ?? 'noHandover')
}

/**
 * Leaves a file for another device, sealed.
 *
 * @returns the code that fetches it: once, within ten minutes
 */
export async function handOver(file: Blob): Promise<string> {
  const key = newKey()
  const body = await seal(new Uint8Array(await file.arrayBuffer()), key)
  const response = await asked(ADDRESS, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream' },
    body,
  })
  const answer: unknown = await response.json().catch(() => undefined)
  const slot = isFields(answer) ? own(answer, 'slot') : undefined
  if (typeof slot !== 'string') throw new InputError('noHandover')
  return codeWords(slot, key)
}

/**
 * Fetches what another device has left.
 *
 * @throws InputError `notACode`, `codeGone`, `wrongCode`, `tooManyCodes`, `noHandover`
 */
export async function takeOver(typed: string): Promise<File> {
  const code = readCode(typed)
  if (!code) throw new InputError('notACode')
  const response = await asked(`${ADDRESS}/${code.slot}`)
  if (response.status === 204) throw new InputError('codeGone')
  const sealed = new Uint8Array(await response.arrayBuffer())
  const plain = await unseal(sealed, code.key)
  const isZip = plain[0] === 0x50 && plain[1] === 0x4b
  return new File([plain], isZip ? 'garden.zip' : 'garden.rimbo.json')
}
