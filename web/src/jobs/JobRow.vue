<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { Check } from '@element-plus/icons-vue'
import { addDays, isEveryday, isOneTap, rulesOf, type Job } from '@rimbo/core'
import { useFormat } from '../ui/words/format'
import { useReasonText } from '../ui/words/reasons'
import PushButton from '../ui/fields/PushButton.vue'
import WhyNumber from '../ui/words/WhyNumber.vue'
import { useJobWords } from './useJobWords'

/** One job: what, why, and what to do with it. */
const props = defineProps<{ job: Job; today: string; isSaving: boolean }>()
const emit = defineEmits<{
  done: []
  snooze: [until: string]
  skip: [why: string]
  off: [rule: string, why: string]
}>()
const { t } = useI18n()
const { day } = useFormat()
const { textOf } = useReasonText()
const { jobWords, jobName, plantsOf } = useJobWords()

const isOpened = ref(false)
const why = ref('')
const rules = computed(() => rulesOf(props.job))
const ruleWords = computed(() => {
  const names = ['jobs.off', 'jobs.offPot', 'jobs.offKind']
  return rules.value.map((rule, index) => ({
    rule,
    words: t(names.slice(names.length - rules.value.length)[index]!),
  }))
})
const isLate = computed(
  () => props.job.window.from < props.today && !isEveryday(props.job) && props.job.kind !== 'pick',
)
const when = computed(() => {
  const { hour, window } = props.job
  if (hour !== undefined && hour >= 17) return t('jobs.evening')
  if (hour === 12) return t('jobs.noon')
  return isLate.value
    ? t('jobs.late', { date: day(window.from, { day: 'numeric', month: 'short' }) })
    : ''
})
const SNOOZES = [
  { days: 1, words: 'jobs.tomorrow' },
  { days: 3, words: 'jobs.inThree' },
  { days: 7, words: 'jobs.inWeek' },
] as const
</script>

<template>
  <li class="job-row" :data-job="job.kind" :class="{ 'job-held': job.state === 'held' }">
    <div class="job-what">
      <WhyNumber :value="jobWords(job)" :reasons="job.reasons" :about="plantsOf(job)" />
      <span v-if="when" class="job-when">{{ when }}</span>
      <p v-if="!isOneTap(job)" class="job-caution">{{ t('jobs.form') }}</p>
      <p v-if="job.held" class="job-held-why">{{ t('jobs.held', { why: textOf(job.held) }) }}</p>
      <router-link
        v-if="job.kind === 'lookOver' && job.containerId"
        :to="{ path: '/check', query: { pot: job.containerId } }"
        >{{ t('jobs.toCheck') }}</router-link
      >
      <p v-for="caution in job.cautions" :key="caution.code" class="job-caution">
        {{ textOf(caution) }}
      </p>
    </div>
    <div class="job-do">
      <PushButton
        v-if="isOneTap(job) && !job.held"
        :icon="Check"
        :disabled="isSaving"
        :aria-label="`${jobName(job)}: ${t('jobs.done')}`"
        @click="emit('done')"
        >{{ t('jobs.done') }}</PushButton
      >
      <PushButton
        text
        :aria-expanded="isOpened"
        :aria-label="`${jobName(job)}: ${t('jobs.notNow')}`"
        @click="isOpened = !isOpened"
        >{{ t('jobs.notNow') }}</PushButton
      >
    </div>
    <div v-if="isOpened" class="job-more row">
      <el-input
        v-model="why"
        class="job-why"
        size="small"
        :placeholder="t('jobs.why')"
        :aria-label="t('jobs.why')"
        :maxlength="200"
      />
      <PushButton
        v-for="one in SNOOZES"
        :key="one.days"
        size="small"
        :disabled="isSaving"
        @click="emit('snooze', addDays(today, one.days))"
        >{{ t(one.words) }}</PushButton
      >
      <PushButton size="small" :disabled="isSaving" @click="emit('skip', why.trim())">{{
        t('jobs.skip')
      }}</PushButton>
      <PushButton
        v-for="one in ruleWords"
        :key="one.rule"
        size="small"
        text
        :disabled="isSaving"
        @click="emit('off', one.rule, why.trim())"
        >{{ one.words }}</PushButton
      >
    </div>
  </li>
</template>

<style>
.job-row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px 10px;
  align-items: center;
  padding: 7px 0;
  border-top: 1px solid var(--line);
}
.job-what .why-number {
  white-space: normal;
  text-align: left;
  font-weight: 600;
  font-size: 16px;
}
.job-when {
  margin-left: 8px;
  font-size: 13.5px;
  color: var(--ink-soft);
}
.job-held .why-number {
  color: var(--ink-soft);
}
.job-held-why,
.job-caution {
  margin: 2px 0 0;
  font-size: 13.5px;
  line-height: 1.3;
  color: var(--ink-soft);
}
.job-held-why {
  color: var(--ink);
}
.job-do {
  display: flex;
  align-items: center;
}
.job-do .push-button + .push-button {
  margin-left: 4px;
}
.job-more {
  grid-column: 1 / -1;
  gap: 6px;
}
.job-why {
  max-width: 260px;
}
.job-more .push-button + .push-button {
  margin-left: 0;
}
@container (max-width: 400px) {
  .job-row {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 700px) {
  .job-do .push-button,
  .job-more .push-button {
    min-height: 44px;
  }
}
</style>
