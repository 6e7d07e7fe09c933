<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Delete } from '@element-plus/icons-vue'
import {
  edits,
  faultsOf,
  InputError,
  shopSchema,
  type Fault,
  type Garden,
  type Shop,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import NumberField from '../../ui/fields/NumberField.vue'
import { vOpened } from '../../ui/fields/opened'
import PushButton from '../../ui/fields/PushButton.vue'
import TextField from '../../ui/fields/TextField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import AmountField from './AmountField.vue'
import { useItems } from './useItems'

/** The shops that the gardener goes to, with their prices and fares. */
defineProps<{ garden: Garden }>()
const store = useGardenStore()
const { isSaving } = storeToRefs(store)
const { t } = useI18n()
const { money } = useFormat()
const { choices, parse, itemName, amountWords } = useItems()
const { atField } = useFaultText()

interface PackTyped {
  readonly id: string
  key: string | undefined
  amount: number | undefined
  price: number | undefined
}
const start = shallowRef<Shop>()
const isOpen = ref(false)
const name = ref('')
const fare = ref<number | undefined>(0)
const minimumOrder = ref<number | undefined>(0)
const packs = ref<PackTyped[]>([])
const faults = shallowRef<readonly Fault[]>([])

function begin(shop?: Shop): void {
  start.value = shop
  name.value = shop?.name ?? ''
  fare.value = shop?.fare ?? 0
  minimumOrder.value = shop?.minimumOrder ?? 0
  packs.value = (shop?.packs ?? []).map(({ id, itemId, unit, amount, price }) => ({
    id,
    key: `${unit} ${itemId}`,
    amount,
    price,
  }))
  faults.value = []
  isOpen.value = true
}
const addPack = () =>
  packs.value.push({
    id: nanoid(),
    key: choices.value[0]?.value,
    amount: undefined,
    price: undefined,
  })
const unitOf = (pack: PackTyped) => parse(pack.key ?? 'L compost').unit
const faultAt = (...path: readonly (string | number)[]) => {
  const found = faults.value.find((fault) => fault.path.join('.') === path.join('.'))
  return found && atField(found)
}

async function save(): Promise<void> {
  const draft = {
    ...start.value,
    id: start.value?.id ?? nanoid(),
    ...(name.value.trim() && { name: name.value.trim() }),
    fare: fare.value,
    minimumOrder: minimumOrder.value,
    packs: packs.value.map(({ id, key, amount, price }) => ({
      id,
      ...parse(key ?? 'L compost'),
      amount,
      price,
    })),
  }
  const read = shopSchema.safeParse(draft, { reportInput: true })
  faults.value = read.error ? faultsOf(read.error) : []
  if (!read.data) return
  try {
    await store.edit(edits.keepShop(read.data, start.value, !start.value))
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    faults.value = error.faults
    return
  }
  isOpen.value = false
}
</script>

<template>
  <section class="stores-shops">
    <PushButton type="primary" @click="begin()">{{ t('stores.addShop') }}</PushButton>
    <form v-if="isOpen" :key="start?.id" v-opened class="stock-form" @submit.prevent="save">
      <div class="stock-fields">
        <TextField v-model="name" :label="t('stores.shopName')" :fault="faultAt('name')" />
        <NumberField v-model="fare" :label="t('stores.fare')" :fault="faultAt('fare')" />
        <NumberField
          v-model="minimumOrder"
          :label="t('stores.minimumOrder')"
          :fault="faultAt('minimumOrder')"
        />
      </div>
      <div v-for="(pack, index) in packs" :key="pack.id" class="stock-fields shop-pack">
        <ChoiceField v-model="pack.key" :label="t('stores.item')" :options="choices" />
        <AmountField
          :key="pack.key ?? ''"
          v-model="pack.amount"
          :unit="unitOf(pack)"
          :label="t('stores.packHolds')"
          :fault="faultAt('packs', index, 'amount')"
        />
        <NumberField
          v-model="pack.price"
          :label="t('stores.price')"
          :fault="faultAt('packs', index, 'price')"
        />
        <PushButton
          :icon="Delete"
          :aria-label="t('stores.removePack')"
          @click="packs.splice(index, 1)"
        />
      </div>
      <div class="row">
        <PushButton @click="addPack">{{ t('stores.addPack') }}</PushButton>
        <PushButton native-type="submit" type="primary" :loading="isSaving">{{
          t('stores.keepShop')
        }}</PushButton>
        <PushButton @click="isOpen = false">{{ t('happened.cancel') }}</PushButton>
      </div>
    </form>
    <p v-if="!garden.shops?.length" class="soft">{{ t('stores.noShops') }}</p>
    <article v-for="shop in garden.shops" :key="shop.id" class="shop">
      <h2>{{ shop.name ?? shop.id }}</h2>
      <p class="soft">
        {{ t('stores.aboutShop', { fare: money(shop.fare), minimum: money(shop.minimumOrder) }) }}
      </p>
      <ul>
        <li v-for="pack in shop.packs" :key="pack.id">
          {{ itemName(pack.itemId, pack.unit) }}, {{ amountWords(pack.amount, pack.unit) }}:
          {{ money(pack.price) }}
        </li>
      </ul>
      <div class="row">
        <PushButton size="small" @click="begin(shop)">{{ t('stores.changeShop') }}</PushButton>
        <PushButton size="small" @click="store.edit(edits.removeShop(shop))">{{
          t('stores.removeShop')
        }}</PushButton>
      </div>
    </article>
  </section>
</template>

<style>
.shop h2 {
  margin: 14px 0 0;
  font-size: 17px;
}
.shop-pack {
  align-items: start;
}
.shop-pack > .push-button {
  justify-self: start;
  margin-top: 24px;
}
</style>
