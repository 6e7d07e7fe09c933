<script setup lang="ts">
import { useId } from 'vue'

/** A labelled whole number. */
defineProps<{
  label: string
  min: number
  max: number
  fault?: string | undefined
  hint?: string
}>()
const model = defineModel<number | undefined>({ required: true })
const id = useId()
</script>

<template>
  <div class="field" :class="{ 'field-wrong': fault }">
    <label :for="id">{{ label }}</label>
    <el-input-number
      :id="id"
      v-model="model"
      class="count-field"
      :min="min"
      :max="max"
      :precision="0"
      :aria-describedby="`${id}-note`"
    />
    <p :id="`${id}-note`" class="field-note" :role="fault ? 'alert' : undefined">
      {{ fault || hint }}
    </p>
  </div>
</template>

<style>
.count-field {
  width: 100% !important;
}
</style>
