<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Plus } from '@element-plus/icons-vue'
import {
  edits,
  cheapestPriceL,
  ingredientProvenance,
  ingredients,
  ingredientsOf,
  ingredientStockL,
  isSame,
  own,
  particleClassOf,
  type Ingredient,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import IngredientForm from './IngredientForm.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** Everything there is to mix with: typical, the gardener's own, and measured. */
const store = useGardenStore()
const { garden } = storeToRefs(store)
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { density, share, number, money, volume } = useFormat()
const { ingredientName } = useNames()

const stockL = computed(() => (garden.value ? ingredientStockL(garden.value) : {}))
const rows = computed(() =>
  Object.values(garden.value ? ingredientsOf(garden.value) : {}).map((one) => {
    const price = cheapestPriceL(one)
    return {
      one,
      isOwn: !!garden.value?.ingredients.some(({ id }) => id === one.id),
      mark:
        garden.value?.ingredients.some(({ id }) => id === one.id) && !one.isMeasured
          ? 'own'
          : ingredientProvenance(one).mark,
      name: ingredientName(one.id),
      price: price === undefined ? t('mix.homeMade') : t('mix.priceL', { price: money(price) }),
      stockL: own(stockL.value, one.id) ?? 0,
    }
  }),
)

const edited = shallowRef<{
  start: Ingredient
  stockL: number
  isNew: boolean
  /** It stood among the gardener's own. */
  wasOwn: boolean
}>()
/** What is edited is what stands under the tests: the gardener's own figures, or the typical ones. */
function edit(id: string, stockL: number): void {
  const known = garden.value?.ingredients.find((one) => one.id === id)
  const start = known ?? own(ingredients, id)
  if (!start) return
  const named = { ...start, name: ingredientName(id) }
  edited.value = { start: named, stockL, isNew: false, wasOwn: !!known }
}
const add = () => {
  const like = ingredients['compost']!
  edited.value = {
    start: { ...like, id: nanoid(), name: '' },
    stockL: 0,
    isNew: true,
    wasOwn: false,
  }
}

async function save(one: Ingredient, stockL: number): Promise<void> {
  const { start, stockL: stockAtStart, wasOwn } = edited.value!
  const counted = { recordId: nanoid(), at: now.value, amount: stockL }
  const isCounted = !isSame(stockL, stockAtStart)
  await store.edit(edits.keepIngredient(one, start, !wasOwn, isCounted ? counted : undefined))
  edited.value = undefined
}
/** An own one goes; a changed typical one is typical again. One that a recipe needs stays. */
const isNeeded = (id: string) => !!garden.value && edits.isIngredientNeeded(garden.value, id)
async function remove(id: string): Promise<void> {
  edited.value = undefined
  await store.edit(edits.removeIngredient(id))
}
</script>

<template>
  <div>
    <div class="row">
      <PushButton :icon="Plus" @click="add">{{ t('ingredients.add') }}</PushButton>
      <span class="soft">{{ t('ingredients.note') }}</span>
    </div>
    <table class="ingredients">
      <thead>
        <tr>
          <th>{{ t('mix.ingredient') }}</th>
          <th class="number">{{ t('ingredients.dry') }}</th>
          <th class="number">{{ t('ingredients.moist') }}</th>
          <th class="number">{{ t('ingredients.held') }}</th>
          <th class="number">pH</th>
          <th class="number">C : N</th>
          <th>{{ t('ingredients.grain') }}</th>
          <th class="number">{{ t('mix.atHand') }}</th>
          <th class="number">{{ t('mix.price') }}</th>
          <th>{{ t('ingredients.from') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.one.id" :data-ingredient="row.one.id">
          <th scope="row">
            <PushButton link type="primary" @click="edit(row.one.id, row.stockL)">
              {{ row.name }}
            </PushButton>
          </th>
          <td class="number">{{ density(row.one.bulkDensityGL) }}</td>
          <td class="number">{{ density(row.one.moistDensityGL) }}</td>
          <td class="number">
            {{ row.one.waterShares.map((one) => share(one).replace(/\s?%/, '')).join(' · ') }} %
          </td>
          <td class="number">{{ number(row.one.ph) }}</td>
          <td class="number">
            {{ row.one.decayShare > 0 ? number(row.one.carbonToNitrogen) : '–' }}
          </td>
          <td>{{ t(`ingredients.class.${particleClassOf(row.one)}`) }}</td>
          <td class="number">{{ row.stockL > 0 ? volume(row.stockL) : '–' }}</td>
          <td class="number">{{ row.price }}</td>
          <td class="soft">{{ t(`ingredients.mark.${row.mark}`) }}</td>
        </tr>
      </tbody>
    </table>
    <IngredientForm
      v-if="edited"
      :start="edited.start"
      :stock-l="edited.stockL"
      :is-new="edited.isNew"
      :currency="garden?.settings.currency ?? ''"
      :can-remove="
        !edited.isNew &&
        !!garden?.ingredients.some(({ id }) => id === edited?.start.id) &&
        !isNeeded(edited.start.id)
      "
      @save="save"
      @remove="remove"
      @close="edited = undefined"
    />
  </div>
</template>

<style>
.ingredients th,
.ingredients td {
  padding: 3px 12px 3px 0;
  white-space: nowrap;
  font-size: 14px;
}
.ingredients {
  margin-top: 8px;
}
</style>
