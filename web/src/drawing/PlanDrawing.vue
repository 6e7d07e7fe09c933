<script setup lang="ts">
import { computed, ref } from 'vue'
import { curveBasis, line as pathOf } from 'd3'
import { useElementSize } from '@vueuse/core'
import {
  boxOf,
  own,
  snapped,
  type Footprint,
  type Plan,
  type PlanPoint,
  type Crown,
} from '@rimbo/core'
import { labelPlace, type ContourLine } from './contourLines'
import { planScale } from './planScale'
import PlanMeasures from './PlanMeasures.vue'
import PlanSides from './PlanSides.vue'
import { vDrag } from './vDrag'

/** One space from above, to scale, with its pots, its sun and its measures. */
const props = defineProps<{
  plan: Plan
  prints: readonly Footprint[]
  codes: Readonly<Record<string, string>>
  /** Words for each pot, for a screen reader. */
  words: Readonly<Record<string, string>>
  wrongIds: readonly string[]
  crowns: readonly Crown[]
  contours: readonly ContourLine[]
  /** The grid that the contours are counted in. */
  grid: { readonly leftMm: number; readonly lowMm: number; readonly cellMm: number } | undefined
  selectedId: string | undefined
  hasCorners: boolean
  sizes: { readonly width: string; readonly depth: string }
  label: string
  houseLabel: string
}>()
const emit = defineEmits<{
  select: [id: string]
  move: [id: string, to: PlanPoint]
  corner: [index: number, to: PlanPoint, isDone: boolean]
}>()

const frame = ref<HTMLElement>()
const { width, height } = useElementSize(frame)
const scale = computed(() =>
  planScale(props.plan, Math.max(width.value, 200), Math.max(height.value, 200)),
)
const box = computed(() => boxOf(props.plan.corners))
const outline = computed(
  () =>
    `M${props.plan.corners.map(({ xMm, yMm }) => `${scale.value.x(xMm)} ${scale.value.y(yMm)}`).join('L')}Z`,
)

/** Where a pot is while it is dragged. */
const held = ref<{ id: string; to: PlanPoint }>()
const shown = computed(() =>
  props.prints.map((print) =>
    held.value?.id === print.id ? { ...print, ...held.value.to } : print,
  ),
)
function dragPot(print: Footprint, x: number, y: number, isDone: boolean): void {
  const to = snapped(props.plan, { ...print, ...scale.value.toMm(x, y) }, props.prints)
  held.value = isDone ? undefined : { id: print.id, to }
  if (isDone) emit('move', print.id, to)
}
const KEY_STEP_MM = 10
const KEY_LEAP_MM = 100
const ways: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
function nudge(event: KeyboardEvent, print: Footprint): void {
  const way = own(ways, event.key)
  if (!way) return
  event.preventDefault()
  const step = event.shiftKey ? KEY_LEAP_MM : KEY_STEP_MM
  emit('move', print.id, { xMm: print.xMm + way[0] * step, yMm: print.yMm + way[1] * step })
}

const lines = computed(() => {
  const { grid } = props
  if (!grid) return []
  const at = ([x, y]: readonly [number, number]): [number, number] => [
    scale.value.x(grid.leftMm + x * grid.cellMm),
    scale.value.y(grid.lowMm + y * grid.cellMm),
  ]
  // Steps of ten minutes and ten centimetres are ours, not the sun's.
  const smooth = pathOf().curve(curveBasis)
  return props.contours.map((line) => {
    const place = labelPlace(line)
    return {
      value: line.value,
      d: line.lines.map((points) => smooth(points.map(at)) ?? '').join(''),
      label: place && {
        x: scale.value.x(grid.leftMm + place[0] * grid.cellMm),
        y: scale.value.y(grid.lowMm + place[1] * grid.cellMm),
      },
    }
  })
})
</script>

