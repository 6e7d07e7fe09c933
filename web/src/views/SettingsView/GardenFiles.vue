<script setup lang="ts">
import { computed, ref, shallowRef, toRaw } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Download } from '@element-plus/icons-vue'
import { edits, InputError, tableCsv, tableFromCsv, tableNames, type TableName } from '@rimbo/core'
import { downloadBlob, downloadText, fileStem } from '../../data/files'
import { useGardenStore } from '../../stores/garden'
import { usePhotosStore } from '../../stores/photos'
import { useSafetyStore } from '../../stores/safety'
import ImportGarden from '../../ui/ImportGarden.vue'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import FileButton from '../../ui/fields/FileButton.vue'
import PushButton from '../../ui/fields/PushButton.vue'
import WorkProgress from '../../ui/WorkProgress.vue'
import { useFaultText } from '../../ui/words/faults'
import { proxy } from '../../workers/door'
import { useWorker } from '../../workers/useWorker'
import type { ZipWork } from '../../workers/zip.worker'

/** The garden out to files, and in from them: alone, with its photos, or list by list. */
const safety = useSafetyStore()
const store = useGardenStore()
const photos = usePhotosStore()
const { garden } = storeToRefs(store)
const { t } = useI18n()
const { ofError, withPath } = useFaultText()

const packer = useWorker<ZipWork, Blob>(
  () => new Worker(new URL('../../workers/zip.worker.ts', import.meta.url), { type: 'module' }),
  (work, progress) => {
    const of = toRaw(garden.value!)
    return work.write(
      of,
      proxy((photoId: string) => photos.pictureOf(of.id, photoId)),
      progress,
    )
  },
)
const failure = shallowRef<unknown>()
async function exportZip(): Promise<void> {
  const name = garden.value?.name
  if (name === undefined) return
  failure.value = undefined
  await packer.start()
  const { value: blob } = packer.result
  packer.result.value = undefined
  if (blob) downloadBlob(`${fileStem(name)}.zip`, blob)
  else failure.value = packer.failure.value
}
const faults = computed(() =>
  failure.value instanceof InputError ? failure.value.faults.slice(0, FAULTS_SHOWN) : [],
)
const FAULTS_SHOWN = 5

const isOpen = ref(false)
const table = ref<TableName | undefined>('containers')
const tables = tableNames.map((value) => ({ value, label: t(`settings.table.${value}`) }))
function exportTable(): void {
  if (garden.value && table.value)
    downloadText(
      `${fileStem(garden.value.name)}-${table.value}.csv`,
      tableCsv(garden.value, table.value),
      'text/csv',
    )
}
async function readTable(file: File): Promise<void> {
  failure.value = undefined
  if (!table.value) return
  try {
    await store.edit(edits.keepTable(table.value, tableFromCsv(await file.text(), table.value)))
  } catch (error) {
    failure.value = error
  }
}
</script>

<template>
  <h2>{{ t('settings.files') }}</h2>
  <p>{{ t('settings.filesText') }}</p>
  <div class="row settings-files">
    <PushButton :icon="Download" @click="safety.exportNow">{{ t('settings.export') }}</PushButton>
    <PushButton :icon="Download" @click="exportZip">{{ t('settings.exportZip') }}</PushButton>
    <ImportGarden />
  </div>
  <WorkProgress
    v-if="packer.isRunning.value"
    :share="packer.progress.value"
    :label="t('settings.packing')"
    @cancel="packer.cancel"
  />
  <details @toggle="isOpen = ($event.target as HTMLDetailsElement).open">
    <summary>{{ t('settings.tables') }}</summary>
    <template v-if="isOpen">
      <p>{{ t('settings.tablesText') }}</p>
      <div class="row settings-files">
        <ChoiceField v-model="table" :label="t('settings.whichTable')" :options="tables" />
        <PushButton :icon="Download" @click="exportTable">{{
          t('settings.exportTable')
        }}</PushButton>
        <FileButton :label="t('settings.readTable')" accept=".csv,text/csv" @chosen="readTable" />
      </div>
    </template>
  </details>
  <div v-if="failure" class="refusal" role="alert">
    <p class="strong">{{ ofError(failure) }}</p>
    <ul v-if="faults.length">
      <li v-for="(fault, index) in faults" :key="index">{{ withPath(fault) }}</li>
    </ul>
    <p>{{ t('fault.untouched') }}</p>
  </div>
</template>
