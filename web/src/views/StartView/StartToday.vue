<script setup lang="ts">
import { computed, onMounted, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useRouter } from 'vue-router'
import { useI18n } from 'vue-i18n'
import type { NextDate } from '@rimbo/core'
import { useJobWords } from '../../jobs/useJobWords'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { usePotWords } from '../../ui/words/potWords'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import type { StartWork } from '../../workers/start.worker'
import { useWorker } from '../../workers/useWorker'

/** Step four: what each plant drinks today, and the next three dates. */
const { garden } = storeToRefs(useGardenStore())
const { now, today } = storeToRefs(useTodayStore())
const router = useRouter()
const { t } = useI18n()
const { water, day } = useFormat()
const { plantWords } = usePotWords()
const { jobName } = useJobWords()
const { ofError } = useFaultText()

const drinking = computed(() => today.value?.pots.filter(({ need }) => need) ?? [])
const isUsualDay = computed(() => today.value?.source === 'typical' && drinking.value.length > 0)

const dates = useWorker<StartWork, NextDate[]>(
  () => new Worker(new URL('../../workers/start.worker.ts', import.meta.url), { type: 'module' }),
  (work) => work.nextDates(garden.value!, now.value),
)
onMounted(() => garden.value && dates.start())
watch(garden, () => garden.value && dates.start())

const codesOf = ({ jobs }: NextDate) =>
  garden.value?.containers
    .filter(({ id }) => jobs.some(({ containerId }) => containerId === id))
    .map(({ code }) => code)
    .join(', ')
</script>

<template>
  <ul v-if="drinking.length" class="start-drinks">
    <li v-for="pot in drinking" :key="pot.container.id" :data-pot="pot.container.code">
      <strong>{{ pot.container.code }}</strong> {{ plantWords(pot) }}:
      <WhyNumber
        :value="water(pot.need!.waterL)"
        :reasons="pot.need!.reasons"
        :about="`${pot.container.code}, ${t('start.waterToday')}`"
      />
      {{ t('start.waterToday') }}
    </li>
  </ul>
  <p v-else>{{ t('start.noneToday') }}</p>
  <p v-if="isUsualDay" class="soft">{{ t('start.usualDay') }}</p>
  <h3>{{ t('start.next') }}</h3>
  <p v-if="dates.isRunning.value" class="soft" role="status">{{ t('start.working') }}</p>
  <p v-else-if="dates.failure.value" class="strong" role="alert">
    {{ ofError(dates.failure.value) }}
  </p>
  <ol v-else-if="dates.result.value?.length" class="start-dates">
    <li v-for="one in dates.result.value" :key="`${one.on}${one.kind}`">
      <strong>{{ day(one.on) }}</strong>
      {{ jobName(one.jobs[0]!) }} <span class="soft">{{ codesOf(one) }}</span>
    </li>
  </ol>
  <p v-else>{{ t('start.noDates') }}</p>
  <div class="row">
    <PushButton type="primary" @click="router.push('/round')">{{ t('start.toRound') }}</PushButton>
    <router-link to="/days">{{ t('start.toDays') }}</router-link>
  </div>
</template>

<style>
.start-drinks,
.start-dates {
  margin: 0 0 10px;
  padding: 0;
  list-style: none;
}
.start-drinks li,
.start-dates li {
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
.start-drinks .why-number {
  font: 700 19px/1.2 var(--font-heading);
  color: var(--wet-ink);
}
.start-dates strong {
  display: inline-block;
  min-width: 130px;
}
</style>
