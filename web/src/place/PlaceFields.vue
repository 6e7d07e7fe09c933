<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { Location } from '@element-plus/icons-vue'
import { parseElevation, type Place } from '@rimbo/core'
import PushButton from '../ui/fields/PushButton.vue'
import QuantityField from '../ui/fields/QuantityField.vue'
import TextField from '../ui/fields/TextField.vue'
import { useFaultText } from '../ui/words/faults'
import { useFormat } from '../ui/words/format'
import TownField from './TownField.vue'
import type { usePlaceForm } from './usePlaceForm'
import { useTowns } from './useTowns'

/** Where a garden lies: a town of the list, where the browser is, or latitude and height. */
const props = defineProps<{ form: ReturnType<typeof usePlaceForm>; isOpen?: boolean }>()
const { t } = useI18n()
const { system } = useFormat()
const { atField } = useFaultText()
const { ask } = useTowns()
const { fields, faultAt, take } = props.form

const faultText = (field: keyof Place) => {
  const fault = faultAt(field)
  // An empty field is told by what it asks, not as a fault.
  return fault && atField(fault)
}
/** Empty fields are no fault before anything was told. */
const isTold = (text: string | number | undefined) => text !== undefined && text !== ''

const POSITION_WAIT_MS = 15_000
const isLocating = ref(false)
const isByHand = ref(props.isOpen ?? false)
const positionNote = ref('')

function locate(): void {
  positionNote.value = ''
  if (!('geolocation' in navigator)) {
    refused()
    return
  }
  isLocating.value = true
  navigator.geolocation.getCurrentPosition(
    ({ coords }) => void found(coords).finally(() => (isLocating.value = false)),
    refused,
    { timeout: POSITION_WAIT_MS, maximumAge: 3_600_000 },
  )
}
function refused(): void {
  isLocating.value = false
  isByHand.value = true
  positionNote.value = t('start.noPosition')
}
const hundredth = (value: number) => Math.round(value * 100) / 100
async function found({ latitude, longitude, altitude }: GeolocationCoordinates): Promise<void> {
  const at = { latitudeDeg: hundredth(latitude), longitudeDeg: hundredth(longitude) }
  const town = await ask((work) => work.nearest(latitude, longitude)).catch(() => undefined)
  const elevationM = altitude === null ? town?.elevationM : Math.round(altitude)
  take({
    otherNames: [],
    country: '',
    state: '',
    ...at,
    name: town?.name ?? t('demo.ownSpace'),
    elevationM,
    coastal: town?.coastal ?? false,
  })
  if (elevationM === undefined) isByHand.value = true
}
</script>

<template>
  <div class="place-fields">
    <TownField @chosen="take" />
    <div class="row">
      <PushButton :icon="Location" :loading="isLocating" @click="locate">{{
        t('start.locate')
      }}</PushButton>
      <PushButton :aria-expanded="isByHand" @click="isByHand = !isByHand">{{
        t('start.byHand')
      }}</PushButton>
    </div>
    <p v-if="positionNote" class="strong" role="alert">{{ positionNote }}</p>
    <div v-if="isByHand" class="field-grid place-by-hand">
      <TextField
        v-model="fields.name"
        :label="t('water.placeName')"
        :fault="isTold(fields.latitude) ? faultText('name') : undefined"
      />
      <QuantityField
        v-model="fields.elevationMm"
        dimension="length"
        :bare="system === 'metric' ? 'm' : 'ft'"
        :parse="(text: string) => parseElevation(text, system)"
        :label="t('water.elevation')"
        :fault="isTold(fields.elevationMm) ? faultText('elevationM') : undefined"
      />
      <TextField
        v-model="fields.latitude"
        :label="t('water.latitude')"
        :fault="isTold(fields.latitude) ? faultText('latitudeDeg') : undefined"
      />
      <TextField
        v-model="fields.longitude"
        :label="t('start.longitude')"
        :hint="t('start.longitudeHint')"
        :fault="isTold(fields.longitude) ? faultText('longitudeDeg') : undefined"
      />
      <el-checkbox v-model="fields.coastal" :label="t('water.coastal')" />
    </div>
  </div>
</template>

<style>
.place-fields {
  margin-bottom: 12px;
}
.place-by-hand {
  margin-top: 12px;
}
</style>
