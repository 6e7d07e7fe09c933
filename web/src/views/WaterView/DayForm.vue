<script setup lang="ts">
import { computed, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  edits,
  dailyWeatherSchema,
  faultsOf,
  fieldSchema,
  own,
  weatherOn,
  type Fault,
  type Garden,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import QuantityField from '../../ui/fields/QuantityField.vue'
import TextField from '../../ui/fields/TextField.vue'
import { useFollowing } from '../../ui/useFollowing'
import PushButton from '../../ui/fields/PushButton.vue'

/** The weather of a day. Two temperatures are enough. */
const props = defineProps<{ garden: Garden }>()
/** The day whose weather is shown and typed. */
const date = defineModel<string>('date', { required: true })
const store = useGardenStore()
const { t } = useI18n()
const { system } = useFormat()
const { atField } = useFaultText()

const NAMES = [
  'tempMaxC',
  'tempMinC',
  'humidityMaxShare',
  'humidityMinShare',
  'windMS',
  'sunshineH',
  'rainMm',
] as const
type Numbers = Record<(typeof NAMES)[number], number | undefined>

/** What is known of the chosen day. */
const { fields: numbers, reset } = useFollowing(() => {
  const known = weatherOn(props.garden, date.value)
  return Object.fromEntries(NAMES.map((name) => [name, known?.[name]])) as Numbers
})
watch(date, reset)
const typed = computed(() => {
  const known = Object.fromEntries(
    NAMES.flatMap((name) => (numbers[name] === undefined ? [] : [[name, numbers[name]]])),
  )
  return dailyWeatherSchema.safeParse({ date: date.value, ...known }, { reportInput: true })
})
const faults = computed(() => {
  const found: Record<string, Fault> = {}
  for (const fault of typed.value.success ? [] : faultsOf(typed.value.error))
    found[String(fault.path[0] ?? 'date')] ??= fault
  return found
})
const faultAt = (name: string) => {
  const fault = own(faults.value, name)
  return fault && atField(fault)
}
/** An empty field is no fault before anything was typed into the form. */
const missing = (name: 'tempMaxC' | 'tempMinC') =>
  numbers[name] === undefined ? undefined : faultAt(name)

async function save(): Promise<void> {
  const { data: day } = typed.value
  if (day) await store.edit(edits.keepDay(day))
}
</script>

<template>
  <form @submit.prevent="save">
    <TextField v-model="date" type="date" :label="t('water.day')" :fault="faultAt('date')" />
    <div class="field-grid">
      <QuantityField
        v-model="numbers.tempMaxC"
        :schema="fieldSchema(dailyWeatherSchema, 'tempMaxC')"
        dimension="temperature"
        :label="t('water.tempMax')"
        :fault="missing('tempMaxC')"
      />
      <QuantityField
        v-model="numbers.tempMinC"
        :schema="fieldSchema(dailyWeatherSchema, 'tempMinC')"
        dimension="temperature"
        :label="t('water.tempMin')"
        :fault="missing('tempMinC')"
      />
      <QuantityField
        v-model="numbers.humidityMaxShare"
        :schema="fieldSchema(dailyWeatherSchema, 'humidityMaxShare')"
        dimension="share"
        optional
        :label="t('water.humidityMax')"
        :fault="faultAt('humidityMaxShare')"
      />
      <QuantityField
        v-model="numbers.humidityMinShare"
        :schema="fieldSchema(dailyWeatherSchema, 'humidityMinShare')"
        dimension="share"
        optional
        :label="t('water.humidityMin')"
        :fault="faultAt('humidityMinShare')"
      />
      <QuantityField
        v-model="numbers.windMS"
        :schema="fieldSchema(dailyWeatherSchema, 'windMS')"
        dimension="speed"
        optional
        :label="t('water.wind')"
        :fault="faultAt('windMS')"
      />
      <QuantityField
        v-model="numbers.sunshineH"
        :schema="fieldSchema(dailyWeatherSchema, 'sunshineH')"
        dimension="duration"
        optional
        :label="t('water.sunshine')"
        :fault="faultAt('sunshineH')"
      />
      <QuantityField
        v-model="numbers.rainMm"
        :schema="fieldSchema(dailyWeatherSchema, 'rainMm')"
        dimension="length"
        optional
        :bare="system === 'us' ? 'in' : 'mm'"
        :label="t('water.rain')"
        :fault="faultAt('rainMm')"
      />
    </div>
    <p class="soft water-note">{{ t('water.optional') }}</p>
    <PushButton type="primary" native-type="submit" :disabled="!typed.success">{{
      t('water.save')
    }}</PushButton>
  </form>
</template>

<style>
.water-note {
  font-size: 14px;
}
</style>
