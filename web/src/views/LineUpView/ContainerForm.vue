<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  containerTypes,
  exposures,
  materials,
  potOn,
  recipes,
  type Container,
  type Fault,
  type Garden,
} from '@rimbo/core'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/ChoiceField.vue'
import { useFaultText } from '../../ui/faults'
import { useFormat } from '../../ui/format'
import { useNames } from '../../ui/names'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'
import VolumeFacts from './VolumeFacts.vue'
import { sizesOf, useContainerForm } from './useContainerForm'

/** Adds or changes one container; the section and the volumes follow each keystroke. */
const props = defineProps<{ garden: Garden; start: Container; isNew: boolean }>()
const emit = defineEmits<{ save: [container: Container]; cancel: [] }>()

const { t } = useI18n()
const { system, volume } = useFormat()
const { atField } = useFaultText()
const { recipeName } = useNames()
const { date } = storeToRefs(useTodayStore())

const form = useContainerForm(
  props.start,
  () => system.value,
  () => props.garden.containers.filter((one) => one.id !== props.start.id).map((one) => one.code),
)
const {
  text,
  choice,
  sizes,
  lengths,
  isSunken,
  faults,
  container,
  volumes,
  labelFinding,
  isSavable,
  readDiameter,
} = form

const preview = computed(() => container.value && potOn(props.garden, container.value, date.value))

const faultAt = (field: string): string | undefined => {
  const fault: Fault | undefined = faults.value[field]
  return fault && atField(fault)
}
const headspaceFault = computed(() =>
  faults.value['fillMm']?.code === 'tooSmall' ? t('form.nothingFilled') : faultAt('fillMm'),
)
const isDiameter = (name: string) => name.toLowerCase().includes('diameter')
const optionsOf = <T extends string>(values: readonly T[], catalogue: string) =>
  values.map((value) => ({ value, label: t(`${catalogue}.${value}`) }))

const typeOptions = computed(() => optionsOf(containerTypes, 'containerType'))
const materialOptions = computed(() => optionsOf(materials, 'material'))
const exposureOptions = computed(() => optionsOf(exposures, 'exposure'))
const spaceOptions = computed(() =>
  props.garden.spaces.map((space) => ({ value: space.id, label: space.name })),
)
const recipeOptions = computed(() =>
  [...recipes, ...props.garden.recipes].map((recipe) => ({
    value: recipe.id,
    label: recipeName(recipe),
  })),
)

function save(): void {
  if (isSavable.value && container.value) emit('save', container.value)
}
</script>

<template>
  <form class="container-form" @submit.prevent="save">
    <h2>{{ t(isNew ? 'form.addTitle' : 'form.editTitle') }}</h2>
    <div class="form-preview">
      <SectionFigure
        v-if="preview"
        :pot="preview"
        :width="150"
        :height="140"
        :label="t('form.preview')"
        container-only
      />
      <VolumeFacts
        v-if="volumes && container"
        :volumes="volumes"
        :container="container"
        :finding="labelFinding"
      />
      <p v-else class="soft">{{ t('form.noVolumeYet') }}</p>
    </div>
    <div class="field-grid">
      <ChoiceField v-model="choice.type" :label="t('form.type')" :options="typeOptions" />
      <ChoiceField v-model="choice.spaceId" :label="t('form.space')" :options="spaceOptions" />
      <TextField v-model="text.code" :label="t('form.code')" :fault="faultAt('code')" />
      <TextField v-model="text.name" :label="t('form.name')" :fault="faultAt('name')" />
      <QuantityField
        v-for="name in sizesOf[choice.type]"
        :key="name"
        v-model="sizes[name]"
        dimension="length"
        :label="t(`form.${name}`)"
        :fault="faultAt(name)"
        v-bind="isDiameter(name) ? { parse: readDiameter } : {}"
      />
      <QuantityField
        v-model="lengths.headspaceMm"
        dimension="length"
        :label="t('form.headspace')"
        :fault="headspaceFault"
      />
      <TextField
        v-model="text.label"
        :label="t('form.label')"
        :fault="faultAt('label')"
        :hint="t('form.labelHint')"
      />
      <ChoiceField v-model="choice.recipeId" :label="t('form.mix')" :options="recipeOptions" />
      <QuantityField
        v-model="lengths.mulchMm"
        dimension="length"
        :label="t('form.mulch')"
        :fault="faultAt('mulchMm')"
      />
      <ChoiceField
        v-model="choice.material"
        :label="t('form.material')"
        :options="materialOptions"
      />
      <QuantityField
        v-model="lengths.wallMm"
        dimension="length"
        :label="t('form.wall')"
        :fault="faultAt('wallMm')"
      />
      <ChoiceField
        v-model="choice.exposure"
        :label="t('form.exposure')"
        :options="exposureOptions"
      />
      <div>
        <QuantityField
          v-model="lengths.baseHeightMm"
          dimension="length"
          :label="t(isSunken ? 'form.sunkBy' : 'form.raisedBy')"
          :fault="faultAt('baseHeightMm')"
        />
        <el-checkbox v-model="isSunken" :label="t('form.isSunken')" />
      </div>
    </div>
    <p class="soft">{{ t('form.anyUnit') }}</p>
    <div class="form-actions row">
      <el-button type="primary" native-type="submit" :disabled="!isSavable">
        {{ isNew ? t('form.add') : t('form.save') }}
      </el-button>
      <el-button @click="emit('cancel')">{{ t('form.cancel') }}</el-button>
      <span v-if="volumes" class="visually-hidden" role="status">{{
        volume(volumes.rimVolumeL)
      }}</span>
    </div>
  </form>
</template>

<style>
.form-preview {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 14px;
  align-items: center;
  min-height: 140px;
  margin-bottom: 8px;
}
.form-actions {
  position: sticky;
  bottom: -16px;
  margin: 0 -18px;
  padding: 10px 18px 16px;
  background: var(--sheet);
  border-top: 1px solid var(--line);
}
</style>
