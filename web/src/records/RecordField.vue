<script setup lang="ts">
import { computed, type Component } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  catalogue,
  feedProducts,
  fieldSchema,
  own,
  recipes,
  recordSchema,
  type PotToday,
  type RecordKind,
} from '@rimbo/core'
import { useGardenStore } from '../stores/garden'
import ChoiceField from '../ui/fields/ChoiceField.vue'
import CountField from '../ui/fields/CountField.vue'
import NumberField from '../ui/fields/NumberField.vue'
import QuantityField from '../ui/fields/QuantityField.vue'
import TextField from '../ui/fields/TextField.vue'
import { useNames } from '../ui/words/names'
import type { FormField } from './forms'

/** One field of a record, as its kind asks for it. */
const props = defineProps<{
  kind: RecordKind
  field: FormField
  pot: PotToday | undefined
  fault: string | undefined
}>()
const model = defineModel<unknown>({ required: true })

const { garden } = storeToRefs(useGardenStore())
const { t } = useI18n()
const { varietyName, recipeName, productName } = useNames()

interface Option {
  readonly value: string
  readonly label: string
}
/** Stands for nothing chosen: a list shows no empty value. */
const NONE = 'none'
const noneWords = {
  plants: 'allPlants',
  recipe: 'asBefore',
  fromContainerId: 'thisPot',
} as Readonly<Record<string, string>>
const noneWord = ({ field, as }: FormField) => own(noneWords, field) ?? own(noneWords, as) ?? 'none'

const named = <T extends { readonly id: string }>(list: readonly T[], label: (one: T) => string) =>
  list.map((one): Option => ({ value: one.id, label: label(one) }))
function choicesOf(field: FormField): readonly Option[] {
  if (!garden.value) return []
  const { spaces, containers, varieties, recipes: own } = garden.value
  switch (field.as) {
    case 'choice':
      return field.options.map((value) => ({ value, label: t(`${field.words}.${value}`) }))
    case 'plants':
      return (props.pot?.plants ?? []).map(({ planting, variety }) => ({
        value: planting.id,
        label: varietyName(variety),
      }))
    case 'space':
      return named(spaces, ({ name }) => name)
    case 'pot':
      return named(
        containers.filter(({ id }) => id !== props.pot?.container.id),
        ({ code, name }) => `${code} · ${name}`,
      )
    case 'recipe':
      return named([...own, ...recipes], recipeName)
    case 'product':
      return named(feedProducts(garden.value), ({ id }) => productName(id))
    case 'variety':
      return named([...varieties, ...catalogue], varietyName)
    default:
      return []
  }
}
const options = computed<readonly Option[]>(() => {
  const { field } = props
  const none = {
    value: NONE,
    label: t(`happened.${noneWord(field)}`),
  }
  return field.isOptional ? [none, ...choicesOf(field)] : choicesOf(field)
})

const schema = computed(() => fieldSchema(recordSchema, { kind: props.kind }, props.field.field))
const shown = computed((): { is: Component; more: object } => {
  const { field } = props
  const optional = field.isOptional ?? false
  switch (field.as) {
    case 'quantity':
      return {
        is: QuantityField,
        more: { dimension: field.dimension, schema: schema.value, optional },
      }
    case 'percent':
      return { is: QuantityField, more: { dimension: 'share', schema: schema.value, optional } }
    case 'number':
      return { is: NumberField, more: { schema: schema.value } }
    case 'count':
      return { is: CountField, more: { min: field.min ?? 1, max: field.max } }
    case 'text':
      return { is: TextField, more: {} }
    default:
      return { is: ChoiceField, more: { options: options.value } }
  }
})
const isChosen = computed(() => shown.value.is === ChoiceField)
const value = computed(() => {
  if (model.value !== undefined) return model.value
  if (isChosen.value && props.field.isOptional) return NONE
  return props.field.as === 'text' ? '' : undefined
})
const set = (next: unknown) => (model.value = isChosen.value && next === NONE ? undefined : next)
</script>

<template>
  <el-checkbox
    v-if="field.as === 'flag'"
    :model-value="model === true"
    :label="t(`happened.${field.label}`)"
    @update:model-value="(is: unknown) => (model = is)"
  />
  <component
    :is="shown.is"
    v-else
    v-bind="shown.more"
    :model-value="value"
    :label="t(`happened.${field.label}`)"
    :fault="fault"
    @update:model-value="set"
  />
</template>
