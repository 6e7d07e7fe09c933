<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { parseElevation, type Place } from '@rimbo/core'
import QuantityField from '../ui/fields/QuantityField.vue'
import TextField from '../ui/fields/TextField.vue'
import { useFaultText } from '../ui/words/faults'
import { useFormat } from '../ui/words/format'
import type { usePlaceForm } from './usePlaceForm'

/** A place by its latitude and height. */
const props = defineProps<{ form: ReturnType<typeof usePlaceForm> }>()
const { t } = useI18n()
const { system } = useFormat()
const { atField } = useFaultText()
const { fields, faultAt } = props.form

/** Empty fields are no fault before anything was told. */
const faultText = (field: keyof Place, told: string | number | undefined) => {
  const fault = told === undefined || told === '' ? undefined : faultAt(field)
  return fault && atField(fault)
}
</script>

<template>
  <div class="field-grid place-by-hand">
    <TextField
      v-model="fields.name"
      :label="t('water.placeName')"
      :fault="faultText('name', fields.name)"
    />
    <QuantityField
      v-model="fields.elevationMm"
      dimension="length"
      :bare="system === 'metric' ? 'm' : 'ft'"
      :parse="(text, decimal) => parseElevation(text, system, decimal)"
      :label="t('water.elevation')"
      :fault="faultText('elevationM', fields.elevationMm)"
    />
    <TextField
      v-model="fields.latitude"
      :label="t('water.latitude')"
      :fault="faultText('latitudeDeg', fields.latitude)"
    />
    <TextField
      v-model="fields.longitude"
      :label="t('start.longitude')"
      :hint="t('start.longitudeHint')"
      :fault="faultText('longitudeDeg', fields.longitude)"
    />
    <el-checkbox v-model="fields.coastal" :label="t('water.coastal')" />
  </div>
</template>

<style>
.place-by-hand {
  margin-top: 12px;
}
</style>
