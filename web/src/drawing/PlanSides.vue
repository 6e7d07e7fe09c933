<script setup lang="ts">
import { computed } from 'vue'
import { doorwayOf, edgeLengthMm, isWithin, sideOf, type Plan, type PlanPoint } from '@rimbo/core'
import type { PlanScale } from './planScale'

/** What stands round a space, as a plan shows it: cut heavy, seen light. */
const props = defineProps<{ plan: Plan; scale: PlanScale }>()

const px = ({ xMm, yMm }: PlanPoint) => [props.scale.x(xMm), props.scale.y(yMm)] as const

/** Thickness of what is drawn outside the floor, px. */
const THICK_PX = { house: 16, wall: 9, parapet: 7, open: 0 }

/** Each side as a strip that lies outside the floor. */
const strips = computed(() =>
  props.plan.sides.map((side, index) => {
    const [from, to] = sideOf(props.plan.corners, index)
    const length = edgeLengthMm(props.plan.corners, index) || 1
    const normal = { x: (to.yMm - from.yMm) / length, y: -(to.xMm - from.xMm) / length }
    const middle = {
      xMm: (from.xMm + to.xMm) / 2 + normal.x * 5,
      yMm: (from.yMm + to.yMm) / 2 + normal.y * 5,
    }
    const out = isWithin(props.plan.corners, middle) ? -1 : 1
    const thick = THICK_PX[side.kind] / props.scale.pxPerMm
    const off = ({ xMm, yMm }: PlanPoint) => ({
      xMm: xMm + normal.x * out * thick,
      yMm: yMm + normal.y * out * thick,
    })
    const outer = [off(to), off(from)]
    const outward = (point: PlanPoint) => off(off(point))
    const isSolid = side.kind !== 'parapet' || side.solidMm > 0
    return {
      kind: side.kind,
      isSolid,
      outward,
      d: `M${[from, to, ...outer].map((point) => px(point).join(' ')).join('L')}Z`,
      inner: `M${px(from).join(' ')}L${px(to).join(' ')}`,
    }
  }),
)

/** The opening in the wall, and the floor that a door needs before it. */
const door = computed(() => {
  const { door: given, corners } = props.plan
  const way = doorwayOf(props.plan)
  if (!given || !way) return undefined
  const [from, to] = sideOf(corners, given.sideIndex)
  const length = edgeLengthMm(corners, given.sideIndex) || 1
  const at = (alongMm: number): PlanPoint => ({
    xMm: from.xMm + ((to.xMm - from.xMm) * alongMm) / length,
    yMm: from.yMm + ((to.yMm - from.yMm) * alongMm) / length,
  })
  const opening = [at(given.fromMm), at(given.fromMm + given.widthMm)]
  const { outward } = strips.value[given.sideIndex]!
  const outer = [...opening].reverse().map(outward)
  return {
    gap: `M${[...opening, ...outer].map((point) => px(point).join(' ')).join('L')}Z`,
    way: {
      x: props.scale.x(way.leftMm),
      y: props.scale.y(way.highMm),
      width: (way.rightMm - way.leftMm) * props.scale.pxPerMm,
      height: (way.highMm - way.lowMm) * props.scale.pxPerMm,
    },
  }
})
</script>

<template>
  <g>
    <template v-for="(strip, index) in strips" :key="index">
      <path :d="strip.d" :class="`side side-${strip.kind}`" :data-solid="strip.isSolid" />
      <path v-if="strip.kind === 'open'" :d="strip.inner" class="side-edge" />
    </template>
    <template v-if="door">
      <path :d="door.gap" class="door-gap" />
      <rect v-bind="door.way" class="doorway" />
    </template>
  </g>
</template>

<style>
.side {
  stroke: var(--ink);
  stroke-width: 1.2;
}
.side-house,
.side-wall {
  fill: var(--ink);
}
.side-parapet {
  fill: var(--fabric);
}
.side-parapet[data-solid='false'] {
  fill: none;
}
.side-open {
  stroke: none;
}
.side-edge {
  stroke: var(--seen);
  stroke-width: 1.2;
  stroke-dasharray: 7 4;
}
.door-gap {
  fill: var(--paper);
}
.doorway {
  fill: none;
  stroke: var(--seen);
  stroke-width: 1;
  stroke-dasharray: 2 3;
}
</style>
