<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { windOf, type GardenCourse, type PotCourse } from '@rimbo/core'
import { useFormat } from '../ui/words/format'
import WhyNumber from '../ui/words/WhyNumber.vue'

/** The gust at which a pot tips, and the one that is forecast. */
const props = defineProps<{ course: GardenCourse; pot: PotCourse }>()
const { t } = useI18n()
const { quantity, day } = useFormat()
const speed = (value: number) => quantity(Math.round(value), 'speed')
const wind = computed(() => windOf(props.course, props.pot))
const words = computed(() =>
  wind.value
    ? t('jobs.windTips', {
        now: speed(wind.value.tipping.nowMS),
        dry: speed(wind.value.tipping.dryMS),
        watered: speed(wind.value.tipping.wateredMS),
      })
    : '',
)
</script>

<template>
  <p v-if="wind" class="wind-row">
    {{ t('jobs.wind') }}:
    <WhyNumber :value="words" :reasons="wind.tipping.reasons" :about="t('jobs.wind')" />
    <strong v-if="wind.ahead">{{
      t('jobs.windAhead', { gust: speed(wind.ahead.gustMS), date: day(wind.ahead.date) })
    }}</strong>
  </p>
</template>

<style>
.wind-row {
  margin: 8px 0;
}
.wind-row .why-number {
  white-space: normal;
  text-align: left;
}
</style>
