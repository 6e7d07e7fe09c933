<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  bareUnit,
  firstFault,
  likelyMeaning,
  parseQuantity,
  toUnit,
  type DecimalMark,
  type Dimension,
  type Schema,
  type UnitName,
} from '@rimbo/core'
import { useFaultText } from '../words/faults'
import { useFormat } from '../words/format'
import PushButton from './PushButton.vue'

/**
 * A field for one quantity. Takes any unit, shows what it understood, and gives
 * the value in the core's own unit. What cannot be read, or is not allowed, is
 * `NaN`; nothing typed is `undefined`.
 */
const props = defineProps<{
  label: string
  dimension: Dimension
  /** Unit of a bare number where it is not the system's usual one, such as mm for rain. */
  bare?: UnitName
  /** Another reader of the text, such as a tape round a pot. */
  parse?: (text: string, decimal: DecimalMark) => number
  /** What of it can be kept, in the core's own unit. */
  schema?: Schema
  /** What the rules of the whole say of this field. */
  fault?: string | undefined
  optional?: boolean
  hint?: string
}>()
const model = defineModel<number | undefined>({ required: true })

const id = useId()
const { t } = useI18n()
const { system, quantity, decimal, typed: typedNumber } = useFormat()
const { ofError, ofLimit } = useFaultText()

const usualUnit = computed(() => props.bare ?? bareUnit[system.value][props.dimension])

function typedForm(value: number | undefined): string {
  if (value === undefined || Number.isNaN(value)) return ''
  const name = usualUnit.value
  return `${typedNumber(toUnit(value, props.dimension, name), 4)} ${t(`unit.${name}`)}`
}

const text = ref(typedForm(model.value))
const readFault = ref('')
let given = model.value
/** What stands in the field was typed, and not written there from the value. */
let isTyped = false

const isBare = (typed: string) => /^[\d.,\s/½¼¾-]+$/.test(typed)
const withUnit = (typed: string) =>
  props.bare && isBare(typed) ? `${typed} ${t(`unit.${props.bare}`)}` : typed

const isAllowed = (value: number) => !props.schema || props.schema.safeParse(value).success
/** What was probably meant by a value that is not allowed: offered, never taken by itself. */
const meant = ref<string>()

function read(): void {
  isTyped = true
  readFault.value = ''
  meant.value = undefined
  try {
    given = understoodIn(text.value)
  } catch (error) {
    readFault.value = ofError(error)
    given = NaN
  }
  model.value = given
}
/** @throws InputError where it cannot be read */
function understoodIn(typed: string): number | undefined {
  if (!typed.trim()) {
    if (!props.optional) readFault.value = t('fault.empty')
    return undefined
  }
  if (props.parse) return allowed(props.parse(typed, decimal.value))
  return allowed(parseQuantity(withUnit(typed), props.dimension, system.value, decimal.value))
}
/** The value, or `NaN` where it cannot be kept: then it is said why. */
function allowed(value: number): number {
  const fault = firstFault(props.schema, value)
  if (!fault) return value
  readFault.value = ofLimit(fault, (one) => quantity(one, props.dimension), value)
  const likely = likelyMeaning(text.value, props.dimension, system.value, isAllowed)
  if (likely) meant.value = `${likely.number} ${t(`unit.${likely.unit}`)}`
  return NaN
}
function takeMeant(): void {
  if (!meant.value) return
  text.value = meant.value
  read()
}

/** Says in the usual unit what was typed in another. */
const understood = computed(() => {
  if (model.value === undefined || Number.isNaN(model.value) || readFault.value) return ''
  const usual = t(`unit.${usualUnit.value}`)
  const isUsual = isBare(text.value.replace(usual, ''))
  return isUsual ? '' : `= ${quantity(model.value, props.dimension)}`
})

function show(value: number | undefined): void {
  given = value
  isTyped = false
  readFault.value = ''
  meant.value = undefined
  text.value = typedForm(value)
}
watch(model, (value) => {
  if (!Object.is(value, given)) show(value)
})
// Another unit, or the same in another language.
watch([usualUnit, () => t(`unit.${usualUnit.value}`), decimal], () => {
  if (!readFault.value) show(model.value)
})
watch(
  () => props.parse,
  () => {
    if (isTyped) read()
  },
)

const shownFault = computed(() => readFault.value || props.fault || '')
</script>

<template>
  <div class="field" :class="{ 'field-wrong': shownFault }">
    <label :for="id">{{ label }}</label>
    <el-input
      :id="id"
      v-model="text"
      autocomplete="off"
      :aria-invalid="!!shownFault"
      :aria-describedby="`${id}-note`"
      @input="read"
    />
    <p :id="`${id}-note`" class="field-note" :role="shownFault ? 'alert' : undefined">
      {{ shownFault || understood || hint }}
      <PushButton v-if="meant" size="small" class="field-meant" @click="takeMeant">
        {{ t('fault.meant', { value: meant }) }}
      </PushButton>
    </p>
  </div>
</template>
