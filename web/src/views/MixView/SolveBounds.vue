<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  ingredientsOf,
  ingredientStockL,
  cheapestPriceL,
  own,
  type IngredientWish,
} from '@rimbo/core'
import { computed } from 'vue'
import { useGardenStore } from '../../stores/garden'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'

/** What may go into the mix, how much of it at least and at most. */
const wishes = defineModel<IngredientWish[]>({ required: true })
const { garden } = storeToRefs(useGardenStore())
const { t } = useI18n()
const { volume, money } = useFormat()
const { ingredientName } = useNames()

const shelf = computed(() => (garden.value ? ingredientsOf(garden.value) : {}))
const priceWords = (id: string) => {
  const known = own(shelf.value, id)
  const price = known && cheapestPriceL(known)
  return price === undefined ? t('mix.homeMade') : t('mix.priceL', { price: money(price) })
}
const stock = computed(() => (garden.value ? ingredientStockL(garden.value) : {}))
const stockOf = (id: string) => {
  const stockL = own(stock.value, id)
  return stockL ? volume(stockL) : '–'
}
function set(id: string, to: Partial<IngredientWish>): void {
  wishes.value = wishes.value.map((one) => (one.ingredientId === id ? { ...one, ...to } : one))
}
const percent = (share: number) => Math.round(share * 1000) / 10
</script>

<template>
  <table class="bounds">
    <thead>
      <tr>
        <th>{{ t('mix.solve.may') }}</th>
        <th>{{ t('mix.solve.least') }}</th>
        <th>{{ t('mix.solve.most') }}</th>
        <th class="number">{{ t('mix.atHand') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="one in wishes" :key="one.ingredientId" :data-bound="one.ingredientId">
        <td>
          <el-checkbox
            :model-value="one.isAllowed"
            size="small"
            @update:model-value="
              (isAllowed: unknown) => set(one.ingredientId, { isAllowed: !!isAllowed })
            "
          >
            {{ ingredientName(one.ingredientId) }}
            <span class="soft">{{ priceWords(one.ingredientId) }}</span>
          </el-checkbox>
        </td>
        <td v-for="side in ['leastShare', 'mostShare'] as const" :key="side">
          <el-input-number
            :model-value="percent(one[side])"
            size="small"
            :controls="false"
            :min="0"
            :max="100"
            :disabled="!one.isAllowed"
            :aria-label="t(`mix.solve.${side}`, { name: ingredientName(one.ingredientId) })"
            @change="
              (value: number | null | undefined) =>
                set(one.ingredientId, { [side]: (value ?? 0) / 100 })
            "
          />
        </td>
        <td class="number soft">
          {{ stockOf(one.ingredientId) }}
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style>
.bounds td,
.bounds th {
  padding: 1px 6px 1px 0;
}
.bounds .el-input-number {
  width: 54px;
}
</style>
