import { english } from './english'
import { german } from './german'
import { spanish } from './spanish'

/** An entry may be in any of the languages that Rimbo speaks, and mix them. */
export const vocabularies = [english, german, spanish] as const
