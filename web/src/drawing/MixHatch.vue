<script setup lang="ts">
import { computed } from 'vue'
import { hatchMarks, TILE_PX, type HatchShare } from './marks'

/** A pattern that hatches a mix; `scale` undoes that of the drawing it is used in. */
const props = defineProps<{ id: string; shares: readonly HatchShare[]; scale: number }>()
const marks = computed(() => hatchMarks(props.shares))
</script>

<template>
  <pattern
    :id="id"
    patternUnits="userSpaceOnUse"
    :width="TILE_PX"
    :height="TILE_PX"
    :patternTransform="`scale(${1 / scale})`"
  >
    <path
      v-for="(mark, index) in marks"
      :key="index"
      :d="mark.d"
      :transform="`translate(${mark.x} ${mark.y}) rotate(${mark.turnDeg})`"
      :class="mark.isFilled ? 'mark-filled' : 'mark-open'"
    />
  </pattern>
</template>

<style>
.mark-filled {
  fill: var(--hatch);
  stroke: none;
}
.mark-open {
  fill: none;
  stroke: var(--hatch);
  stroke-width: 0.9;
}
</style>
