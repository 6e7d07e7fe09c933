<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Walk } from '@rimbo/core'
import { useJobWords } from './useJobWords'

/** What to take along on the walk beside the can, and how long it takes. */
const props = defineProps<{ walk: Walk }>()
const { t } = useI18n()
const { amountWords } = useJobWords()
/** Cans and feeds are told by themselves. */
const TOLD = ['can', 'spoon']
const lines = computed(() =>
  props.walk.takeAlong
    .filter(({ tool }) => !TOLD.includes(tool))
    .map(({ tool, amounts }) => {
      const words = amounts.map(amountWords).join(', ')
      return words ? `${t(`tool.${tool}`)}: ${words}` : t(`tool.${tool}`)
    }),
)
</script>

<template>
  <p v-if="walk.stops.length" class="take-along">
    <template v-if="lines.length">
      <span class="soft">{{ t('jobs.takeAlong') }}:</span> {{ lines.join(' · ') }} ·
    </template>
    <span class="soft">{{
      t('jobs.minutes', { count: Math.max(1, Math.round(walk.minutes)) })
    }}</span>
  </p>
</template>

<style>
.take-along {
  margin: 2px 0 0;
  font-size: 14.5px;
}
</style>
