<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useTimeoutFn } from '@vueuse/core'
import { useI18n } from 'vue-i18n'
import { allWords } from '../i18n'
import { useGardenStore } from '../stores/garden'
import PushButton from './fields/PushButton.vue'

/** Says what was just saved and offers to take it back. */
const store = useGardenStore()
const { lastChange, canUndo, canRedo } = storeToRefs(store)
const { t } = useI18n()

const SHOWN_MS = 12_000
const isShown = ref(false)
const { start } = useTimeoutFn(() => (isShown.value = false), SHOWN_MS, { immediate: false })
watch([lastChange, canRedo], async () => {
  const isNews = !!lastChange.value || canRedo.value
  // What a change is called comes with the other words.
  if (isNews) await allWords().catch(() => undefined)
  isShown.value = isNews
  if (isNews) start()
})
const text = computed(() =>
  lastChange.value ? t(lastChange.value.code, lastChange.value.params ?? {}) : t('change.undone'),
)
</script>

<template>
  <div role="status" aria-live="polite">
    <div v-if="isShown" class="change-bar">
      <span>{{ text }}</span>
      <PushButton v-if="canUndo" size="small" @click="store.undo()">{{
        t('change.undo')
      }}</PushButton>
      <PushButton v-if="canRedo" size="small" @click="store.redo()">{{
        t('change.redo')
      }}</PushButton>
    </div>
  </div>
</template>

<style>
.change-bar {
  position: fixed;
  left: 50%;
  bottom: 14px;
  transform: translateX(-50%);
  z-index: 20;
  display: flex;
  gap: 12px;
  align-items: center;
  width: max-content;
  max-width: calc(100vw - 24px);
  padding: 7px 8px 7px 16px;
  background: var(--ink);
  color: var(--paper);
  border-radius: 3px;
}
/* Clear of the bar at the bottom. */
@media (max-width: 700px) {
  .change-bar {
    bottom: 62px;
  }
}
</style>
