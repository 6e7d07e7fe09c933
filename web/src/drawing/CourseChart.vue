<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { area, curveMonotoneX, line, scaleLinear } from 'd3'
import { useI18n } from 'vue-i18n'
import { addDays, type CropWeek, type GrowthCourse, type Observation } from '@rimbo/core'

/**
 * A plant's course: its height day by day with the band it is known to, what was
 * measured, and below it what it crops week by week.
 */
const props = defineProps<{
  course: GrowthCourse
  observations: readonly Observation[]
  weeks: readonly CropWeek[]
  /** Days of the course. */
  today: number
  shown: number
  dayOf: (date: string) => number
  lengthWords: (mm: number) => string
  massWords: (kg: number) => string
  dayWords: (date: string) => string
  label: string
}>()
const emit = defineEmits<{ show: [day: number] }>()
const { t } = useI18n()

const frame = ref<HTMLElement>()
const { width, height } = useElementSize(frame)
const LEFT = 58
const RIGHT = 10
const TOP = 44
/** Words over the curve stand in so many lines, so that neighbours do not meet. */
const WORD_LINES = 3
const wordY = (index: number) => 12 + (index % WORD_LINES) * 14
const STAGES_PX = 40
const CROP_SHARE = 0.27

const from = computed(() => Math.max(0, props.course.plantedOn))
const x = computed(() =>
  scaleLinear(
    [from.value, props.course.days - 1],
    [LEFT, Math.max(LEFT + 50, width.value - RIGHT)],
  ),
)
const cropPx = computed(() => (height.value - TOP - STAGES_PX) * CROP_SHARE)
const heightBottom = computed(() => height.value - STAGES_PX - cropPx.value - 14)
const cropBottom = computed(() => height.value - 18)

const days = computed(() =>
  Array.from({ length: props.course.days - from.value }, (_, index) => from.value + index),
)
const measured = computed(() =>
  props.observations.flatMap((one) =>
    one.kind === 'height' ? [{ day: props.dayOf(one.date), heightMm: one.heightMm }] : [],
  ),
)
const mostMm = computed(
  () =>
    Math.max(
      ...days.value.map((day) => props.course.heightMm[day]!),
      ...measured.value.map(({ heightMm }) => heightMm),
    ) *
    (1 + props.course.height.sdShare),
)
const y = computed(() => scaleLinear([0, mostMm.value], [heightBottom.value, TOP]))
const cropY = computed(() =>
  scaleLinear(
    [0, Math.max(0.05, ...props.weeks.map(({ cropKg }) => cropKg))],
    [cropBottom.value - 14, cropBottom.value - cropPx.value],
  ),
)

const mm = (day: number) => props.course.heightMm[day]!
/** Every other day is enough for the eye. */
const sampled = computed(() => days.value.filter((day) => day % 2 === 0))
const band = computed(
  () =>
    area<number>()
      .x((day) => x.value(day))
      .y0((day) => y.value(mm(day) * (1 - props.course.height.sdShare)))
      .y1((day) => y.value(mm(day) * (1 + props.course.height.sdShare)))
      .curve(curveMonotoneX)(sampled.value) ?? '',
)
const curveTo = (isPast: boolean) =>
  line<number>()
    .x((day) => x.value(day))
    .y((day) => y.value(mm(day)))
    .curve(curveMonotoneX)(
    sampled.value.filter((day) => (isPast ? day <= props.today + 1 : day >= props.today - 1)),
  ) ?? ''

const marks = computed(() => {
  const [first] = props.course.trusses
  const { development } = props.course
  const last = props.course.trusses.at(-1)
  return [
    { key: 'firstFlower', day: first?.opensOn, isSeen: development.isFlowerSeen },
    { key: 'firstRipe', day: first?.ripeOn, isSeen: development.isRipeSeen },
    { key: 'lastPicked', day: last?.pickedOn, isSeen: false },
    { key: 'frost', day: props.course.frostOn, isSeen: false },
  ].flatMap(({ key, day, isSeen }) =>
    day !== undefined && day < props.course.days ? [{ key, day, isSeen }] : [],
  )
})
const months = computed(() =>
  days.value.flatMap((day) => {
    const date = addDays(props.course.from, day)
    return date.endsWith('-01') ? [{ day, date }] : []
  }),
)
const weekPx = computed(() => Math.max(2, x.value(7) - x.value(0) - 2))

