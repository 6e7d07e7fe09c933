<script setup lang="ts">
import { computed, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { soilSchoolIds, type DateSpread, type Garden, type YearsSpread } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import WorkProgress from '../../ui/WorkProgress.vue'
import { useWorker } from '../../workers/useWorker'
import type { YearsWork } from '../../workers/years.worker'
import PushButton from '../../ui/fields/PushButton.vue'

/** When things come, over many years of weather: reckoned in a worker when it is asked. */
const props = defineProps<{
  garden: Garden
  containerId: string
  plantingId: string
  now: string
}>()
const { t } = useI18n()
const { day, mass } = useFormat()

const YEARS = 500
const SEED = 1

const worker = useWorker<YearsWork, YearsSpread>(
  () => new Worker(new URL('../../workers/years.worker.ts', import.meta.url), { type: 'module' }),
  (work, progress) =>
    work.yearsSpread(
      props.garden,
      { containerId: props.containerId, at: props.now, count: YEARS, seed: SEED },
      progress,
    ),
)
// What was reckoned for another garden is not true of this one.
watch(
  () => props.garden,
  () => {
    worker.cancel()
    worker.result.value = undefined
  },
)
const found = computed(() =>
  worker.result.value?.plantings.find(({ plantingId }) => plantingId === props.plantingId),
)

/** Dates of another year say so. */
const short = (date: string) =>
  day(date, {
    day: 'numeric',
    month: 'short',
    ...(date.slice(0, 4) === props.now.slice(0, 4) ? {} : { year: 'numeric' }),
  })
const spread = (dates: DateSpread | undefined) =>
  dates
    ? t(dates.early === dates.late ? 'potPage.onDay' : 'potPage.between', {
        early: short(dates.early),
        middle: short(dates.middle),
        late: short(dates.late),
      })
    : t('potPage.never')
const range = ({ from, to }: { from: string; to: string }) => `${short(from)} – ${short(to)}`

const rows = computed(() => {
  if (!found.value) return []
  const { firstFlower, firstRipe, cropKg, window } = found.value
  return [
    { key: 'sow', value: range(window.sow) },
    { key: 'potOn', value: range(window.potOn) },
    { key: 'harden', value: range(window.harden) },
    { key: 'goesOut', value: short(window.goesOutOn) },
    ...soilSchoolIds.map((school) => ({
      key: `soil.${school}`,
      value:
        window.isYearRound && !window.schools[school]
          ? t('potPage.allYear')
          : spread(window.schools[school]),
    })),
    { key: 'firstFlower', value: spread(firstFlower) },
    { key: 'firstRipe', value: spread(firstRipe) },
    {
      key: 'cropByWeather',
      value: t('potPage.between', {
        early: mass(cropKg.least * 1000),
        middle: mass(cropKg.middle * 1000),
        late: mass(cropKg.most * 1000),
      }),
    },
  ]
})
const reasons = computed(() => [
  ...(worker.result.value?.reasons ?? []),
  ...(found.value?.window.reasons ?? []),
])
</script>

<template>
  <section class="years">
    <div class="row">
      <h2>{{ t('potPage.datesTitle') }}</h2>
      <WhyNumber
        v-if="found"
        :value="t('potPage.years', { count: YEARS })"
        :reasons="reasons"
        :about="t('potPage.datesTitle')"
      />
      <PushButton v-if="!worker.isRunning.value && !found" size="small" @click="worker.start()">
        {{ t('potPage.reckon', { count: YEARS }) }}
      </PushButton>
      <WorkProgress
        v-if="worker.isRunning.value"
        :share="worker.progress.value"
        :label="t('potPage.reckoning')"
        @cancel="worker.cancel"
      />
    </div>
    <p v-if="worker.failure.value" class="strong" role="alert">{{ t('potPage.failed') }}</p>
    <table v-if="found" class="years-table">
      <tbody>
        <tr v-for="row in rows" :key="row.key">
          <th scope="row">{{ t(`potPage.row.${row.key}`) }}</th>
          <td>{{ row.value }}</td>
        </tr>
      </tbody>
    </table>
    <p v-else-if="!worker.isRunning.value" class="soft">{{ t('potPage.reckonText') }}</p>
  </section>
</template>

<style>
.years h2 {
  margin: 0;
}
.years-table th {
  font-weight: 400;
  width: 40%;
}
.years-table :is(th, td) {
  padding-block: 3px;
}
</style>
