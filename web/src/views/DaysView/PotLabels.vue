<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { encode } from 'uqr'
import { standingOn, varietyOf } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import PrintBar from './PrintBar.vue'
import './print.css'

/** A label for each planting: pot, variety, day, and a code that holds just that text. */
const { garden } = storeToRefs(useGardenStore())
const { date } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { day } = useFormat()
const { varietyName } = useNames()

/** Left blank about a code, in its squares (ISO/IEC 18004). */
const QUIET = 4
/** A code’s dark squares as one path, a unit a square. */
const pathOf = (text: string) => {
  const { data, size } = encode(text, { border: 0 })
  const d = data
    .flatMap((row, y) => row.flatMap((isDark, x) => (isDark ? [`M${x} ${y}h1v1h-1z`] : [])))
    .join('')
  return { d, size }
}
const labels = computed(() => {
  const { value: here } = garden
  if (!here) return []
  return standingOn(here, date.value).flatMap((planting) => {
    const container = here.containers.find(({ id }) => id === planting.containerId)
    const variety = varietyOf(here, planting.varietyId)
    if (!container || !variety) return []
    const count = planting.count > 1 ? ` ×${planting.count}` : ''
    const name = `${varietyName(variety)}${count}`
    const planted = t('sheet.planted', {
      date: day(planting.plantedOn, { day: 'numeric', month: 'short', year: 'numeric' }),
    })
    const text = [container.code, name, planted].join('\n')
    return [{ id: planting.id, code: container.code, name, planted, qr: pathOf(text) }]
  })
})
</script>

<template>
  <div class="view print-view">
    <PrintBar />
    <p class="soft print-bar">{{ t('sheet.labelsAbout') }}</p>
    <p v-if="!labels.length">{{ t('sheet.none') }}</p>
    <div class="print-sheet pot-labels">
      <h1 class="visually-hidden">{{ t('sheet.labelsTitle') }}</h1>
      <article v-for="label in labels" :key="label.id" class="pot-label">
        <svg
          :viewBox="`${-QUIET} ${-QUIET} ${label.qr.size + 2 * QUIET} ${label.qr.size + 2 * QUIET}`"
          role="img"
          :aria-label="t('sheet.qr')"
        >
          <rect
            :x="-QUIET"
            :y="-QUIET"
            :width="label.qr.size + 2 * QUIET"
            :height="label.qr.size + 2 * QUIET"
            fill="#fff"
          />
          <path :d="label.qr.d" fill="#000" shape-rendering="crispEdges" />
        </svg>
        <div>
          <strong>{{ label.code }}</strong>
          <p>{{ label.name }}</p>
          <p class="soft">{{ label.planted }}</p>
        </div>
      </article>
    </div>
  </div>
</template>

<style>
.pot-labels {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(68mm, 1fr));
  gap: 4mm;
}
.pot-label {
  display: flex;
  gap: 4mm;
  align-items: center;
  height: 30mm;
  padding: 2mm;
  border: 1px dashed var(--line);
  break-inside: avoid;
}
.pot-label svg {
  width: 25mm;
  height: 25mm;
  flex: none;
}
.pot-label strong {
  font: 750 26px/1 var(--font-heading);
}
.pot-label p {
  margin: 1mm 0 0;
  font-size: 13px;
  line-height: 1.2;
}
</style>
