<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { edits, hasTypedNormals, type UnitSystem } from '@rimbo/core'
import { lazily } from '../../loading'
import ClimateLine from '../../place/ClimateLine.vue'
import PlaceFields from '../../place/PlaceFields.vue'
import { usePlaceForm } from '../../place/usePlaceForm'
import { usualSettings } from '../../place/usualSettings'
import { useGardenStore } from '../../stores/garden'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'

/** Step one: where the garden lies, with its climate in one line; units, money and week as the browser has them. */
const props = defineProps<{ isNew: boolean; isOpen: boolean }>()
const emit = defineEmits<{ done: [] }>()
const units = defineModel<UnitSystem | undefined>('units', { required: true })
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const StartUnits = lazily(() => import('./StartUnits.vue'))
const { t } = useI18n()
const { system, inSentence, typed } = useFormat()

const own = computed(() => (props.isNew ? undefined : garden.value))
const form = usePlaceForm(
  own.value?.place,
  () => system.value,
  t('start.unnamed'),
  (deg) => typed(deg, 7),
)
const { place, guessed, guessedFrom } = form
const isTyped = computed(() => !!own.value && hasTypedNormals(own.value))
const normals = computed(() => (isTyped.value ? own.value?.normals : guessed.value))

const usual = usualSettings()
const settings = { ...usual, ...own.value?.settings }
units.value = settings.unitSystem
const currency = ref(settings.currency)
const weekStartsOn = ref(settings.weekStartsOn ?? usual.weekStartsOn)
const isAsked = ref(false)
const isMoney = computed(() => /^[A-Z]{3}$/.test(currency.value.trim().toUpperCase()))

async function take(): Promise<void> {
  if (!place.value || !guessed.value || !isMoney.value || isSaving.value) return
  const chosen = {
    unitSystem: units.value ?? usual.unitSystem,
    currency: currency.value.trim().toUpperCase(),
    weekStartsOn: weekStartsOn.value,
  }
  if (own.value) {
    await store.edit(edits.keepPlace(place.value, own.value.place, guessed.value))
    await store.edit(edits.changeSettings(chosen))
  } else
    await store.startOwn(t('demo.ownName'), t('demo.ownSpace'), {
      place: place.value,
      guessed: guessed.value,
      settings: chosen,
    })
  emit('done')
}
async function later(): Promise<void> {
  await store.startOwn(t('demo.ownName'), t('demo.ownSpace'))
  emit('done')
}
</script>

<template>
  <template v-if="isOpen">
    <form @submit.prevent="take">
      <PlaceFields :form="form" :is-open="!!own" />
      <template v-if="place && normals">
        <p class="start-where">
          <strong>{{ place.name }}</strong>
        </p>
        <ClimateLine :normals="normals" :place="place" />
        <p v-if="!isTyped" class="soft">
          {{ t('start.climateGuess', { places: guessedFrom.join(', ') }) }}
        </p>
      </template>
      <details class="start-units" @toggle="isAsked = true">
        <summary>
          {{ t('start.units') }} {{ inSentence(t(`settings.units.${units ?? 'metric'}`)) }},
          {{ currency }}
        </summary>
        <StartUnits
          v-if="isAsked"
          v-model:units="units"
          v-model:currency="currency"
          v-model:week-starts-on="weekStartsOn"
          :currency-fault="isMoney ? undefined : t('settings.currencyFault')"
        />
      </details>
      <div class="row">
        <PushButton type="primary" native-type="submit" :disabled="!place || !isMoney">{{
          t('start.takePlace')
        }}</PushButton>
        <PushButton v-if="isNew" @click="later">{{ t('start.later') }}</PushButton>
      </div>
    </form>
  </template>
  <template v-else-if="own">
    <p>
      <strong>{{ own.place.name }}</strong>
    </p>
    <ClimateLine v-if="normals" :normals="normals" :place="own.place" />
  </template>
</template>

<style>
.start-where {
  margin-bottom: 0;
  font-size: 17px;
}
.start-units {
  margin-bottom: 12px;
}
</style>
