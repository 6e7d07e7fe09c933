<script setup lang="ts">
/** Lines of equal mass across a chart, each with its words at the left. */
defineProps<{
  ticks: readonly { readonly y: number; readonly words: string }[]
  left: number
  to: number
}>()
</script>

<template>
  <g v-for="tick in ticks" :key="tick.y">
    <path class="chart-line" :d="`M${left} ${tick.y}H${to}`" />
    <text class="chart-word" :x="left - 6" :y="tick.y + 4" text-anchor="end">{{ tick.words }}</text>
  </g>
</template>

<style>
.band-chart {
  height: 220px;
  min-height: 180px;
}
.chart-line {
  stroke: var(--guide);
}
.chart-word {
  fill: var(--ink-soft);
  font-size: 12px;
}
</style>
