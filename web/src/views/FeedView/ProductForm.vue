<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  amountUnits,
  fieldSchema,
  labelRateKinds,
  productForms,
  nameSchema,
  productSchema,
  recordSchema,
  type FeedProduct,
  type Settings,
} from '@rimbo/core'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import NumberField from '../../ui/fields/NumberField.vue'
import { useOptions } from '../../ui/fields/options'
import QuantityField from '../../ui/fields/QuantityField.vue'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import TextField from '../../ui/fields/TextField.vue'
import { printedNutrients, useProductForm } from './useProductForm'
import PushButton from '../../ui/fields/PushButton.vue'

/** A feed of the gardener's own, typed in as its label stands. */
const props = defineProps<{
  start: FeedProduct | undefined
  id: string
  settings: Settings
  canRemove: boolean
}>()
const emit = defineEmits<{
  save: [product: FeedProduct, stockG: number | undefined]
  remove: [id: string]
  close: []
}>()
const { t } = useI18n()
const { number } = useFormat()
const { atField, textFault } = useFaultText()
const { optionsOf } = useOptions()

const fields = useProductForm(
  props.start,
  props.id,
  props.settings.unitSystem,
  props.settings.measures,
)
const { name, form, printed, percents, spoonG, rateKind, amount, most, unit, beside, capMl } =
  fields
const { leastDays, longevityDays, packG, price, checked, faults, elements, ureaPercent } = fields
const stockG = ref<number>()
const faultAt = (path: string) => {
  const fault = faults.value.get(path)
  return fault && atField(fault)
}
const nameFault = computed(() => textFault(nameSchema, name.value, t('feedView.form.nameFault')))
const analysisFault = computed(() => {
  const found = [...faults.value.entries()].find(([path]) => path.startsWith('analysis'))
  return found && atField(found[1])
})
const printedOptions = computed(() => optionsOf(['asOxide', 'asElement'] as const, 'feedView.form'))
const isInUnit = computed(() => rateKind.value === 'perLitreWater' || rateKind.value === 'perCan')
const amountLabel = computed(() =>
  rateKind.value === 'dilution'
    ? t('feedView.form.parts')
    : rateKind.value === 'capful'
      ? t('feedView.form.caps')
      : isInUnit.value
        ? t('feedView.form.amount')
        : `${t('feedView.form.amount')}, g`,
)
const besideLabel = computed(() =>
  rateKind.value === 'perPot'
    ? t('feedView.form.pot')
    : rateKind.value === 'perCan' || rateKind.value === 'capful'
      ? t('feedView.form.water')
      : undefined,
)
const hasMost = computed(() =>
  ['perLitreMix', 'perM2', 'perPot', 'perLitreWater'].includes(rateKind.value ?? ''),
)
const percent = (value: number) => number(Math.round(value * 100) / 100)
function save(): void {
  if (checked.value.success && !nameFault.value && !Number.isNaN(stockG.value))
    emit('save', checked.value.data, stockG.value)
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t('feedView.form.title')"
    width="680"
    top="4vh"
    @close="emit('close')"
  >
    <form class="product-form" @submit.prevent="save">
      <div class="field-grid">
        <TextField v-model="name" :label="t('feedView.form.name')" :fault="nameFault" />
        <ChoiceField
          v-model="form"
          :label="t('feedView.form.kind')"
          :options="optionsOf(productForms, 'productForm')"
        />
      </div>
      <div class="row">
        <strong>{{ t('feedView.form.analysis') }}</strong>
        <SwitchButtons
          v-model="printed"
          size="small"
          :options="printedOptions"
          :label="t('feedView.form.analysis')"
        />
      </div>
      <div class="product-percents">
        <NumberField
          v-for="one in printedNutrients"
          :key="one"
          v-model="percents[one]"
          :label="t(`feedView.form.sign.${printed}.${one}`)"
        />
      </div>
      <p v-if="analysisFault" class="strong" role="alert">{{ analysisFault }}</p>
      <p v-else class="soft">
        {{
          t('feedView.form.comes', {
            n: percent(elements.n),
            p: percent(elements.p),
            k: percent(elements.k),
            ca: percent(elements.ca),
            mg: percent(elements.mg),
          })
        }}
      </p>
      <div class="field-grid">
        <ChoiceField
          v-model="rateKind"
          :label="t('feedView.form.rate')"
          :options="optionsOf(labelRateKinds, 'rateKind')"
        />
        <div class="product-rate">
          <NumberField v-model="amount" :label="amountLabel" :fault="faultAt('rates.0.amount')" />
          <ChoiceField
            v-if="isInUnit"
            v-model="unit"
            :label="t('feedView.form.unit')"
            :options="optionsOf(amountUnits, 'amountUnit')"
          />
          <NumberField v-if="hasMost" v-model="most" :label="t('feedView.form.most')" />
          <NumberField
            v-if="rateKind === 'capful'"
            v-model="capMl"
            :label="`${t('feedView.form.cap')}, mL`"
            :fault="faultAt('rates.0.capMl')"
          />
          <NumberField
            v-if="besideLabel"
            v-model="beside"
            :label="besideLabel"
            :fault="faultAt('rates.0.canL') ?? faultAt('rates.0.potVolumeL')"
          />
        </div>
        <QuantityField
          v-model="spoonG"
          dimension="mass"
          optional
          :label="t('feedView.form.density')"
          :hint="t('feedView.form.densityHint')"
          :fault="faultAt('densityGMl')"
        />
        <NumberField
          v-if="percents.n"
          v-model="ureaPercent"
          :label="t('feedView.form.urea')"
          :fault="faultAt('ureaShare')"
        />
        <NumberField
          v-model="leastDays"
          :label="t('feedView.form.least')"
          :fault="faultAt('leastDays')"
        />
        <NumberField
          v-if="form === 'controlledRelease'"
          v-model="longevityDays"
          :label="t('feedView.form.longevity')"
          :fault="faultAt('longevityDays')"
        />
        <QuantityField
          v-model="packG"
          dimension="mass"
          optional
          :schema="fieldSchema(productSchema, 'packs', 0, 'massG')"
          :label="t('feedView.form.pack')"
          :fault="faultAt('packs.0.massG')"
        />
        <NumberField
          v-model="price"
          :label="t('feedView.form.price', { currency: settings.currency })"
          :fault="faultAt('packs.0.price')"
        />
        <QuantityField
          v-model="stockG"
          dimension="mass"
          optional
          :schema="fieldSchema(recordSchema, { kind: 'count' }, 'amount')"
          :label="t('feedView.form.stock')"
        />
      </div>
      <div class="row">
        <PushButton type="primary" native-type="submit" :disabled="!checked.success || !!nameFault">
          {{ t('feedView.form.save') }}
        </PushButton>
        <PushButton v-if="canRemove" @click="emit('remove', id)">
          {{ t('feedView.form.remove') }}
        </PushButton>
      </div>
    </form>
  </el-dialog>
</template>

<style>
.product-percents {
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  gap: 0 10px;
  margin-top: 8px;
}
.product-rate {
  display: flex;
  gap: 10px;
}
.product-rate > .field {
  flex: 1;
}
@media (max-width: 700px) {
  .product-percents {
    grid-template-columns: repeat(3, 1fr);
  }
}
</style>
