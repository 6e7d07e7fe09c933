<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { climateSummary, type MonthNormal, type Place } from '@rimbo/core'
import { useFormat } from '../ui/words/format'

/** The climate of a place in one line, to be known or doubted at a glance. */
const props = defineProps<{ normals: readonly MonthNormal[]; place: Place }>()
const { t } = useI18n()
const { temp, day } = useFormat()

const summary = computed(() => climateSummary(props.normals, props.place))
const monthName = (month: number) =>
  day(`2025-${String(month).padStart(2, '0')}-15`, { month: 'long' })
const dayName = (monthDay: string) => day(`2025-${monthDay}`, { day: 'numeric', month: 'long' })
const frosts = computed(() => {
  const {
    lastFrost = summary.value.frosts.lastFrost,
    firstFrost = summary.value.frosts.firstFrost,
  } = props.place
  return lastFrost && firstFrost
    ? t('start.frosts', { last: dayName(lastFrost), first: dayName(firstFrost) })
    : t('start.noFrost')
})
</script>

<template>
  <p class="climate-line">
    {{
      t('start.climate', {
        warmest: monthName(summary.warmest.month),
        high: temp(summary.warmest.tempMaxC),
        coldest: monthName(summary.coldest.month),
        low: temp(summary.coldest.tempMinC),
      })
    }}
    {{ frosts }}
  </p>
</template>
