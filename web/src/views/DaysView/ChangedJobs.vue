<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { edits, ruleNames, type JobChange } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useJobsStore } from '../../stores/jobs'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import PushButton from '../../ui/fields/PushButton.vue'
import { useJobWords } from '../../jobs/useJobWords'

/** What was put off, left out or turned off: each can be taken back. */
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { all } = storeToRefs(useJobsStore())
const { date } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { day } = useFormat()
const { jobName, codeOf, plantsOf } = useJobWords()

function wordsOf(change: JobChange): string {
  if (change.what === 'off') {
    const { kind, containerId, plantingId } = ruleNames(change.rule ?? '')
    const code = garden.value?.containers.find(({ id }) => id === containerId)?.code
    const plants = plantingId === undefined ? '' : plantsOf({ plantingIds: [plantingId] })
    return [kind ? t(`job.${kind}`) : change.rule, code, plants, t('days.off'), change.why]
      .filter(Boolean)
      .join(', ')
  }
  const job = all.value.find(({ id }) => id === change.jobId)
  const name = job ? [jobName(job), codeOf(job), plantsOf(job)] : [nameOf(change.jobId ?? '')]
  const what =
    change.what === 'snooze'
      ? t('days.snoozed', { date: day(change.until ?? date.value) })
      : t('days.skipped', { date: day(change.on ?? date.value) })
  return [...name, what, change.why].filter(Boolean).join(', ')
}
/** Of a job that is no longer in the plan, its kind. */
function nameOf(jobId: string): string {
  const { kind } = ruleNames(jobId)
  return kind ? t(`job.${kind}`) : jobId
}
const changes = computed(() =>
  (garden.value?.jobChanges ?? [])
    // What was put off and is due again by now says nothing any more.
    .filter(({ what, until }) => what !== 'snooze' || (until ?? '') > date.value)
    .toReversed(),
)
</script>

<template>
  <section v-if="changes.length" class="changed-jobs">
    <h2>{{ t('days.changed') }}</h2>
    <p class="soft">{{ t('days.changedAbout') }}</p>
    <ul class="own-list">
      <li v-for="change in changes" :key="`${change.what}${change.jobId}${change.rule}`">
        <span>{{ wordsOf(change) }}</span>
        <span>
          <PushButton
            link
            :disabled="isSaving"
            :aria-label="`${wordsOf(change)}: ${t('days.takeBack')}`"
            @click="store.edit(edits.takeBackJobChange(change))"
            >{{ t('days.takeBack') }}</PushButton
          >
        </span>
      </li>
    </ul>
  </section>
</template>
