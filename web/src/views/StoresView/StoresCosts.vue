<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { dearest, edits, type CostLine, type Garden, type SeasonCosts } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import NumberField from '../../ui/fields/NumberField.vue'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'
import { useItems } from './useItems'

/** What a season cost, pot by pot and kilo by kilo, beside the price in the shop. */
const props = defineProps<{ garden: Garden; costs: SeasonCosts; season: string }>()
const store = useGardenStore()
const { isSaving } = storeToRefs(store)
const { t } = useI18n()
const { money } = useFormat()
const { itemName, amountWords } = useItems()

const nameOf = ({ kind, itemId, unit }: CostLine) =>
  kind === 'fare'
    ? t('stores.fareTo', {
        name: props.garden.shops?.find(({ id }) => id === itemId)?.name ?? itemId,
      })
    : itemName(itemId, unit)
const barShare = ({ price }: CostLine) => {
  const most = dearest(props.costs)
  return most > 0 ? (price / most) * 100 : 0
}
const codeOf = (id: string) => props.garden.containers.find((one) => one.id === id)?.code ?? '–'
const paid = computed(() => props.costs.paidForItself.map(codeOf).join(', '))

const tomato = ref(props.garden.settings.fruitPrices?.tomato)
const pepper = ref(props.garden.settings.fruitPrices?.pepper)
const isWrong = computed(() =>
  [tomato.value, pepper.value].some((one) => one !== undefined && !(one >= 0)),
)
const save = () =>
  store.edit(
    edits.changeSettings({
      fruitPrices: {
        ...(tomato.value !== undefined && { tomato: tomato.value }),
        ...(pepper.value !== undefined && { pepper: pepper.value }),
      },
    }),
  )
</script>

<template>
  <section class="stores-costs">
    <p class="stores-total">
      <strong>{{ t('stores.total', { season, price: money(costs.total) }) }}</strong>
      <span v-if="costs.perKg !== undefined">{{
        t('stores.perKg', { price: money(costs.perKg) })
      }}</span>
      <span v-if="costs.perFruit !== undefined">{{
        t('stores.perFruit', { price: money(costs.perFruit) })
      }}</span>
    </p>
    <p class="soft">{{ t('stores.costsExplain') }}</p>
    <p v-if="costs.unknown.length" class="soft">
      {{
        t('stores.noPrice', {
          names: costs.unknown.map((one) => itemName(one.itemId, one.unit)).join(', '),
        })
      }}
    </p>
    <div class="sideways">
      <table v-if="costs.lines.length">
        <thead>
          <tr>
            <th>{{ t('stores.item') }}</th>
            <th class="number">{{ t('stores.used') }}</th>
            <th class="number">{{ t('stores.price') }}</th>
            <th class="stores-wide trial-bar-head">
              <span class="visually-hidden">{{ t('stores.price') }}</span>
            </th>
            <th class="stores-wide">{{ t('stores.priceFrom') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(line, index) in costs.lines" :key="index" :data-cost="line.itemId">
            <th scope="row">
              {{ nameOf(line) }}
              <small v-if="line.years" class="soft">{{
                t('stores.overYears', { n: line.years })
              }}</small>
            </th>
            <td class="number">
              {{ line.kind === 'fare' ? '' : amountWords(line.amount, line.unit) }}
            </td>
            <td class="number">{{ money(line.price) }}</td>
            <td class="stores-wide">
              <div class="cost-bar" :style="{ width: `${barShare(line)}%` }"></div>
            </td>
            <td class="stores-wide soft">
              {{ t(line.mark === 'measured' ? 'stores.paidPrice' : 'stores.usualPrice') }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <h2>{{ t('stores.perPot') }}</h2>
    <ul class="cost-pots">
      <li v-for="pot in costs.perContainer" :key="pot.containerId">
        <strong>{{ codeOf(pot.containerId) }}</strong> {{ money(pot.price) }}
        <span v-if="pot.worth !== undefined" class="soft">{{
          t('stores.worth', { price: money(pot.worth) })
        }}</span>
      </li>
    </ul>
    <p v-if="paid">{{ t('stores.paidForItself', { codes: paid }) }}</p>
    <form class="stock-form" @submit.prevent="save">
      <strong>{{ t('stores.shopPrices', { currency: garden.settings.currency }) }}</strong>
      <div class="stock-fields">
        <NumberField v-model="tomato" :label="t('crop.tomato')" />
        <NumberField v-model="pepper" :label="t('crop.pepper')" />
      </div>
      <PushButton native-type="submit" :disabled="isWrong" :loading="isSaving">{{
        t('stores.keepPrices')
      }}</PushButton>
    </form>
  </section>
</template>

<style>
.stores-total {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  font-size: 17px;
}
.stores-costs h2 {
  margin: 14px 0 4px;
  font-size: 17px;
}
.cost-bar {
  height: 10px;
  background: var(--accent);
}
.cost-pots {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 4px 14px;
  margin: 0 0 8px;
  padding: 0;
  list-style: none;
}
</style>
