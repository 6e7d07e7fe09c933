<script setup lang="ts">
import { computed } from 'vue'
import { useMediaQuery } from '@vueuse/core'
import { useI18n } from 'vue-i18n'
import {
  inQuarterCans,
  type FeedCans,
  type FeedRound,
  type GardenToday,
  type Measures,
} from '@rimbo/core'
import { inQuarters } from '../../ui/words/createFormat'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'

/** Which cans get feed, how much in each, and for whom; what is strewn. */
const props = defineProps<{ walk: FeedRound; today: GardenToday; measures: Measures }>()
const { t } = useI18n()
const { dose, measured, water } = useFormat()
const { productName } = useNames()

const codesOf = ({ containerIds }: FeedCans) =>
  containerIds
    .map((id) => props.today.pots.find(({ container }) => container.id === id)?.container.code)
    .join(', ')
const amountOf = ({ measure, massG, volumeMl }: FeedCans) => {
  const exact = dose(massG, volumeMl)
  return measure ? t('feedView.measured', { measure: measured(measure), mass: exact }) : exact
}
const lines = computed(() => [
  ...props.walk.cans.map((one) => {
    const count = inQuarterCans(one.litres, props.measures.canL)
    return {
      key: `${one.dose.product.id}${one.dose.solution!.gramsL}`,
      words: t('feedRound.cans', {
        cans: t('round.ofCan', { cans: inQuarters(count) }, count > 1 ? 2 : 1),
        litres: water(one.litres),
        product: productName(one.dose.product.id),
        amount: amountOf(one),
        codes: codesOf(one),
      }),
    }
  }),
  ...props.walk.strewn.map((one) => ({
    key: one.dose.product.id,
    words: t('feedRound.strewn', {
      product: productName(one.dose.product.id),
      amount: amountOf(one),
      codes: codesOf(one),
    }),
  })),
])
const isWide = useMediaQuery('(min-width: 701px)')
</script>

<template>
  <details v-if="lines.length" class="round-cans" :open="isWide">
    <summary>{{ t('feedRound.title', lines.length) }}</summary>
    <ul>
      <li v-for="line in lines" :key="line.key">{{ line.words }}</li>
    </ul>
  </details>
</template>

<style>
.round-cans summary {
  font-weight: 600;
  font-size: 14.5px;
  padding: 2px 0;
  min-height: 25px;
}
.round-cans ul {
  margin: 2px 0 0;
  padding: 0;
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(370px, 1fr));
  gap: 2px 14px;
  font-size: 13.5px;
}
.round-cans li {
  padding-left: 9px;
  border-left: 3px solid var(--stem);
}
@media (max-width: 700px) {
  .round-cans summary {
    padding: 10px 0;
  }
  .round-cans ul {
    grid-template-columns: 1fr;
  }
}
</style>
