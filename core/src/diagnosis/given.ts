import { isPlace, isSymptom, type LeafPlace, type SignId, type Symptom } from './signs'

/** A sign, or a leaf sign with the leaves that show it. */
export type GivenSign = SignId | { readonly sign: Symptom; readonly where: LeafPlace }

/**
 * A given sign as a record keeps it, and back; what a later version wrote is left out.
 *
 * @example signText({ sign: 'leafYellow', where: 'onOldLeaves' }) // => 'leafYellow@onOldLeaves'
 */
export const signText = (given: GivenSign): string =>
  typeof given === 'string' ? given : `${given.sign}@${given.where}`
export function readSigns(texts: readonly string[]): readonly GivenSign[] {
  return texts.flatMap((text): GivenSign[] => {
    const [sign = '', where] = text.split('@')
    if (where === undefined) return isSymptom(sign) || isPlace(sign) ? [sign] : []
    return isSymptom(sign) && isPlace(where) ? [{ sign, where }] : []
  })
}
