<script setup lang="ts">
import { computed } from 'vue'
import { mixRanges, type Ranged } from '@rimbo/core'

/** A value as a mark on a strip, its published range thick. Said in words beside it. */
const props = defineProps<{ ranged: Ranged }>()

const WIDTH = 84
const MIDDLE = 6
const strip = computed(() => {
  const { least, most } = mixRanges[props.ranged.property]
  // The range takes the middle half.
  const from = least - (most - least) / 2
  const to = most + (most - least) / 2
  const x = (value: number) =>
    Math.min(WIDTH - 3, Math.max(3, (WIDTH * (value - from)) / (to - from)))
  return { least: x(least), most: x(most), at: x(props.ranged.value) }
})
</script>

<template>
  <svg
    :width="WIDTH"
    height="12"
    :viewBox="`0 0 ${WIDTH} 12`"
    aria-hidden="true"
    class="range-strip"
  >
    <path class="range-line" :d="`M0 ${MIDDLE}H${WIDTH}`" />
    <path class="range-good" :d="`M${strip.least} ${MIDDLE}H${strip.most}`" />
    <path
      class="range-at"
      :class="{ 'range-off': ranged.verdict !== 'good' }"
      :d="`M${strip.at} 0v12`"
    />
  </svg>
</template>

<style>
.range-strip {
  flex: none;
  align-self: center;
}
.range-line {
  stroke: var(--line);
  stroke-width: 1.5;
}
.range-good {
  stroke: var(--leaf);
  stroke-width: 5;
}
.range-at {
  stroke: var(--ink);
  stroke-width: 2.5;
}
.range-off {
  stroke: var(--accent);
}
</style>
