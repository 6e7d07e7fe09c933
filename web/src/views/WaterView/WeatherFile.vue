<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  edits,
  guessTable,
  MOST_WEATHER_DAYS,
  type DailyMapping,
  type TableGuess,
  type WeatherFileKind,
  type WeatherRead,
} from '@rimbo/core'
import { startOf } from '../../data/weatherFile'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import { useFaultText } from '../../ui/words/faults'
import FileButton from '../../ui/fields/FileButton.vue'
import WorkProgress from '../../ui/WorkProgress.vue'
import type { ImportWork } from '../../workers/import.worker'
import { useWorker } from '../../workers/useWorker'
import WeatherColumns from './WeatherColumns.vue'
import WeatherSummary from './WeatherSummary.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** Days of weather out of a file: looked at first, then taken into the garden. */
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { year } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { ofError } = useFaultText()

const file = shallowRef<File>()
const kind = ref<WeatherFileKind>()
const guess = shallowRef<TableGuess>()
const mapping = shallowRef<DailyMapping>()
const failure = ref('')

const reader = useWorker<ImportWork, WeatherRead | undefined>(
  () => new Worker(new URL('../../workers/import.worker.ts', import.meta.url), { type: 'module' }),
  (work, progress) =>
    work.readWeather(file.value!, kind.value!, mapping.value, year.value, progress),
)
const read = computed(() => reader.result.value)
const said = computed(
  () => failure.value || (reader.failure.value ? ofError(reader.failure.value) : ''),
)
/** Back to the columns of the table. */
const readAgain = () => (reader.result.value = undefined)

function forget(): void {
  reader.cancel()
  readAgain()
  reader.failure.value = undefined
  guess.value = undefined
  mapping.value = undefined
  failure.value = ''
}

async function choose(chosen: File): Promise<void> {
  forget()
  file.value = chosen
  try {
    const start = await startOf(chosen)
    kind.value = start.kind
    if (start.kind === 'table') {
      guess.value = guessTable(start.beginning)
      mapping.value = guess.value.mapping
    } else await reader.start()
  } catch (error) {
    failure.value = ofError(error)
  }
}

/** A typical year fills in; it does not stand in the place of what was measured. */
const isTypical = computed(() => kind.value === 'epw')
const isTooMuch = computed(() => (read.value?.days.length ?? 0) > MOST_WEATHER_DAYS)
async function take(): Promise<void> {
  const days = read.value?.days
  if (!days?.length || isTooMuch.value) return
  await store.edit(edits.takeFileDays(days, isTypical.value))
  forget()
  file.value = undefined
}
const name = computed(() => file.value?.name ?? '')
</script>

<template>
  <section v-if="garden" class="weather-file">
    <h2>{{ t('weatherFile.title') }}</h2>
    <p class="soft">{{ t('weatherFile.text') }}</p>
    <FileButton
      :label="t('weatherFile.choose')"
      accept=".csv,.txt,.epw,.json,text/csv,application/json"
      @chosen="choose"
    />
    <p v-if="said" class="strong" role="alert">{{ name }}: {{ said }}</p>
    <div v-if="reader.isRunning.value && !mapping" class="row">
      <WorkProgress
        :share="reader.progress.value"
        :label="t('weatherFile.reading')"
        @cancel="reader.cancel"
      />
    </div>
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
          v-if="reader.isRunning.value"
          :share="reader.progress.value"
          :label="t('weatherFile.reading')"
          @cancel="reader.cancel"
        />
        <PushButton v-else-if="!read" type="primary" @click="reader.start">
          {{ t('weatherFile.read') }}
        </PushButton>
        <template v-else>
          <PushButton
            type="primary"
            :disabled="!read.days.length || isTooMuch"
            :loading="isSaving"
            @click="take"
          >
            {{ t('weatherFile.take', { count: read.days.length }, read.days.length) }}
          </PushButton>
          <PushButton v-if="mapping" @click="readAgain">{{ t('weatherFile.back') }}</PushButton>
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
