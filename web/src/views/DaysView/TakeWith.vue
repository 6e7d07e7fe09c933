<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Download } from '@element-plus/icons-vue'
import { InputError, isOpen, toICalendar, type JobKind } from '@rimbo/core'
import { downloadText, fileStem } from '../../data/files'
import { useGardenStore } from '../../stores/garden'
import { useJobsStore } from '../../stores/jobs'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFaultText } from '../../ui/words/faults'
import PushButton from '../../ui/fields/PushButton.vue'
import { useJobWords } from '../../jobs/useJobWords'

/** The jobs taken along: as a calendar, a sheet of paper, labels. */
const { garden } = storeToRefs(useGardenStore())
const { all } = storeToRefs(useJobsStore())
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { ofError } = useFaultText()
const { jobWords, codeOf } = useJobWords()

/** Water is worked out anew every day: in a calendar it would be wrong by tomorrow. */
const LEFT_OUT: readonly JobKind[] = ['water']
const wanted = ref<JobKind | 'all' | undefined>('all')
const isReminded = ref(false)
const fault = ref('')
const open = computed(() => all.value.filter((job) => isOpen(job) && !LEFT_OUT.includes(job.kind)))
const options = computed(() => [
  { value: 'all' as const, label: t('days.allKinds') },
  ...[...new Set(open.value.map(({ kind }) => kind))].map((value) => ({
    value,
    label: t(`job.${value}`),
  })),
])

function save(): void {
  if (!garden.value) return
  fault.value = ''
  const { name } = garden.value
  try {
    const text = toICalendar(
      open.value.filter(({ kind }) => wanted.value === 'all' || kind === wanted.value),
      {
        name,
        now: now.value,
        textOf: (job) => [codeOf(job), jobWords(job)].filter(Boolean).join(' · '),
        alarms: isReminded.value,
      },
    )
    downloadText(`${fileStem(name)}.ics`, text, 'text/calendar')
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = ofError(error)
  }
}
</script>

<template>
  <section class="take-with">
    <h2>{{ t('days.take') }}</h2>
    <ChoiceField v-model="wanted" :label="t('days.kind')" :options="options" />
    <el-checkbox v-model="isReminded">{{ t('days.alarms') }}</el-checkbox>
    <p v-if="fault" class="field-note" role="alert">{{ fault }}</p>
    <div class="row">
      <PushButton :icon="Download" @click="save">{{ t('days.calendar') }}</PushButton>
      <router-link to="/days/week">{{ t('days.weekSheet') }}</router-link>
      <router-link to="/days/labels">{{ t('days.labels') }}</router-link>
    </div>
    <p class="soft take-with-text">{{ t('days.calendarText') }}</p>
  </section>
</template>

<style>
.take-with .field-note:empty {
  display: none;
}
.take-with-text {
  margin-top: 8px;
  font-size: 13.5px;
}
</style>
