<script setup lang="ts">
import { computed } from 'vue'
import { area, curveStepAfter, line, scaleLinear, scaleUtc, utcMonth } from 'd3'
import type { BesidePoint } from '@rimbo/core'
import { useChartFrame } from './chartFrame'
import ChartGrid from './ChartGrid.vue'
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
const { frame, width, height, left, top, right, bottom } = useChartFrame({
  right: 12,
  bottom: 24,
})

const dateOf = (on: string) => new Date(`${on}T00:00Z`)
const x = computed(() =>
  scaleUtc(
    [dateOf(props.points[0]?.on ?? props.at), dateOf(props.points.at(-1)?.on ?? props.at)],
    [left, Math.max(left + 40, width.value - right)],
  ),
)
const mostKg = computed(() =>
  Math.max(0.1, ...props.points.flatMap(({ realKg = 0, expectedKg }) => [realKg, expectedKg.most])),
)
const y = computed(() => scaleLinear([0, mostKg.value], [height.value - bottom, top]).nice(4))
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
const ticks = computed(() =>
  y.value.ticks(4).map((kg) => ({ y: y.value(kg), words: props.kgWords(kg) })),
)
</script>

<template>
  <div ref="frame" class="band-chart">
    <svg v-if="width && height" :width="width" :height="height" role="img" :aria-label="label">
      <ChartGrid :ticks="ticks" :left="left" :to="width - right" />
      <path class="harvest-band" :d="band" />
      <path class="harvest-middle band-line" :d="middle" />
      <path class="band-real" :d="real" />
      <path class="band-today" :d="`M${x(dateOf(at))} ${top}V${height - bottom}`" />
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
