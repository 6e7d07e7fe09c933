<script setup lang="ts">
import { computed } from 'vue'
import { line, scaleLinear } from 'd3'
import type { SeasonBeside, SeasonPoint } from '@rimbo/core'
import { useChartFrame } from './chartFrame'
import ChartGrid from './ChartGrid.vue'

/** What each season had given by the time so much warmth had come together. */
const props = defineProps<{
  seasons: readonly SeasonBeside[]
  /** The one that is looked at: drawn strong, the others thin. */
  shownId: string
  kgWords: (kg: number) => string
  warmthWords: (degreeDays: number) => string
  label: string
}>()
const { frame, width, height, left, top, right, bottom } = useChartFrame({
  right: 60,
  bottom: 26,
})

const points = computed(() => props.seasons.flatMap((one) => one.points))
const x = computed(() =>
  scaleLinear(
    [0, Math.max(100, ...points.value.map(({ degreeDays }) => degreeDays))],
    [left, Math.max(left + 40, width.value - right)],
  ),
)
const y = computed(() =>
  scaleLinear(
    [0, Math.max(0.1, ...points.value.map(({ pickedKg }) => pickedKg))],
    [height.value - bottom, top],
  ).nice(4),
)
const lines = computed(() =>
  props.seasons.map((season) => {
    const last = season.points.at(-1)
    return {
      id: season.id,
      d:
        line<SeasonPoint>()
          .x(({ degreeDays }) => x.value(degreeDays))
          .y(({ pickedKg }) => y.value(pickedKg))([...season.points]) ?? '',
      x: x.value(last?.degreeDays ?? 0),
      y: y.value(last?.pickedKg ?? 0),
    }
  }),
)
const ticks = computed(() =>
  y.value.ticks(4).map((kg) => ({ y: y.value(kg), words: props.kgWords(kg) })),
)
</script>

<template>
  <div ref="frame" class="band-chart">
    <svg v-if="width && height" :width="width" :height="height" role="img" :aria-label="label">
      <ChartGrid :ticks="ticks" :left="left" :to="width - right" />
      <text
        v-for="warmth in x.ticks(width > 600 ? 6 : 3)"
        :key="warmth"
        class="chart-word"
        :x="x(warmth)"
        :y="height - 8"
        text-anchor="middle"
      >
        {{ warmthWords(warmth) }}
      </text>
      <g v-for="one in lines" :key="one.id" :class="{ 'season-shown': one.id === shownId }">
        <path class="season-line" :d="one.d" />
        <text class="chart-word" :x="one.x + 6" :y="one.y + 4">{{ one.id }}</text>
      </g>
    </svg>
  </div>
</template>

<style>
.season-line {
  fill: none;
  stroke: var(--seen);
  stroke-width: 1.5;
}
.season-shown .season-line {
  stroke: var(--accent);
  stroke-width: 2.5;
}
.season-shown .chart-word {
  fill: var(--ink);
  font-weight: 600;
}
</style>
