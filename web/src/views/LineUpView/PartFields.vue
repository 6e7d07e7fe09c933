<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { containerSchema, fieldSchema, own, type Fault, type PartName } from '@rimbo/core'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import CountField from '../../ui/fields/CountField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useOptions } from '../../ui/fields/options'
import QuantityField from '../../ui/fields/QuantityField.vue'
import { partFields, type PartField } from './formFields'
import type { PartValues } from './useContainerForm'

/** The fields of the part that a kind of container has beside its shape. */
const props = defineProps<{ name: PartName; faults: Readonly<Record<string, Fault>> }>()
const model = defineModel<PartValues>({ required: true })

const { t } = useI18n()
const { atField } = useFaultText()

/** Feet are asked for only where there are any. */
const fields = computed(() =>
  partFields[props.name].filter(
    ({ name }) => !name.startsWith('foot') || model.value['feeding'] === 'foot',
  ),
)
const labelOf = ({ name }: PartField) => t(`part.${props.name}.${name}`)
const faultAt = (field: PartField) => {
  const fault = props.faults[`${props.name}.${field.name}`]
  return fault && atField(fault)
}
const numberIn = (field: PartField) => {
  const value = own(model.value, field.name)
  return typeof value === 'number' ? value : undefined
}
const set = (field: PartField, value: number | string | undefined) => {
  model.value = { ...model.value, [field.name]: value }
}
const { optionsOf } = useOptions()
</script>

<template>
  <fieldset class="part-fields">
    <legend>{{ t(`part.${name}.title`) }}</legend>
    <div class="field-grid">
      <template v-for="field in fields" :key="field.name">
        <QuantityField
          v-if="'dimension' in field"
          :model-value="numberIn(field)"
          :dimension="field.dimension"
          :schema="fieldSchema(containerSchema, name, field.name)"
          :label="labelOf(field)"
          :fault="faultAt(field)"
          :optional="!!field.optional"
          v-bind="field.dimension === 'share' ? { bare: 'percent' as const } : {}"
          @update:model-value="(value) => set(field, value)"
        />
        <CountField
          v-else-if="'most' in field"
          :model-value="numberIn(field)"
          :label="labelOf(field)"
          :fault="faultAt(field)"
          :min="1"
          :max="field.most"
          @update:model-value="(value) => set(field, value)"
        />
        <ChoiceField
          v-else
          :model-value="String(model[field.name])"
          :label="labelOf(field)"
          :options="optionsOf(field.choices, 'part.choice')"
          @update:model-value="(value) => set(field, value)"
        />
      </template>
    </div>
    <p class="field-note">{{ t(`part.${name}.note`) }}</p>
  </fieldset>
</template>
