<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { edits, fieldSchema, settingsSchema } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import NumberField from '../../ui/fields/NumberField.vue'
import QuantityField from '../../ui/fields/QuantityField.vue'
import TextField from '../../ui/fields/TextField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFollowing } from '../../ui/useFollowing'
import PushButton from '../../ui/fields/PushButton.vue'

/** The money that prices are in, and what bagged mix costs where the gardener buys. */
const store = useGardenStore()
const { garden } = storeToRefs(store)
const { t } = useI18n()
const { faultIn } = useFaultText()

interface Money {
  currency: string
  looseL: number | undefined
  price: number | undefined
}
const { fields, isTouched } = useFollowing<Money>(() => {
  const { currency = '', baggedMix } = garden.value?.settings ?? {}
  return {
    currency,
    looseL: baggedMix?.looseL,
    price: baggedMix?.price,
  }
})
const code = computed(() => fields.currency.trim().toUpperCase())
const checked = computed(() =>
  settingsSchema
    .pick({ currency: true, baggedMix: true })
    .safeParse(
      { currency: code.value, baggedMix: { looseL: fields.looseL, price: fields.price } },
      { reportInput: true },
    ),
)
const bagFault = (field: 'looseL' | 'price') =>
  fields[field] === undefined ? undefined : faultIn(checked.value.error, 'baggedMix', field)
const currencyFault = computed(() =>
  faultIn(checked.value.error, 'currency') ? t('settings.currencyFault') : undefined,
)
async function save(): Promise<void> {
  const { data } = checked.value
  if (!data) return
  const baggedMix = (['looseL', 'price'] as const).filter(isTouched)
  await store.edit(
    edits.changeSettings({
      ...(isTouched('currency') && { currency: data.currency }),
      baggedMix: Object.fromEntries(baggedMix.map((field) => [field, data.baggedMix[field]])),
    }),
  )
}
</script>

<template>
  <form class="money" @submit.prevent="save">
    <h2>{{ t('settings.money') }}</h2>
    <div class="field-grid">
      <TextField v-model="fields.currency" :label="t('settings.currency')" :fault="currencyFault" />
      <span></span>
      <QuantityField
        v-model="fields.looseL"
        dimension="volume"
        :schema="fieldSchema(settingsSchema, 'baggedMix', 'looseL')"
        :label="t('settings.bagged')"
        :fault="bagFault('looseL')"
      />
      <NumberField
        v-model="fields.price"
        :label="t('settings.baggedPrice')"
        :fault="bagFault('price')"
      />
    </div>
    <PushButton native-type="submit" :disabled="!checked.success">{{
      t('settings.saveMoney')
    }}</PushButton>
  </form>
</template>

<style>
.money {
  margin-top: 18px;
}
</style>
