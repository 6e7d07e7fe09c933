<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { useGardenStore } from '../stores/garden'
import { useTodayStore } from '../stores/today'
import { useFormat } from './format'
import PushButton from './PushButton.vue'

const store = useGardenStore()
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { day } = useFormat()
</script>

<template>
  <aside class="demo-banner" :aria-label="t('demo.label')">
    <span>{{
      t('demo.says', {
        when: `${day(now, { day: 'numeric', month: 'long', year: 'numeric' })}, ${now.slice(11)}`,
      })
    }}</span>
    <PushButton size="small" @click="store.startOwn(t('demo.ownName'), t('demo.ownSpace'))">
      {{ t('demo.startOwn') }}
    </PushButton>
  </aside>
</template>

<style>
.demo-banner {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  padding: 4px 28px;
  font-size: 14px;
  background: var(--hover);
  border-bottom: 1px solid var(--line);
}
@media (max-width: 700px) {
  .demo-banner {
    flex-wrap: nowrap;
    padding: 4px 14px;
    font-size: 13px;
  }
}
</style>
