<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { SPLASH_L, type FedStop, type FeedDose, type Pouring } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import { useReasonText } from '../../ui/words/reasons'
import WhyNumber from '../../ui/words/WhyNumber.vue'

/** The feed of a pot on this walk: how much of what, and what holds it back. */
const props = defineProps<{
  fed: FedStop
  /** Into which part of the pot what is dissolved goes. */
  into: Pouring['feed']
}>()
const { t } = useI18n()
const { water, dose, measured } = useFormat()
const { productName } = useNames()
const { textOf } = useReasonText()

const amountOf = ({ measure, massG, volumeMl }: FeedDose) => {
  const exact = dose(massG, volumeMl)
  return measure ? t('feedView.measured', { measure: measured(measure), mass: exact }) : exact
}
const lines = computed(() =>
  props.fed.due.map(({ dose: given, holds }) => {
    const product = productName(given.product.id)
    const amount = amountOf(given)
    return {
      id: given.product.id,
      given,
      words: given.solution
        ? t('feedRound.give', { litres: water(given.solution.volumeL), amount, product })
        : t('feedRound.strew', { amount, product }),
      product,
      cares: holds.map(({ reason, level }) => ({
        text: textOf(reason),
        isWarning: level === 'warn',
      })),
    }
  }),
)
const waits = computed(() => {
  const held = props.fed.feed?.due.filter(({ isHeld }) => isHeld) ?? []
  const hold = held[0]?.holds.find(({ level }) => level === 'hold')
  return !props.fed.due.length && hold ? textOf(hold.reason) : undefined
})
</script>

<template>
  <div v-if="lines.length || waits" class="round-feed" data-feed>
    <p v-for="line in lines" :key="line.id">
      <WhyNumber :value="line.words" :reasons="line.given.reasons" :about="line.product" />
      <span
        v-for="care in line.cares"
        :key="care.text"
        :class="['round-care', { strong: care.isWarning }]"
        >{{ care.text }}</span
      >
      <span class="round-care">{{
        line.given.solution && into !== 'top'
          ? t(`pouring.feed.${into}`)
          : t(`placement.${line.given.placement}`)
      }}</span>
    </p>
    <p v-if="lines.length && fed.plainL > SPLASH_L">
      {{ t('feedRound.plain', { litres: water(fed.plainL) }) }}
    </p>
    <p v-if="waits" class="round-care">{{ t('feedRound.waits', { why: waits }) }}</p>
  </div>
</template>

<style>
.round-feed {
  margin-top: 8px;
  padding-left: 10px;
  border-left: 3px solid var(--stem);
  font-size: 18px;
}
.round-feed p {
  margin: 0 0 2px;
}
.round-feed .why-number {
  white-space: normal;
  text-align: left;
  font-weight: 650;
}
.round-care {
  display: block;
  font-size: 14px;
  line-height: 1.3;
  color: var(--ink-soft);
}
</style>
