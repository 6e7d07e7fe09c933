<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { Close, Plus } from '@element-plus/icons-vue'
import {
  fieldSchema,
  ingredients,
  ingredientSchema,
  nameSchema,
  own,
  packKinds,
  recordSchema,
  TABLED_SUCTIONS_CM,
  type Ingredient,
} from '@rimbo/core'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useOptions } from '../../ui/fields/options'
import QuantityField from '../../ui/fields/QuantityField.vue'
import TextField from '../../ui/fields/TextField.vue'
import NumberField from '../../ui/fields/NumberField.vue'
import { plainFields, shareFields, useIngredientForm } from './useIngredientForm'
import PushButton from '../../ui/fields/PushButton.vue'

/** An ingredient of the gardener's own, or a typical one with figures of their own. */
const props = defineProps<{
  start: Ingredient
  stockL: number
  isNew: boolean
  canRemove: boolean
  currency: string
}>()
const emit = defineEmits<{
  save: [ingredient: Ingredient, stockL: number]
  remove: [id: string]
  close: []
}>()
const { t } = useI18n()
const { atField, textFault } = useFaultText()
const { optionsOf } = useOptions()

const { name, numbers, water, packs, isMeasured, checked, faults, startFrom, addPack } =
  useIngredientForm(props.start)
const stock = ref<number | undefined>(props.stockL)
const faultAt = (path: string) => {
  const fault = faults.value.get(path)
  return fault && atField(fault)
}
const nameFault = computed(() => textFault(nameSchema, name.value, t('ingredients.nameFault')))
/** Loose litres of any ingredient. */
const stockSchema = fieldSchema(recordSchema, { kind: 'count' }, 'amount')
const likeId = ref<string | undefined>('compost')
const likeChoices = computed(() => optionsOf(Object.keys(ingredients), 'ingredient'))

function save(): void {
  const { data } = checked.value
  if (data && !nameFault.value && !Number.isNaN(stock.value)) emit('save', data, stock.value ?? 0)
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t(isNew ? 'ingredients.add' : 'ingredients.edit')"
    width="720"
    top="4vh"
    @close="emit('close')"
  >
    <form class="ingredient-form" @submit.prevent="save">
      <div class="field-grid-3">
        <TextField v-model="name" :label="t('ingredients.name')" :fault="nameFault" />
        <ChoiceField
          v-if="isNew"
          v-model="likeId"
          :label="t('ingredients.like')"
          :options="likeChoices"
          @update:model-value="(id) => id && startFrom(id)"
        />
        <QuantityField
          v-model="stock"
          dimension="volume"
          optional
          :schema="stockSchema"
          :label="t('ingredients.stock')"
        />
        <NumberField
          v-model="numbers['bulkDensityGL']"
          :label="t('ingredients.dryField')"
          :fault="faultAt('bulkDensityGL')"
        />
        <NumberField
          v-model="numbers['moistDensityGL']"
          :label="t('ingredients.moistField')"
          :fault="faultAt('moistDensityGL')"
        />
        <NumberField
          v-for="field in plainFields"
          :key="field"
          v-model="numbers[field]"
          :label="t(`ingredients.field.${field}`)"
          :fault="faultAt(field)"
        />
        <QuantityField
          v-for="field in shareFields"
          :key="field"
          v-model="numbers[field]"
          dimension="share"
          :label="t(`ingredients.field.${field}`)"
          :fault="faultAt(field)"
        />
      </div>
      <h3>{{ t('ingredients.waterTitle') }}</h3>
      <div class="field-grid-5">
        <QuantityField
          v-for="(suctionCm, index) in TABLED_SUCTIONS_CM"
          :key="suctionCm"
          v-model="water[index]"
          dimension="share"
          :label="t(`ingredients.water.${index}`)"
          :fault="faultAt(`waterShares.${index}`)"
        />
      </div>
      <el-checkbox v-model="isMeasured">{{ t('ingredients.isMeasured') }}</el-checkbox>
      <h3>{{ t('ingredients.packs') }}</h3>
      <div v-for="(pack, index) in packs" :key="index" class="pack-row">
        <ChoiceField
          v-model="pack.kind"
          :label="t('ingredients.packKind')"
          :options="optionsOf(packKinds, 'ingredients.pack')"
        />
        <QuantityField
          v-model="pack.labelL"
          dimension="volume"
          optional
          :schema="fieldSchema(ingredientSchema, 'packs', 0, 'labelL')"
          :label="t('ingredients.labelL')"
          :fault="faultAt(`packs.${index}.labelL`)"
        />
        <QuantityField
          v-model="pack.labelG"
          dimension="mass"
          bare="kg"
          optional
          :label="t('ingredients.labelKg')"
          :fault="faultAt(`packs.${index}.labelKg`)"
        />
        <QuantityField
          v-model="pack.looseL"
          dimension="volume"
          optional
          :schema="fieldSchema(ingredientSchema, 'packs', 0, 'looseL')"
          :label="t('ingredients.looseL')"
          :fault="faultAt(`packs.${index}.looseL`)"
        />
        <NumberField
          v-model="pack.price"
          :label="t('ingredients.price', { currency })"
          :fault="faultAt(`packs.${index}.price`)"
        />
        <PushButton
          text
          :icon="Close"
          :aria-label="t('ingredients.removePack')"
          @click="packs.splice(index, 1)"
        />
      </div>
      <div class="row">
        <PushButton size="small" :icon="Plus" @click="addPack">{{
          t('ingredients.addPack')
        }}</PushButton>
      </div>
      <div class="row ingredient-save">
        <PushButton type="primary" native-type="submit" :disabled="!checked.success || !!nameFault">
          {{ t('ingredients.save') }}
        </PushButton>
        <PushButton v-if="canRemove" @click="emit('remove', start.id)">
          {{ t(own(ingredients, start.id) ? 'ingredients.typicalAgain' : 'ingredients.remove') }}
        </PushButton>
      </div>
    </form>
  </el-dialog>
</template>

<style>
.field-grid-3,
.field-grid-5 {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 0 14px;
}
.field-grid-5 {
  grid-template-columns: repeat(5, 1fr);
}
.pack-row {
  display: grid;
  grid-template-columns: 1.2fr 1fr 1fr 1fr 0.8fr 32px;
  gap: 0 10px;
  align-items: end;
}
.pack-row > .push-button {
  margin-bottom: 10px;
  padding: 0;
}
.ingredient-save {
  margin-top: 14px;
}
@media (max-width: 700px) {
  .field-grid-3,
  .field-grid-5,
  .pack-row {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
