<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { useI18n } from 'vue-i18n'

/** A labelled number that has no unit to type: a pH, a ratio, a price. */
const props = defineProps<{ label: string; fault?: string | undefined; hint?: string }>()
const model = defineModel<number | undefined>({ required: true })
const id = useId()
const { t } = useI18n()

const written = (value: number | undefined) =>
  value === undefined ? '' : String(Number(value.toPrecision(6)))
const text = ref(written(model.value))
let given = model.value

/** A comma is a point: no number here is so large that it wants its thousands parted. */
const readNumber = () =>
  text.value.trim() ? Number(text.value.trim().replace(',', '.')) : undefined
const isReadable = computed(() => !Number.isNaN(readNumber()))
function read(): void {
  const value = readNumber()
  given = Number.isNaN(value) ? undefined : value
  model.value = given
}
watch(model, (value) => {
  if (value === given) return
  given = value
  text.value = written(value)
})
const shownFault = computed(() =>
  isReadable.value ? props.fault : t('fault.notReadable', { given: text.value }),
)
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
