<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { Location } from '@element-plus/icons-vue'
import PushButton from '../ui/fields/PushButton.vue'
import { lazily } from '../loading'
import TownField from './TownField.vue'
import type { usePlaceForm } from './usePlaceForm'
import { useTowns } from './useTowns'

/** Where a garden lies: a town of the list, where the browser is, or latitude and height. */
const props = defineProps<{ form: ReturnType<typeof usePlaceForm>; isOpen?: boolean }>()
/** Most choose a town: the fields come when they are asked for. */
const PlaceByHand = lazily(() => import('./PlaceByHand.vue'))
const { t } = useI18n()
const { ask } = useTowns()
const { take } = props.form

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
  const town = await ask((work) => work.nearest(latitude, longitude)).catch(() => undefined)
  const elevationM = altitude === null ? town?.elevationM : Math.round(altitude)
  take({
    name: town?.name ?? '',
    latitudeDeg: hundredth(latitude),
    longitudeDeg: hundredth(longitude),
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
    <PlaceByHand v-if="isByHand" :form="form" />
  </div>
</template>

<style>
.place-fields {
  margin-bottom: 12px;
}
</style>