<template>
  <div ref="frame" class="plan-frame">
    <svg
      v-if="width > 0"
      class="plan"
      :width="width"
      :height="height"
      role="group"
      :aria-label="label"
    >
      <defs>
        <clipPath id="plan-floor"><path :d="outline" /></clipPath>
      </defs>
      <path :d="outline" class="plan-floor" :class="{ 'plan-earth': plan.isEarth }" />
      <g clip-path="url(#plan-floor)" aria-hidden="true">
        <path v-for="line in lines" :key="line.value" :d="line.d" class="contour" />
      </g>
      <PlanSides :plan="plan" :scale="scale" />
      <path
        v-if="plan.slab"
        class="slab-edge"
        :d="`M${scale.x(box.leftMm)} ${scale.y(plan.slab.toYMm)}H${scale.x(box.rightMm)}`"
      />
      <rect
        v-for="shelf in plan.shelves"
        :key="shelf.id"
        class="plan-shelf"
        :x="scale.x(shelf.xMm - shelf.lengthMm / 2)"
        :y="scale.y(shelf.yMm + shelf.widthMm / 2)"
        :width="shelf.lengthMm * scale.pxPerMm"
        :height="shelf.widthMm * scale.pxPerMm"
      />
      <circle
        v-for="crown in crowns"
        :key="crown.id"
        class="crown"
        :cx="scale.x(crown.xMm)"
        :cy="scale.y(crown.yMm)"
        :r="crown.radiusMm * scale.pxPerMm"
      />
      <g
        v-for="print in shown"
        :key="print.id"
        v-drag="(x: number, y: number, isDone: boolean) => dragPot(print, x, y, isDone)"
        class="plan-pot"
        :class="{
          'is-selected': print.id === selectedId,
          'is-wrong': wrongIds.includes(print.id),
          'is-hanging': print.fromMm > 400,
        }"
        :data-plan-pot="codes[print.id]"
        role="button"
        tabindex="0"
        :aria-label="words[print.id]"
        :aria-pressed="print.id === selectedId"
        @click="emit('select', print.id)"
        @keydown.enter.prevent="emit('select', print.id)"
        @keydown="nudge($event, print)"
      >
        <ellipse
          v-if="print.isRound"
          :cx="scale.x(print.xMm)"
          :cy="scale.y(print.yMm)"
          :rx="(print.lengthMm / 2) * scale.pxPerMm"
          :ry="(print.widthMm / 2) * scale.pxPerMm"
        />
        <rect
          v-else
          :x="scale.x(print.xMm - print.lengthMm / 2)"
          :y="scale.y(print.yMm + print.widthMm / 2)"
          :width="print.lengthMm * scale.pxPerMm"
          :height="print.widthMm * scale.pxPerMm"
        />
        <text :x="scale.x(print.xMm)" :y="scale.y(print.yMm) + 5">{{ codes[print.id] }}</text>
      </g>
      <g class="contour-labels" aria-hidden="true">
        <template v-for="line in lines" :key="line.value">
          <text v-if="line.label" :x="line.label.x" :y="line.label.y + 4">{{ line.value }}</text>
        </template>
      </g>
      <template v-if="hasCorners">
        <circle
          v-for="(corner, index) in plan.corners"
          :key="index"
          v-drag="
            (x: number, y: number, isDone: boolean) =>
              emit('corner', index, scale.toMm(x, y), isDone)
          "
          class="plan-corner"
          :cx="scale.x(corner.xMm)"
          :cy="scale.y(corner.yMm)"
          r="7"
        />
      </template>
      <PlanMeasures
        :box="box"
        :scale="scale"
        :facing-deg="plan.facingDeg"
        :sizes="sizes"
        :note="houseLabel"
        :width="width"
      />
    </svg>
  </div>
</template>

<style>
.plan-frame {
  flex: 1;
  min-height: 0;
  overflow: hidden;
}
.plan {
  display: block;
}
.plan text {
  fill: var(--ink);
  font-size: 13px;
  font-variant-numeric: tabular-nums;
}
.plan-floor {
  fill: var(--sheet);
}
.plan-earth {
  fill: var(--earth);
}
.contour {
  fill: none;
  stroke: var(--seen);
  stroke-width: 1.1;
}
.plan .contour-labels text {
  font-size: 12px;
  text-anchor: middle;
  fill: var(--ink-soft);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4;
}
.slab-edge {
  stroke: var(--ink);
  stroke-width: 1.4;
  stroke-dasharray: 12 4 2 4;
}
.plan-shelf {
  fill: none;
  stroke: var(--clay);
  stroke-width: 1.4;
}
.crown {
  fill: var(--leaf-tint);
  fill-opacity: 0.35;
  stroke: var(--leaf);
  stroke-dasharray: 4 3;
}
.plan-pot {
  cursor: grab;
  outline: none;
}
.plan-pot ellipse,
.plan-pot rect {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.8;
}
.plan-pot.is-hanging ellipse {
  stroke-dasharray: 5 3;
}
.plan-pot.is-selected ellipse,
.plan-pot.is-selected rect {
  fill: var(--picked);
}
.plan-pot.is-wrong ellipse,
.plan-pot.is-wrong rect {
  stroke: var(--accent);
  stroke-width: 3;
}
.plan-pot:focus-visible ellipse,
.plan-pot:focus-visible rect {
  stroke: var(--accent);
  stroke-width: 3;
}
.plan .plan-pot text {
  font-weight: 700;
  text-anchor: middle;
  pointer-events: none;
}
.plan-corner {
  fill: var(--accent-fill);
  stroke: var(--ink);
  cursor: move;
}
</style>
