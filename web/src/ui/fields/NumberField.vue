<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { firstFault, parseNumber, type Schema } from '@rimbo/core'
import { useFaultText } from '../words/faults'
import { useFormat } from '../words/format'

/**
 * A labelled number that has no unit to type: a pH, a ratio, a price. What cannot
 * be read, or is not allowed, is `NaN`; nothing typed is `undefined`.
 */
const props = defineProps<{
  label: string
  /** What of it can be kept. */
  schema?: Schema
  fault?: string | undefined
  hint?: string
}>()
const model = defineModel<number | undefined>({ required: true })
const id = useId()

const { system, number, decimal, typed: typedNumber } = useFormat()
const written = (value: number | undefined) =>
  value === undefined || Number.isNaN(value) ? '' : typedNumber(value, 6)
const text = ref(written(model.value))
let given = model.value

const { ofError, ofLimit } = useFaultText()
/** What was typed, or what is wrong with it. */
const typed = computed((): { value?: number; fault?: string } => {
  if (!text.value.trim()) return {}
  try {
    const value = parseNumber(text.value, system.value, decimal.value)
    const fault = firstFault(props.schema, value)
    return fault ? { fault: ofLimit(fault, number, value) } : { value }
  } catch (error) {
    return { fault: ofError(error) }
  }
})
function read(): void {
  // What cannot be read is no number, and not nothing: a form must not take it for left out.
  given = typed.value.fault ? NaN : typed.value.value
  model.value = given
}
watch(model, (value) => {
  if (Object.is(value, given)) return
  given = value
  text.value = written(value)
})
watch(decimal, () => {
  if (!typed.value.fault) text.value = written(model.value)
})
const shownFault = computed(() => typed.value.fault ?? props.fault)
</script>

<template>
  <div class="field" :class="{ 'field-wrong': shownFault }">
    <label :for="id">{{ label }}</label>
    <el-input
      :id="id"
      v-model="text"
      inputmode="decimal"
      autocomplete="off"
      :aria-invalid="!!shownFault"
      :aria-describedby="`${id}-note`"
      @input="read"
    />
    <p :id="`${id}-note`" class="field-note" :role="shownFault ? 'alert' : undefined">
      {{ shownFault || hint }}
    </p>
  </div>
</template>
