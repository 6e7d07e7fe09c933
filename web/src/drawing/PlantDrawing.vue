<script setup lang="ts">
import { computed } from 'vue'
import type { PlantGrowth, PotToday, Variety } from '@rimbo/core'
import { plantForm } from './plantForm'
import SupportDrawing from './SupportDrawing.vue'

/** One plant, its stem's foot at the origin, in mm. */
const props = defineProps<{
  variety: Variety
  growth: PlantGrowth
  seed: string
  buriedMm: number
  /** What was recorded to hold it up; a vine is drawn on a cane where nothing was. */
  supports: PotToday['state']['supports']
}>()
const form = computed(() => plantForm(props.variety, props.growth, props.seed))
</script>

<template>
  <g>
    <SupportDrawing
      v-for="(support, index) in supports"
      :key="index"
      :support="support"
      :buried-mm="buriedMm"
    />
    <path
      v-if="form.caneMm && !supports.length"
      class="cane"
      :d="`M14 ${buriedMm}V${-form.caneMm}`"
    />
    <path class="buried" :d="`M0 0V${buriedMm}`" />
    <path class="leaves" :d="form.leaves" />
    <path class="stems" :d="form.stems" />
    <ellipse
      v-for="(fruit, index) in form.fruits"
      :key="index"
      :class="`fruit fruit-${fruit.ripeness}`"
      :cx="fruit.x"
      :cy="fruit.y + fruit.radiusMm * (fruit.lengthOverWidth - 1)"
      :rx="fruit.radiusMm"
      :ry="fruit.radiusMm * fruit.lengthOverWidth"
    />
  </g>
</template>

<style>
.cane,
.buried,
.stems,
.leaves,
.fruit {
  vector-effect: non-scaling-stroke;
}
.cane {
  stroke: var(--seen);
  stroke-width: 0.9;
}
.buried {
  stroke: var(--stem);
  stroke-width: 1.4;
  stroke-dasharray: 3 2;
}
.stems {
  fill: none;
  stroke: var(--stem);
  stroke-width: 1.3;
  stroke-linejoin: round;
}
.leaves {
  fill: var(--leaf-tint);
  stroke: var(--leaf);
  stroke-width: 0.7;
}
.fruit {
  stroke-width: 0.9;
}
.fruit-flower {
  fill: var(--paper);
  stroke: var(--stem);
}
.fruit-green {
  fill: var(--leaf-tint);
  stroke: var(--stem);
}
.fruit-ripe {
  fill: var(--accent-fill);
  stroke: var(--accent);
}
</style>
