<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  actionsFor,
  addDays,
  causePlans,
  dayOf,
  foundRecords,
  type Action,
  type CauseId,
  type OldMixVerdict,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import { useReasonText } from '../../ui/words/reasons'
import PushButton from '../../ui/fields/PushButton.vue'
import type { Check } from './useCheck'

/** What to do about a cause, in order; what is ticked becomes a job when the check is kept. */
const props = defineProps<{ cause: CauseId; check: Check; isKept: boolean }>()
const emit = defineEmits<{ keep: [jobs: readonly { text: string; on: string }[]] }>()
const { isSaving } = storeToRefs(useGardenStore())
const { t } = useI18n()
const { day } = useFormat()
const { productName } = useNames()
const { textOf } = useReasonText()

const mix = shallowRef<OldMixVerdict>()
watch(
  () => props.cause,
  async (cause) => {
    mix.value = undefined
    const verdict = await props.check.mixAfter(cause).catch(() => undefined)
    if (cause === props.cause) mix.value = verdict
  },
  { immediate: true },
)
const crop = computed(() => props.check.base.value?.crop ?? 'tomato')
/** What the gardener wrote down of a product when it was sprayed last: the only rate that is repeated. */
const labels = computed(() => {
  const here = props.check.garden.value
  const last = here && foundRecords(here, { kind: 'spray' }).find(({ note }) => note)
  if (last?.kind !== 'spray' || !last.note) return []
  const name = last.productId === undefined ? t('kind.spray') : productName(last.productId)
  return [{ name, text: last.note }]
})
const actions = computed(() =>
  actionsFor(props.cause, {
    crop: crop.value,
    ...(mix.value && { mix: mix.value }),
    labels: labels.value,
  }),
)
const GROUPS = [
  { step: 'harmless', words: 'check.first' },
  { step: 'mechanical', words: 'check.then' },
  { step: 'product', words: 'check.product' },
  { step: 'avoid', words: 'check.avoid' },
  { step: 'after', words: 'check.after' },
] as const
const groups = computed(() =>
  GROUPS.map((group) => ({
    ...group,
    actions: actions.value.filter(({ step }) => step === group.step),
  })).filter((group) => group.actions.length > 0),
)
const canBeJob = ({ step, id }: Action) =>
  (step === 'harmless' || step === 'mechanical') && id !== 'leaveIt' && id !== 'wait'

/** The first thing to do stands ticked. */
const ticked = ref<readonly Action['id'][]>([])
watch(
  () => props.cause,
  () =>
    (ticked.value = actions.value
      .filter(canBeJob)
      .slice(0, 1)
      .map(({ id }) => id)),
  { immediate: true },
)
const tick = (id: Action['id']) =>
  (ticked.value = ticked.value.includes(id)
    ? ticked.value.filter((one) => one !== id)
    : [...ticked.value, id])

const today = computed(() => dayOf(props.check.at.value))
const betterOn = computed(() => {
  const [, last] = causePlans[props.cause].betterInDays
  return last > 0 ? addDays(today.value, last) : undefined
})
const by = computed(() => t(`check.by.${causePlans[props.cause].by}`))
const jobs = computed(() => [
  ...ticked.value.map((id) => ({ text: t(`check.action.${id}`), on: today.value })),
  ...(betterOn.value
    ? [{ text: t('check.lookAgain', { cause: t(`cause.${props.cause}`) }), on: betterOn.value }]
    : []),
])
</script>

<template>
  <section class="check-do" :aria-label="t('check.chosen')">
    <h2>{{ t('check.chosen') }}: {{ t(`cause.${cause}`) }}</h2>
    <p class="check-better">
      {{
        betterOn ? t('check.better', { date: day(betterOn), by }) : t('check.betterNone', { by })
      }}
    </p>
    <div v-for="group in groups" :key="group.step" class="do-group" :class="`do-${group.step}`">
      <h3>{{ t(group.words) }}</h3>
      <ul>
        <li v-for="action in group.actions" :key="action.id" :data-action="action.id">
          <label v-if="canBeJob(action) && !isKept" class="do-tick">
            <input
              type="checkbox"
              :checked="ticked.includes(action.id)"
              @change="tick(action.id)"
            />
            <span class="do-what">{{ t(`check.action.${action.id}`) }}</span>
          </label>
          <span v-else class="do-what">{{ t(`check.action.${action.id}`) }}</span>
          <span class="soft do-how">{{ t(`check.how.${action.id}`) }}</span>
          <p v-for="reason in action.reasons" :key="reason.code" class="do-label">
            {{ textOf(reason) }}
          </p>
          <p v-for="caution in action.cautions" :key="caution.code" class="do-caution">
            {{ textOf(caution) }}
          </p>
        </li>
      </ul>
    </div>
    <div v-if="!isKept" class="row do-keep">
      <PushButton type="primary" :disabled="isSaving" @click="emit('keep', jobs)">{{
        jobs.length ? t('check.keepJobs', { count: jobs.length }, jobs.length) : t('check.keep')
      }}</PushButton>
    </div>
    <p class="soft check-small">{{ t('check.caution') }}</p>
  </section>
</template>

<style>
.check-do h2 {
  margin: 10px 0 4px;
}
.check-better {
  padding: 6px 10px;
  background: var(--picked);
}
.do-group h3 {
  margin: 8px 0 2px;
}
.do-group ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.do-group li {
  padding: 5px 0;
  border-top: 1px solid var(--line);
  font-size: 14px;
  line-height: 1.3;
}
.do-what {
  font-weight: 600;
}
.do-how {
  display: block;
}
.do-tick {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 28px;
  cursor: pointer;
}
.do-tick input {
  width: 18px;
  height: 18px;
  flex: none;
  accent-color: var(--wet-ink);
}
.do-first .do-what {
  color: var(--good);
}
.do-avoid h3 {
  color: var(--accent);
}
.do-label,
.do-caution {
  margin: 2px 0 0;
  padding-left: 10px;
  border-left: 2px solid var(--accent);
  font-size: 13px;
}
.do-label {
  border-color: var(--wet-ink);
}
.do-keep {
  margin-top: 10px;
}
.do-keep .push-button {
  min-height: 44px;
}
@media (max-width: 700px) {
  .do-tick {
    min-height: 44px;
  }
}
</style>
