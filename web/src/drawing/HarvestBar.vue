<script setup lang="ts">
import { computed } from 'vue'
import type { HarvestRow } from '@rimbo/core'
import './harvest.css'

/** What was picked as a bar, on the band of what was expected. */
const props = defineProps<{ row: HarvestRow; mostKg: number; label: string }>()
const WIDTH = 220
const x = (kg: number) => (props.mostKg > 0 ? (kg / props.mostKg) * WIDTH : 0)
const band = computed(() => props.row.expectedKg)
</script>

<template>
  <svg
    class="harvest-bar"
    :viewBox="`0 0 ${WIDTH} 18`"
    role="img"
    :aria-label="label"
    preserveAspectRatio="none"
  >
    <rect
      v-if="band"
      class="harvest-band"
      :x="x(band.least)"
      y="1"
      :width="x(band.most) - x(band.least)"
      height="16"
    />
    <rect class="harvest-real" x="0" y="5" :width="x(row.massKg)" height="8" />
    <path v-if="band" class="harvest-middle" :d="`M${x(band.middle)} 0V18`" />
  </svg>
</template>

<style>
.harvest-bar {
  display: block;
  width: 100%;
  height: 18px;
}
.harvest-real {
  fill: var(--accent);
}
</style>
