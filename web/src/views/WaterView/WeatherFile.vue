<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Upload } from '@element-plus/icons-vue'
import {
  guessTable,
  MOST_WEATHER_DAYS,
  withWeather,
  type DailyMapping,
  type TableGuess,
  type WeatherFileKind,
  type WeatherRead,
} from '@rimbo/core'
import { readWeatherFile, startOf } from '../../data/weatherFile'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import { useFaultText } from '../../ui/faults'
import WorkProgress from '../../ui/WorkProgress.vue'
import WeatherColumns from './WeatherColumns.vue'
import WeatherSummary from './WeatherSummary.vue'

/** Days of weather out of a file: looked at first, then taken into the garden. */
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { year } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { ofError } = useFaultText()

const input = ref<HTMLInputElement>()
const file = shallowRef<File>()
const kind = ref<WeatherFileKind>()
const guess = shallowRef<TableGuess>()
const mapping = ref<DailyMapping>()
const read = shallowRef<WeatherRead>()
const failure = ref('')
const progress = ref<number>()
let stop: AbortController | undefined

function forget(): void {
  stop?.abort()
  progress.value = undefined
  guess.value = undefined
  mapping.value = undefined
  read.value = undefined
  failure.value = ''
}
onScopeDispose(forget)

async function choose(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement
  const [chosen] = field.files ?? []
  field.value = ''
  if (!chosen) return
  forget()
  file.value = chosen
  try {
    const start = await startOf(chosen)
    kind.value = start.kind
    if (start.kind === 'table') {
      guess.value = guessTable(start.beginning)
      mapping.value = guess.value.mapping
    } else await readIt()
  } catch (error) {
    failure.value = ofError(error)
  }
}

async function readIt(): Promise<void> {
  if (!file.value || !kind.value) return
  stop?.abort()
  const own = new AbortController()
  stop = own
  read.value = undefined
  failure.value = ''
  progress.value = 0
  try {
    const found = await readWeatherFile(
      file.value,
      kind.value,
      mapping.value,
      year.value,
      (share) => (progress.value = share),
      own.signal,
    )
    if (stop === own) read.value = found
  } catch (error) {
    failure.value = ofError(error)
  }
  if (stop === own) progress.value = undefined
}
function cancel(): void {
  stop?.abort()
  progress.value = undefined
}

/** A typical year fills in; it does not stand in the place of what was measured. */
const isTypical = computed(() => kind.value === 'epw')
const isTooMuch = computed(() => (read.value?.days.length ?? 0) > MOST_WEATHER_DAYS)
async function take(): Promise<void> {
  const days = read.value?.days
  if (!days?.length || isTooMuch.value) return
  await store.edit({ code: 'change.weatherFile', params: { count: days.length } }, (draft) => {
    draft.weather = isTypical.value
      ? withWeather(days, draft.weather)
      : withWeather(draft.weather, days)
  })
  forget()
  file.value = undefined
}
const name = computed(() => file.value?.name ?? '')
</script>

<template>
  <section v-if="garden" class="weather-file">
    <h2>{{ t('weatherFile.title') }}</h2>
    <p class="soft">{{ t('weatherFile.text') }}</p>
    <el-button :icon="Upload" @click="input?.click()">{{ t('weatherFile.choose') }}</el-button>
    <input
      ref="input"
      class="visually-hidden"
      type="file"
      accept=".csv,.txt,.epw,.json,text/csv,application/json"
      tabindex="-1"
      :aria-label="t('weatherFile.choose')"
      @change="choose"
    />
    <p v-if="failure" class="strong" role="alert">{{ name }}: {{ failure }}</p>
    <el-dialog
      :model-value="!!mapping || !!read"
      :title="`${name} · ${kind ? t(`weatherFile.kind.${kind}`) : ''}`"
      width="760"
      top="6vh"
      @close="forget"
    >
      <WeatherColumns v-if="guess && mapping && !read" v-model="mapping" :guess="guess" />
      <WeatherSummary v-if="read" :read="read" :known="garden.weather" :is-typical="isTypical" />
      <p v-if="isTooMuch" class="strong" role="alert">
        {{ t('weatherFile.tooMany', { most: MOST_WEATHER_DAYS }) }}
      </p>
      <div class="row">
        <WorkProgress
          v-if="progress !== undefined"
          :share="progress"
          :label="t('weatherFile.reading')"
          @cancel="cancel"
        />
        <el-button v-else-if="!read" type="primary" @click="readIt">
          {{ t('weatherFile.read') }}
        </el-button>
        <template v-else>
          <el-button
            type="primary"
            :disabled="!read.days.length || isTooMuch"
            :loading="isSaving"
            @click="take"
          >
            {{ t('weatherFile.take', { count: read.days.length }, read.days.length) }}
          </el-button>
          <el-button v-if="mapping" @click="read = undefined">{{
            t('weatherFile.back')
          }}</el-button>
        </template>
      </div>
    </el-dialog>
  </section>
</template>

<style>
.weather-file {
  /* What is hidden in it is not to make the page longer. */
  position: relative;
  margin-top: 18px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
}
</style>
