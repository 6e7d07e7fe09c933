<script setup lang="ts">
import { computed } from 'vue'
import type { PotToday } from '@rimbo/core'

/** What holds a plant up, at its true height above the mix; its foot at the origin, in mm. */
const props = defineProps<{ support: PotToday['state']['supports'][number]; buriedMm: number }>()

/** Half the width of a cage, and how far its rings or a net's strings lie apart. */
const CAGE_HALF_MM = 150
const STEP_MM = 250

const rungs = (halfMm: number, heightMm: number) =>
  Array.from(
    { length: Math.ceil(heightMm / STEP_MM) },
    (_, index) => `M${-halfMm} ${index * STEP_MM - heightMm}H${halfMm}`,
  ).join('')
const d = computed(() => {
  const { support, heightMm } = props.support
  const foot = props.buriedMm
  const posts = (halfMm: number) =>
    `M${-halfMm} ${foot}V${-heightMm}M${halfMm} ${foot}V${-heightMm}${rungs(halfMm, heightMm)}`
  switch (support) {
    case 'stake':
      return `M14 ${foot}V${-heightMm}`
    case 'string':
      return `M0 0V${-heightMm}`
    case 'cage':
      return posts(CAGE_HALF_MM)
    case 'twoCages':
      return posts(CAGE_HALF_MM) + posts(CAGE_HALF_MM * 0.6)
    case 'net':
      return rungs(CAGE_HALF_MM * 1.3, heightMm)
  }
})
</script>

<template>
  <path class="support" :class="`support-${support.support}`" :d="d" />
</template>

<style>
.support {
  fill: none;
  stroke: var(--seen);
  stroke-width: 0.9;
  vector-effect: non-scaling-stroke;
}
.support-string,
.support-net {
  stroke-dasharray: 4 3;
}
</style>
