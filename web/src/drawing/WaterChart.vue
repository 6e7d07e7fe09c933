<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { area, curveStepAfter, line, scaleLinear } from 'd3'
import { useI18n } from 'vue-i18n'
import type { WaterCurve } from '@rimbo/core'
import { fingerMark } from './knots'
import WaterTable from './WaterTable.vue'

/**
 * What is left in a pot hour by hour: past and to come, between full and the line
 * where plants wilt, with what was felt on the way; below it litres a day.
 */
const props = defineProps<{
  curve: WaterCurve
  /** Another way of doing it, from now on: what is left by the hour, 0–1. */
  other?: { readonly name: string; readonly leftShare: Float64Array } | undefined
  waterWords: (litres: number) => string
  dayWords: (date: string) => string
  label: string
}>()
const { t } = useI18n()

const frame = ref<HTMLElement>()
const { width, height } = useElementSize(frame)
const LEFT = 54
const RIGHT = 112
const TOP = 20
const BARS_PX = 46
const FOOT_PX = 18
const LEAST_GIVEN_L = 0.05

const hours = computed(() => props.curve.leftL.length)
const now = computed(() => props.curve.nowHour - props.curve.from)
const x = computed(() =>
  scaleLinear([0, hours.value], [LEFT, Math.max(LEFT + 60, width.value - RIGHT)]),
)
const bottom = computed(() => height.value - FOOT_PX - BARS_PX - 14)
const y = computed(() => scaleLinear([0, props.curve.fullL * 1.04], [bottom.value, TOP]))
const floor = computed(() => height.value - FOOT_PX)
const dailyL = computed(() =>
  scaleLinear(
    [
      0,
      Math.max(
        0.2,
        ...props.curve.days.map(({ usedL, givenL, rainL }) => Math.max(usedL, givenL + rainL)),
      ),
    ],
    [floor.value, floor.value - BARS_PX],
  ),
)

const range = computed(() => Array.from({ length: hours.value }, (_, hour) => hour))
const path = (row: Float64Array, from: number, to: number) =>
  line<number>()
    .x((hour) => x.value(hour + 1))
    .y((hour) => y.value(row[hour]!))(range.value.slice(Math.max(0, from), to)) ?? ''
const band = computed(
  () =>
    area<number>()
      .x((hour) => x.value(hour + 1))
      .y0((hour) => y.value(props.curve.lowL[hour]!))
      .y1((hour) => y.value(props.curve.highL[hour]!))(range.value) ?? '',
)
const limit = (row: Float64Array) =>
  line<number>()
    .x((hour) => x.value(hour))
    .y((hour) => y.value(row[hour]!))
    .curve(curveStepAfter)(range.value) ?? ''
const otherPath = computed(() => {
  const { other, curve } = props
  if (!other) return ''
  const shown = range.value.slice(now.value, now.value + other.leftShare.length)
  return (
    line<number>()
      .x((hour) => x.value(hour + 1))
      .y((hour) => y.value(other.leftShare[hour - now.value]! * curve.fullL))(shown) ?? ''
  )
})
const lines = computed(() => {
  const last = hours.value - 1
  const rows = [
    { key: 'full', at: props.curve.fullL },
    { key: 'safe', at: props.curve.shortBelowL[last]! },
    { key: 'hangs', at: props.curve.hangsL[last]! },
    { key: 'nothing', at: 0 },
  ]
  return rows.map((row) => ({ ...row, y: y.value(row.at) }))
})
/** A word needs so much room before the next drop. */
const WORD_PX = 40
const given = computed(() => {
  const drops = range.value.flatMap((hour) => {
    const litres = props.curve.givenL[hour]!
    return litres > LEAST_GIVEN_L ? [{ hour, litres, isPast: hour < now.value }] : []
  })
  return drops.map((drop, index) => {
    const next = drops[index + 1]
    return { ...drop, isNamed: !next || x.value(next.hour) - x.value(drop.hour) > WORD_PX }
  })
})
const marks = computed(() =>
  props.curve.tests.map((test) => ({
    key: `${test.hour}-${test.kind}`,
    x: x.value(test.hour - props.curve.from),
    y: y.value(test.leftL),
    d: test.kind === 'finger' ? fingerMark(test.feel) : 'M-4 0L0 -4L4 0L0 4Z',
    title:
      test.kind === 'finger'
        ? `${t(`feel.${test.feel}`)}, ${t(`knuckle.${test.knuckle}`)}`
        : t(`kind.${test.kind}`),
  })),
)
const dayPx = computed(() => x.value(24) - x.value(0))
/** A day's name needs so much room. */
const DAY_PX = 26
const daysApart = computed(() => Math.max(1, Math.ceil(DAY_PX / dayPx.value)))
</script>

