<script setup lang="ts">
import { computed } from 'vue'
import type { DrainagePlan } from '@rimbo/core'

/** The floor of a container seen from below, with a mark for each hole. */
const props = defineProps<{ plan: DrainagePlan; width: number; height: number; label: string }>()

const EDGE_PX = 4
const scale = computed(() =>
  Math.min(
    (props.width - 2 * EDGE_PX) / props.plan.floor.lengthMm,
    (props.height - 2 * EDGE_PX) / props.plan.floor.widthMm,
  ),
)
const LEAST_HOLE_PX = 2
const holePx = computed(() => Math.max(LEAST_HOLE_PX, (props.plan.diameterMm / 2) * scale.value))
const size = computed(() => ({
  length: props.plan.floor.lengthMm * scale.value,
  width: props.plan.floor.widthMm * scale.value,
}))
</script>

<template>
  <svg
    class="drilling"
    :viewBox="`${-width / 2} ${-height / 2} ${width} ${height}`"
    :width="width"
    :height="height"
    role="img"
    :aria-label="label"
  >
    <ellipse
      v-if="plan.floor.isRound"
      class="drilling-floor"
      :rx="size.length / 2"
      :ry="size.width / 2"
    />
    <rect
      v-else
      class="drilling-floor"
      :x="-size.length / 2"
      :y="-size.width / 2"
      :width="size.length"
      :height="size.width"
    />
    <path
      class="drilling-axis"
      :d="`M${-width / 2} 0H${width / 2}M0 ${-height / 2}V${height / 2}`"
    />
    <circle
      v-for="(hole, index) in plan.holes"
      :key="index"
      class="drilling-hole"
      :cx="hole.xMm * scale"
      :cy="hole.yMm * scale"
      :r="holePx"
    />
  </svg>
</template>

<style>
.drilling {
  display: block;
}
.drilling-floor {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.6;
}
.drilling-axis {
  stroke: var(--line);
  stroke-dasharray: 6 2 1 2;
}
.drilling-hole {
  fill: var(--ink);
}
</style>
