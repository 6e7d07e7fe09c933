import { computed, ref, shallowRef, toRaw, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useRoute } from 'vue-router'
import {
  isGoingRound,
  isSymptom,
  readSigns,
  signPartOf,
  type FactId,
  type Facts,
  type GivenSign,
  type LeafPlace,
  type PotCheck,
  type QuestionInput,
  type RecordOf,
  type Symptom,
  type TestId,
} from '@rimbo/core'
import { load } from '../../loading'
import { useChosenStore } from '../../stores/chosen'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import type { CheckWork, Reckoned } from '../../workers/check.worker'
import { useOpenWorker } from '../../workers/useOpenWorker'

/** One sign that is seen, with the leaves that show it where that was said. */
export interface Seen {
  readonly sign: Symptom
  readonly where?: LeafPlace
}

const asSeen = (given: GivenSign): readonly Seen[] => {
  if (typeof given === 'object') return [given]
  return isSymptom(given) ? [{ sign: given }] : []
}
export const asGiven = ({ sign, where }: Seen): GivenSign => (where ? { sign, where } : sign)

/** A check of one pot: what is seen and known, and what that comes to. Nothing is stored until it is kept. */
export function useCheck() {
  const { garden } = storeToRefs(useGardenStore())
  const { now } = storeToRefs(useTodayStore())
  const { potId: chosenId } = storeToRefs(useChosenStore())
  const route = useRoute()
  const worker = useOpenWorker<CheckWork>(
    () => new Worker(new URL('../../workers/check.worker.ts', import.meta.url), { type: 'module' }),
  )

  if (typeof route.query['pot'] === 'string') chosenId.value = route.query['pot']
  const container = computed(() => {
    const all = garden.value?.containers ?? []
    return all.find(({ id }) => id === chosenId.value) ?? all[0]
  })
  const plantingId = ref<string>()

  const seen = shallowRef<readonly Seen[]>([])
  const absent = shallowRef<readonly Symptom[]>([])
  const struck = shallowRef<readonly FactId[]>([])
  const unclear = shallowRef<readonly (Symptom | TestId)[]>([])
  /** Of a kept check: it is told as of its own day, and changed no more. */
  const read = shallowRef<RecordOf<'check'>>()
  const at = computed(() => read.value?.at ?? now.value)

  function clear(): void {
    seen.value = []
    absent.value = []
    struck.value = []
    unclear.value = []
    read.value = undefined
  }
  /** Opens a check that was kept, as it was then. */
  function open(record: RecordOf<'check'>): void {
    clear()
    read.value = record
    plantingId.value = record.plantingId
    seen.value = readSigns(record.signs).flatMap(asSeen)
    absent.value = readSigns(record.absent ?? []).flatMap((one) =>
      typeof one === 'string' && isSymptom(one) ? [one] : [],
    )
    struck.value = (record.struck ?? []) as readonly FactId[]
  }
  const asked = route.query['record']
  const record = garden.value?.records.find(({ id }) => id === asked)
  if (record?.kind === 'check') {
    chosenId.value = record.containerId
    open(record)
  }

  // A check that was undone or deleted is one that can go on.
  watch(garden, (here) => {
    const id = read.value?.id
    if (id !== undefined && !here?.records.some((one) => one.id === id)) read.value = undefined
  })
  watch(
    () => container.value?.id,
    (_id, before) => {
      if (before === undefined) return
      clear()
      plantingId.value = undefined
    },
  )
  const base = shallowRef<PotCheck>()
  const isLooking = ref(false)
  const failure = shallowRef<unknown>()
  let turn = 0
  let lookedAt: string | undefined
  async function lookUp(): Promise<void> {
    const { value: here } = garden
    const id = container.value?.id
    const mine = ++turn
    // What is known of this pot stays on screen until it is looked up anew.
    if (id !== lookedAt) base.value = undefined
    lookedAt = id
    if (!here || id === undefined) return
    isLooking.value = true
    try {
      const found = await load(() =>
        worker.ask((work) => work.potCheck(toRaw(here), id, at.value, plantingId.value)),
      )
      if (mine === turn) base.value = found
      failure.value = undefined
    } catch (error) {
      if (mine === turn) failure.value = error
    } finally {
      if (mine === turn) isLooking.value = false
    }
  }
  watch([garden, () => container.value?.id, at, plantingId], lookUp, { immediate: true })

  const facts = computed<Facts>(() => {
    const { neighboursSame, ...own } = base.value?.facts ?? {}
    // Once something is seen here, only the same counts of other pots.
    const isSame =
      neighboursSame !== undefined &&
      !!garden.value &&
      isGoingRound(
        garden.value,
        container.value?.id ?? '',
        at.value,
        seen.value.map(({ sign }) => sign),
      )
    const all = isSame ? { ...own, neighboursSame } : own
    return Object.fromEntries(
      Object.entries(all).filter(([fact]) => !struck.value.includes(fact as FactId)),
    )
  })
  const input = computed<QuestionInput | undefined>(() => {
    const { value: pot } = base
    return (
      pot && {
        ...{ crop: pot.crop, variety: pot.variety, stage: pot.stage, month: pot.month },
        ...{ covered: pot.covered, outcomes: pot.outcomes, facts: facts.value },
        signs: seen.value.map(asGiven),
        absent: absent.value,
        unclear: unclear.value,
      }
    )
  })

  const reckoned = shallowRef<Reckoned>()
  let reckoning = 0
  watch(
    input,
    async (asks) => {
      const mine = ++reckoning
      if (!asks) {
        reckoned.value = undefined
        return
      }
      try {
        const found = await load(() => worker.ask((work) => work.reckon(toRaw(asks))))
        if (mine === reckoning) reckoned.value = found
      } catch (error) {
        if (mine === reckoning) failure.value = error
      }
    },
    { immediate: true },
  )

  const isSeen = (sign: Symptom) => seen.value.some((one) => one.sign === sign)
  const settle = (sign: Symptom, is: boolean | undefined, where?: LeafPlace): void => {
    seen.value = seen.value.filter((one) => one.sign !== sign)
    absent.value = absent.value.filter((one) => one !== sign)
    if (is === true)
      seen.value = [...seen.value, { sign, ...(where && signPartOf(sign) === 'leaf' && { where }) }]
    if (is === false) absent.value = [...absent.value, sign]
  }
  const toggle = <T>(list: readonly T[], one: T): readonly T[] =>
    list.includes(one) ? list.filter((each) => each !== one) : [...list, one]

  return {
    garden,
    now,
    at,
    container,
    chosenId,
    plantingId,
    base,
    isLooking,
    failure,
    lookUp,
    facts,
    seen,
    absent,
    struck,
    unclear,
    reckoned,
    read,
    isSeen,
    settle,
    strike: (fact: FactId) => (struck.value = toggle(struck.value, fact)),
    cannotTell: (ask: Symptom | TestId) => (unclear.value = [...unclear.value, ask]),
    clear,
    open,
    mixAfter: (cause: Parameters<CheckWork['mixAfter']>[2]) => {
      const here = garden.value
      const id = container.value?.id
      return here && id !== undefined
        ? worker.ask((work) => work.mixAfter(toRaw(here), id, cause, at.value))
        : Promise.resolve(undefined)
    },
  }
}
export type Check = ReturnType<typeof useCheck>
