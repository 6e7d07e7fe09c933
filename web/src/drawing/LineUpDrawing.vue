<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { useElementSize, useScroll } from '@vueuse/core'
import { useI18n } from 'vue-i18n'
import {
  addDays,
  daysBetween,
  daysIntoWeek,
  grownOn,
  own,
  potOnDay,
  potString,
  withJobs,
  type Job,
  type GardenCourse,
  type PotCourse,
  type UnitSystem,
} from '@rimbo/core'
import { useDayWindow } from './dayWindow'
import { lineUpLayout, RULER_PX, rulerTicks } from './layout'
import LineUpEdges from './LineUpEdges.vue'
import LineUpPot from './LineUpPot.vue'
import PotString from './PotString.vue'
import { vDrag } from './vDrag'

/**
 * All pots of a space in section on one ground line, to scale, and from each its
 * string of days. The line through the strings can be drawn to any day of the
 * season; the sections are as simulated for that day.
 */
const props = defineProps<{
  course: GardenCourse
  pots: readonly PotCourse[]
  daysPerRow: number
  system: UnitSystem
  selectedId: string | undefined
  /** Words for each pot, by its id: its plants, and the whole for a screen reader. */
  words: Readonly<Record<string, { plants: string; whole: string }>>
  /** What is due at each pot, by its id. */
  jobs?: ReadonlyMap<string, readonly Job[]> | undefined
  label: string
  litresOf: (litres: number) => string
  tempWords: (tempC: number) => string
  dayWords: (date: string) => string
  /** The shown day, in whole words. */
  shownWords: string
}>()
const emit = defineEmits<{ select: [id: string] }>()
/** The day that is shown, `YYYY-MM-DD`. */
const date = defineModel<string>('date', { required: true })

const { t } = useI18n()
const id = useId()
const frame = ref<HTMLElement>()
const { width, height } = useElementSize(frame)
const { x: scrolledPx } = useScroll(frame)

/** Of the height, what goes to the sections; names stand under the ground line, px. */
const SECTIONS_SHARE = 0.58
const CAPTION_PX = 50
const THUMB_PX = 44
/** So far beside what is in sight pots are drawn too. */
const NEAR_PX = 160

const belowMm = computed(() =>
  Math.max(30, ...props.pots.map((pot) => -pot.container.baseHeightMm + 40)),
)
/** The scale is that of the grown plants, so that it stays when days go by. */
const grown = computed(() =>
  props.pots.map((pot) => potOnDay(props.course, pot, grownOn(props.course, pot))),
)
const layout = computed(() =>
  lineUpLayout(
    grown.value,
    Math.max(width.value, 320),
    Math.max(height.value * SECTIONS_SHARE, 160),
    belowMm.value,
  ),
)
const ticks = computed(() => rulerTicks(layout.value.topMm, props.system))
const isSunken = computed(() => props.pots.some((pot) => pot.container.baseHeightMm < 0))
const captionY = computed(() => layout.value.groundY + belowMm.value * layout.value.scale)
const stringsY = computed(() => captionY.value + CAPTION_PX)
const stringsPx = computed(() => Math.max(0, height.value - stringsY.value))

const today = computed(() => daysBetween(props.course.from, props.course.today))
const days = computed(() => daysBetween(props.course.from, props.course.to) + 1)
/** Weeks begin on their own day, and not on the first of the course. */
const lead = computed(() =>
  props.daysPerRow === 1
    ? 0
    : daysIntoWeek(props.course.from, props.course.garden.settings.weekStartsOn),
)
const shownDay = computed({
  get: () => daysBetween(props.course.from, date.value),
  set: (day) => (date.value = addDays(props.course.from, day)),
})
const { rows, yOf, drag, step, scroll, reveal } = useDayWindow(
  () => ({
    days: days.value,
    daysPerRow: props.daysPerRow,
    lead: lead.value,
    height: stringsPx.value,
    today: today.value,
  }),
  shownDay,
)
const lineY = computed(() => stringsY.value + yOf(shownDay.value))
const isInSight = computed(() => lineY.value >= stringsY.value && lineY.value <= height.value)
/** Scrolled out of sight, the grip waits at the edge. */
const gripY = computed(() => Math.max(stringsY.value + 8, Math.min(height.value - 9, lineY.value)))
/** The row that the line stands on is written out. */
const wordsAt = computed(
  () =>
    Math.floor((shownDay.value + lead.value) / props.daysPerRow) * props.daysPerRow - lead.value,
)
watch(
  () => [props.daysPerRow, props.course.today],
  () => reveal(shownDay.value),
)

const stringOf = (pot: PotCourse) =>
  withJobs(potString(props.course, pot), props.course, props.jobs?.get(pot.container.id) ?? [])
const columns = computed(() =>
  layout.value.pots.map((placed, index) => ({
    ...placed,
    course: props.pots[index]!,
    string: stringOf(props.pots[index]!),
    isNear:
      placed.x + placed.width > scrolledPx.value - NEAR_PX &&
      placed.x - placed.width < scrolledPx.value + width.value + NEAR_PX,
  })),
)

/** The chosen pot stays in sight when its panel takes room from the line. */
watch(
  () => [props.selectedId, width.value],
  () =>
    frame.value
      ?.querySelector('.is-selected')
      ?.scrollIntoView({ inline: 'nearest', block: 'nearest' }),
  { flush: 'post' },
)

function toNeighbour(event: KeyboardEvent, by: number): void {
  const list = [...(frame.value?.querySelectorAll<SVGGElement>('[data-pot]') ?? [])]
  const index = list.indexOf(event.currentTarget as SVGGElement)
  list[index + by]?.focus()
}

