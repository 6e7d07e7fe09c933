<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import type { MixPlan, Pack } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'

/** What to buy for it: whole packs, the cheapest together, and what they leave over. */
defineProps<{ plan: MixPlan }>()
const { garden } = storeToRefs(useGardenStore())
const { t } = useI18n()
const { volume, mass, money } = useFormat()
const { ingredientName } = useNames()

const packLabel = (pack: Pack) =>
  pack.labelKg !== undefined ? mass(pack.labelKg * 1000) : volume(pack.labelL ?? pack.looseL)
const bagged = computed(() => garden.value?.settings.baggedMix)
</script>

<template>
  <h2>{{ t('mix.shopping') }}</h2>
  <table class="shopping">
    <thead>
      <tr>
        <th>{{ t('mix.ingredient') }}</th>
        <th class="number">{{ t('mix.litres') }}</th>
        <th class="number">{{ t('mix.atHand') }}</th>
        <th>{{ t('mix.buy') }}</th>
        <th class="number">{{ t('mix.over') }}</th>
        <th class="number">{{ t('mix.price') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="one in plan.shopping.purchases"
        :key="one.ingredient.id"
        :data-ingredient="one.ingredient.id"
      >
        <th scope="row">{{ ingredientName(one.ingredient.id) }}</th>
        <td class="number">{{ volume(one.needL) }}</td>
        <td class="number">{{ one.fromStockL > 0 ? volume(one.fromStockL) : '–' }}</td>
        <td>
          <div v-for="buy in one.buys" :key="JSON.stringify(buy.pack)">
            {{
              t(
                `pack.${buy.pack.kind}`,
                { count: buy.count, label: packLabel(buy.pack) },
                buy.count,
              )
            }}
          </div>
          <span v-if="one.homeMadeL > 0" class="soft">{{ t('mix.homeMade') }}</span>
          <span v-else-if="!one.buys.length" class="soft">{{ t('mix.enough') }}</span>
        </td>
        <td class="number">{{ one.leftOverL > 0.05 ? volume(one.leftOverL) : '–' }}</td>
        <td class="number">{{ one.price > 0 ? money(one.price) : '–' }}</td>
      </tr>
    </tbody>
    <tfoot>
      <tr>
        <th scope="row">{{ t('mix.total') }}</th>
        <td class="number">{{ volume(plan.looseL) }}</td>
        <td colspan="3"></td>
        <td class="number">
          <strong>{{ money(plan.shopping.price) }}</strong>
        </td>
      </tr>
    </tfoot>
  </table>
  <p>
    {{
      t('mix.perLitre', {
        own: money(plan.pricePerL),
        bagged: money(plan.baggedPricePerL),
        baggedAll: money(plan.baggedPrice),
        label: volume(bagged?.looseL ?? 0),
        price: money(bagged?.price ?? 0),
      })
    }}
    <span class="mark">{{ t('mix.pricesTypical') }}</span>
  </p>
</template>