<template>
  <div ref="frame" class="water-chart">
    <svg v-if="width > 0" :width="width" :height="height" role="img" :aria-label="label">
      <rect
        class="chart-unknown"
        :x="x(Math.min(hours, curve.knownHours))"
        :y="TOP"
        :width="Math.max(0, x(hours) - x(Math.min(hours, curve.knownHours)))"
        :height="bottom - TOP"
      />
      <g v-for="(day, index) in curve.days" :key="day.date">
        <path class="ruler-guide" :d="`M${x(index * 24)} ${TOP}V${floor}`" />
        <text
          v-if="index % daysApart === 0"
          :x="x(index * 24) + dayPx / 2"
          :y="height - 4"
          class="axis-middle"
        >
          {{ dayWords(day.date) }}
        </text>
        <rect
          class="bar-used"
          :class="{ 'is-ahead': index * 24 >= now }"
          :x="x(index * 24) + dayPx * 0.16"
          :width="dayPx * 0.3"
          :y="dailyL(day.usedL)"
          :height="floor - dailyL(day.usedL)"
        />
        <rect
          class="bar-given"
          :class="{ 'is-ahead': index * 24 >= now }"
          :x="x(index * 24) + dayPx * 0.52"
          :width="dayPx * 0.3"
          :y="dailyL(day.givenL + day.rainL)"
          :height="floor - dailyL(day.givenL + day.rainL)"
        />
      </g>
      <path class="ground" :d="`M${LEFT} ${floor}H${x(hours)}`" />
      <path class="water-band" :d="band" />
      <path class="line-full" :d="`M${LEFT} ${y(curve.fullL)}H${x(hours)}`" />
      <path class="line-safe" :d="limit(curve.shortBelowL)" />
      <path class="line-hangs" :d="limit(curve.hangsL)" />
      <path class="ground" :d="`M${LEFT} ${bottom}H${x(hours)}`" />
      <path v-if="other" class="water-other" :d="otherPath" />
      <path class="water-line" :d="path(curve.leftL, 0, now)" />
      <path class="water-line is-ahead" :d="path(curve.leftL, now - 1, hours)" />
      <g v-for="one in given" :key="one.hour">
        <path
          class="given-drop"
          :class="{ 'is-ahead': !one.isPast }"
          :d="`M${x(one.hour)} ${TOP - 14}l4 6a4.500 4.500 0 1 1 -8 0Z`"
        >
          <title>{{ waterWords(one.litres) }}</title>
        </path>
        <text v-if="one.isNamed" :x="x(one.hour) + 7" :y="TOP - 6">
          {{ waterWords(one.litres) }}
        </text>
      </g>
      <path
        v-for="mark in marks"
        :key="mark.key"
        class="water-mark"
        :d="mark.d"
        :transform="`translate(${mark.x},${mark.y})`"
      >
        <title>{{ mark.title }}</title>
      </path>
      <path class="today-line" :d="`M${x(now)} ${TOP}V${floor}`" />
      <text v-for="one in lines" :key="one.key" :x="x(hours) + 5" :y="one.y + 4" class="line-word">
        {{ t(`waterView.line.${one.key}`) }}
      </text>
      <text v-for="tick in y.ticks(4)" :key="tick" :x="LEFT - 5" :y="y(tick) + 4" class="axis-end">
        {{ waterWords(tick) }}
      </text>
      <text :x="LEFT - 5" :y="floor - BARS_PX + 10" class="axis-end">
        {{ waterWords(dailyL.domain()[1]!) }}
      </text>
    </svg>
    <WaterTable :days="curve.days" :water-words="waterWords" :day-words="dayWords" :label="label" />
  </div>
</template>

<style>
.water-chart {
  position: relative;
  overflow: hidden;
  min-height: 220px;
}
.water-chart svg {
  display: block;
}
.water-chart text {
  font-size: 12px;
  fill: var(--ink-soft);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
}
.water-chart .axis-end {
  text-anchor: end;
}
.water-chart .axis-middle {
  text-anchor: middle;
}
.water-chart .line-word {
  fill: var(--ink);
}
.chart-unknown {
  fill: var(--line);
  fill-opacity: 0.45;
}
.water-band {
  fill: var(--wet);
  fill-opacity: 0.22;
}
.water-line {
  fill: none;
  stroke: var(--wet-ink);
  stroke-width: 2.2;
}
.water-line.is-ahead {
  stroke-dasharray: 5 3;
}
.water-other {
  fill: none;
  stroke: var(--accent);
  stroke-width: 2.2;
  stroke-dasharray: 2 3;
}
.line-full {
  stroke: var(--wet-ink);
  stroke-width: 1;
}
.line-safe {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1;
  stroke-dasharray: 8 3;
}
.line-hangs {
  fill: none;
  stroke: var(--accent);
  stroke-width: 1.4;
}
.bar-used {
  fill: var(--leaf-tint);
  stroke: var(--stem);
}
.bar-given {
  fill: var(--wet);
  stroke: var(--wet-ink);
}
.bar-used.is-ahead,
.bar-given.is-ahead {
  fill: var(--paper);
}
.water-chart .today-line {
  stroke: var(--ink);
  stroke-width: 1.4;
}
.given-drop {
  fill: var(--wet-ink);
  stroke: var(--wet-ink);
}
.given-drop.is-ahead {
  fill: var(--paper);
}
.water-mark {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.2;
}
</style>
