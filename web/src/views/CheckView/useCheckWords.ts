import { useI18n } from 'vue-i18n'
import {
  checkTests,
  isSymptom,
  readFact,
  signPartOf,
  type FactId,
  type Facts,
  type LeafPlace,
  type Symptom,
  type TestId,
  type Weighed,
} from '@rimbo/core'
import { useFormat } from '../../ui/words/format'

/** How sure a share is, in words. */
export const surenessOf = (share: number): 'sure' | 'likely' | 'maybe' | 'faint' =>
  share >= 0.9 ? 'sure' : share >= 0.5 ? 'likely' : share >= 0.15 ? 'maybe' : 'faint'

const SHARES: readonly FactId[] = [
  'airShare',
  'nShare',
  'kShare',
  'caShare',
  'mgShare',
  'rootRoomShare',
]
const TENTHS: readonly FactId[] = ['ph', 'ecDsM', 'feedTimesLabel']
const FLAGS: readonly FactId[] = ['windy', 'neighboursSame']

/** Signs, facts and their weight in words. */
export function useCheckWords() {
  const { t } = useI18n()
  const { number, share, temp } = useFormat()

  const signWords = (sign: Symptom, where?: LeafPlace): string =>
    where ? `${t(`check.sign.${sign}`)} · ${t(`check.place.${where}`)}` : t(`check.sign.${sign}`)

  function valueWords(fact: FactId, value: number): string {
    if (FLAGS.includes(fact)) return t(value ? 'check.flag.yes' : 'check.flag.no')
    if (SHARES.includes(fact)) return share(value)
    if (fact === 'hottestRootC') return temp(value)
    // No finer than it is known.
    const fine = TENTHS.includes(fact) ? 10 : 1
    return number(Math.round(value * fine) / fine)
  }
  const factWords = (fact: FactId, facts: Facts): string =>
    t(
      `check.fact.${fact}`,
      { value: valueWords(fact, readFact(facts[fact]!).value) },
      readFact(facts[fact]!).value === 1 ? 1 : 2,
    )

  function weighedWords({ from, sign, fact }: Weighed, facts: Facts): string {
    if (from === 'sign') return signWords(sign!)
    if (from === 'absent') return t('check.absent', { sign: signWords(sign!) })
    if (from === 'fact') return facts[fact!] === undefined ? '' : factWords(fact!, facts)
    return t(`check.from.${from}`)
  }
  /** By how much the odds were moved, either way. */
  const weightWords = (odds: number): string => {
    const times = Math.max(odds, 1 / odds)
    return t(`check.weight.${times >= 5 ? 'much' : times >= 2 ? 'some' : 'little'}`)
  }
  const askWords = (ask: Symptom | TestId): string =>
    isSymptom(ask)
      ? t('check.isIt', { part: t(`check.part.${signPartOf(ask)}`), sign: signWords(ask) })
      : t(`check.test.${ask}`)
  /** The signs that a test answers; none for one that is read off a meter. */
  const answersOf = (ask: Symptom | TestId): readonly Symptom[] => {
    if (isSymptom(ask)) return [ask]
    const asked = checkTests[ask]
    return 'signs' in asked ? asked.signs : []
  }
  return { signWords, factWords, weighedWords, weightWords, askWords, answersOf }
}
