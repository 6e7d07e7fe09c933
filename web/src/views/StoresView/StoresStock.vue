<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  comesUpShare,
  limeKinds,
  nextUseBy,
  pastUse,
  stockKinds,
  stockOn,
  type Garden,
  type StockItem,
} from '@rimbo/core'
import { useTodayStore } from '../../stores/today'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'
import StockForm from './StockForm.vue'
import { useItems } from './useItems'

/** Everything at hand: counted and bought, less what the records used. */
const props = defineProps<{ garden: Garden }>()
const today = useTodayStore()
const { t } = useI18n()
const { day, share } = useFormat()
const { itemName, amountWords } = useItems()

const groups = computed(() => {
  const items = stockOn(props.garden, today.now)
  return stockKinds
    .map((kind) => ({
      kind,
      items: items
        .filter((one) => one.kind === kind)
        .sort((one, other) => (nameOf(one) < nameOf(other) ? -1 : 1)),
    }))
    .filter((group) => group.items.length > 0)
})
const nameOf = ({ itemId, unit }: StockItem) => itemName(itemId, unit)
const asked = ref<{ what: 'count' | 'buy'; item: string | undefined }>()
const ask = (what: 'count' | 'buy', item?: StockItem) =>
  (asked.value = { what, item: item && `${item.unit} ${item.itemId}` })

const safetyOf = ({ kind, itemId }: StockItem): string | undefined => {
  if (limeKinds.some((one) => one === itemId)) return t('stores.safety.lime')
  return kind === 'feed' || kind === 'spray' || kind === 'ingredient' || kind === 'seed'
    ? t(`stores.safety.${kind}`)
    : undefined
}
function seedWords(item: StockItem): string | undefined {
  const comesUp = comesUpShare(props.garden, item, today.date)
  return comesUp === undefined ? undefined : t('stores.comesUp', { share: share(comesUp) })
}
const dateWords = (on: string) => day(on, { dateStyle: 'medium' })
/** Opened, and good until when. */
function packetWords(item: StockItem): string | undefined {
  const opened = item.lots.find(({ openedOn }) => openedOn)?.openedOn
  const until = nextUseBy(item, today.date)
  const said = [
    opened && t('stores.opened', { date: dateWords(opened) }),
    until && t('stores.goodUntil', { date: dateWords(until) }),
  ].filter(Boolean)
  return said.length ? said.join(' · ') : undefined
}
function pastWords(item: StockItem): string | undefined {
  const past = pastUse(item, today.date)
  return past > 0 ? t('stores.past', { amount: amountWords(past, item.unit) }) : undefined
}
const notes = (item: StockItem) =>
  [seedWords(item), packetWords(item), safetyOf(item)].filter((note) => note !== undefined)
</script>

<template>
  <section class="stores-stock">
    <div class="row">
      <PushButton type="primary" @click="ask('buy')">{{ t('stores.bought') }}</PushButton>
      <PushButton @click="ask('count')">{{ t('stores.counted') }}</PushButton>
    </div>
    <StockForm
      v-if="asked"
      :key="`${asked.what} ${asked.item}`"
      :garden="garden"
      :what="asked.what"
      :item="asked.item"
      @close="asked = undefined"
    />
    <p v-if="!groups.length">{{ t('stores.empty') }}</p>
    <div v-for="group in groups" :key="group.kind" class="sideways">
      <table>
        <caption class="stores-kind">
          {{
            t(`stores.kind.${group.kind}`)
          }}
        </caption>
        <thead>
          <tr>
            <th>{{ t('stores.item') }}</th>
            <th class="number">{{ t('stores.atHand') }}</th>
            <th class="number stores-wide">{{ t('stores.countedOn') }}</th>
            <th class="number stores-wide">{{ t('stores.boughtSince') }}</th>
            <th class="number stores-wide">{{ t('stores.usedSince') }}</th>
            <th>
              <span class="visually-hidden">{{ t('book.change') }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in group.items" :key="`${one.unit} ${one.itemId}`" :data-item="one.itemId">
            <th scope="row">
              {{ nameOf(one) }}
              <small v-if="pastWords(one)" class="strong stores-note">{{ pastWords(one) }}</small>
              <small v-for="note in notes(one)" :key="note" class="soft stores-note">{{
                note
              }}</small>
            </th>
            <td class="number">
              <strong>{{ one.amount > 0 ? amountWords(one.amount, one.unit) : '0' }}</strong>
              <small v-if="one.amount < 0" class="strong stores-note">{{
                t('stores.overdrawn', { amount: amountWords(one.amount, one.unit) })
              }}</small>
            </td>
            <td class="number stores-wide">
              {{
                one.counted
                  ? t('stores.countedThen', {
                      amount: amountWords(one.countedAmount, one.unit),
                      date: day(one.counted, { day: 'numeric', month: 'short' }),
                    })
                  : '–'
              }}
            </td>
            <td class="number stores-wide">
              {{ one.boughtSince ? amountWords(one.boughtSince, one.unit) : '–' }}
            </td>
            <td class="number stores-wide">
              {{ one.usedSince ? amountWords(one.usedSince, one.unit) : '–' }}
            </td>
            <td class="number stores-acts">
              <PushButton
                size="small"
                :aria-label="t('stores.boughtThis', { name: nameOf(one) })"
                @click="ask('buy', one)"
                >{{ t('stores.bought') }}</PushButton
              >
              <PushButton
                size="small"
                :aria-label="t('stores.countedThis', { name: nameOf(one) })"
                @click="ask('count', one)"
                >{{ t('stores.counted') }}</PushButton
              >
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style>
.stores-kind {
  padding: 14px 0 4px;
  font-size: 17px;
  font-weight: 600;
  text-align: left;
}
.stores-note {
  display: block;
  max-width: 46ch;
  font-size: 12.5px;
  font-weight: 400;
}
.stores-acts {
  white-space: nowrap;
}
@media (max-width: 700px) {
  .stores-wide {
    display: none;
  }
  .stores-acts .push-button {
    display: block;
    margin: 2px 0 2px auto;
  }
}
</style>
