<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Edit } from '@element-plus/icons-vue'
import { climateOf, edits, hasTypedNormals, isSame, reason, type Place } from '@rimbo/core'
import ClimateLine from '../../place/ClimateLine.vue'
import NormalsForm from '../../place/NormalsForm.vue'
import PlaceFields from '../../place/PlaceFields.vue'
import { usePlaceForm } from '../../place/usePlaceForm'
import { useGardenStore } from '../../stores/garden'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'
import WhyNumber from '../../ui/words/WhyNumber.vue'

/** Where the garden lies, and what its climate is like. */
const props = defineProps<{ start: Place }>()
const store = useGardenStore()
const { garden } = storeToRefs(store)
const { t } = useI18n()
const { system, typed } = useFormat()

const form = usePlaceForm(
  props.start,
  () => system.value,
  t('start.unnamed'),
  (deg) => typed(deg, 7),
)
const { place, guessed } = form
const isMoved = computed(() => !!place.value && !isSame(place.value, props.start))
const isTypingNormals = ref(false)
const normals = computed(() =>
  garden.value && hasTypedNormals(garden.value) ? garden.value.normals : guessed.value,
)
/** A garden that was begun before there was a better guess can have it without moving. */
const isNews = computed(() => isMoved.value || !garden.value?.normals)
const climate = computed(() => garden.value && climateOf(garden.value))
const climateReasons = computed(() =>
  climate.value
    ? [reason(`spread.climate.${climate.value.kind}`, {}, climate.value.provenance)]
    : [],
)

async function save(): Promise<void> {
  if (place.value && guessed.value)
    await store.edit(edits.keepPlace(place.value, props.start, guessed.value))
}
</script>

<template>
  <form v-if="garden" @submit.prevent="save">
    <h2>{{ t('settings.placeTitle') }}</h2>
    <PlaceFields :form="form" is-open />
    <ClimateLine v-if="place && normals" :normals="normals" :place="place" />
    <p v-if="climate">
      {{ t('normals.title') }}:
      <WhyNumber
        :value="t(`normals.kind.${climate.kind}`)"
        :reasons="climateReasons"
        :about="t('normals.title')"
      />
    </p>
    <div class="row">
      <PushButton type="primary" native-type="submit" :disabled="!place || !isNews">{{
        t('settings.savePlace')
      }}</PushButton>
      <PushButton :icon="Edit" @click="isTypingNormals = true">{{ t('normals.type') }}</PushButton>
    </div>
    <NormalsForm v-if="isTypingNormals" :garden="garden" @close="isTypingNormals = false" />
  </form>
</template>
