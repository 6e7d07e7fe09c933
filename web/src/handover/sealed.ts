import { InputError } from '@rimbo/core'

// Sealed as: one byte for this form, 16 of salt, 12 of nonce, then AES-256-GCM with its tag.
// The key is that of the code, stretched by PBKDF2 with SHA-256 (RFC 8018; NIST SP 800-38D).
const FORM = 1
const SALT_BYTES = 16
const NONCE_BYTES = 12
const KEY_BITS = 256
/** Slow enough that 40 bits are not tried through in the ten minutes they are of use (our choice). */
const ROUNDS = 100_000

type Bytes = Uint8Array<ArrayBuffer>
interface Cipher {
  readonly seal: (plain: Bytes) => Promise<Bytes>
  readonly open: (sealed: Bytes) => Promise<Bytes>
}
type MakeCipher = (key: string, salt: Bytes, nonce: Bytes) => Promise<Cipher>

/** The browser's own, where the page came over a secure connection or from this machine. */
const byBrowser: MakeCipher = async (key, salt, nonce) => {
  const { subtle } = crypto
  const typed = await subtle.importKey('raw', new TextEncoder().encode(key), 'PBKDF2', false, [
    'deriveKey',
  ])
  const stretched = await subtle.deriveKey(
    { name: 'PBKDF2', hash: 'SHA-256', salt, iterations: ROUNDS },
    typed,
    { name: 'AES-GCM', length: KEY_BITS },
    false,
    ['encrypt', 'decrypt'],
  )
  const how = { name: 'AES-GCM', iv: nonce }
  return {
    seal: async (plain) => new Uint8Array(await subtle.encrypt(how, stretched, plain)),
    open: async (sealed) => new Uint8Array(await subtle.decrypt(how, stretched, sealed)),
  }
}

/** The same in plain script, for a page on the local network, to which the browser lends none of its own. */
const byScript: MakeCipher = async (key, salt, nonce) => {
  const [{ gcm }, { pbkdf2Async }, { sha256 }] = await Promise.all([
    import('@noble/ciphers/aes.js'),
    import('@noble/hashes/pbkdf2.js'),
    import('@noble/hashes/sha2.js'),
  ])
  const stretched = await pbkdf2Async(sha256, key, salt, { c: ROUNDS, dkLen: KEY_BITS / 8 })
  const cipher = gcm(stretched, nonce)
  return {
    seal: (plain) => Promise.resolve(new Uint8Array(cipher.encrypt(plain))),
    // A wrong key is told as the browser's own would be.
    open: (sealed) => Promise.resolve(new Uint8Array(cipher.decrypt(sealed))),
  }
}

/** Whether the browser lends its own ciphers to this page. */
export const isSecure = (): boolean => (crypto as Partial<Crypto>).subtle !== undefined
const usual = (): MakeCipher => (isSecure() ? byBrowser : byScript)

/** Encrypts with a key that was typed or is to be typed. */
export async function seal(plain: Bytes, key: string, make = usual()): Promise<Bytes> {
  const salt = crypto.getRandomValues(new Uint8Array(SALT_BYTES))
  const nonce = crypto.getRandomValues(new Uint8Array(NONCE_BYTES))
  const sealed = await (await make(key, salt, nonce)).seal(plain)
  return joined(Uint8Array.of(FORM), salt, nonce, sealed)
}

/**
 * Decrypts what was sealed with a key.
 *
 * @throws InputError `wrongCode` where it is another key, or the bytes are not as they were
 */
export async function unseal(sealed: Bytes, key: string, make = usual()): Promise<Bytes> {
  const from = 1 + SALT_BYTES
  if (sealed[0] !== FORM || sealed.length <= from + NONCE_BYTES) throw new InputError('wrongCode')
  const cipher = await make(key, sealed.slice(1, from), sealed.slice(from, from + NONCE_BYTES))
  try {
    return await cipher.open(sealed.slice(from + NONCE_BYTES))
  } catch {
    throw new InputError('wrongCode')
  }
}

function joined(...parts: readonly Bytes[]): Bytes {
  const whole = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0))
  let at = 0
  for (const part of parts) {
    whole.set(part, at)
    at += part.length
  }
  return whole
}

export const ciphers = { byBrowser, byScript }
