<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { GardenRecord } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import { useRecordWords } from '../../ui/words/recordWords'

/** What was last done to a pot. */
defineProps<{ records: readonly GardenRecord[] }>()
const { t } = useI18n()
const { day } = useFormat()
const { whatWords } = useRecordWords()
</script>

<template>
  <ul class="last-done" :aria-label="t('round.last')">
    <li v-for="record in records" :key="record.id">
      <span class="soft">
        {{ day(record.at, { weekday: 'short', day: 'numeric', month: 'short' }) }}
      </span>
      {{ t(`kind.${record.kind}`) }} {{ whatWords(record) }}
    </li>
  </ul>
</template>

<style>
.last-done {
  list-style: none;
  margin: 0;
  padding: 0;
}
.last-done li {
  display: grid;
  grid-template-columns: 92px 1fr;
  padding: 3px 0;
  border-top: 1px solid var(--line);
}
</style>
