<script setup lang="ts">
import { computed, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { wateringHabits, type Garden, type PotCourse, type Wilting } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import WorkProgress from '../../ui/WorkProgress.vue'
import { useWorker } from '../../workers/useWorker'
import type { YearsWork } from '../../workers/years.worker'
import PushButton from '../../ui/fields/PushButton.vue'

/** How likely the pot hangs its leaves this month, over many years of weather. */
const props = defineProps<{ garden: Garden; pot: PotCourse; at: string }>()
const { t } = useI18n()
const { share } = useFormat()

const YEARS = 500
const DAYS = 30
const SEED = 1
const worker = useWorker<YearsWork, Wilting>(
  () => new Worker(new URL('../../workers/years.worker.ts', import.meta.url), { type: 'module' }),
  (work, progress) =>
    work.wiltingChance(
      props.garden,
      { at: props.at, days: DAYS, count: YEARS, seed: SEED },
      progress,
    ),
)
watch(
  () => props.garden,
  () => {
    worker.cancel()
    worker.result.value = undefined
  },
)
const found = computed(() =>
  worker.result.value?.pots.find(({ containerId }) => containerId === props.pot.container.id),
)
</script>

<template>
  <section class="wilting">
    <table v-if="found && worker.result.value">
      <caption>
        <WhyNumber
          :value="t('waterView.chanceTitle', { days: DAYS })"
          :reasons="worker.result.value.reasons"
          :about="t('waterView.chanceTitle', { days: DAYS })"
        />
      </caption>
      <tbody>
        <tr v-for="habit in wateringHabits" :key="habit">
          <th scope="row">{{ t(`waterView.habit.${habit}`) }}</th>
          <td class="number">{{ share(found.chance[habit]) }}</td>
        </tr>
      </tbody>
    </table>
    <div v-else-if="worker.isRunning.value" class="row">
      <WorkProgress
        :share="worker.progress.value"
        :label="t('waterView.chanceTitle', { days: DAYS })"
        @cancel="worker.cancel"
      />
    </div>
    <PushButton v-else size="small" @click="worker.start()">
      {{ t('waterView.chanceAsk', { count: YEARS }) }}
    </PushButton>
    <p v-if="worker.failure.value" class="strong" role="alert">{{ t('potPage.failed') }}</p>
  </section>
</template>

<style>
.wilting {
  margin-top: 8px;
}
.wilting caption {
  text-align: left;
}
.wilting th {
  font-weight: 400;
}
.wilting :is(th, td) {
  padding: 1px 4px;
}
.wilting .work-progress {
  width: 150px;
}
</style>
