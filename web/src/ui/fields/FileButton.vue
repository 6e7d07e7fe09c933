<script setup lang="ts">
import { ref } from 'vue'
import { Upload } from '@element-plus/icons-vue'
import PushButton from './PushButton.vue'

/** A button that asks for a file. The same file can be chosen again, once it is mended. */
defineProps<{ label: string; accept: string; loading?: boolean }>()
const emit = defineEmits<{ chosen: [file: File] }>()
const input = ref<HTMLInputElement>()

function choose(): void {
  const field = input.value!
  const [file] = field.files ?? []
  field.value = ''
  if (file) emit('chosen', file)
}
</script>

<template>
  <PushButton :icon="Upload" :loading="loading ?? false" @click="input?.click()">{{
    label
  }}</PushButton>
  <input
    ref="input"
    class="visually-hidden"
    type="file"
    :accept="accept"
    tabindex="-1"
    :aria-label="label"
    @change="choose"
  />
</template>
