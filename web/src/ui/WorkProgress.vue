<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import PushButton from './fields/PushButton.vue'

/** How far long work is, and the way to end it. */
const props = defineProps<{ share: number; label: string }>()
defineEmits<{ cancel: [] }>()
const { t } = useI18n()
const percentage = computed(() => Math.round(props.share * 100))
</script>

<template>
  <el-progress class="work-progress" :percentage="percentage" :aria-label="label" />
  <PushButton size="small" @click="$emit('cancel')">{{ t('form.cancel') }}</PushButton>
</template>

<style>
.work-progress {
  width: 240px;
}
</style>
