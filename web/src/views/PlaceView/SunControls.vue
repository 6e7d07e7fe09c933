<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { lightReasons } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import { dayText } from '../../ui/words/formatters'
import { useOptions } from '../../ui/fields/options'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import WorkProgress from '../../ui/WorkProgress.vue'
import type { useSunMap } from '../../workers/useSunMap'
import { lightMeasures, type LightMeasure } from './lightMeasures'
import PushButton from '../../ui/fields/PushButton.vue'

/** Which month and which light the contours show, and how far the casting is. */
const props = defineProps<{ sun: ReturnType<typeof useSunMap>; isMeasured: boolean }>()
const month = defineModel<number>('month', { required: true })
const measure = defineModel<LightMeasure>('measure', { required: true })
const { t } = useI18n()
const { tenths } = useFormat()
const { optionsOf } = useOptions()

const span = computed(() => {
  const all = props.sun.result.value?.[measure.value][month.value - 1] ?? []
  const values = [...all].filter((one) => !isNaN(one))
  return values.length ? { least: Math.min(...values), most: Math.max(...values) } : undefined
})
const monthName = (index: number) =>
  dayText(`2026-${String(index).padStart(2, '0')}-15`, { month: 'long' })
</script>

<template>
  <div class="place-sun">
    <WorkProgress
      v-if="sun.isRunning.value"
      :share="sun.progress.value"
      :label="t('place.casting')"
      @cancel="sun.cancel"
    />
    <template v-else-if="span">
      <SwitchButtons
        v-model="measure"
        :options="optionsOf(lightMeasures, 'place.measure')"
        :label="t('place.whichLight')"
        size="small"
      />
      <label class="place-month">
        <span>{{ monthName(month) }}</span>
        <input
          v-model.number="month"
          type="range"
          min="1"
          max="12"
          :aria-label="t('place.month')"
          :aria-valuetext="monthName(month)"
        />
      </label>
      <WhyNumber
        :value="t(`place.span.${measure}`, { least: tenths(span.least), most: tenths(span.most) })"
        :reasons="lightReasons(isMeasured)"
        :about="t(`place.measure.${measure}`)"
      />
    </template>
    <PushButton v-else size="small" @click="sun.start">{{ t('place.castSun') }}</PushButton>
  </div>
</template>

<style>
.place-sun {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 22px;
  align-items: center;
  min-height: 34px;
}
.place-month {
  display: flex;
  gap: 10px;
  align-items: center;
}
.place-month span {
  min-width: 84px;
  font-weight: 600;
}
.place-month input {
  accent-color: var(--wet-ink);
  width: 200px;
}
</style>
