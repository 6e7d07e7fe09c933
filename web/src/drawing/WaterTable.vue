<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { WaterCurve } from '@rimbo/core'

/** The days of a water chart in figures, for who cannot see it. */
defineProps<{
  days: WaterCurve['days']
  waterWords: (litres: number) => string
  dayWords: (date: string) => string
  label: string
}>()
const { t } = useI18n()
</script>

<template>
  <table class="visually-hidden">
    <caption>
      {{
        label
      }}
    </caption>
    <thead>
      <tr>
        <th>{{ t('waterView.table.day') }}</th>
        <th>{{ t('waterView.table.morning') }}</th>
        <th>{{ t('waterView.table.used') }}</th>
        <th>{{ t('waterView.table.given') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="day in days" :key="day.date">
        <th scope="row">{{ dayWords(day.date) }}</th>
        <td>{{ waterWords(day.morningL) }}</td>
        <td>{{ waterWords(day.usedL) }}</td>
        <td>{{ waterWords(day.givenL + day.rainL) }}</td>
      </tr>
    </tbody>
  </table>
</template>