/** Days that a key moves the line by. */
const KEYS: Readonly<Record<string, () => number>> = {
  ArrowDown: () => props.daysPerRow,
  ArrowRight: () => 1,
  ArrowUp: () => -props.daysPerRow,
  ArrowLeft: () => -1,
  PageDown: () => 7 * props.daysPerRow,
  PageUp: () => -7 * props.daysPerRow,
  Home: () => today.value - shownDay.value,
  End: () => days.value - 1 - shownDay.value,
}
function onKey(event: KeyboardEvent): void {
  const by = own(KEYS, event.key)
  if (!by) return
  event.preventDefault()
  step(by())
}
function onWheel(event: WheelEvent): void {
  if (Math.abs(event.deltaY) <= Math.abs(event.deltaX)) return
  event.preventDefault()
  scroll(event.deltaY)
}
const onDrag = (_x: number, y: number, isDone: boolean) => drag(y - stringsY.value, isDone)
</script>

<template>
  <div ref="frame" class="line-up-frame" @wheel="onWheel">
    <template v-if="width > 0">
      <LineUpEdges
        side="left"
        v-bind="{ course, height, stringsY, ticks, rows, daysPerRow, today, dayWords, tempWords }"
        :ground-y="layout.groundY"
        :scale="layout.scale"
        :unit-word="t(system === 'metric' ? 'lineUp.metres' : 'lineUp.feet')"
      />
      <svg
        :viewBox="`${RULER_PX} 0 ${layout.width - RULER_PX} ${height}`"
        :width="layout.width - RULER_PX"
        :height="height"
        role="group"
        :aria-label="label"
        class="line-up"
      >
        <clipPath :id="`${id}-strings`">
          <rect :x="RULER_PX" :y="0" :width="layout.width" :height="stringsPx" />
        </clipPath>
        <path
          v-for="tick in ticks"
          :key="tick.mm"
          class="ruler-guide"
          :d="`M${RULER_PX} ${layout.groundY - tick.mm * layout.scale}H${layout.width}`"
        />
        <rect
          v-if="isSunken"
          class="earth"
          :x="RULER_PX"
          :y="layout.groundY"
          :width="layout.width - RULER_PX"
          :height="belowMm * layout.scale"
        />
        <path class="ground" :d="`M${RULER_PX} ${layout.groundY}H${layout.width}`" />
        <g :transform="`translate(0 ${stringsY})`" :clip-path="`url(#${id}-strings)`">
          <path
            v-for="row in rows"
            :key="row.fromDay"
            class="ruler-guide"
            :d="`M${RULER_PX} ${row.y}H${layout.width}`"
          />
        </g>
        <rect
          v-if="isInSight"
          class="line-band"
          :x="RULER_PX"
          :y="lineY - 11"
          :width="layout.width"
          height="22"
        />
        <path v-if="isInSight" class="shown-line" :d="`M${RULER_PX} ${lineY}H${layout.width}`" />
        <g
          v-for="{ course: pot, string, x, width: column, isNear } in columns"
          :key="pot.container.id"
          :data-pot="pot.container.code"
          role="button"
          tabindex="0"
          :aria-label="words[pot.container.id]?.whole"
          :aria-pressed="pot.container.id === selectedId"
          class="line-up-pot"
          :class="{ 'is-selected': pot.container.id === selectedId }"
          @click="emit('select', pot.container.id)"
          @keydown.enter.prevent="emit('select', pot.container.id)"
          @keydown.space.prevent="emit('select', pot.container.id)"
          @keydown.right.prevent="toNeighbour($event, 1)"
          @keydown.left.prevent="toNeighbour($event, -1)"
        >
          <rect
            class="pot-column"
            :x="x - column / 2 - 8"
            y="4"
            :width="column + 16"
            :height="height - 8"
            rx="3"
          />
          <g :transform="`translate(${x} ${layout.groundY}) scale(${layout.scale})`">
            <LineUpPot v-bind="{ course, pot, date, isNear }" :scale="layout.scale" />
          </g>
          <text class="pot-code" :x="x" :y="captionY + 20">{{ pot.container.code }}</text>
          <text class="pot-plants" :x="x" :y="captionY + 36">
            {{ words[pot.container.id]?.plants }}
          </text>
          <g :transform="`translate(0 ${stringsY})`" :clip-path="`url(#${id}-strings)`">
            <PotString
              v-if="isNear"
              v-bind="{ string, x, rows, daysPerRow, today, wordsAt, litresOf }"
              :height="stringsPx"
            />
          </g>
        </g>
        <g
          v-drag="onDrag"
          class="day-line"
          :class="{ 'is-out': !isInSight }"
          role="slider"
          tabindex="0"
          :aria-label="t('string.line')"
          aria-orientation="vertical"
          :aria-valuemin="0"
          :aria-valuemax="days - 1"
          :aria-valuenow="shownDay"
          :aria-valuetext="shownWords"
          @keydown="onKey"
        >
          <rect
            class="grip"
            :x="scrolledPx + RULER_PX"
            :y="gripY - 11"
            :width="width"
            height="22"
          />
          <!-- Room for a thumb. -->
          <rect
            class="grip"
            :x="scrolledPx + RULER_PX"
            :y="gripY - THUMB_PX / 2"
            :width="THUMB_PX"
            :height="THUMB_PX"
          />
          <circle :cx="scrolledPx + RULER_PX + 9" :cy="gripY" r="7" />
        </g>
      </svg>
      <LineUpEdges
        side="right"
        v-bind="{ course, height, stringsY, ticks, rows, daysPerRow, today, dayWords, tempWords }"
        :ground-y="layout.groundY"
        :scale="layout.scale"
        unit-word=""
      />
    </template>
  </div>
</template>

<style src="./lineUp.css"></style>
