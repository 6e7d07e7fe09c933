<script setup lang="ts">
import { computed } from 'vue'
import type { Symptom } from '@rimbo/core'
import { bases, signMarks } from './signs'

/** A sign as a small line drawing; the words beside it say what it is. */
const props = defineProps<{ sign: Symptom }>()
const marks = computed(() => signMarks[props.sign])
const base = computed(() => bases[marks.value.base])
</script>

<template>
  <svg class="sign-drawing" viewBox="0 0 48 48" aria-hidden="true">
    <path v-if="base.back" class="sign-green" :d="base.back" />
    <path v-if="marks.green" class="sign-green" :d="marks.green" />
    <path v-if="marks.warm" class="sign-warm" :d="marks.warm" />
    <path v-if="marks.pale" class="sign-pale" :d="marks.pale" />
    <path v-if="base.veins" class="sign-veins" :d="base.veins" />
    <path v-if="marks.dark" class="sign-dark" fill-rule="evenodd" :d="marks.dark" />
    <path class="sign-line" :d="base.outline" />
    <path v-if="marks.line" class="sign-line sign-mark" :d="marks.line" />
  </svg>
</template>

<style>
.sign-drawing {
  width: 44px;
  height: 44px;
  flex: none;
}
.sign-green {
  fill: var(--leaf-tint);
}
.sign-warm {
  fill: var(--accent-fill);
  fill-rule: evenodd;
}
.sign-pale {
  fill: var(--paper);
}
.sign-dark {
  fill: var(--hatch);
}
.sign-veins {
  fill: none;
  stroke: var(--leaf);
  stroke-width: 0.8;
}
.sign-line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.3;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.sign-mark {
  stroke-width: 1.1;
}
</style>
