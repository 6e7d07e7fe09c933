<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import type { FeedDose, FeedHold } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import { useReasonText } from '../../ui/words/reasons'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import { useStrengthWords } from './useStrengthWords'

/** A dose as it is measured, dissolved and given, with what speaks against it. */
const props = defineProps<{
  dose: FeedDose
  holds: readonly FeedHold[]
  /** On the shelf, g; undefined where it is not there. */
  stockG: number | undefined
  /** One of several that go into one can. */
  isPart?: boolean
}>()
const { garden } = storeToRefs(useGardenStore())
const { t } = useI18n()
const { mass, dose: doseWords, measured, water, volume } = useFormat()
const { productName } = useNames()
const { textOf } = useReasonText()

const amount = computed(() =>
  props.dose.measure
    ? t('feedView.measured', {
        measure: measured(props.dose.measure),
        mass: doseWords(props.dose.massG, props.dose.volumeMl),
      })
    : doseWords(props.dose.massG, props.dose.volumeMl),
)
const can = computed(() => {
  const { solution } = props.dose
  if (!solution || !garden.value) return undefined
  const { stir, volumeL } = solution
  const grams = doseWords(stir.massG, stir.volumeMl)
  const inHand = stir.measure
    ? t('feedView.measured', { measure: measured(stir.measure), mass: grams })
    : grams
  const litres = water(stir.volumeL)
  if (stir.volumeL > volumeL * 1.001)
    return t('feedView.stirPart', { amount: inHand, litres, part: water(volumeL) })
  if (stir.volumeL > volumeL * 0.999) return t('feedView.stir', { litres })
  const inCan = volume(garden.value.settings.measures.canL)
  return stir.measure
    ? t('feedView.inCan', { measure: measured(stir.measure), mass: grams, can: inCan })
    : t('feedView.inCanMass', { mass: grams, can: inCan })
})
const strengthWords = useStrengthWords()
const strength = computed(() => props.dose.solution && strengthWords(props.dose.solution.strength))
</script>

<template>
  <div class="dose-lines">
    <p class="dose-name">{{ productName(dose.product.id) }}</p>
    <p class="dose-amount">
      <WhyNumber :value="amount" :reasons="dose.reasons" :about="productName(dose.product.id)" />
    </p>
    <template v-if="dose.solution && !isPart">
      <p>{{ can }}</p>
      <p v-if="dose.solution.cans > 1">
        {{ t('feedView.ofSolution', { litres: water(dose.solution.volumeL) }) }}
      </p>
      <p class="soft">{{ strength }}</p>
    </template>
    <p v-if="!isPart" class="soft">{{ t(`placement.${dose.placement}`) }}</p>
    <p v-if="stockG === undefined" class="soft">{{ t('feedView.noStock') }}</p>
    <p v-else-if="stockG < dose.massG" class="strong">
      {{ t('feedView.lowStock', { mass: mass(stockG) }) }}
    </p>
    <p
      v-for="hold in holds"
      :key="hold.code"
      :class="hold.level === 'care' ? 'caution' : 'caution strong'"
      :data-hold="hold.code"
    >
      {{ textOf(hold.reason) }}
    </p>
  </div>
</template>

<style>
.dose-lines p {
  margin: 0 0 3px;
}
.dose-name {
  font-weight: 700;
}
.dose-lines .dose-amount {
  font: 700 20px/1.2 var(--font-heading);
}
.dose-lines .soft {
  font-size: 13.5px;
  line-height: 1.3;
}
</style>
