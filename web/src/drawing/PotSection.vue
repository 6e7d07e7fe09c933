<script setup lang="ts">
import { computed, useId } from 'vue'
import {
  drainedProfile,
  innerSizeMm,
  layersOf,
  standingRimMm,
  wallColourOf,
  type PotToday,
} from '@rimbo/core'
import MixHatch from './MixHatch.vue'
import PlantDrawing from './PlantDrawing.vue'
import { plantPlaces } from './plantPlaces'
import { potForm } from './potForm'
import { drawnFloorMm, drawnWallMm } from './wall'

/**
 * A container cut open, to scale, with what stands in it. Drawn in mm, the
 * ground at 0, heights upwards as negative y; `scale` is px per mm.
 */
const props = defineProps<{ pot: PotToday; scale: number }>()
const id = useId()

const container = computed(() => props.pot.container)
const rimMm = computed(() => standingRimMm(container.value))
const form = computed(() => potForm(container.value, drawnWallMm(container.value, props.scale)))
const colour = computed(() => wallColourOf(container.value))
/** It stands on its outer floor; heights in it are counted from the inner one. */
const innerFloorMm = computed(
  () => container.value.baseHeightMm + drawnFloorMm(container.value, props.scale),
)

const fillHalfMm = computed(() => form.value.fillHalfMm)
const rimHalfMm = computed(() => innerSizeMm(container.value.shape, rimMm.value).lengthMm / 2)

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
  (props.pot.mix?.blend.shares ?? []).map(({ ingredient, share }) => ({
    ingredientId: ingredient.id,
    share,
  })),
)

/** Water by height, the lowest mix first, as stops of a gradient from below. */
const wetness = computed(() =>
  props.pot.mix
    ? drainedProfile(props.pot.mix.body, props.pot.mix.curve, 8, props.pot.dryingCm)
    : [],
)

/** What lies below a later layer, the older the darker. */
const olderLayers = computed(() =>
  layersOf(props.pot.state)
    .slice(0, -1)
    .map(({ toMm }) => toMm),
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
/** Hatches are signs, of one size on the screen at any scale. */
const hatchScale = computed(() => `scale(${1 / props.scale})`)
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
      <clipPath v-if="olderLayers.length" :id="`${id}-bed`">
        <path v-for="mix in form.mixes" :key="mix" :d="mix" />
      </clipPath>
      <pattern
        v-if="form.filler"
        :id="`${id}-filler`"
        patternUnits="userSpaceOnUse"
        width="14"
        height="12"
        :patternTransform="hatchScale"
      >
        <path
          class="mark-open"
          d="M2 4a3.4 3 0 1 0 7 0a3.4 3 0 1 0 -7 0zM8 10.500a2.400 2 0 1 0 5 0"
        />
      </pattern>
      <pattern
        v-if="form.poorSoil"
        :id="`${id}-poor`"
        patternUnits="userSpaceOnUse"
        width="9"
        height="8"
        :patternTransform="hatchScale"
      >
        <path class="mark-open" d="M1 2.500h4M5 6h3" />
      </pattern>
    </defs>
    <path v-if="isHanging" class="hanger" :d="hanger" />
    <path :d="form.wall" :class="`wall wall-${container.material} wall-in-${colour}`" />
    <path :d="form.hollow" class="hollow" />
    <path v-if="form.liner" :d="form.liner" class="liner" />
    <path v-if="form.water" :d="form.water" class="standing-water" />
    <path v-if="form.filler" :d="form.filler" :fill="`url(#${id}-filler)`" />
    <path v-if="form.poorSoil" :d="form.poorSoil" :fill="`url(#${id}-poor)`" />
    <template v-if="shares.length">
      <template v-for="mix in form.mixes" :key="mix">
        <path :d="mix" class="mix-bed" />
        <path :d="mix" :fill="`url(#${id}-wet)`" />
        <path :d="mix" :fill="`url(#${id}-mix)`" />
      </template>
    </template>
    <g v-if="shares.length && olderLayers.length" :clip-path="`url(#${id}-bed)`">
      <template v-for="toMm in olderLayers" :key="toMm">
        <rect
          class="older-layer"
          :x="-2 * rimHalfMm"
          :y="-toMm"
          :width="4 * rimHalfMm"
          :height="toMm"
        />
        <path class="layer-line" :d="`M${-2 * rimHalfMm} ${-toMm}H${2 * rimHalfMm}`" />
      </template>
    </g>
    <path v-if="container.mulchMm > 0" class="mulch" :d="mulchStrokes" />
    <path v-if="form.inside" class="cut-line" :d="form.inside" />
    <path v-if="form.ringWalls" class="cut-line" :d="form.ringWalls" />
    <path v-if="form.earth" class="root-line" :d="form.earth" />
    <circle
      v-for="roll in form.rolls"
      :key="roll.x"
      class="cut-line"
      :cx="roll.x"
      :cy="roll.y"
      :r="roll.r"
    />
    <path
      v-if="form.overflow"
      class="overflow"
      :d="`M${form.overflow.x - 8 / scale} ${form.overflow.y}h${14 / scale}l${-4 / scale} ${5 / scale}`"
    />
    <path class="fill-line" :d="`M${-fillHalfMm} ${-container.fillMm}H${fillHalfMm}`" />
    <path class="rim-line" :d="`M${-rimHalfMm} ${-rimMm}H${rimHalfMm}`" />
    <PlantDrawing
      v-for="place in places"
      :key="place.seed"
      :variety="place.variety"
      :growth="place.growth"
      :seed="place.seed"
      :buried-mm="place.buriedMm"
      :supports="pot.state.supports"
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
.cut-line,
.root-line,
.overflow,
.liner,
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
.wall-in-white:not(.wall-fabric, .wall-liner),
.wall-in-pale:not(.wall-fabric, .wall-liner) {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.1;
}
.wall-wood {
  fill: var(--earth);
  stroke: var(--ink);
  stroke-width: 1.1;
}

.hollow,
.mix-bed {
  fill: var(--paper);
}
.liner {
  fill: var(--fabric);
}
/* Each lies over all below it: the oldest is covered most often. */
.older-layer {
  fill: var(--ink);
  fill-opacity: 0.09;
}
.layer-line {
  stroke: var(--ink);
  stroke-width: 1;
  stroke-dasharray: 5 3;
  vector-effect: non-scaling-stroke;
}
.standing-water {
  fill: var(--wet);
  fill-opacity: 0.85;
}
.cut-line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.7;
  stroke-linejoin: round;
}
.root-line {
  fill: none;
  stroke: var(--paper);
  stroke-width: 2;
  stroke-dasharray: 5 4;
}
.overflow {
  fill: none;
  stroke: var(--wet-ink);
  stroke-width: 1.6;
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
