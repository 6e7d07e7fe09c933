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
  <aside v-if="!isHidden" class="top-line demo-banner" :aria-label="t('demo.label')">
    <span>{{
      t('demo.says', {
        when: `${day(now, { day: 'numeric', month: 'long', year: 'numeric' })}, ${now.slice(11)}`,
      })
    }}</span>
    <PushButton size="small" @click="router.push('/start')">
      {{ t('demo.startOwn') }}
    </PushButton>
    <PushButton
      class="top-line-close"
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
  white-space: nowrap;
}
.demo-banner > span {
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
