<script setup lang="ts">
import { computed, useId } from 'vue'
import type { BatchLine } from '@rimbo/core'
import MixHatch from '../../drawing/MixHatch.vue'
import { useFormat } from '../../ui/format'
import { useNames } from '../../ui/names'

/** The tub in section before mixing: a layer for each ingredient, as high as its litres. */
const props = defineProps<{ lines: readonly BatchLine[]; label: string }>()
const id = useId()
const { volume } = useFormat()
const { ingredientName } = useNames()

const WIDTH = 190
const HEIGHT = 300

const layers = computed(() => {
  const total = props.lines.reduce((sum, line) => sum + line.looseL, 0)
  let y = HEIGHT
  return props.lines.map((line) => {
    const height = (line.looseL / total) * HEIGHT
    y -= height
    return { ...line, id: line.ingredient.id, y, height }
  })
})
</script>

<template>
  <svg :viewBox="`-4 -4 ${WIDTH + 158} ${HEIGHT + 10}`" role="img" :aria-label="label" class="tub">
    <defs>
      <MixHatch
        v-for="layer in layers"
        :id="`${id}-${layer.id}`"
        :key="layer.id"
        :shares="[{ ingredientId: layer.id, share: 1 }]"
        :scale="1"
      />
    </defs>
    <g v-for="layer in layers" :key="layer.id">
      <rect
        x="0"
        :y="layer.y"
        :width="WIDTH"
        :height="layer.height"
        :fill="`url(#${id}-${layer.id})`"
      />
      <path class="tub-boundary" :d="`M0 ${layer.y}H${WIDTH}`" />
      <text :x="WIDTH + 10" :y="layer.y + layer.height / 2 - 2">
        {{ ingredientName(layer.id) }}
      </text>
      <text class="tub-litres" :x="WIDTH + 10" :y="layer.y + layer.height / 2 + 14">
        {{ volume(layer.looseL) }}
      </text>
    </g>
    <path class="tub-wall" :d="`M0 -4V${HEIGHT}H${WIDTH}V-4`" />
  </svg>
</template>

<style>
.tub {
  width: 100%;
  max-width: 380px;
  max-height: 270px;
}
.tub text {
  fill: var(--ink);
  font-size: 13px;
}
.tub .tub-litres {
  font-weight: 700;
}
.tub-boundary {
  stroke: var(--ink);
  stroke-width: 1;
}
.tub-wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3.5;
}
</style>
