<script setup lang="ts">
import { computed, useId } from 'vue'
import { line } from 'd3'
import {
  drainedProfile,
  innerSizeMm,
  recipeShares,
  rimHeightMm,
  sideProfile,
  type PotToday,
  type ProfilePoint,
} from '@rimbo/core'
import MixHatch from './MixHatch.vue'
import PlantDrawing from './PlantDrawing.vue'
import { plantPlaces } from './plantPlaces'
import { drawnFloorMm, drawnWallMm } from './wall'

/**
 * A container cut open, to scale, with what stands in it. Drawn in mm, the
 * ground at 0, heights upwards as negative y; `scale` is px per mm.
 */
const props = defineProps<{ pot: PotToday; scale: number }>()
const id = useId()

const container = computed(() => props.pot.container)
const shape = computed(() => container.value.shape)
const rimMm = computed(() => rimHeightMm(shape.value))

const wallMm = computed(() => drawnWallMm(container.value, props.scale))
/** It stands on its outer floor; heights in it are counted from the inner one. */
const innerFloorMm = computed(
  () => container.value.baseHeightMm + drawnFloorMm(container.value, props.scale),
)

/** Closed outline of both sides of a profile, set off outwards. */
function outline(points: readonly ProfilePoint[], offMm: number, floorMm: number): string {
  const right = points.map(({ halfLengthMm, zMm }): [number, number] => [
    halfLengthMm + offMm,
    -Math.max(zMm, 0),
  ])
  const bottom = shape.value.kind === 'bowl' ? [] : [[right[0]![0], floorMm] as [number, number]]
  const rightSide = [...bottom, ...right]
  const leftSide = rightSide.map(([x, y]): [number, number] => [-x, y]).reverse()
  return `${line()([...rightSide, ...leftSide]) ?? ''}Z`
}

const inner = computed(() => outline(sideProfile(shape.value), 0, 0))
const outer = computed(() => outline(sideProfile(shape.value), wallMm.value, wallMm.value))
const filled = computed(() => outline(sideProfile(shape.value, container.value.fillMm), 0, 0))

const fillHalfMm = computed(() => innerSizeMm(shape.value, container.value.fillMm).lengthMm / 2)
const rimHalfMm = computed(() => innerSizeMm(shape.value, rimMm.value).lengthMm / 2)

const mulchTopMm = computed(() => container.value.fillMm + container.value.mulchMm)
const mulchStrokes = computed(() => {
  const stepMm = Math.max(14, 5 / props.scale)
  const count = Math.floor((2 * fillHalfMm.value) / stepMm)
  return Array.from({ length: count }, (_, index) => {
    const x = -fillHalfMm.value + (index + 0.5) * stepMm
    const low = -container.value.fillMm - 2
    return `M${x - stepMm * 0.35} ${low}L${x + stepMm * 0.35} ${-mulchTopMm.value + 2}`
  }).join('')
})

const shares = computed(() =>
  props.pot.mix
    ? recipeShares(props.pot.mix.recipe).map(({ ingredient, share }) => ({
        ingredientId: ingredient.id,
        share,
      }))
    : [],
)

/** Water by height, floor first, as stops of a gradient from below. */
const wetness = computed(() =>
  props.pot.mix ? drainedProfile(container.value.fillMm, props.pot.mix.curve) : [],
)

/** A pot hangs from its hook above the plant's foot. */
const HANGER_MM = 420
const isHanging = computed(() => container.value.type === 'basket')
const hanger = computed(() => {
  const rim = -rimMm.value
  const top = rim - HANGER_MM
  return `M${-rimHalfMm.value} ${rim}L0 ${top}L${rimHalfMm.value} ${rim}M0 ${top}V${top - 60}`
})

const places = computed(() => plantPlaces(props.pot))
</script>

<template>
  <g :transform="`translate(0 ${-innerFloorMm})`">
    <defs>
      <MixHatch v-if="shares.length" :id="`${id}-mix`" :shares="shares" :scale="scale" />
      <linearGradient :id="`${id}-wet`" x1="0" y1="1" x2="0" y2="0">
        <stop
          v-for="stop in wetness"
          :key="stop.heightShare"
          :offset="stop.heightShare"
          class="wet-stop"
          :stop-opacity="stop.saturation ** 2 * 0.8"
        />
      </linearGradient>
    </defs>
    <path v-if="isHanging" class="hanger" :d="hanger" />
    <path :d="outer" :class="`wall wall-${container.material}`" />
    <path :d="inner" class="hollow" />
    <template v-if="shares.length">
      <path :d="filled" :fill="`url(#${id}-wet)`" />
      <path :d="filled" :fill="`url(#${id}-mix)`" />
    </template>
    <path v-if="container.mulchMm > 0" class="mulch" :d="mulchStrokes" />
    <path class="fill-line" :d="`M${-fillHalfMm} ${-container.fillMm}H${fillHalfMm}`" />
    <path class="rim-line" :d="`M${-rimHalfMm} ${-rimMm}H${rimHalfMm}`" />
    <PlantDrawing
      v-for="place in places"
      :key="place.seed"
      :variety="place.variety"
      :growth="place.growth"
      :seed="place.seed"
      :buried-mm="place.buriedMm"
      :transform="`translate(${place.xMm} ${-place.zMm}) rotate(${place.leanDeg})`"
    />
  </g>
</template>

<style>
.wall,
.hollow,
.mulch,
.fill-line,
.rim-line,
.hanger {
  vector-effect: non-scaling-stroke;
}
.wall {
  fill: var(--ink);
  stroke: var(--ink);
  stroke-width: 0.8;
}
.wall-terracotta,
.wall-glazed {
  fill: var(--clay);
  stroke: var(--clay);
}
.wall-fabric,
.wall-liner {
  fill: var(--fabric);
  stroke: var(--ink);
  stroke-width: 1;
  stroke-dasharray: 3.5 2;
}
.hollow {
  fill: var(--paper);
}
.wet-stop {
  stop-color: var(--wet);
}
.mulch {
  stroke: var(--clay);
  stroke-width: 1;
}
.fill-line {
  stroke: var(--ink);
  stroke-width: 1.1;
}
.rim-line {
  stroke: var(--seen);
  stroke-width: 0.9;
  stroke-dasharray: 4 3;
}
.hanger {
  fill: none;
  stroke: var(--seen);
  stroke-width: 1;
}
</style>
