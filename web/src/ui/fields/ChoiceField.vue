<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'

/** A labelled choice among a few. */
defineProps<{
  label: string
  options: readonly { value: T; label: string }[]
  hint?: string
  fault?: string | undefined
}>()
const model = defineModel<T | undefined>({ required: true })
const id = useId()
</script>

<template>
  <div class="field" :class="{ 'field-wrong': fault }">
    <label :for="id">{{ label }}</label>
    <el-select :id="id" v-model="model" :aria-label="label">
      <el-option
        v-for="option in options"
        :key="option.value"
        :value="option.value"
        :label="option.label"
      />
    </el-select>
    <p v-if="fault || hint" class="field-note" :role="fault ? 'alert' : undefined">
      {{ fault || hint }}
    </p>
  </div>
</template>
