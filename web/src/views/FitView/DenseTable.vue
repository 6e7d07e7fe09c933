<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { DenseOption } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import WhyNumber from '../../ui/words/WhyNumber.vue'

/** One, two, three … plants in the pot side by side: what all give, and how big each gets. */
defineProps<{ options: readonly DenseOption[]; chosen: number }>()
const { t } = useI18n()
const { share, number } = useFormat()
</script>

<template>
  <h3 class="dense-title">{{ t('fit.dense.title') }}</h3>
  <div class="sideways">
    <table class="dense">
      <thead>
        <tr>
          <th scope="col">{{ t('fit.dense.count') }}</th>
          <th scope="col" class="number">{{ t('fit.dense.all') }}</th>
          <th scope="col" class="number">{{ t('fit.dense.each') }}</th>
          <th scope="col" class="number">{{ t('fit.dense.height') }}</th>
          <th scope="col">{{ t('school.house') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in options" :key="one.count" :class="{ 'is-chosen': one.count === chosen }">
          <th scope="row">{{ one.count }}</th>
          <td class="number">{{ number(one.yield.total) }}</td>
          <td class="number">
            <WhyNumber
              :value="share(one.yield.perPlant)"
              :reasons="one.yield.reasons"
              :about="t('fit.dense.each')"
            />
          </td>
          <td class="number">{{ share(one.heightShare) }}</td>
          <td :class="`verdict-${one.houseVerdict}`">{{ t(`verdict.${one.houseVerdict}`) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style>
.dense-title {
  margin: 14px 0 4px;
}
.dense tr.is-chosen > * {
  background: var(--picked);
}
</style>
