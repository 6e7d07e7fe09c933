<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { area, curveStepAfter, line, scaleLinear, scaleUtc, utcMonth } from 'd3'
import type { BesidePoint } from '@rimbo/core'
import './harvest.css'

/** What was picked through a season, added up, on the band of what was expected. */
const props = defineProps<{
  points: readonly BesidePoint[]
  /** The last day of which anything is known. */
  at: string
  kgWords: (kg: number) => string
  monthWords: (date: string) => string
  label: string
}>()
const frame = ref<HTMLElement>()
const { width, height } = useElementSize(frame)
const LEFT = 58
const RIGHT = 12
const TOP = 10
const BOTTOM = 24

const dateOf = (on: string) => new Date(`${on}T00:00Z`)
const x = computed(() =>
  scaleUtc(
    [dateOf(props.points[0]?.on ?? props.at), dateOf(props.points.at(-1)?.on ?? props.at)],
    [LEFT, Math.max(LEFT + 40, width.value - RIGHT)],
  ),
)
const mostKg = computed(() =>
  Math.max(0.1, ...props.points.flatMap(({ realKg = 0, expectedKg }) => [realKg, expectedKg.most])),
)
const y = computed(() => scaleLinear([0, mostKg.value], [height.value - BOTTOM, TOP]).nice(4))
const dayX = ({ on }: BesidePoint) => x.value(dateOf(on))
const band = computed(
  () =>
    area<BesidePoint>()
      .x(dayX)
      .y0(({ expectedKg }) => y.value(expectedKg.least))
      .y1(({ expectedKg }) => y.value(expectedKg.most))([...props.points]) ?? '',
)
const middle = computed(
  () =>
    line<BesidePoint>()
      .x(dayX)
      .y(({ expectedKg }) => y.value(expectedKg.middle))([...props.points]) ?? '',
)
const real = computed(
  () =>
    line<BesidePoint>()
      .x(dayX)
      .y(({ realKg = 0 }) => y.value(realKg))
      .curve(curveStepAfter)(props.points.filter(({ realKg }) => realKg !== undefined)) ?? '',
)
const months = computed(() =>
  utcMonth
    .range(...(x.value.domain() as [Date, Date]))
    .map((date) => ({ x: x.value(date), on: date.toISOString().slice(0, 10) })),
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
      <path class="harvest-band" :d="band" />
      <path class="harvest-middle band-line" :d="middle" />
      <path class="band-real" :d="real" />
      <path class="band-today" :d="`M${x(dateOf(at))} ${TOP}V${height - BOTTOM}`" />
      <text
        v-for="month in months"
        :key="month.on"
        class="chart-word"
        :x="month.x + 2"
        :y="height - 7"
      >
        {{ monthWords(month.on) }}
      </text>
    </svg>
  </div>
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
.band-line {
  fill: none;
}
.band-real {
  fill: none;
  stroke: var(--accent);
  stroke-width: 2.5;
}
.band-today {
  stroke: var(--ink);
  stroke-dasharray: 2 3;
}
</style>
