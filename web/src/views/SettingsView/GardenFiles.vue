<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Download } from '@element-plus/icons-vue'
import { InputError, type Garden } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useSafetyStore } from '../../stores/safety'
import { useFaultText } from '../../ui/words/faults'
import FileButton from '../../ui/fields/FileButton.vue'
import { useFormat } from '../../ui/words/format'
import WorkProgress from '../../ui/WorkProgress.vue'
import type { ImportWork } from '../../workers/import.worker'
import { useWorker } from '../../workers/useWorker'
import PushButton from '../../ui/fields/PushButton.vue'

/** The garden out to a file, and in from one: looked through in a worker, whole or not at all. */
const store = useGardenStore()
const { isSaving } = storeToRefs(store)
const safety = useSafetyStore()
const { t } = useI18n()
const { ofError, withPath } = useFaultText()
const { params } = useFormat()

const FAULTS_SHOWN = 5
const file = shallowRef<File>()
const reader = useWorker<ImportWork, Garden>(
  () => new Worker(new URL('../../workers/import.worker.ts', import.meta.url), { type: 'module' }),
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
  await reader.start()
  const { value: read } = reader.result
  reader.result.value = undefined
  if (read) await store.takeIn(read)
}
</script>

<template>
  <h2>{{ t('settings.files') }}</h2>
  <p>{{ t('settings.filesText') }}</p>
  <div class="row settings-files">
    <PushButton :icon="Download" @click="safety.exportNow">{{ t('settings.export') }}</PushButton>
    <FileButton
      :label="t('settings.import')"
      accept=".json,application/json"
      :loading="isSaving"
      @chosen="choose"
    />
  </div>
  <div v-if="reader.isRunning.value" class="row">
    <WorkProgress
      :share="reader.progress.value"
      :label="t('settings.reading')"
      @cancel="reader.cancel"
    />
  </div>
  <div v-if="refusal" class="refusal" role="alert">
    <p class="strong">{{ refusal.text }}</p>
    <ul v-if="refusal.faults.length">
      <li v-for="(fault, index) in refusal.faults" :key="index">{{ withPath(fault) }}</li>
    </ul>
    <p v-if="refusal.more">{{ t('settings.moreFaults', params({ count: refusal.more })) }}</p>
    <p>{{ t('fault.untouched') }}</p>
  </div>
</template>

<style>
.refusal {
  border-left: 3px solid var(--accent);
  padding-left: 12px;
}
</style>
