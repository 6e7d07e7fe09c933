<script setup lang="ts">
import { computed } from 'vue'
import type { Box } from '@rimbo/core'
import type { PlanScale } from './planScale'

/** Measures and the north of a plan. */
const props = defineProps<{
  box: Box
  scale: PlanScale
  facingDeg: number
  sizes: { readonly width: string; readonly depth: string }
  note: string
  width: number
}>()
const NORTH_PX = 18
const NORTH_LETTER_PX = 27
const north = computed(() => {
  const angle = (-props.facingDeg * Math.PI) / 180
  return { x: Math.sin(angle) * NORTH_LETTER_PX, y: -Math.cos(angle) * NORTH_LETTER_PX }
})
</script>

<template>
  <g>
    <g class="sizes" aria-hidden="true">
      <path
        :d="`M${scale.x(box.leftMm)} ${scale.y(box.lowMm) + 30}v10m0 -5H${scale.x(box.rightMm)}m0 -5v10`"
      />
      <text
        :x="scale.x((box.leftMm + box.rightMm) / 2)"
        :y="scale.y(box.lowMm) + 52"
        text-anchor="middle"
      >
        {{ sizes.width }}
      </text>
      <path
        :d="`M${scale.x(box.leftMm) - 24} ${scale.y(box.lowMm)}h-10m5 0V${scale.y(box.highMm)}m-5 0h10`"
      />
      <text
        :transform="`translate(${scale.x(box.leftMm) - 36} ${scale.y((box.lowMm + box.highMm) / 2)}) rotate(-90)`"
        text-anchor="middle"
      >
        {{ sizes.depth }}
      </text>
      <text x="2" y="18" class="plan-house">{{ note }}</text>
    </g>
    <g :transform="`translate(${width - 40} 40)`" aria-hidden="true">
      <circle :r="NORTH_PX" class="north-ring" />
      <g :transform="`rotate(${-facingDeg})`">
        <path class="north" :d="`M0 ${NORTH_PX}V${-NORTH_PX + 8}`" />
        <path class="north" :d="`M0 ${-NORTH_PX}l-5 11h10z`" />
      </g>
      <text :x="north.x" :y="north.y + 4" text-anchor="middle">N</text>
    </g>
  </g>
</template>

<style>
.plan .plan-house {
  font-size: 12px;
  fill: var(--ink-soft);
}
.north-ring {
  fill: none;
  stroke: var(--line);
}
.north {
  fill: var(--ink);
  stroke: var(--ink);
}
</style>
