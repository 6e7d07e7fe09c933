<script setup lang="ts">
import { computed } from 'vue'
import { rimHeightMm, type PotToday } from '@rimbo/core'
import PotSection from './PotSection.vue'
import { extentOf } from './plantPlaces'

/** One container in section, as large as fits a frame; alone or with what grows in it. */
const props = defineProps<{
  pot: PotToday
  width: number
  height: number
  label: string
  containerOnly?: boolean
}>()

const EDGE_PX = 10

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
  const highMm = props.containerOnly ? rimHeightMm(container.shape) + 20 : topMm
  const scale = Math.min(
    (props.width - 2 * EDGE_PX) / (2 * halfMm),
    (props.height - 2 * EDGE_PX) / (highMm - floorMm),
  )
  return { scale, groundY: props.height - EDGE_PX + floorMm * scale }
})
const hasGround = computed(() => shown.value.container.type !== 'basket')
</script>

<template>
  <svg :width="width" :height="height" role="img" :aria-label="label" class="section-figure">
    <path v-if="hasGround" class="ground" :d="`M0 ${frame.groundY}H${width}`" />
    <g :transform="`translate(${width / 2} ${frame.groundY}) scale(${frame.scale})`">
      <PotSection :pot="shown" :scale="frame.scale" />
    </g>
  </svg>
</template>

<style>
.section-figure {
  display: block;
}
</style>
