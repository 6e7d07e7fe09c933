<script setup lang="ts">
import { computed, ref, shallowRef, toRaw } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Printer } from '@element-plus/icons-vue'
import {
  edits,
  missingOf,
  overbought,
  purchaseRecords,
  purchasesOf,
  type Garden,
  type ShoppingList,
  type StockNeed,
  type StockUnit,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import PushButton from '../../ui/fields/PushButton.vue'
import WorkProgress from '../../ui/WorkProgress.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { useWorker } from '../../workers/useWorker'
import type { StoresWork } from '../../workers/stores.worker'
import { useItems } from './useItems'

/** What to buy where, to be taken along and ticked off. */
const props = defineProps<{ garden: Garden; needs: readonly StockNeed[] }>()
const store = useGardenStore()
const { isSaving } = storeToRefs(store)
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { money } = useFormat()
const { itemName, amountWords } = useItems()
const { ofError } = useFaultText()

const missing = computed(() => missingOf(props.needs))
const shops = computed(() => props.garden.shops ?? [])
const solver = useWorker<StoresWork, ShoppingList>(
  () => new Worker(new URL('../../workers/stores.worker.ts', import.meta.url), { type: 'module' }),
  (work, progress) =>
    work.list(toRaw(props.garden), toRaw(missing.value), toRaw(shops.value), progress),
)
const list = computed(() => solver.result.value)
const ticked = ref<ReadonlySet<string>>(new Set())
async function find(): Promise<void> {
  ticked.value = new Set()
  await solver.start()
}

const shopName = (id: string) => shops.value.find((one) => one.id === id)?.name ?? id
const packOf = (shopId: string, packId: string) =>
  shops.value.find(({ id }) => id === shopId)?.packs.find(({ id }) => id === packId)
const unitOf = (itemId: string): StockUnit =>
  missing.value.find((one) => one.itemId === itemId)?.unit ?? 'count'
const packWords = (
  shopId: string,
  packs: ShoppingList['trips'][number]['lines'][number]['packs'],
) =>
  packs
    .map(({ packId, count }) => {
      const pack = packOf(shopId, packId)
      return pack ? t('stores.packs', { n: count, holds: amountWords(pack.amount, pack.unit) }) : ''
    })
    .filter(Boolean)
    .join(' + ')
const tooMuch = computed(() =>
  overbought(list.value?.leftOver ?? [], missing.value).map(({ itemId, unit }) =>
    itemName(itemId, unit),
  ),
)
const keyOf = (shopId: string, itemId: string) => `${shopId} ${itemId}`
function tick(key: string): void {
  const next = new Set(ticked.value)
  if (!next.delete(key)) next.add(key)
  ticked.value = next
}

const failure = shallowRef<unknown>()
/** Takes what was ticked into the stock, or all of it where nothing was. */
async function buy(): Promise<void> {
  if (!list.value) return
  const bought = purchasesOf(list.value, shops.value, {
    at: now.value,
    isTaken:
      ticked.value.size > 0
        ? (shopId, itemId) => ticked.value.has(keyOf(shopId, itemId))
        : undefined,
    newId: nanoid,
  })
  try {
    await store.edit(edits.recordStock(purchaseRecords(props.garden, bought, nanoid)))
    solver.result.value = undefined
  } catch (error) {
    failure.value = error
  }
}
const print = () => window.print()
</script>

<template>
  <section class="stores-list">
    <p v-if="!missing.length">{{ t('stores.nothingToBuy') }}</p>
    <p v-else-if="!shops.length">{{ t('stores.noShops') }}</p>
    <template v-else>
      <div class="row stores-list-bar">
        <PushButton type="primary" :loading="solver.isRunning.value" @click="find">{{
          t('stores.find', { n: missing.length }, missing.length)
        }}</PushButton>
        <PushButton v-if="list" :icon="Printer" @click="print">{{ t('stores.print') }}</PushButton>
      </div>
      <WorkProgress
        v-if="solver.isRunning.value"
        :share="solver.progress.value"
        :label="t('stores.finding')"
        @cancel="solver.cancel"
      />
      <p v-if="solver.failure.value ?? failure" role="alert" class="strong">
        {{ ofError(solver.failure.value ?? failure) }}
      </p>
      <template v-if="list">
        <p>
          <strong>{{ t('stores.listPrice', { price: money(list.price) }) }}</strong>
          {{ t(list.isProven ? 'stores.proven' : 'stores.notProven') }}
        </p>
        <article
          v-for="trip in list.trips"
          :key="trip.shopId"
          class="trip"
          :data-trip="trip.shopId"
        >
          <h2>{{ shopName(trip.shopId) }}</h2>
          <p v-if="trip.fare" class="soft">{{ t('stores.fareIs', { fare: money(trip.fare) }) }}</p>
          <ul>
            <li v-for="line in trip.lines" :key="line.itemId">
              <label>
                <input
                  type="checkbox"
                  :checked="ticked.has(keyOf(trip.shopId, line.itemId))"
                  @change="tick(keyOf(trip.shopId, line.itemId))"
                />
                <span>
                  <strong>{{ itemName(line.itemId, unitOf(line.itemId)) }}</strong>
                  {{ packWords(trip.shopId, line.packs) }}
                </span>
                <span class="number">{{ money(line.price) }}</span>
              </label>
            </li>
          </ul>
        </article>
        <p v-if="list.notSold.length" class="strong">
          {{
            t('stores.notSold', {
              names: list.notSold.map((one) => itemName(one.itemId, one.unit)).join(', '),
            })
          }}
        </p>
        <p v-if="tooMuch.length" class="strong" data-too-much>
          {{ t('stores.tooMuch', { names: tooMuch.join(', ') }) }}
        </p>
        <p v-if="list.leftOver.length" class="soft">
          {{
            t('stores.leftOver', {
              names: list.leftOver
                .map(
                  (one) => `${itemName(one.itemId, one.unit)} ${amountWords(one.amount, one.unit)}`,
                )
                .join(', '),
            })
          }}
        </p>
        <PushButton
          v-if="list.trips.length"
          class="stores-list-bar"
          type="primary"
          :loading="isSaving"
          @click="buy"
          >{{ t(ticked.size ? 'stores.buyTicked' : 'stores.buyAll') }}</PushButton
        >
      </template>
    </template>
  </section>
</template>

<style>
.trip h2 {
  margin: 12px 0 2px;
  font-size: 17px;
}
.trip ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.trip label {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  border-bottom: 1px solid var(--line);
}
.trip input {
  width: 20px;
  height: 20px;
}
@media print {
  .stores-list-bar,
  .stores-head {
    display: none !important;
  }
}
</style>
