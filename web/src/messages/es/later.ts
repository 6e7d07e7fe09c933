import { laterOf } from '../assembled'
import * as words from './parts'

export const laterWords = laterOf(words)
