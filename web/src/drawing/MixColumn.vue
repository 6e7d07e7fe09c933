<script setup lang="ts">
import { computed, useId } from 'vue'
import {
  drainedProfile,
  innerSizeMm,
  rimHeightMm,
  type MixBody,
  type RetentionCurve,
  type Shape,
} from '@rimbo/core'

/** A small vessel in section, all to one scale, tinted by how wet its mix is at each height. */
const props = defineProps<{
  shape: Shape
  fillMm: number
  body: MixBody
  curve: RetentionCurve
  /** Depth of stones at the bottom. */
  layerMm?: number
}>()
const id = useId()

/** px per mm: a tall barrel is as high as there is room. */
const SCALE = 0.14
const EDGE = 3

const form = computed(() => {
  const rimMm = rimHeightMm(props.shape)
  const half = (zMm: number) => (innerSizeMm(props.shape, zMm).lengthMm / 2) * SCALE
  const middle = half(rimMm) + EDGE
  const y = (zMm: number) => EDGE + (rimMm - zMm) * SCALE
  const between = (fromMm: number, toMm: number) =>
    `M${middle - half(fromMm)} ${y(fromMm)}L${middle - half(toMm)} ${y(toMm)}H${middle + half(toMm)}L${middle + half(fromMm)} ${y(fromMm)}z`
  const fromMm = props.layerMm ?? 0
  return {
    width: 2 * middle,
    height: rimMm * SCALE + 2 * EDGE,
    wall: `M${middle - half(rimMm)} ${y(rimMm)}L${middle - half(0)} ${y(0)}H${middle + half(0)}L${middle + half(rimMm)} ${y(rimMm)}`,
    mix: between(fromMm, props.fillMm),
    stones: props.layerMm ? between(0, props.layerMm) : '',
  }
})
const stops = computed(() => drainedProfile(props.body, props.curve, 10))
</script>

<template>
  <svg :width="form.width" :height="form.height" aria-hidden="true" class="mix-column">
    <defs>
      <linearGradient :id="`${id}-wet`" x1="0" y1="1" x2="0" y2="0">
        <stop
          v-for="stop in stops"
          :key="stop.heightShare"
          :offset="stop.heightShare"
          class="wet-stop"
          :stop-opacity="stop.saturation ** 2"
        />
      </linearGradient>
      <pattern :id="`${id}-stones`" patternUnits="userSpaceOnUse" width="9" height="8">
        <circle class="mark-open" cx="3" cy="3" r="2.4" />
        <circle class="mark-open" cx="7" cy="6.500" r="1.700" />
      </pattern>
    </defs>
    <path v-if="form.stones" :d="form.stones" :fill="`url(#${id}-stones)`" />
    <path :d="form.mix" :fill="`url(#${id}-wet)`" class="mix-column-bed" />
    <path :d="form.wall" class="mix-column-wall" />
  </svg>
</template>

<style>
.mix-column {
  display: block;
}
.mix-column-bed {
  stroke: var(--ink);
  stroke-width: 0.8;
}
.mix-column-wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
}
</style>
