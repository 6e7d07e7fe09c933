<script setup lang="ts">
import { computed } from 'vue'
import type { LeafPlace, SignPart } from '@rimbo/core'

/** A plant in its cut pot, to be tapped where something looks wrong. The same choices stand beside it as buttons. */
const props = defineProps<{ part: SignPart | undefined; where: LeafPlace | undefined }>()
const emit = defineEmits<{ choose: [part: SignPart, where?: LeafPlace] }>()

const leaf = (x: number, y: number, out: number, size: number) => {
  const [dx, dy] = [out * size, size * 0.55]
  return (
    `M${x} ${y}C${x + dx * 0.35} ${y - dy} ${x + dx * 0.8} ${y - dy} ${x + dx} ${y + dy * 0.3}` +
    `C${x + dx * 0.75} ${y + dy} ${x + dx * 0.3} ${y + dy * 0.8} ${x} ${y}`
  )
}
const OLD = leaf(100, 205, -1, 62) + leaf(100, 196, 1, 60) + leaf(100, 168, -1, 52)
const NEW =
  leaf(100, 44, -1, 30) + leaf(100, 40, 1, 30) + leaf(100, 26, 1, 18) + leaf(100, 26, -1, 18)
const MIDDLE = leaf(100, 126, 1, 50) + leaf(100, 92, -1, 44)
const FLOWERS = [
  [134, 74],
  [146, 82],
  [128, 86],
] as const
const FRUITS = [
  [142, 152, 13],
  [158, 170, 11],
  [136, 176, 10],
] as const

const is = (part: SignPart, where?: LeafPlace) =>
  props.part === part && (where === undefined || props.where === where)
/** Where it is tapped: middle and half of each field, and what it stands for. */
const fields = computed(() => [
  { part: 'leaf' as const, where: 'onNewLeaves' as const, x: 62, y: 6, w: 76, h: 52 },
  { part: 'flower' as const, x: 116, y: 62, w: 48, h: 40 },
  { part: 'fruit' as const, x: 118, y: 132, w: 60, h: 58 },
  { part: 'leaf' as const, where: 'onOldLeaves' as const, x: 30, y: 150, w: 60, h: 78 },
  { part: 'seen' as const, x: 40, y: 76, w: 46, h: 44 },
  { part: 'stem' as const, x: 90, y: 104, w: 22, h: 124 },
  { part: 'mix' as const, x: 44, y: 232, w: 112, h: 82 },
  { part: 'whole' as const, x: 2, y: 6, w: 34, h: 60 },
])
</script>

<template>
  <svg class="check-figure" viewBox="0 0 200 326" aria-hidden="true">
    <path class="check-pot" d="M44 228L56 314H144L156 228M47 240H153" />
    <path class="check-mix" :class="{ on: is('mix') }" d="M47 240L56.500 310H143.500L153 240Z" />
    <path
      class="check-roots"
      d="M100 240V286M100 252L78 284M100 252L122 284M100 262L88 300M100 262L112 300"
    />
    <path
      class="check-stem"
      :class="{ on: is('stem') }"
      d="M100 240V26M100 78C112 74 122 72 134 74M100 150C116 146 130 146 142 142"
    />
    <path class="check-leaf" :class="{ on: is('leaf', 'onOldLeaves') }" :d="OLD" />
    <path
      class="check-leaf"
      :class="{ on: is('leaf') && where !== 'onOldLeaves' && where !== 'onNewLeaves' }"
      :d="MIDDLE"
    />
    <path class="check-leaf" :class="{ on: is('leaf', 'onNewLeaves') }" :d="NEW" />
    <g class="check-flower" :class="{ on: is('flower') }">
      <path
        v-for="[x, y] in FLOWERS"
        :key="x"
        :d="`M${x} ${y}l-3 -6h6ZM${x} ${y}l6 -2v5ZM${x} ${y}l2 6h-5ZM${x} ${y}l-6 2v-5Z`"
      />
    </g>
    <g class="check-fruit" :class="{ on: is('fruit') }">
      <circle v-for="[x, y, r] in FRUITS" :key="x" :cx="x" :cy="y" :r="r" />
    </g>
    <g class="check-animal" :class="{ on: is('seen') }">
      <path
        d="M64 88c6 0 8 6 8 11s-3 10 -8 10s-8 -5 -8 -10s2 -11 8 -11ZM56 95l-6 -4M56 101h-7M58 107l-5 4M72 95l6 -4M72 101h7M70 107l5 4M62 88l-3 -6M66 88l3 -6"
      />
    </g>
    <path class="check-whole" :class="{ on: is('whole') }" d="M12 12V220M7 12H17M7 220H17" />
    <rect
      v-for="field in fields"
      :key="`${field.part}${field.where ?? ''}`"
      class="check-field"
      :x="field.x"
      :y="field.y"
      :width="field.w"
      :height="field.part === 'whole' ? 220 : field.h"
      @click="emit('choose', field.part, field.where)"
    />
  </svg>
</template>

<style>
.check-figure {
  display: block;
  width: 100%;
  max-height: 250px;
}
.check-figure path,
.check-figure circle {
  stroke: var(--ink);
  stroke-width: 1.3;
  fill: none;
  stroke-linejoin: round;
}
.check-figure .check-pot {
  stroke: var(--clay);
  stroke-width: 4;
}
.check-figure .check-mix {
  fill: var(--earth);
  stroke: none;
}
.check-figure .check-roots {
  stroke: var(--hatch);
}
.check-figure .check-stem {
  stroke: var(--stem);
  stroke-width: 3;
}
.check-figure .check-leaf {
  fill: var(--leaf-tint);
  stroke: var(--leaf);
}
.check-figure .check-flower path {
  fill: var(--paper);
  stroke: var(--stem);
}
.check-figure .check-fruit circle {
  fill: var(--accent-fill);
  stroke: var(--accent);
}
.check-figure .check-whole {
  stroke: var(--seen);
}
.check-figure .on,
.check-figure .on path,
.check-figure .on circle {
  stroke: var(--wet-ink);
  stroke-width: 3;
}
.check-figure .check-field {
  fill: transparent;
  cursor: pointer;
}
.check-figure .check-field:hover {
  fill: var(--ink);
  fill-opacity: 0.06;
}
</style>
