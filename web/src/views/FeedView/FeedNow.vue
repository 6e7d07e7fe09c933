<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  addDays,
  fieldSchema,
  holdsFor,
  isOverLabel,
  measureMl,
  mixTestSchema,
  nutrients,
  recordSchema,
  shelfStock,
  type ChosenForPot,
  type FeedDose,
  type FeedToday,
  type Garden,
  type GardenCourse,
  type PotToday,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import QuantityField from '../../ui/fields/QuantityField.vue'
import WorkProgress from '../../ui/WorkProgress.vue'
import type { FeedWork } from '../../workers/feed.worker'
import { useWorker } from '../../workers/useWorker'
import DoseLines from './DoseLines.vue'
import { useFeeding } from './useFeeding'
import { useFaultWords, useStrengthWords } from './useStrengthWords'
import PushButton from '../../ui/fields/PushButton.vue'

/** What a pot is given now: what is due, the best out of the shelf, or anything else. */
const props = defineProps<{
  garden: Garden
  course: GardenCourse
  pot: PotToday
  feed: FeedToday
}>()
const emit = defineEmits<{ mode: [mode: 'programmes' | 'shelf'] }>()
const { isSaving } = storeToRefs(useGardenStore())
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { mass, money, day, number, water } = useFormat()
const { productName } = useNames()
const { ofError } = useFaultText()
const { choices, doseOf, give, weighSpoon } = useFeeding(toRef(props, 'pot'), toRef(props, 'feed'))

const strengthWords = useStrengthWords()
const faultWords = useFaultWords()
const stockOf = (id: string) =>
  shelfStock(props.garden).find(({ product }) => product.id === id)?.leftG

const isHeldBack = computed(
  () => props.feed.due.length > 0 && props.feed.due.every((one) => one.isHeld),
)
const ready = computed(() => props.feed.due.filter((one) => !one.isHeld))
const nextDate = computed(() =>
  props.feed.nextOn === undefined
    ? undefined
    : day(addDays(props.course.from, props.feed.nextOn), {
        weekday: 'short',
        day: 'numeric',
        month: 'long',
      }),
)

// Anything else.
const productId = ref<string | undefined>(choices.value[0]?.value)
const massG = ref<number>()
watch(productId, () => (massG.value = undefined))
const massSchema = fieldSchema(recordSchema, { kind: 'feed' }, 'massG')
const other = computed(() =>
  productId.value && !Number.isNaN(massG.value) ? doseOf(productId.value, massG.value) : {},
)
const isSpoonUnknown = computed(
  () =>
    other.value.fault?.code === 'densityUnknown' ||
    (other.value.dose !== undefined && other.value.dose.product.densityGMl === undefined),
)
const spoonG = ref<number>()
async function keepSpoon(): Promise<void> {
  if (!productId.value || !spoonG.value) return
  const { unitSystem, measures } = props.garden.settings
  const spoonL = measureMl('tablespoon', unitSystem, measures) / 1000
  await weighSpoon(productId.value, spoonG.value, spoonL)
}

// The best out of the shelf.
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
/** Over its label it is recorded all the same, and the button says what it is. */
const givenWords = (dose: FeedDose, usual: string) =>
  isOverLabel(dose)
    ? t('feedView.givenOver', { times: number(Math.round((dose.timesLabel ?? 0) * 10) / 10) })
    : t(usual)
const giveAll = (doses: readonly FeedDose[]) => give(doses)
</script>

<template>
  <section class="sheet" data-due>
    <h3>{{ t(isHeldBack ? 'feedView.heldTitle' : 'feedView.dueTitle') }}</h3>
    <template v-for="one in feed.due" :key="one.dose.product.id">
      <DoseLines :dose="one.dose" :holds="one.holds" :stock-g="one.stockG" />
      <PushButton
        v-if="!one.isHeld"
        type="primary"
        class="feed-give"
        :loading="isSaving"
        @click="give([one.dose])"
      >
        {{ givenWords(one.dose, 'feedView.given') }}
      </PushButton>
    </template>
    <p
      v-for="one in feed.unusable"
      :key="one.productId"
      class="caution strong"
      role="alert"
      data-unusable
    >
      {{
        t('feedView.unusable', {
          product: productName(one.productId),
          why: t(`feedView.stepFault.${one.fault}`),
        })
      }}
    </p>
    <p v-if="!feed.due.length">{{ t('feedView.none') }}</p>
    <p v-if="!ready.length && nextDate && !isHeldBack" class="soft">
      {{ t('feedView.nextOn', { date: nextDate }) }}
    </p>
    <p v-if="feed.plan" class="soft">
      {{ t('feedView.by') }}: {{ t(`programme.${feed.plan.programmeId}`) }}
    </p>
    <p v-else>
      {{ t('feedView.noPlanYet') }}
      <PushButton size="small" @click="emit('mode', 'programmes')">
        {{ t('feedView.mode.programmes') }}
      </PushButton>
    </p>
    <p v-if="!shelfStock(garden).length">
      {{ t('feedView.noShelfYet') }}
      <PushButton size="small" @click="emit('mode', 'shelf')">
        {{ t('feedView.mode.shelf') }}
      </PushButton>
    </p>
  </section>
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
        @click="giveAll(chosen.doses)"
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
  <section class="sheet" data-other>
    <h3>{{ t('feedView.giveTitle') }}</h3>
    <ChoiceField v-model="productId" :label="t('feedView.product')" :options="choices" />
    <QuantityField
      v-model="massG"
      dimension="mass"
      optional
      :schema="massSchema"
      :label="t('feedView.amount')"
      :hint="t('feedView.byLabel')"
    />
    <DoseLines
      v-if="other.dose && productId"
      :dose="other.dose"
      :holds="other.holds ?? []"
      :stock-g="stockOf(productId)"
    />
    <p v-else-if="other.fault" class="strong" role="alert">{{ ofError(other.fault) }}</p>
    <form v-if="isSpoonUnknown" class="feed-spoon" @submit.prevent="keepSpoon">
      <p>{{ t('feedView.unknownSpoon') }}</p>
      <QuantityField
        v-model="spoonG"
        dimension="mass"
        :schema="fieldSchema(mixTestSchema, { kind: 'weigh' }, 'massG')"
        :label="t('feedView.spoonGrams')"
      />
      <PushButton native-type="submit" :disabled="!spoonG" :loading="isSaving">
        {{ t('feedView.spoonKeep') }}
      </PushButton>
    </form>
    <PushButton
      v-if="other.dose && other.dose.product.form !== 'notFeed'"
      class="feed-give"
      :disabled="!(other.dose.massG > 0)"
      :loading="isSaving"
      @click="give([other.dose])"
    >
      {{ givenWords(other.dose, 'feedView.give') }}
    </PushButton>
    <p class="soft feed-caution">{{ t('feedView.caution') }}</p>
  </section>
</template>

<style>
.feed-give {
  margin: 4px 0 8px;
}
.feed-caution {
  margin: 6px 0 0;
  font-size: 13px;
}
</style>
