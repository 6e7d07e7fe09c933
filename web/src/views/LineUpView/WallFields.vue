<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  containerSchema,
  fieldSchema,
  materials,
  own,
  wallColourOf,
  wallColours,
  type Fault,
  type Material,
  type WallColour,
} from '@rimbo/core'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import CountField from '../../ui/fields/CountField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useOptions } from '../../ui/fields/options'
import QuantityField from '../../ui/fields/QuantityField.vue'

/** Wall, holes and the pour test: what can be told later, and seldom has to be. */
const props = defineProps<{ faults: Readonly<Record<string, Fault>> }>()
const material = defineModel<Material | undefined>('material', { required: true })
const colour = defineModel<WallColour | undefined>('colour', { required: true })
const isInsulated = defineModel<boolean | undefined>('isInsulated', { required: true })
const resinCode = defineModel<string | undefined>('resinCode', { required: true })
const wallMm = defineModel<number | undefined>('wallMm', { required: true })
const pouredL = defineModel<number | undefined>('pouredL', { required: true })
const holeCount = defineModel<number | undefined>('holeCount', { required: true })
const holeDiameterMm = defineModel<number | undefined>('holeDiameterMm', { required: true })

const { t } = useI18n()
const { atField } = useFaultText()
const faultAt = (field: string) => {
  const fault = own(props.faults, field)
  return fault && atField(fault)
}
const { optionsOf } = useOptions()

const shownColour = computed({
  get: () =>
    material.value ? wallColourOf({ colour: colour.value, material: material.value }) : undefined,
  set: (value) => (colour.value = value),
})
const shownInsulation = computed({
  get: () => !!isInsulated.value,
  set: (value) => (isInsulated.value = value || undefined),
})
const resinOptions = ['1', '2', '3', '4', '5', '6', '7'].map((value) => ({ value, label: value }))
</script>

<template>
  <div class="field-grid">
    <ChoiceField
      v-model="material"
      :label="t('form.material')"
      :options="optionsOf(materials, 'material')"
    />
    <ChoiceField
      v-model="shownColour"
      :label="t('form.colour')"
      :options="optionsOf(wallColours, 'colour')"
    />
    <QuantityField
      v-model="wallMm"
      dimension="length"
      :schema="fieldSchema(containerSchema, 'wallMm')"
      :label="t('form.wall')"
      :fault="faultAt('wallMm')"
    />
    <ChoiceField
      v-if="material === 'plastic'"
      v-model="resinCode"
      :label="t('form.resinCode')"
      :options="resinOptions"
    />
    <el-checkbox v-model="shownInsulation" class="form-check" :label="t('form.isInsulated')" />
    <QuantityField
      v-model="pouredL"
      dimension="volume"
      optional
      :schema="fieldSchema(containerSchema, 'pourTest', 'rimVolumeL')"
      :label="t('form.poured')"
      :fault="faultAt('pourTest.rimVolumeL')"
      :hint="t('form.pouredHint')"
    />
    <CountField
      v-model="holeCount"
      :label="t('form.holeCount')"
      :min="0"
      :max="200"
      :fault="faultAt('holes.count')"
    />
    <QuantityField
      v-model="holeDiameterMm"
      dimension="length"
      bare="mm"
      optional
      :schema="fieldSchema(containerSchema, 'holes', 'diameterMm')"
      :label="t('form.holeDiameter')"
      :fault="faultAt('holes.diameterMm')"
    />
  </div>
</template>
