<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  containerSchema,
  containerTypes,
  exposures,
  fieldSchema,
  own,
  edits,
  potToday,
  standingOn,
  recipes,
  type Container,
  type Fault,
  type Garden,
} from '@rimbo/core'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import { useOptions } from '../../ui/fields/options'
import QuantityField from '../../ui/fields/QuantityField.vue'
import TextField from '../../ui/fields/TextField.vue'
import VolumeFacts from './VolumeFacts.vue'
import { kindOf, sizesOf, type SizeName } from './formFields'
import PartFields from './PartFields.vue'
import { useContainerForm } from './useContainerForm'
import WallFields from './WallFields.vue'
import PushButton from '../../ui/fields/PushButton.vue'
import SinceSwitch from '../../ui/fields/SinceSwitch.vue'

/** Adds or changes one container; the section and the volumes follow each keystroke. */
const props = defineProps<{ garden: Garden; start: Container; isNew: boolean }>()
const emit = defineEmits<{ save: [container: Container, isAlways: boolean]; cancel: [] }>()

const { t } = useI18n()
const { system, decimal, volume, length } = useFormat()
const { atField } = useFaultText()
const { recipeName } = useNames()
const { date } = storeToRefs(useTodayStore())

const form = useContainerForm(
  props.start,
  () => system.value,
  () => props.garden.containers.filter((one) => one.id !== props.start.id).map((one) => one.code),
  () => decimal.value,
)
const {
  text,
  choice,
  sizes,
  lengths,
  parts,
  partName,
  hasRings,
  measured,
  isSunken,
  faults,
  container,
  volumes,
  labelFinding,
  isSavable,
  readDiameter,
  lyingHeightMm,
} = form

const preview = computed(
  () => container.value && potToday(props.garden, container.value, date.value),
)

const faultAt = (field: string): string | undefined => {
  const fault: Fault | undefined = own(faults.value, field)
  return fault && atField(fault)
}
const headspaceFault = computed(() =>
  faults.value['fillMm']?.code === 'tooSmall' ? t('form.nothingFilled') : faultAt('fillMm'),
)
const sizeSchema = (name: SizeName) =>
  fieldSchema(containerSchema, 'shape', { kind: kindOf[choice.type] }, name)
const isDiameter = (name: string) => name.toLowerCase().includes('diameter')
const { optionsOf } = useOptions()

const typeOptions = computed(() => optionsOf(containerTypes, 'containerType'))
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

/** With a plant in it a pot that stands otherwise was changed, or had been told wrongly. */
const since = ref<'now' | 'always' | undefined>('now')
const isPlanted = computed(() =>
  standingOn(props.garden, date.value).some(({ containerId }) => containerId === props.start.id),
)
const isAsked = computed(
  () =>
    !props.isNew &&
    isPlanted.value &&
    !!container.value &&
    edits.changedState(props.start, container.value).length > 0,
)

/** A fault that stands in what is folded away is shown. */
const hasMoreFault = computed(() =>
  Object.keys(faults.value).some((field) => /^(wallMm|pourTest|holes|resinCode)/.test(field)),
)

function save(): void {
  if (!isSavable.value || !container.value) return
  const { pourTest } = container.value
  const isNewTest = pourTest && pourTest.rimVolumeL !== props.start.pourTest?.rimVolumeL
  const dated = isNewTest ? { pourTest: { ...pourTest, on: date.value } } : {}
  emit('save', { ...container.value, ...dated }, !isAsked.value || since.value === 'always')
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
        v-for="name in sizesOf(choice.type)"
        :key="name"
        v-model="sizes[name]"
        dimension="length"
        :schema="sizeSchema(name)"
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
      <QuantityField
        v-if="choice.type === 'fabricBag'"
        v-model="lengths.rolledMm"
        dimension="length"
        :schema="fieldSchema(containerSchema, 'rolledMm')"
        :label="t('form.rolled')"
        :fault="faultAt('rolledMm')"
        :hint="t('form.rolledHint')"
      />
      <QuantityField
        v-if="choice.type === 'basket'"
        v-model="lengths.linerMm"
        dimension="length"
        :schema="fieldSchema(containerSchema, 'linerMm')"
        :label="t('form.liner')"
        :fault="faultAt('linerMm')"
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
        :schema="fieldSchema(containerSchema, 'mulchMm')"
        :label="t('form.mulch')"
        :fault="faultAt('mulchMm')"
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
    <p v-if="lyingHeightMm" class="row form-lying">
      {{ t('form.lying', { label: text.label, height: length(lyingHeightMm) }) }}
      <PushButton size="small" @click="sizes.heightMm = lyingHeightMm">
        {{ t('form.takeLying') }}
      </PushButton>
    </p>
    <el-checkbox v-if="choice.type === 'flatBag'" v-model="hasRings" :label="t('form.hasRings')" />
    <PartFields v-if="partName" v-model="parts[partName]" :name="partName" :faults="faults" />
    <details class="form-more" :open="hasMoreFault">
      <summary>{{ t('form.more') }}</summary>
      <WallFields
        v-model:material="choice.material"
        v-model:colour="choice.colour"
        v-model:is-insulated="choice.isInsulated"
        v-model:resin-code="choice.resinCode"
        v-model:wall-mm="lengths.wallMm"
        v-model:poured-l="measured.pouredL"
        v-model:hole-count="measured.holeCount"
        v-model:hole-diameter-mm="measured.holeDiameterMm"
        :faults="faults"
      />
    </details>
    <p class="soft">{{ t('form.anyUnit') }}</p>
    <div class="form-actions row">
      <div v-if="isAsked" class="form-since">
        <SinceSwitch v-model="since" />
        <p class="soft">{{ t('happened.whenText') }}</p>
      </div>
      <PushButton type="primary" native-type="submit" :disabled="!isSavable">
        {{ isNew ? t('form.add') : t('form.save') }}
      </PushButton>
      <PushButton @click="emit('cancel')">{{ t('form.cancel') }}</PushButton>
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
.form-more {
  margin-bottom: 10px;
}
.form-more summary {
  padding: 4px 0 8px;
  font-weight: 600;
}
.form-lying {
  margin-top: -4px;
}
.form-since {
  width: 100%;
}
.form-since p {
  margin: 6px 0 2px;
  font-size: 13px;
}
</style>
