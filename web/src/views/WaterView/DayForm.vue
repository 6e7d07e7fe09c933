<script setup lang="ts">
import { computed, reactive, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  dailyWeatherSchema,
  faultsOf,
  placeSchema,
  weatherOn,
  type DailyWeather,
  type Fault,
  type Garden,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useFaultText } from '../../ui/faults'
import { useFormat } from '../../ui/format'
import { numberIn } from '../../ui/numberIn'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'

/** The weather of a day, and the place it is for. Two temperatures are enough. */
const props = defineProps<{ garden: Garden }>()
/** The day whose weather is shown and typed. */
const date = defineModel<string>('date', { required: true })
const store = useGardenStore()
const { t } = useI18n()
const { system } = useFormat()
const { atField } = useFaultText()

type Numbers = Partial<Record<keyof Omit<DailyWeather, 'date'>, number | undefined>>
const numbers = reactive<Numbers>({})
const place = reactive({
  name: props.garden.place.name,
  latitude: String(props.garden.place.latitudeDeg),
  elevationMm: props.garden.place.elevationM * 1000,
  coastal: props.garden.place.coastal,
})

/** Shows what is known of the chosen day. */
function fill(): void {
  const known = weatherOn(props.garden, date.value)
  for (const name of NAMES) numbers[name] = known?.[name]
}
const NAMES = [
  'tempMaxC',
  'tempMinC',
  'humidityMaxShare',
  'humidityMinShare',
  'windMS',
  'sunshineH',
  'rainMm',
] as const
watch([date, () => weatherOn(props.garden, date.value)], fill, { immediate: true })

const typed = computed(() => {
  const known = Object.fromEntries(
    NAMES.flatMap((name) => (numbers[name] === undefined ? [] : [[name, numbers[name]]])),
  )
  return dailyWeatherSchema.safeParse({ date: date.value, ...known }, { reportInput: true })
})
const latitudeDeg = computed(() => numberIn(place.latitude.replace('°', ''), system.value))
const typedPlace = computed(() =>
  placeSchema.safeParse(
    {
      ...props.garden.place,
      name: place.name,
      latitudeDeg: place.latitude.trim() ? latitudeDeg.value : undefined,
      elevationM: place.elevationMm === undefined ? undefined : place.elevationMm / 1000,
      coastal: place.coastal,
    },
    { reportInput: true },
  ),
)
const faults = computed(() => {
  const found: Record<string, Fault> = {}
  for (const result of [typed.value, typedPlace.value])
    for (const fault of result.success ? [] : faultsOf(result.error))
      found[String(fault.path[0] ?? 'date')] ??= fault
  return found
})
const faultAt = (name: string) => {
  const fault = faults.value[name]
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
  await store.edit({ code: 'change.weather', params: { date: day.date } }, (draft) => {
    draft.place = where
    draft.weather = [...draft.weather.filter((one) => one.date !== day.date), day].sort((a, b) =>
      a.date < b.date ? -1 : 1,
    )
  })
}
</script>

<template>
  <form @submit.prevent="save">
    <TextField v-model="date" type="date" :label="t('water.day')" :fault="faultAt('date')" />
    <div class="field-grid">
      <QuantityField
        v-model="numbers.tempMaxC"
        dimension="temperature"
        :label="t('water.tempMax')"
        :fault="missing('tempMaxC')"
      />
      <QuantityField
        v-model="numbers.tempMinC"
        dimension="temperature"
        :label="t('water.tempMin')"
        :fault="missing('tempMinC')"
      />
      <QuantityField
        v-model="numbers.humidityMaxShare"
        dimension="share"
        optional
        :label="t('water.humidityMax')"
        :fault="faultAt('humidityMaxShare')"
      />
      <QuantityField
        v-model="numbers.humidityMinShare"
        dimension="share"
        optional
        :label="t('water.humidityMin')"
        :fault="faultAt('humidityMinShare')"
      />
      <QuantityField
        v-model="numbers.windMS"
        dimension="speed"
        optional
        :label="t('water.wind')"
        :fault="faultAt('windMS')"
      />
      <QuantityField
        v-model="numbers.sunshineH"
        dimension="duration"
        optional
        :label="t('water.sunshine')"
        :fault="faultAt('sunshineH')"
      />
      <QuantityField
        v-model="numbers.rainMm"
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
    <el-button type="primary" native-type="submit" :disabled="!isReady">{{
      t('water.save')
    }}</el-button>
  </form>
</template>

<style>
.water-note {
  font-size: 14px;
}
</style>
