<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  faultsOf,
  fieldSchema,
  fruitClassesOf,
  habitsOf,
  nameSchema,
  varietySchema,
  type FruitClass,
  type Habit,
  type Variety,
} from '@rimbo/core'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useOptions } from '../../ui/fields/options'
import QuantityField from '../../ui/fields/QuantityField.vue'
import TextField from '../../ui/fields/TextField.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** A variety of the gardener's own: copied from another, or changed. */
const props = defineProps<{ start: Variety; isNew: boolean }>()
const emit = defineEmits<{ save: [variety: Variety]; close: [] }>()

const { t } = useI18n()
const { atField, textFault } = useFaultText()

interface Typed {
  name: string
  habit: Habit | undefined
  fruitClass: FruitClass | undefined
  matureHeightMm: number | undefined
  matureCanopyM2: number | undefined
  fullVolumeL: number | undefined
}
const { habit, fruitClass, matureHeightMm, matureCanopyM2, fullVolumeL } = props.start
const typed = reactive<Typed>({
  name: props.start.name ?? '',
  habit,
  fruitClass,
  matureHeightMm,
  matureCanopyM2,
  fullVolumeL,
})
const daysText = ref(String(props.start.daysToMaturity))

const checkedForm = computed(() =>
  varietySchema.safeParse(
    {
      ...props.start,
      ...typed,
      daysToMaturity: daysText.value.trim() ? Number(daysText.value) : undefined,
    },
    { reportInput: true },
  ),
)
const faults = computed(() => {
  const found = checkedForm.value.success ? [] : faultsOf(checkedForm.value.error)
  return Object.fromEntries(found.map((fault) => [String(fault.path[0]), atField(fault)]))
})
/** The catalogue's varieties are ours to name; an own one has its own name. */
const nameFault = computed(() => textFault(nameSchema, typed.name, t('variety.nameFault')))

const { optionsOf } = useOptions()
const habitOptions = computed(() => optionsOf(habitsOf[props.start.crop], 'habit'))
const fruitOptions = computed(() => optionsOf(fruitClassesOf[props.start.crop], 'fruitClass'))

function save(): void {
  const { data } = checkedForm.value
  if (data && !nameFault.value) emit('save', data)
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t(isNew ? 'variety.addTitle' : 'variety.editTitle')"
    width="520"
    @close="emit('close')"
  >
    <form @submit.prevent="save">
      <div class="field-grid">
        <TextField v-model="typed.name" :label="t('variety.name')" :fault="nameFault" />
        <TextField
          v-model="daysText"
          :label="t('variety.days')"
          :fault="faults['daysToMaturity']"
        />
        <ChoiceField v-model="typed.habit" :label="t('variety.habit')" :options="habitOptions" />
        <ChoiceField
          v-model="typed.fruitClass"
          :label="t('variety.fruit')"
          :options="fruitOptions"
        />
        <QuantityField
          v-model="typed.matureHeightMm"
          dimension="length"
          :label="t('variety.height')"
          :schema="fieldSchema(varietySchema, 'matureHeightMm')"
          :fault="faults['matureHeightMm']"
        />
        <QuantityField
          v-model="typed.matureCanopyM2"
          dimension="area"
          :label="t('variety.canopy')"
          :schema="fieldSchema(varietySchema, 'matureCanopyM2')"
          :fault="faults['matureCanopyM2']"
        />
        <QuantityField
          v-model="typed.fullVolumeL"
          dimension="volume"
          :label="t('variety.fullVolume')"
          :schema="fieldSchema(varietySchema, 'fullVolumeL')"
          :fault="faults['fullVolumeL']"
          :hint="t('variety.fullVolumeHint')"
        />
      </div>
      <PushButton
        type="primary"
        native-type="submit"
        :disabled="!checkedForm.success || !!nameFault"
      >
        {{ t('variety.save') }}
      </PushButton>
    </form>
  </el-dialog>
</template>
