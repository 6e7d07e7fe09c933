<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { plantingCard } from '@rimbo/core'
import { useGardenStore } from '../stores/garden'
import { useFormat } from '../ui/words/format'
import { useNames } from '../ui/words/names'
import { useReasonText } from '../ui/words/reasons'
import { useJobWords } from './useJobWords'

/** How a planting goes into its pot, step by step. */
const props = defineProps<{ plantingId: string; date: string }>()
const { t } = useI18n()
const { garden } = storeToRefs(useGardenStore())
const { measured, dose } = useFormat()
const { productName } = useNames()
const { textOf } = useReasonText()
const { amountWords } = useJobWords()

const card = computed(() =>
  garden.value?.plantings.some(({ id }) => id === props.plantingId)
    ? plantingCard(garden.value, props.plantingId, props.date)
    : undefined,
)
/** What goes into the hole, in the gardener’s own spoon. */
const holeWords = computed(() =>
  (card.value?.hole ?? [])
    .map(({ product, measure, massG, volumeMl }) => {
      const exact = dose(massG, volumeMl)
      const amount = measure ? `${measured(measure)} (${exact})` : exact
      return t('amountOf.named', { amount, name: productName(product.id) })
    })
    .join(', '),
)
const steps = computed(() =>
  (card.value?.order ?? []).map(({ id, amounts }) =>
    t(`step.${id}`, {
      amount: id === 'hole' ? holeWords.value : amounts.map(amountWords).join(', '),
    }),
  ),
)
</script>

<template>
  <section v-if="card" class="planting-steps">
    <h3>{{ t('jobs.order') }}</h3>
    <ol>
      <li v-for="step in steps" :key="step">{{ step }}</li>
    </ol>
    <p v-for="caution in card.cautions" :key="caution.code" class="job-caution">
      {{ textOf(caution) }}
    </p>
  </section>
</template>

<style>
.planting-steps {
  margin-top: 10px;
}
.planting-steps h3 {
  margin: 0 0 4px;
  font-size: 15px;
}
.planting-steps ol {
  margin: 0;
  padding-left: 22px;
  font-size: 15px;
}
</style>
