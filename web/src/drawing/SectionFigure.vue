<script setup lang="ts">
import { computed } from 'vue'
import { innerSizeMm, standingRimMm, type PotToday } from '@rimbo/core'
import PotSection from './PotSection.vue'
import { extentOf } from './plantPlaces'
import { drawnFloorMm, drawnWallMm } from './wall'

/** One container in section, as large as fits a frame; alone or with what grows in it. */
const props = defineProps<{
  pot: PotToday
  width: number
  height: number
  label: string
  containerOnly?: boolean
  /** Measures to write at the drawing, in words. */
  sizes?: { readonly across: string; readonly deep: string; readonly filled: string }
}>()

const EDGE_PX = 10
/** Room for a line of measure above, and at either side. */
const SIZE_PX = 26
const SIDE_PX = 74

/** Without plants, a hanging or sunken container is drawn as if it stood. */
const shown = computed<PotToday>(() =>
  props.containerOnly
    ? { ...props.pot, plants: [], container: { ...props.pot.container, baseHeightMm: 0 } }
    : props.pot,
)
const frame = computed(() => {
  const { container } = shown.value
  const { halfMm, topMm } = extentOf(shown.value)
  const lowMm = Math.max(0, -container.baseHeightMm)
  // What hangs is shown from its own floor, not from the ground far below.
  const floorMm = container.type === 'basket' ? container.baseHeightMm : -lowMm
  const ringsMm = container.rings?.heightMm ?? 0
  const highMm = props.containerOnly ? standingRimMm(container) + ringsMm + 20 : topMm
  const scale = Math.min(
    (props.width - 2 * (props.sizes ? SIDE_PX : EDGE_PX)) / (2 * halfMm),
    (props.height - 2 * EDGE_PX - (props.sizes ? SIZE_PX : 0)) / (highMm - floorMm),
  )
  return { scale, groundY: props.height - EDGE_PX + floorMm * scale }
})
/** Lines of measure: across the rim, up to the rim, up to the fill. */
const measured = computed(() => {
  const { container } = shown.value
  const { shape, fillMm } = container
  const rimMm = standingRimMm(container)
  const { scale, groundY } = frame.value
  const middle = props.width / 2
  const half = (innerSizeMm(shape, rimMm).lengthMm / 2) * scale
  const out = half + drawnWallMm(container, scale) * scale + 14
  const floorY = groundY - drawnFloorMm(container, scale) * scale
  const rimY = floorY - rimMm * scale
  return {
    left: middle - half,
    right: middle + half,
    far: middle + out,
    near: middle - out,
    rimY,
    topY: rimY - (container.rings?.heightMm ?? 0) * scale,
    fillY: floorY - fillMm * scale,
    floorY,
  }
})

const hasGround = computed(() => shown.value.container.type !== 'basket')
</script>

<template>
  <svg
    :viewBox="`0 0 ${width} ${height}`"
    :width="width"
    :height="height"
    role="img"
    :aria-label="label"
    class="section-figure"
  >
    <path v-if="hasGround" class="ground" :d="`M0 ${frame.groundY}H${width}`" />
    <g :transform="`translate(${width / 2} ${frame.groundY}) scale(${frame.scale})`">
      <PotSection :pot="shown" :scale="frame.scale" />
    </g>
    <g v-if="sizes" class="sizes" aria-hidden="true">
      <path :d="`M${measured.left} ${measured.topY - 8}v-8m0 4H${measured.right}m0 -4v8`" />
      <text :x="width / 2" :y="measured.topY - 18" text-anchor="middle">{{ sizes.across }}</text>
      <path :d="`M${measured.far - 4} ${measured.rimY}h8m-4 0V${measured.floorY}m-4 0h8`" />
      <text :x="measured.far + 8" :y="(measured.rimY + measured.floorY) / 2 + 4">
        {{ sizes.deep }}
      </text>
      <path :d="`M${measured.near - 4} ${measured.fillY}h8m-4 0V${measured.floorY}m-4 0h8`" />
      <text
        :x="measured.near - 8"
        :y="(measured.fillY + measured.floorY) / 2 + 4"
        text-anchor="end"
      >
        {{ sizes.filled }}
      </text>
    </g>
  </svg>
</template>

<style>
.section-figure {
  display: block;
  max-width: 100%;
}
</style>
