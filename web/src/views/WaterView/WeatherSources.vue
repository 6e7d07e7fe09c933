<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Download, Refresh } from '@element-plus/icons-vue'
import { edits, climateOf, reason, writeWeather } from '@rimbo/core'
import { downloadText, fileStem } from '../../data/files'
import { askWeather, type AnsweredBy } from '../../data/weatherService'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** Where days come from beside typing and files: the simulated service, and what is usual here. */
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { date } = storeToRefs(useTodayStore())
const { t } = useI18n()

const PAST_DAYS = 30
const SEED = 7
const fetched = ref<{ count: number; by: AnsweredBy }>()

async function fetchDays(): Promise<void> {
  if (!garden.value) return
  const { place, normals } = garden.value
  const { days, by } = await askWeather({
    latitudeDeg: place.latitudeDeg,
    elevationM: place.elevationM,
    coastal: place.coastal,
    ...(normals ? { normals } : {}),
    on: date.value,
    pastDays: PAST_DAYS,
    seed: SEED,
  })
  const known = new Set(garden.value.weather.filter(({ source }) => !source).map((day) => day.date))
  const count = days.filter((day) => !known.has(day.date)).length
  if (count > 0) await store.edit(edits.takeServiceDays(days))
  fetched.value = { count, by }
}
const climate = computed(() => garden.value && climateOf(garden.value))
const climateReasons = computed(() =>
  climate.value
    ? [reason(`spread.climate.${climate.value.kind}`, {}, climate.value.provenance)]
    : [],
)
const simulated = computed(
  () => garden.value?.weather.filter(({ source }) => source === 'simulated').length ?? 0,
)
function save(): void {
  if (garden.value)
    downloadText(
      `${fileStem(garden.value.place.name)}-weather.json`,
      writeWeather(garden.value.weather),
      'application/json',
    )
}
</script>

<template>
  <section v-if="garden" class="weather-file">
    <h2>{{ t('weatherService.title') }}</h2>
    <p class="soft">{{ t('weatherService.text') }}</p>
    <div class="row">
      <PushButton :icon="Refresh" :loading="isSaving" @click="fetchDays">
        {{ t('weatherService.fetch') }}
      </PushButton>
      <PushButton :icon="Download" :disabled="!garden.weather.length" @click="save">
        {{ t('weatherService.save') }}
      </PushButton>
    </div>
    <p v-if="fetched" role="status">
      {{ t('weatherService.fetched', { count: fetched.count }, fetched.count) }}
      {{ t(`weatherService.by.${fetched.by}`) }}
    </p>
    <p v-else-if="simulated" class="soft">
      {{ t('weatherService.has', { count: simulated }, simulated) }}
    </p>
    <h2>{{ t('normals.title') }}</h2>
    <p v-if="climate">
      <WhyNumber
        :value="t(`normals.kind.${climate.kind}`)"
        :reasons="climateReasons"
        :about="t('normals.title')"
      />
    </p>
    <router-link to="/settings">{{ t('normals.inSettings') }}</router-link>
  </section>
</template>
