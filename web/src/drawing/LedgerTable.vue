<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { feedSources, nutrients, type FeedWeeks } from '@rimbo/core'

/** The rows behind the drawing of a ledger, for who cannot see it. */
defineProps<{
  ledger: FeedWeeks
  massWords: (grams: number) => string
  dayWords: (date: string) => string
  numberWords: (value: number) => string
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
        <th>{{ t('feedView.ledger.week') }}</th>
        <th v-for="nutrient in nutrients" :key="nutrient">
          {{ t(`nutrient.${nutrient}`) }}: {{ t('feedView.ledger.came') }},
          {{ t('feedView.ledger.went') }}, {{ t('feedView.ledger.balance') }}
        </th>
        <th>{{ t('feedView.salt') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="week in ledger.weeks" :key="week.from">
        <th scope="row">
          {{ dayWords(week.from) }},
          {{ t(week.isPast ? 'feedView.ledger.recorded' : 'feedView.ledger.estimated') }}
        </th>
        <td v-for="nutrient in nutrients" :key="nutrient">
          {{
            massWords(
              feedSources.reduce((sum, one) => sum + week.ofNutrient[nutrient].cameG[one], 0),
            )
          }}, {{ massWords(week.ofNutrient[nutrient].needG) }},
          {{ massWords(week.ofNutrient[nutrient].balanceG)
          }}<template v-if="week.ofNutrient[nutrient].doubtG > 0.005"
            >,
            {{
              t('feedView.ledger.doubt', { mass: massWords(week.ofNutrient[nutrient].doubtG) })
            }}</template
          >
        </td>
        <td>{{ numberWords(week.ecDsM) }} dS/m</td>
      </tr>
    </tbody>
  </table>
</template>
