<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Check } from '@element-plus/icons-vue'
import { isOneTap, isPoured, type Job } from '@rimbo/core'
import { useTodayStore } from '../stores/today'
import PushButton from '../ui/fields/PushButton.vue'
import JobRow from './JobRow.vue'
import PlantingSteps from './PlantingSteps.vue'
import { useJobActions } from './useJobActions'

/** What there is to do at one pot today, beside water and feed. */
const props = defineProps<{ jobs: readonly Job[]; title?: string }>()
const emit = defineEmits<{ done: [] }>()
const { t } = useI18n()
const { date } = storeToRefs(useTodayStore())
const { isSaving, done, snooze, skip, off } = useJobActions()
const shown = computed(() =>
  props.jobs.filter((job) => !isPoured(job) && (job.state === 'due' || job.state === 'held')),
)
/** What one tap can say was done, of all that nothing holds back. */
const doable = computed(() => shown.value.filter((job) => job.state === 'due' && isOneTap(job)))
async function finish(jobs: readonly Job[]): Promise<void> {
  await done(jobs)
  emit('done')
}
const planted = computed(() => shown.value.filter(({ kind }) => kind === 'plant'))
</script>

<template>
  <section v-if="shown.length" class="pot-jobs" :aria-label="title ?? t('jobs.here')">
    <div class="pot-jobs-head">
      <h2>{{ title ?? t('jobs.here') }}</h2>
      <PushButton
        v-if="doable.length > 1"
        size="small"
        :icon="Check"
        :loading="isSaving"
        @click="finish(doable)"
        >{{ t('jobs.doneAll') }}</PushButton
      >
    </div>
    <ul>
      <JobRow
        v-for="job in shown"
        :key="job.id"
        :job="job"
        :today="date"
        :is-saving="isSaving"
        @done="finish([job])"
        @snooze="(until) => snooze(job, until)"
        @skip="(why) => skip(job, why)"
        @off="off"
      />
    </ul>
    <PlantingSteps
      v-for="job in planted"
      :key="`steps-${job.id}`"
      :planting-id="job.plantingIds[0]!"
      :date="job.dueOn"
    />
  </section>
</template>

<style>
.pot-jobs {
  margin-top: 12px;
  /* In a narrow panel buttons stand below their job. */
  container-type: inline-size;
}
.pot-jobs h2 {
  margin: 0;
  font-size: 16px;
}
.pot-jobs-head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  padding-bottom: 6px;
}
.pot-jobs ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
@media (max-width: 700px) {
  .pot-jobs-head .push-button {
    min-height: 44px;
  }
}
</style>
