import { firstOf } from '../assembled'
import * as words from './firstParts'

export const firstWords = firstOf(words)
