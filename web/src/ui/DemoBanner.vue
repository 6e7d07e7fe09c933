<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { useSessionStorage } from '@vueuse/core'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { Close } from '@element-plus/icons-vue'
import { useTodayStore } from '../stores/today'
import { useFormat } from './words/format'
import PushButton from './fields/PushButton.vue'

const router = useRouter()
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { day } = useFormat()
/** Told again with the next visit. */
const isHidden = useSessionStorage('rimbo-demo-line-hidden', false)
</script>

<template>
  <aside v-if="!isHidden" class="demo-banner" :aria-label="t('demo.label')">
    <span>{{
      t('demo.says', {
        when: `${day(now, { day: 'numeric', month: 'long', year: 'numeric' })}, ${now.slice(11)}`,
      })
    }}</span>
    <PushButton size="small" @click="router.push('/start')">
      {{ t('demo.startOwn') }}
    </PushButton>
    <PushButton
      class="demo-close"
      text
      size="small"
      :icon="Close"
      :aria-label="t('demo.close')"
      @click="isHidden = true"
    />
  </aside>
</template>

<style>
.demo-banner {
  display: flex;
  align-items: center;
  gap: 4px 14px;
  padding: 2px 28px;
  white-space: nowrap;
  font-size: 14px;
  background: var(--hover);
  border-bottom: 1px solid var(--line);
}
.demo-banner > span {
  overflow: hidden;
  text-overflow: ellipsis;
}
.demo-banner .demo-close {
  margin-left: auto;
}
@media (max-width: 700px) {
  .demo-banner {
    padding: 2px 14px;
    font-size: 13px;
  }
}
</style>
