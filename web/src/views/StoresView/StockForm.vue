<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import {
  edits,
  faultsOf,
  InputError,
  purchaseRecords,
  recordSchema,
  stockKindOf,
  type Fault,
  type Garden,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import NumberField from '../../ui/fields/NumberField.vue'
import { vOpened } from '../../ui/fields/opened'
import PushButton from '../../ui/fields/PushButton.vue'
import TextField from '../../ui/fields/TextField.vue'
import { useFaultText } from '../../ui/words/faults'
import AmountField from './AmountField.vue'
import { useItems } from './useItems'

/** Something was counted, or bought. */
const props = defineProps<{ garden: Garden; what: 'count' | 'buy'; item: string | undefined }>()
const emit = defineEmits<{ close: [] }>()
const store = useGardenStore()
const { isSaving } = storeToRefs(store)
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { choices, parse, itemName } = useItems()
const { atField } = useFaultText()

const NONE = 'none'
const key = ref<string | undefined>(props.item ?? choices.value[0]?.value)
const chosen = computed(() => parse(key.value ?? 'L compost'))
const kind = computed(() => stockKindOf(props.garden, chosen.value))
const amount = ref<number>()
const price = ref<number>()
const shopId = ref<string | undefined>(NONE)
/** What its packet says: only of what goes off. */
const useBy = ref('')
const openedOn = ref('')
const goesOff = computed(() => chosen.value.unit !== 'count' || kind.value === 'seed')
const faults = shallowRef<readonly Fault[]>([])
const shopOptions = computed(() => [
  { value: NONE, label: t('stores.noShop') },
  ...(props.garden.shops ?? []).map(({ id, name }) => ({ value: id, label: name ?? id })),
])
const options = computed(() =>
  choices.value.some(({ value }) => value === key.value) || !key.value
    ? choices.value
    : [
        { value: key.value, label: itemName(chosen.value.itemId, chosen.value.unit) },
        ...choices.value,
      ],
)
const faultOf = (field: string) => {
  const found = faults.value.find(({ path }) => path[0] === field)
  return found && atField(found)
}

async function save(): Promise<void> {
  const { itemId, unit } = chosen.value
  const draft = {
    id: nanoid(),
    at: now.value,
    kind: props.what,
    itemId,
    unit,
    amount: amount.value,
    ...(props.what === 'buy' && price.value !== undefined && { price: price.value }),
    ...(goesOff.value && useBy.value && { useBy: useBy.value }),
    ...(goesOff.value && openedOn.value && { openedOn: openedOn.value }),
    ...(props.what === 'buy' && shopId.value !== NONE && { shopId: shopId.value }),
  }
  const read = recordSchema.safeParse(draft, { reportInput: true })
  faults.value = read.error ? faultsOf(read.error) : []
  if (!read.data) return
  try {
    const records =
      read.data.kind === 'buy' ? purchaseRecords(props.garden, [read.data], nanoid) : [read.data]
    await store.edit(edits.recordStock(records))
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    faults.value = error.faults
    return
  }
  emit('close')
}
</script>

<template>
  <form v-opened class="stock-form" @submit.prevent="save">
    <strong>{{ t(`stores.form.${what}`) }}</strong>
    <div class="stock-fields">
      <ChoiceField v-model="key" :label="t('stores.item')" :options="options" />
      <AmountField
        :key="key ?? ''"
        v-model="amount"
        :unit="chosen.unit"
        :label="t('stores.howMuch')"
        :fault="faultOf('amount')"
      />
      <template v-if="what === 'buy'">
        <NumberField
          v-model="price"
          :label="t('stores.paid', { currency: garden.settings.currency })"
          :fault="faultOf('price')"
        />
        <ChoiceField v-model="shopId" :label="t('stores.shop')" :options="shopOptions" />
      </template>
      <template v-if="goesOff">
        <TextField
          v-model="useBy"
          type="date"
          :label="t('stores.useBy')"
          :fault="faultOf('useBy')"
        />
        <TextField
          v-model="openedOn"
          type="date"
          :label="t('stores.openedOn')"
          :fault="faultOf('openedOn')"
        />
      </template>
    </div>
    <div class="row">
      <PushButton native-type="submit" type="primary" :loading="isSaving">{{
        t('happened.record')
      }}</PushButton>
      <PushButton @click="emit('close')">{{ t('happened.cancel') }}</PushButton>
    </div>
  </form>
</template>

<style>
.stock-form {
  margin: 8px 0;
  padding: 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
}
.stock-fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(160px, 1fr));
  gap: 0 14px;
  margin-top: 8px;
}
</style>
