<script setup lang="ts" generic="T extends string">
import PushButton from './PushButton.vue'
/** A few buttons of which one is on: spaces, modes, measures. */
defineProps<{
  options: readonly { readonly value: T; readonly label: string }[]
  label: string
  size?: 'small'
}>()
const model = defineModel<T | undefined>({ required: true })
</script>

<template>
  <div class="row" role="group" :aria-label="label">
    <PushButton
      v-for="one in options"
      :key="one.value"
      :size="size ?? 'default'"
      :type="model === one.value ? 'primary' : 'default'"
      :aria-pressed="model === one.value"
      @click="model = one.value"
    >
      {{ one.label }}
    </PushButton>
  </div>
</template>
