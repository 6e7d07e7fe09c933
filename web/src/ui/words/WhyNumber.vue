<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Reason } from '@rimbo/core'
import ReasonList from './ReasonList.vue'

/** A number that can be asked why. */
defineProps<{ value: string; reasons: readonly Reason[]; about?: string }>()
const { t } = useI18n()
</script>

<template>
  <el-popover trigger="click" :width="340" placement="bottom" :persistent="false">
    <template #reference>
      <button
        class="why-number"
        type="button"
        :aria-label="t('why.ask', { value, about: about ?? '' })"
      >
        {{ value }}
      </button>
    </template>
    <h3 class="why-title">{{ t('why.title', { value }) }}</h3>
    <ReasonList :reasons="reasons" />
  </el-popover>
</template>