function onPick(event: MouseEvent): void {
  const box = (event.currentTarget as Element).getBoundingClientRect()
  const day = Math.round(x.value.invert(event.clientX - box.left))
  if (day >= from.value && day < props.course.days) emit('show', day)
}
</script>

<template>
  <div ref="frame" class="course-chart">
    <svg
      v-if="width > 0"
      :width="width"
      :height="height"
      role="img"
      :aria-label="label"
      @click="onPick"
    >
      <g v-for="tick in y.ticks(5)" :key="tick">
        <path class="ruler-guide" :d="`M${LEFT} ${y(tick)}H${width - RIGHT}`" />
        <text :x="LEFT - 6" :y="y(tick) + 4" class="axis-end">{{ lengthWords(tick) }}</text>
      </g>
      <path class="course-band" :d="band" />
      <path class="course-line" :d="curveTo(true)" />
      <path class="course-line is-ahead" :d="curveTo(false)" />
      <circle
        v-for="one in measured"
        :key="one.day"
        class="course-measured"
        :cx="x(one.day)"
        :cy="y(one.heightMm)"
        r="4.500"
      />
      <g v-for="(mark, index) in marks" :key="mark.key">
        <path
          class="course-mark"
          :class="{ 'is-seen': mark.isSeen }"
          :d="`M${x(mark.day)} ${heightBottom}V${wordY(index) + 4}`"
        />
        <text
          :x="x(mark.day) + (x(mark.day) > width - 110 ? -4 : 4)"
          :y="wordY(index)"
          :class="x(mark.day) > width - 110 ? 'axis-end' : ''"
        >
          {{ t(`string.kind.${mark.key}`) }}
        </text>
      </g>
      <path class="ground" :d="`M${LEFT} ${heightBottom}H${width - RIGHT}`" />
      <rect
        v-for="week in weeks"
        :key="week.from"
        class="crop-week"
        :class="{ 'is-ahead': dayOf(week.from) + 6 > today }"
        :x="x(dayOf(week.from)) + 1"
        :width="weekPx"
        :y="cropY(week.cropKg)"
        :height="cropBottom - 14 - cropY(week.cropKg)"
      />
      <text :x="LEFT - 6" :y="cropY(cropY.domain()[1]!) + 4" class="axis-end">
        {{ massWords(cropY.domain()[1]!) }}
      </text>
      <path class="ground" :d="`M${LEFT} ${cropBottom - 14}H${width - RIGHT}`" />
      <text v-for="month in months" :key="month.day" :x="x(month.day)" :y="cropBottom + 4">
        {{ dayWords(month.date) }}
      </text>
      <path class="today-line" :d="`M${x(today)} ${TOP - 8}V${cropBottom - 14}`" />
      <path
        v-if="shown !== today"
        class="shown-line"
        :d="`M${x(shown)} ${TOP - 8}V${cropBottom - 14}`"
      />
    </svg>
    <table class="visually-hidden">
      <caption>
        {{
          label
        }}
      </caption>
      <tbody>
        <tr v-for="month in months" :key="month.day">
          <th scope="row">{{ dayWords(month.date) }}</th>
          <td>{{ lengthWords(mm(month.day)) }}</td>
        </tr>
        <tr v-for="week in weeks" :key="week.from">
          <th scope="row">{{ week.from }}</th>
          <td>{{ massWords(week.cropKg) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style>
.course-chart {
  flex: 1;
  min-height: 220px;
  /* What is hidden in it is not to make the page longer. */
  position: relative;
  overflow: hidden;
}
.course-chart svg {
  display: block;
}
.course-chart text {
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
  font-size: 12px;
  fill: var(--ink-soft);
}
.course-chart .axis-end {
  text-anchor: end;
}
.course-band {
  fill: var(--leaf-tint);
  fill-opacity: 0.45;
}
.course-line {
  fill: none;
  stroke: var(--stem);
  stroke-width: 2.2;
}
.course-line.is-ahead {
  stroke-dasharray: 5 4;
}
.course-measured {
  fill: var(--ink);
}
.course-mark {
  stroke: var(--seen);
  stroke-dasharray: 2 2;
}
.course-mark.is-seen {
  stroke: var(--ink);
  stroke-dasharray: none;
}
.crop-week {
  fill: var(--accent-fill);
}
.crop-week.is-ahead {
  fill: var(--paper);
  stroke: var(--accent);
}
.today-line {
  stroke: var(--ink);
  stroke-width: 1.2;
}
</style>
