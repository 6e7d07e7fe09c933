<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Plus } from '@element-plus/icons-vue'
import { edits, faultsOf, ownJobMeasures, ownJobSchema, type Fault, type OwnJob } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import CountField from '../../ui/fields/CountField.vue'
import NumberField from '../../ui/fields/NumberField.vue'
import { vOpened } from '../../ui/fields/opened'
import TextField from '../../ui/fields/TextField.vue'
import { useOptions } from '../../ui/fields/options'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'

/** Jobs that the gardener thought of, and the form of one. */
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { date } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { day, temp, quantity, waterDepth } = useFormat()
const { optionsOf } = useOptions()
const { atField } = useFaultText()

const NOWHERE = ''
type Rule = 'every' | 'on' | 'when'
const fresh = () => ({
  id: nanoid(),
  text: '',
  where: NOWHERE as string | undefined,
  rule: 'every' as Rule | undefined,
  every: 7 as number | undefined,
  from: date.value,
  until: '',
  on: date.value,
  what: 'tempMaxC' as (typeof ownJobMeasures)[number] | undefined,
  is: 'above' as 'above' | 'below' | undefined,
  value: 30 as number | undefined,
})
const form = ref<ReturnType<typeof fresh>>()
const start = ref<OwnJob>()
const faults = ref<readonly Fault[]>([])

const places = computed(() => [
  { value: NOWHERE, label: t('days.nowhere') },
  ...(garden.value?.containers ?? []).map(({ id, code, name }) => ({
    value: id,
    label: `${code} · ${name}`,
  })),
])
const faultOf = (...fields: readonly string[]) => {
  const fault = faults.value.find(({ path }) => fields.includes(String(path.at(-1))))
  return fault && atField(fault)
}

function begin(job?: OwnJob): void {
  faults.value = []
  start.value = job
  form.value = {
    ...fresh(),
    ...(job && {
      id: job.id,
      text: job.text,
      where: job.containerId ?? NOWHERE,
      rule: job.on !== undefined ? 'on' : job.when ? 'when' : 'every',
      ...(job.every !== undefined && { every: job.every }),
      ...(job.from !== undefined && { from: job.from }),
      until: job.until ?? '',
      ...(job.on !== undefined && { on: job.on }),
      ...(job.when && { what: job.when.what, is: job.when.is, value: job.when.value }),
    }),
  }
}
function drafted(typed: ReturnType<typeof fresh>): Record<string, unknown> {
  const { id, text, where, rule, every, from, until, on, what, is, value } = typed
  return {
    id,
    text,
    ...(where !== NOWHERE && { containerId: where }),
    ...(rule === 'every' && { every, from, ...(until && { until }) }),
    ...(rule === 'on' && { on }),
    ...(rule === 'when' && { when: { what, is, value } }),
  }
}
async function save(): Promise<void> {
  if (!form.value || isSaving.value) return
  const read = ownJobSchema.safeParse(drafted(form.value), { reportInput: true })
  faults.value = read.error ? faultsOf(read.error) : []
  if (!read.data) return
  await store.edit(edits.keepOwnJob(read.data, start.value))
  form.value = undefined
}
const limitWords = {
  tempMaxC: temp,
  tempMinC: temp,
  windMS: (value: number) => quantity(value, 'speed'),
  rainMm: waterDepth,
} as const
function ruleWords({ every, on, when }: OwnJob): string {
  if (on !== undefined) return t('days.on', { date: day(on) })
  if (when)
    return t('days.when', {
      measure: t(`days.whenOf.${when.what}`),
      is: t(`days.is.${when.is}`),
      value: limitWords[when.what](when.value),
    })
  return t('days.every', { count: every ?? 1 }, every ?? 1)
}
const placeOf = ({ containerId }: OwnJob) =>
  garden.value?.containers.find(({ id }) => id === containerId)?.code ?? ''
</script>

<template>
  <section class="own-jobs">
    <h2>{{ t('days.own') }}</h2>
    <p v-if="!garden?.ownJobs?.length && !form" class="soft">{{ t('days.ownAbout') }}</p>
    <ul class="own-list">
      <li v-for="job in garden?.ownJobs ?? []" :key="job.id">
        <span
          ><strong>{{ job.text }}</strong> {{ placeOf(job) }}
          <span class="soft">{{ ruleWords(job) }}</span></span
        >
        <span>
          <PushButton link :aria-label="`${job.text}: ${t('days.edit')}`" @click="begin(job)">{{
            t('days.edit')
          }}</PushButton>
          <PushButton
            link
            :aria-label="`${job.text}: ${t('days.remove')}`"
            @click="store.edit(edits.removeOwnJob(job))"
            >{{ t('days.remove') }}</PushButton
          >
        </span>
      </li>
    </ul>
    <form v-if="form" v-opened @submit.prevent="save" @keydown.esc="form = undefined">
      <TextField v-model="form.text" :label="t('days.ownText')" :fault="faultOf('text')" />
      <ChoiceField v-model="form.where" :label="t('days.ownWhere')" :options="places" />
      <ChoiceField
        v-model="form.rule"
        :label="t('days.ownRule')"
        :options="optionsOf(['every', 'on', 'when'] as const, 'days.rule')"
      />
      <template v-if="form.rule === 'every'">
        <CountField
          v-model="form.every"
          :label="t('days.everyDays')"
          :min="1"
          :max="365"
          :fault="faultOf('every')"
        />
        <div class="own-pair">
          <TextField
            v-model="form.from"
            type="date"
            :label="t('days.from')"
            :fault="faultOf('from')"
          />
          <TextField
            v-model="form.until"
            type="date"
            :label="t('days.until')"
            :fault="faultOf('until')"
          />
        </div>
      </template>
      <TextField
        v-else-if="form.rule === 'on'"
        v-model="form.on"
        type="date"
        :label="t('days.onDay')"
        :fault="faultOf('on')"
      />
      <template v-else>
        <ChoiceField
          v-model="form.what"
          :label="t('days.measure')"
          :options="optionsOf(ownJobMeasures, 'days.what')"
        />
        <div class="own-pair">
          <ChoiceField
            v-model="form.is"
            :label="t('days.over')"
            :options="optionsOf(['above', 'below'] as const, 'days.is')"
          />
          <NumberField v-model="form.value" :label="t('days.value')" :fault="faultOf('value')" />
        </div>
      </template>
      <div class="row">
        <PushButton type="primary" native-type="submit" :loading="isSaving">{{
          t('days.save')
        }}</PushButton>
        <PushButton @click="form = undefined">{{ t('days.cancel') }}</PushButton>
      </div>
    </form>
    <PushButton v-else :icon="Plus" @click="begin()">{{ t('days.ownAdd') }}</PushButton>
  </section>
</template>

<style>
.own-jobs,
.changed-jobs {
  margin-top: 18px;
  padding-top: 14px;
  border-top: 1px solid var(--line);
}
.own-list {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
}
.own-list li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 4px 0;
}
.own-list li > span:last-child {
  white-space: nowrap;
}
.own-pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
</style>
