<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { beadOfDays, type Knot, type PotString } from '@rimbo/core'
import { ROW_PX, type DayRow } from './dayWindow'
import { knotMark, type KnotMark } from './knots'

/** The string of one pot between two days: beads of water, and knots. */
const props = defineProps<{
  string: PotString
  x: number
  height: number
  rows: readonly DayRow[]
  daysPerRow: number
  today: number
  /** First row that is written out in words: the one the line stands on. */
  litresOf: (litres: number) => string
  wordsAt: number
}>()
const { t } = useI18n()

const MOST_MARKS = 3

interface DrawnRow {
  readonly y: number
  readonly radius: number
  readonly isGiven: boolean
  readonly isSplit: boolean
  readonly isEmpty: boolean
  readonly marks: readonly KnotMark[]
  readonly label: string
  readonly isToCome: boolean
}

const drawn = computed<readonly DrawnRow[]>(() =>
  props.rows.map(({ fromDay, y }) => {
    const { daysPerRow, string } = props
    const bead = daysPerRow === 1 ? string.beads[fromDay] : beadOfDays(string, fromDay, daysPerRow)
    const knots: Knot[] = []
    for (let day = fromDay; day < fromDay + daysPerRow; day++)
      knots.push(...(string.knots.get(day) ?? []))
    const marks = knots.map(knotMark)
    // Of several, what is wrong is what is told.
    const told = marks.find(({ kind }) => kind === 'knot-trouble') ?? marks.find(({ word }) => word)
    return {
      y,
      // A bead's area goes with the litres of a day.
      radius: bead ? Math.min(ROW_PX / 2 - 1, 2.6 + 2.8 * Math.sqrt(bead.waterL / daysPerRow)) : 0,
      isGiven: bead?.isGiven ?? false,
      isSplit: bead?.isSplit ?? false,
      isEmpty: !bead,
      marks: marks.slice(0, MOST_MARKS),
      label:
        fromDay === props.wordsAt && bead
          ? props.litresOf(bead.waterL)
          : told?.word
            ? t(told.word)
            : '',
      isToCome: fromDay > props.today,
    }
  }),
)
</script>

<template>
  <g :transform="`translate(${x} 0)`">
    <path class="string" :d="`M0 0V${height}`" />
    <g v-for="row in drawn" :key="row.y" :transform="`translate(0 ${row.y})`">
      <circle
        v-if="!row.isEmpty"
        class="bead"
        :class="{ 'bead-done': row.isGiven }"
        :r="row.radius"
      />
      <circle v-if="row.isSplit" class="bead" :cx="row.radius + 6" cy="6" r="3" />
      <g
        v-for="(mark, index) in row.marks"
        :key="index"
        :transform="`translate(${mark.isLeft ? -17 : 19 + index * 11} 0)`"
      >
        <path :class="mark.kind" :d="mark.d" />
      </g>
      <text
        v-if="row.label"
        class="knot-label"
        :x="row.marks.length ? 16 + row.marks.length * 11 : 16"
        y="4"
      >
        {{ row.label }}
      </text>
    </g>
  </g>
</template>

<style>
.string {
  stroke: var(--seen);
  stroke-width: 1;
}
.bead {
  fill: var(--paper);
  stroke: var(--wet-ink);
  stroke-width: 1.7;
}
.bead-done {
  fill: var(--wet-ink);
}
.knot-done {
  fill: var(--ink);
}
.knot-open {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.3;
}
.knot-trouble {
  fill: var(--accent);
}
.knot-fruit {
  fill: var(--accent-fill);
  stroke: var(--accent);
  stroke-width: 1.2;
}
.knot-flower {
  fill: var(--paper);
  stroke: var(--stem);
  stroke-width: 1.4;
}
.knot-expected {
  fill: none;
  stroke: var(--stem);
  stroke-width: 1.3;
  stroke-dasharray: 2 1.6;
}
.knot-feel {
  fill: none;
  stroke: var(--wet-ink);
  stroke-width: 1.3;
}
.line-up .knot-label {
  font-size: 11.5px;
  /* A line that runs below leaves it readable. */
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
  stroke-linejoin: round;
}
</style>
