<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { line, max, scaleLinear } from 'd3'
import { useI18n } from 'vue-i18n'
import { feedSources, nutrients, type FeedWeeks, type Nutrient } from '@rimbo/core'
import LedgerTable from './LedgerTable.vue'
import './ledger.css'

/**
 * A pot's nutrients as a ledger that hangs from its planting: weeks run downwards;
 * of each nutrient what came goes to the left of its line, what was needed and lost
 * to the right, and beside it what is left. Past weeks are inked, those to come pale.
 */
const props = defineProps<{
  ledger: FeedWeeks
  /** Share of the way between its first and last week where today is. */
  todayAt: number
  thresholdEc: number
  massWords: (grams: number) => string
  dayWords: (date: string) => string
  numberWords: (value: number) => string
  label: string
}>()
const { t } = useI18n()

const frame = ref<HTMLElement>()
const { width, height } = useElementSize(frame)
const LEFT = 62
const TOP = 50
const FOOT = 18
const SALT_SHARE = 0.72
const GAP = 14

const weeks = computed(() => props.ledger.weeks)
const rowPx = computed(() => (height.value - TOP - FOOT) / Math.max(1, weeks.value.length))
const columnPx = computed(() =>
  Math.max(40, (width.value - LEFT) / (nutrients.length + SALT_SHARE)),
)
/** On a phone the columns are too narrow for words: they stand in the rows behind the drawing. */
const WORDS_PX = 76
const hasRoom = computed(() => columnPx.value > WORDS_PX)
const yOf = (index: number) => TOP + index * rowPx.value

/** One nutrient: its line, and how its grams and its balance are drawn. */
const columns = computed(() =>
  nutrients.map((nutrient, index) => {
    const x = LEFT + index * columnPx.value
    const inner = columnPx.value - GAP
    const side = inner * 0.3
    const spine = x + side
    const most = max(weeks.value, ({ ofNutrient }) => {
      const { cameG, needG, lostG } = ofNutrient[nutrient]
      return Math.max(
        feedSources.reduce((sum, source) => sum + Math.max(0, cameG[source]), 0),
        needG + lostG,
      )
    })
    const grams = scaleLinear([0, most || 1], [0, side])
    const balances = weeks.value.map(({ ofNutrient }) => ofNutrient[nutrient].balanceG)
    const [low, high] = [Math.min(0, ...balances), Math.max(0.001, ...balances)]
    const balance = scaleLinear([low, high], [spine + side + 8, x + inner])
    return { nutrient, x, spine, side, grams, balance, inner, most: most ?? 0 }
  }),
)

const bars = computed(() =>
  columns.value.flatMap(({ nutrient, spine, grams }) =>
    weeks.value.flatMap((week, index) => {
      const { cameG, needG, lostG } = week.ofNutrient[nutrient]
      const y = yOf(index) + 1
      const h = Math.max(1, rowPx.value - 2)
      let left = spine
      const came = feedSources.flatMap((source) => {
        const wide = grams(Math.max(0, cameG[source]))
        if (wide < 0.4) return []
        left -= wide
        return [{ key: `${nutrient}${index}${source}`, kind: source, x: left, y, w: wide, h }]
      })
      const need = { key: `${nutrient}${index}need`, kind: 'need', x: spine, y, w: grams(needG), h }
      const lost = {
        key: `${nutrient}${index}lost`,
        kind: 'lost',
        x: spine + grams(needG),
        y,
        w: grams(lostG),
        h,
      }
      return [...came, need, lost]
        .filter(({ w }) => w >= 0.4)
        .map((bar) => ({ ...bar, isPast: week.isPast }))
    }),
  ),
)

const balanceOf = (nutrient: Nutrient) => {
  const column = columns.value.find((one) => one.nutrient === nutrient)!
  return weeks.value.map(({ ofNutrient }, index) => ({
    x: column.balance(ofNutrient[nutrient].balanceG),
    y: yOf(index) + rowPx.value / 2,
    isShort: ofNutrient[nutrient].balanceG < -1e-6,
  }))
}
const through = line<{ x: number; y: number }>()
  .x(({ x }) => x)
  .y(({ y }) => y)

const salt = computed(() => {
  const x = LEFT + nutrients.length * columnPx.value
  const wide = columnPx.value * SALT_SHARE - 6
  const most = Math.max(props.thresholdEc * 1.4, max(weeks.value, ({ ecDsM }) => ecDsM) ?? 0)
  const scale = scaleLinear([0, most], [x, x + wide])
  const points = weeks.value.map(({ ecDsM }, index) => ({
    x: scale(ecDsM),
    y: yOf(index) + rowPx.value / 2,
  }))
  return { x, limit: scale(props.thresholdEc), path: through(points) ?? '', wide }
})
const today = computed(() => TOP + props.todayAt * weeks.value.length * rowPx.value)
/** A date each month, where its first week begins. */
const dates = computed(() =>
  weeks.value.flatMap(({ from }, index) =>
    index === 0 || weeks.value[index - 1]!.from.slice(0, 7) !== from.slice(0, 7)
      ? [{ from, y: yOf(index) }]
      : [],
  ),
)
const bottom = computed(() => yOf(weeks.value.length))
</script>

