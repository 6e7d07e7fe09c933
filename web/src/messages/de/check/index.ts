import { checkOf } from '../../assembled'
import * as words from './parts'

export const checkWords = checkOf(words)
