<script setup lang="ts">
import { computed, toRef, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  holdsFor,
  nutrients,
  type ChosenForPot,
  type FeedToday,
  type Garden,
  type GardenCourse,
  type PotToday,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import WorkProgress from '../../ui/WorkProgress.vue'
import type { FeedWork } from '../../workers/feed.worker'
import { useWorker } from '../../workers/useWorker'
import DoseLines from './DoseLines.vue'
import { useFeeding } from './useFeeding'
import { useFaultWords, useStrengthWords } from './useStrengthWords'

/** The feeds on the shelf that best bring a pot to its next visit, found by the solver. */
const props = defineProps<{
  garden: Garden
  course: GardenCourse
  pot: PotToday
  feed: FeedToday
}>()
const { isSaving } = storeToRefs(useGardenStore())
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { mass, money, water } = useFormat()
const { productName } = useNames()
const { ofError } = useFaultText()
const strengthWords = useStrengthWords()
const faultWords = useFaultWords()
const { give, stockOf } = useFeeding(toRef(props, 'pot'), toRef(props, 'feed'))

const DAYS = 7
const worker = useWorker<FeedWork, ChosenForPot | undefined>(
  () => new Worker(new URL('../../workers/feed.worker.ts', import.meta.url), { type: 'module' }),
  (work, progress) => work.choose(props.garden, now.value, props.pot.container.id, DAYS, progress),
)
watch(
  () => props.garden,
  () => {
    worker.cancel()
    worker.result.value = undefined
  },
)
const chosen = computed(() => worker.result.value)
const unmet = computed(() => {
  const { value: found } = chosen
  if (!found) return []
  return nutrients
    .filter((one) => found.unmetG[one] > 0.005)
    .map((one) => `${t(`nutrient.${one}`)} ${mass(found.unmetG[one])}`)
})
</script>

<template>
  <section class="sheet" data-choose>
    <h3>{{ t('feedView.chooseTitle') }}</h3>
    <template v-if="chosen">
      <DoseLines
        v-for="dose in chosen.doses"
        :key="dose.product.id"
        :dose="dose"
        :holds="holdsFor(course, feed, pot, dose)"
        :stock-g="stockOf(dose.product.id)"
        :is-part="dose.solution !== undefined && chosen.doses.length > 1"
      />
      <template v-if="chosen.together && chosen.doses.length > 1">
        <p>{{ t('feedView.together', { litres: water(chosen.together.volumeL) }) }}</p>
        <p class="soft">{{ strengthWords(chosen.together.strength) }}</p>
        <p
          v-for="fault in chosen.together.faults"
          :key="fault.kind"
          class="caution strong"
          role="alert"
        >
          {{ faultWords(fault) }}
        </p>
      </template>
      <p v-if="!chosen.doses.length">{{ t('feedView.chooseNone') }}</p>
      <p v-else class="soft">{{ t('feedView.cost', { price: money(chosen.price) }) }}</p>
      <p>
        {{ unmet.length ? t('feedView.unmet', { list: unmet.join(', ') }) : t('feedView.allMet') }}
      </p>
      <p v-if="chosen.toBuy" class="strong">
        {{ t('feedView.buy', { product: productName(chosen.toBuy.product.id) }) }}
      </p>
      <PushButton
        v-if="chosen.doses.length"
        class="feed-give"
        :loading="isSaving"
        @click="give(chosen.doses)"
      >
        {{ t('feedView.given') }}
      </PushButton>
    </template>
    <div v-else-if="worker.isRunning.value" class="row">
      <WorkProgress
        :share="worker.progress.value"
        :label="t('feedView.chooseTitle')"
        @cancel="worker.cancel()"
      />
    </div>
    <template v-else>
      <p class="soft">{{ t('feedView.chooseText', { days: DAYS }) }}</p>
      <p v-if="worker.failure.value" class="strong" role="alert">
        {{ ofError(worker.failure.value) }}
      </p>
      <PushButton @click="worker.start()">{{ t('feedView.chooseGo') }}</PushButton>
    </template>
  </section>
</template>