<template>
  <div class="ledger-chart">
    <div ref="frame" class="ledger-frame">
      <svg v-if="width > 300" :width="width" :height="height" role="img" :aria-label="label">
        <defs>
          <pattern id="ledger-mix" width="4" height="4" patternUnits="userSpaceOnUse">
            <rect class="hatch-ground" width="4" height="4" />
            <circle class="hatch-ink" cx="2" cy="2" r="0.9" />
          </pattern>
          <pattern id="ledger-slow" width="5" height="5" patternUnits="userSpaceOnUse">
            <rect class="hatch-ground" width="5" height="5" />
            <path class="hatch-line" d="M0 2.500H3" />
          </pattern>
          <pattern id="ledger-controlled" width="5" height="5" patternUnits="userSpaceOnUse">
            <rect class="hatch-ground" width="5" height="5" />
            <circle class="hatch-ring" cx="2.500" cy="2.500" r="1.5" />
          </pattern>
          <pattern id="ledger-lost" width="4" height="4" patternUnits="userSpaceOnUse">
            <path class="hatch-lost" d="M0 4L4 0" />
          </pattern>
        </defs>
        <g v-for="date in dates" :key="date.from">
          <path class="ruler-guide" :d="`M${LEFT - 8} ${date.y}H${width}`" />
          <text :x="LEFT - 10" :y="date.y + 11" class="axis-end">{{ dayWords(date.from) }}</text>
        </g>
        <g v-for="column in columns" :key="column.nutrient">
          <text :x="column.spine" y="14" class="ledger-name">
            {{ t(`nutrientSign.${column.nutrient}`) }}
          </text>
          <template v-if="hasRoom">
            <text :x="column.spine" y="29" class="axis-middle">
              {{ t('feedView.start', { mass: massWords(ledger.startG[column.nutrient]) }) }}
            </text>
            <text :x="column.spine - 3" :y="TOP - 8" class="axis-end">
              {{ t('feedView.ledger.came') }}
            </text>
            <text :x="column.spine + 3" :y="TOP - 8">{{ t('feedView.ledger.went') }}</text>
          </template>
          <text v-if="hasRoom" :x="column.spine" :y="height - 4" class="axis-middle">
            {{ t('feedView.ledger.aWeek', { mass: massWords(column.most) }) }}
          </text>
          <path class="ledger-zero" :d="`M${column.balance(0)} ${TOP}V${bottom}`" />
        </g>
        <rect
          v-for="bar in bars"
          :key="bar.key"
          :class="[`ledger-${bar.kind}`, { 'is-ahead': !bar.isPast }]"
          :x="bar.x"
          :y="bar.y"
          :width="bar.w"
          :height="bar.h"
        />
        <g v-for="column in columns" :key="`${column.nutrient}line`">
          <path class="ledger-spine" :d="`M${column.spine} ${TOP}V${bottom}`" />
          <path class="ledger-balance" :d="through(balanceOf(column.nutrient)) ?? ''" />
          <template v-for="(point, index) in balanceOf(column.nutrient)" :key="index">
            <circle v-if="point.isShort" class="ledger-short" :cx="point.x" :cy="point.y" r="2.4" />
          </template>
        </g>
        <text :x="salt.x + salt.wide / 2" y="14" class="ledger-name">{{ t('feedView.salt') }}</text>
        <text :x="salt.limit" :y="TOP - 8" class="axis-middle">
          {{ numberWords(thresholdEc) }}
        </text>
        <path class="ledger-limit" :d="`M${salt.limit} ${TOP}V${bottom}`" />
        <path class="ledger-spine" :d="`M${salt.x} ${TOP}V${bottom}`" />
        <path class="ledger-salt" :d="salt.path" />
        <path
          v-if="todayAt >= 0 && todayAt <= 1"
          class="today-line"
          :d="`M${LEFT - 30} ${today}H${width}`"
        />
      </svg>
    </div>
    <ul class="ledger-key" aria-hidden="true">
      <li v-for="source in feedSources" :key="source">
        <svg width="16" height="10">
          <rect :class="`ledger-${source}`" width="16" height="10" />
        </svg>
        {{ t(`feedSource.${source}`) }}
      </li>
      <li>
        <svg width="16" height="10"><rect class="ledger-need" width="16" height="10" /></svg>
        {{ t('feedView.ledger.went') }}
      </li>
      <li>
        <svg width="16" height="10"><rect class="ledger-lost" width="16" height="10" /></svg>
        {{ t('feedView.ledger.lost') }}
      </li>
      <li>
        <svg width="22" height="10"><path class="ledger-balance" d="M0 8L22 3" /></svg>
        {{ t('feedView.ledger.left') }}
      </li>
      <li>
        <svg width="10" height="10"><circle class="ledger-short" cx="5" cy="5" r="2.4" /></svg>
        {{ t('feedView.ledger.short') }}
      </li>
      <li>{{ t('feedView.ledger.ahead') }}</li>
    </ul>
    <LedgerTable v-bind="{ ledger, massWords, dayWords, numberWords, label }" />
  </div>
</template>
