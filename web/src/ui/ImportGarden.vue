<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { InputError } from '@rimbo/core'
import type { GardenFile } from '../data/zip'
import { useGardenStore, type GardenMerged } from '../stores/garden'
import { usePhotosStore } from '../stores/photos'
import { useFaultText } from './words/faults'
import MergeReport from './MergeReport.vue'
import TakeOver from './TakeOver.vue'
import FileButton from './fields/FileButton.vue'
import { useFormat } from './words/format'
import WorkProgress from './WorkProgress.vue'
import type { ImportWork } from '../workers/import.worker'
import { useWorker } from '../workers/useWorker'

/** A garden in from a file: looked through in a worker, whole or not at all. */
const props = defineProps<{
  /** Where to go with it: this may be gone from the page once the garden is in. */
  opens?: string
}>()
const router = useRouter()
const store = useGardenStore()
const photos = usePhotosStore()
const { isSaving } = storeToRefs(store)
const { t } = useI18n()
const { ofError, withPath } = useFaultText()
const { params } = useFormat()

const FAULTS_SHOWN = 5
const file = shallowRef<File>()
const missing = ref(0)
const merged = shallowRef<GardenMerged>()
const reader = useWorker<ImportWork, GardenFile>(
  () => new Worker(new URL('../workers/import.worker.ts', import.meta.url), { type: 'module' }),
  (work, progress) => work.readGarden(file.value!, progress),
)
const refusal = computed(() => {
  const { value: error } = reader.failure
  if (!error) return undefined
  const all = error instanceof InputError ? error.faults : []
  const count = error instanceof InputError ? Number(error.params['faults'] ?? 0) : 0
  return {
    text: ofError(error),
    faults: all.slice(0, FAULTS_SHOWN),
    more: Math.max(0, count - FAULTS_SHOWN),
  }
})

async function choose(chosen: File): Promise<void> {
  file.value = chosen
  missing.value = 0
  merged.value = undefined
  await reader.start()
  const { value: read } = reader.result
  reader.result.value = undefined
  if (!read) return
  // The pictures first: no record may speak of one that is not there yet.
  if (read.photos.length) await photos.takeIn(read.garden.id, read.photos)
  const done = await store.takeIn(read.garden)
  missing.value = read.missing
  merged.value = done
  // What both have changed is looked at before anything else.
  if (props.opens && !done?.conflicts.length) await router.push(props.opens)
}
</script>

<template>
  <div class="import-garden">
    <FileButton
      :label="t('settings.import')"
      accept=".json,.zip,.txt,application/json,application/zip,text/plain"
      :loading="isSaving"
      @chosen="choose"
    />
    <TakeOver @taken="choose" />
    <div v-if="reader.isRunning.value" class="row">
      <WorkProgress
        :share="reader.progress.value"
        :label="t('settings.reading')"
        @cancel="reader.cancel"
      />
    </div>
    <p v-if="missing" class="strong" role="status">
      {{ t('settings.photosMissing', { n: missing }, missing) }}
    </p>
    <MergeReport v-if="merged" :merged="merged" @close="merged = undefined" />
    <div v-if="refusal" class="refusal" role="alert">
      <p class="strong">{{ refusal.text }}</p>
      <ul v-if="refusal.faults.length">
        <li v-for="(fault, index) in refusal.faults" :key="index">{{ withPath(fault) }}</li>
      </ul>
      <p v-if="refusal.more">{{ t('settings.moreFaults', params({ count: refusal.more })) }}</p>
      <p>{{ t('fault.untouched') }}</p>
    </div>
  </div>
</template>

<style>
.refusal {
  border-left: 3px solid var(--accent);
  padding-left: 12px;
}
</style>
