<script setup lang="ts">
import { useId } from 'vue'

/** A labelled field for a user's own words. */
defineProps<{ label: string; fault?: string | undefined; hint?: string; type?: string }>()
const model = defineModel<string>({ required: true })
const id = useId()
</script>

<template>
  <div class="field" :class="{ 'field-wrong': fault }">
    <label :for="id">{{ label }}</label>
    <el-input
      :id="id"
      v-model="model"
      :type="type ?? 'text'"
      autocomplete="off"
      :aria-invalid="!!fault"
      :aria-describedby="`${id}-note`"
    />
    <p :id="`${id}-note`" class="field-note" :role="fault ? 'alert' : undefined">
      {{ fault || hint }}
    </p>
  </div>
</template>
