<script setup lang="ts">
import { computed, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  edits,
  dailyWeatherSchema,
  faultsOf,
  fieldSchema,
  own,
  placeSchema,
  weatherOn,
  type Place,
  type Fault,
  type Garden,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { numberIn } from '../../ui/fields/numberIn'
import QuantityField from '../../ui/fields/QuantityField.vue'
import TextField from '../../ui/fields/TextField.vue'
import { useFollowing } from '../../ui/useFollowing'
import PushButton from '../../ui/fields/PushButton.vue'

/** The weather of a day, and the place it is for. Two temperatures are enough. */
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
interface TypedPlace {
  name: string
  latitude: string
  elevationMm: number | undefined
  coastal: boolean
}
const { fields: place, filled: filledPlace } = useFollowing<TypedPlace>(() => {
  const { name, latitudeDeg, elevationM, coastal } = props.garden.place
  return {
    name,
    latitude: String(latitudeDeg),
    elevationMm: elevationM * 1000,
    coastal,
  }
})

const typed = computed(() => {
  const known = Object.fromEntries(
    NAMES.flatMap((name) => (numbers[name] === undefined ? [] : [[name, numbers[name]]])),
  )
  return dailyWeatherSchema.safeParse({ date: date.value, ...known }, { reportInput: true })
})
/** The place that the fields make. */
const placeOf = ({ name, latitude, elevationMm, coastal }: typeof place) => ({
  ...props.garden.place,
  name,
  latitudeDeg: latitude.trim() ? numberIn(latitude.replace('°', ''), system.value) : undefined,
  elevationM: elevationMm === undefined ? undefined : elevationMm / 1000,
  coastal,
})
const typedPlace = computed(() => placeSchema.safeParse(placeOf(place), { reportInput: true }))
const faults = computed(() => {
  const found: Record<string, Fault> = {}
  for (const result of [typed.value, typedPlace.value])
    for (const fault of result.success ? [] : faultsOf(result.error))
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

const isReady = computed(() => typed.value.success && typedPlace.value.success)

async function save(): Promise<void> {
  const { data: day } = typed.value
  const { data: where } = typedPlace.value
  if (!day || !where) return
  await store.edit(edits.keepDay(day, where, placeOf(filledPlace()) as Place))
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
    <h2>{{ t('water.place') }}</h2>
    <div class="field-grid">
      <TextField v-model="place.name" :label="t('water.placeName')" :fault="faultAt('name')" />
      <TextField
        v-model="place.latitude"
        :label="t('water.latitude')"
        :fault="faultAt('latitudeDeg')"
      />
      <QuantityField
        v-model="place.elevationMm"
        dimension="length"
        :bare="system === 'metric' ? 'm' : 'ft'"
        :label="t('water.elevation')"
        :fault="faultAt('elevationM')"
      />
      <el-checkbox v-model="place.coastal" :label="t('water.coastal')" />
    </div>
    <PushButton type="primary" native-type="submit" :disabled="!isReady">{{
      t('water.save')
    }}</PushButton>
  </form>
</template>

<style>
.water-note {
  font-size: 14px;
}
</style>
