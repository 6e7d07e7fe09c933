<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { settingsSchema } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import NumberField from '../../ui/NumberField.vue'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'

/** The money that prices are in, and what bagged mix costs where the gardener buys. */
const store = useGardenStore()
const { garden } = storeToRefs(store)
const { t } = useI18n()

const currency = ref('')
const looseL = ref<number | undefined>()
const price = ref<number | undefined>()
watch(
  () => garden.value?.settings,
  (settings) => {
    currency.value = settings?.currency ?? ''
    looseL.value = settings?.baggedMix.looseL
    price.value = settings?.baggedMix.price
  },
  { immediate: true },
)
const checked = computed(() =>
  settingsSchema.pick({ currency: true, baggedMix: true }).safeParse({
    currency: currency.value.trim().toUpperCase(),
    baggedMix: { ...garden.value?.settings.baggedMix, looseL: looseL.value, price: price.value },
  }),
)
const currencyFault = computed(() =>
  settingsSchema.shape.currency.safeParse(currency.value.trim().toUpperCase()).success
    ? undefined
    : t('settings.currencyFault'),
)
async function save(): Promise<void> {
  const { data } = checked.value
  if (data)
    await store.edit({ code: 'change.settings' }, (draft) => {
      Object.assign(draft.settings, data)
    })
}
</script>

<template>
  <form class="money" @submit.prevent="save">
    <h2>{{ t('settings.money') }}</h2>
    <div class="field-grid">
      <TextField v-model="currency" :label="t('settings.currency')" :fault="currencyFault" />
      <span></span>
      <QuantityField v-model="looseL" dimension="volume" :label="t('settings.bagged')" />
      <NumberField v-model="price" :label="t('settings.baggedPrice')" />
    </div>
    <el-button native-type="submit" :disabled="!checked.success">{{
      t('settings.saveMoney')
    }}</el-button>
  </form>
</template>

<style>
.money {
  margin-top: 18px;
}
</style>
