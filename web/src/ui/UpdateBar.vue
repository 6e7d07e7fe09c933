<script setup lang="ts">
import { ref } from 'vue'
import { useRoute } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { isSuperseded, takeUpdate } from '../newer'
import PushButton from './fields/PushButton.vue'

/** Offers a newer version; in the middle of a walk it keeps quiet. */
const { t } = useI18n()
const route = useRoute()
const isPutOff = ref(false)
const reload = () => window.location.reload()
</script>

<template>
  <div role="status">
    <p v-if="isSuperseded" class="update-bar">
      {{ t('update.superseded') }}
      <PushButton size="small" @click="reload">{{ t('app.reload') }}</PushButton>
    </p>
    <p v-else-if="takeUpdate && !isPutOff && route.name !== 'round'" class="update-bar">
      {{ t('update.ready') }}
      <PushButton size="small" @click="takeUpdate()">{{ t('update.take') }}</PushButton>
      <PushButton size="small" @click="isPutOff = true">{{ t('update.later') }}</PushButton>
    </p>
  </div>
</template>

<style>
.update-bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  margin: 0;
  padding: 4px 28px;
  background: var(--picked);
  border-bottom: 1px solid var(--line);
}
@media (max-width: 700px) {
  .update-bar {
    padding: 4px 14px;
  }
}
</style>
