<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { addDays, type GardenCourse } from '@rimbo/core'
import { ROW_PX, type DayRow } from './dayWindow'
import { RULER_PX, SKY_PX, type RulerTick } from './layout'

/** What stays at an edge when the line-up scrolls: the height ruler with the days, or the weather. */
const props = defineProps<{
  side: 'left' | 'right'
  course: GardenCourse
  height: number
  stringsY: number
  groundY: number
  scale: number
  ticks: readonly RulerTick[]
  unitWord: string
  rows: readonly DayRow[]
  daysPerRow: number
  today: number
  dayWords: (date: string) => string
  tempWords: (tempC: number) => string
}>()
const { t } = useI18n()

/** A day this hot at its highest is written in the accent, °C. */
const HOT_C = 32

interface Label {
  readonly y: number
  readonly text: string
  readonly isToday: boolean
  readonly isHot: boolean
  readonly isGuess: boolean
  /** px of a bar as long as there was rain. */
  readonly rainPx: number
}

const labels = computed<readonly Label[]>(() =>
  props.rows.map(({ fromDay, y }) => {
    const { course, daysPerRow, today } = props
    const days = course.sky.days.slice(Math.max(0, fromDay), fromDay + daysPerRow)
    const highC = Math.max(...days.map(({ tempMaxC }) => tempMaxC))
    const rainMm = days.reduce((sum, day) => sum + (day.rainMm ?? 0), 0)
    return {
      y,
      text:
        props.side === 'left'
          ? props.dayWords(addDays(course.from, fromDay))
          : props.tempWords(highC),
      isToday: fromDay <= today && today < fromDay + daysPerRow,
      isHot: highC >= HOT_C,
      isGuess: course.sky.sources[Math.max(0, fromDay)] === 'typical',
      rainPx: Math.min(26, (rainMm / daysPerRow) * 3),
    }
  }),
)
</script>

<template>
  <svg
    class="line-up edge"
    :class="side"
    :width="side === 'left' ? RULER_PX : SKY_PX"
    :height="height"
    aria-hidden="true"
  >
    <template v-if="side === 'left'">
      <path :d="`M${RULER_PX - 12} ${groundY}V12`" />
      <g
        v-for="tick in ticks"
        :key="tick.mm"
        :transform="`translate(${RULER_PX} ${groundY - tick.mm * scale})`"
      >
        <path d="M-18 0H-12" />
        <text x="-22" y="4">{{ tick.value }}</text>
      </g>
      <path class="ground" :d="`M${RULER_PX - 12} ${groundY}H${RULER_PX}`" />
      <text :x="RULER_PX - 22" :y="groundY + 18">{{ unitWord }}</text>
    </template>
    <text v-else :x="SKY_PX - 8" :y="stringsY - 8">{{ t('string.highest') }}</text>
    <svg :y="stringsY" :width="RULER_PX" :height="height - stringsY" overflow="hidden">
      <g v-for="label in labels" :key="label.y" :transform="`translate(0 ${label.y})`">
        <template v-if="side === 'left'">
          <text :x="RULER_PX - 10" y="4" :class="{ 'is-today': label.isToday }">
            {{ label.text }}
          </text>
        </template>
        <template v-else>
          <rect
            v-if="label.rainPx > 0.4 && !label.isGuess"
            class="rain"
            :x="2"
            :y="ROW_PX / 2 - 5"
            :width="label.rainPx"
            height="3"
          />
          <text
            :x="SKY_PX - 8"
            y="4"
            :class="{ 'is-hot': label.isHot, 'is-guess': label.isGuess, 'is-today': label.isToday }"
          >
            {{ label.text }}
          </text>
        </template>
      </g>
    </svg>
  </svg>
</template>

<style>
.line-up.edge {
  position: sticky;
  background: var(--paper);
  z-index: 1;
}
.edge.left {
  left: 0;
}
.edge.right {
  right: 0;
}
.line-up.edge text {
  text-anchor: end;
  fill: var(--ink-soft);
  font-variant-numeric: tabular-nums;
}
.edge path:not(.ground) {
  stroke: var(--seen);
  stroke-width: 1;
}
.line-up.edge .is-today {
  fill: var(--ink);
  font-weight: 700;
}
.line-up.edge .is-hot {
  fill: var(--accent);
}
.line-up.edge .is-guess {
  font-style: italic;
}
.rain {
  fill: var(--wet-ink);
}
</style>
