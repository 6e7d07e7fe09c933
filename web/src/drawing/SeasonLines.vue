<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { line, scaleLinear } from 'd3'
import type { SeasonBeside, SeasonPoint } from '@rimbo/core'

/** What each season had given by the time so much warmth had come together. */
const props = defineProps<{
  seasons: readonly SeasonBeside[]
  /** The one that is looked at: drawn strong, the others thin. */
  shownId: string
  kgWords: (kg: number) => string
  warmthWords: (degreeDays: number) => string
  label: string
}>()
const frame = ref<HTMLElement>()
const { width, height } = useElementSize(frame)
const LEFT = 58
const RIGHT = 60
const TOP = 10
const BOTTOM = 26

const points = computed(() => props.seasons.flatMap((one) => one.points))
const x = computed(() =>
  scaleLinear(
    [0, Math.max(100, ...points.value.map(({ degreeDays }) => degreeDays))],
    [LEFT, Math.max(LEFT + 40, width.value - RIGHT)],
  ),
)
const y = computed(() =>
  scaleLinear(
    [0, Math.max(0.1, ...points.value.map(({ pickedKg }) => pickedKg))],
    [height.value - BOTTOM, TOP],
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
</script>

<template>
  <div ref="frame" class="band-chart">
    <svg v-if="width && height" :width="width" :height="height" role="img" :aria-label="label">
      <g v-for="kg in y.ticks(4)" :key="kg">
        <path class="chart-line" :d="`M${LEFT} ${y(kg)}H${width - RIGHT}`" />
        <text class="chart-word" :x="LEFT - 6" :y="y(kg) + 4" text-anchor="end">
          {{ kgWords(kg) }}
        </text>
      </g>
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
