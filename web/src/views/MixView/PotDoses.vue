<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { PotFilling } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import WhyNumber from '../../ui/words/WhyNumber.vue'

/** What each pot gets when it is filled: mix, lime and starter feed, in grams and by hand. */
defineProps<{ fillings: readonly PotFilling[]; feedName: string; limeName: string }>()
const { t } = useI18n()
const { volume, mass, measured } = useFormat()
const { recipeName, productName } = useNames()
</script>

<template>
  <table>
    <thead>
      <tr>
        <th>{{ t('mix.pot') }}</th>
        <th class="number">{{ t('mix.mixVolume') }}</th>
        <th>{{ limeName }}</th>
        <th>{{ feedName }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in fillings" :key="row.pot.container.id" :data-pot="row.pot.container.code">
        <th scope="row">
          {{ row.pot.container.code }} <span class="soft">{{ recipeName(row.recipe) }}</span>
        </th>
        <td class="number">{{ volume(row.batch.volumeL) }}</td>
        <td>
          <template v-if="row.lime.massG > 0">
            <WhyNumber
              :value="mass(row.lime.massG)"
              :reasons="row.lime.reasons"
              :about="t('mix.limeFor', { code: row.pot.container.code })"
            />
            <template v-if="row.limeMeasure">· {{ measured(row.limeMeasure) }}</template>
          </template>
          <WhyNumber v-else :value="t('mix.noLime')" :reasons="row.lime.reasons" />
        </td>
        <td>
          <WhyNumber
            :value="mass(row.feed.massG)"
            :reasons="row.feed.reasons"
            :about="t('mix.feedFor', { code: row.pot.container.code })"
          />
          <template v-if="row.feedMeasure">· {{ measured(row.feedMeasure) }}</template>
          <div v-for="dose in row.amendments" :key="dose.productId">
            {{ productName(dose.productId) }}: {{ mass(dose.massG) }}
            <template v-if="dose.measure">· {{ measured(dose.measure) }}</template>
          </div>
        </td>
      </tr>
    </tbody>
  </table>
</template>
