/**
 * A text as texts are compared and looked for: small letters, no accents, single spaces.
 *
 * @example plainText(' Jalapeño  RED') // => 'jalapeno red'
 */
export const plainText = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[’‘]/g, "'")
    .trim()
    .split(/\s+/)
    .join(' ')

/**
 * Whether a text says every word of a question, each as a word or its beginning or any part of one.
 *
 * @param query what somebody typed; everything is found by nothing
 * @returns a test of texts that went through `plainText` before
 */
export function saysAll(query: string): (plain: string) => boolean {
  const words = plainText(query).split(' ')
  return (plain) => words.every((word) => plain.includes(word))
}
