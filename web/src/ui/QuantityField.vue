<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { bareUnit, parseQuantity, toUnit, type Dimension, type UnitName } from '@rimbo/core'
import { useFaultText } from './faults'
import { useFormat } from './format'

/**
 * A field for one quantity. Takes any unit, shows what it understood, and gives
 * the value in the core's own unit; `undefined` while the text cannot be read.
 */
const props = defineProps<{
  label: string
  dimension: Dimension
  /** Unit of a bare number where it is not the system's usual one, such as mm for rain. */
  bare?: UnitName
  /** Another reader of the text, such as a tape round a pot. */
  parse?: (text: string) => number
  /** What the rules of the whole say of this field. */
  fault?: string | undefined
  optional?: boolean
  /** An optional one that cannot be read is `NaN`, so that a form does not take it for left out. */
  strict?: boolean
  hint?: string
}>()
const model = defineModel<number | undefined>({ required: true })

const id = useId()
const { t } = useI18n()
const { system, params } = useFormat()
const { ofError } = useFaultText()

const usualUnit = computed(() => props.bare ?? bareUnit[system.value][props.dimension])

function typedForm(value: number | undefined): string {
  if (value === undefined) return ''
  const name = usualUnit.value
  const shown = Number(toUnit(value, props.dimension, name).toPrecision(4))
  return `${shown} ${t(`unit.${name}`)}`
}

const text = ref(typedForm(model.value))
const readFault = ref('')
let given = model.value
/** What stands in the field was typed, and not written there from the value. */
let isTyped = false

const isBare = (typed: string) => /^[\d.,\s/½¼¾-]+$/.test(typed)
const withUnit = (typed: string) =>
  props.bare && isBare(typed) ? `${typed} ${t(`unit.${props.bare}`)}` : typed

function read(): void {
  isTyped = true
  readFault.value = ''
  try {
    const isLeftOut = props.optional && text.value.trim() === ''
    given = isLeftOut
      ? undefined
      : props.parse
        ? props.parse(text.value)
        : parseQuantity(withUnit(text.value), props.dimension, system.value)
  } catch (error) {
    readFault.value = ofError(error)
    given = props.strict ? NaN : undefined
  }
  model.value = given
}

/** Says in the usual unit what was typed in another. */
const understood = computed(() => {
  if (model.value === undefined || Number.isNaN(model.value) || readFault.value) return ''
  const usual = t(`unit.${usualUnit.value}`)
  const isUsual = isBare(text.value.replace(usual, ''))
  const suffix = {
    volume: 'L',
    length: 'Mm',
    mass: 'G',
    temperature: 'C',
    area: 'M2',
    share: 'Share',
  }
  const key = `value${(suffix as Record<string, string>)[props.dimension] ?? ''}`
  return isUsual ? '' : `= ${params({ [key]: model.value })[key]}`
})

function show(value: number | undefined): void {
  given = value
  isTyped = false
  text.value = typedForm(value)
}
watch(model, (value) => {
  const isOwn = Object.is(value, given) || (value === undefined && !!readFault.value)
  if (!isOwn) show(value)
})
watch(usualUnit, () => {
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
    </p>
  </div>
</template>
