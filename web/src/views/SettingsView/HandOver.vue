<script setup lang="ts">
import { computed, ref, shallowRef, toRaw } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Share } from '@element-plus/icons-vue'
import { writeGarden } from '@rimbo/core'
import { fileStem } from '../../data/files'
import { isSecure } from '../../handover/sealed'
import { handOver, KEPT_MINUTES, MOST_BYTES } from '../../handover/passing'
import { useGardenStore } from '../../stores/garden'
import { usePhotosStore } from '../../stores/photos'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFaultText } from '../../ui/words/faults'
import { proxy } from '../../workers/door'
import { useWorker } from '../../workers/useWorker'
import type { ZipWork } from '../../workers/zip.worker'

/** The garden to another device: by a code that holds once, or by what the system shares files with. */
const { garden } = storeToRefs(useGardenStore())
const photos = usePhotosStore()
const { t } = useI18n()
const { ofError } = useFaultText()

const withPhotos = ref(true)
const packer = useWorker<ZipWork, Blob>(
  () => new Worker(new URL('../../workers/zip.worker.ts', import.meta.url), { type: 'module' }),
  (work, progress) => {
    const of = toRaw(garden.value!)
    return work.write(
      of,
      proxy((photoId: string) =>
        withPhotos.value ? photos.pictureOf(of.id, photoId) : Promise.resolve(undefined),
      ),
      progress,
    )
  },
)
async function packed(): Promise<Blob> {
  await packer.start()
  const { value: blob } = packer.result
  packer.result.value = undefined
  if (blob) return blob
  const { value: failed } = packer.failure
  throw failed instanceof Error ? failed : new Error('packed')
}

const isPacking = ref(false)
const code = ref<string>()
const failure = shallowRef<unknown>()
async function give(): Promise<void> {
  code.value = undefined
  failure.value = undefined
  isPacking.value = true
  try {
    withPhotos.value = true
    let file = await packed()
    if (file.size > MOST_BYTES) {
      withPhotos.value = false
      file = await packed()
    }
    code.value = await handOver(file)
  } catch (error) {
    failure.value = error
  } finally {
    isPacking.value = false
  }
}

/** Systems share plain text where they share no JSON; the file is the same. */
const sharedFile = () =>
  new File([writeGarden(garden.value!)], `${fileStem(garden.value!.name)}.rimbo.txt`, {
    type: 'text/plain',
  })
const canShare = computed(() => {
  const probe = new File(['{}'], 'garden.rimbo.txt', { type: 'text/plain' })
  return 'canShare' in navigator && navigator.canShare({ files: [probe] })
})
async function share(): Promise<void> {
  failure.value = undefined
  try {
    await navigator.share({ files: [sharedFile()], title: garden.value!.name })
  } catch (error) {
    // Thought better of it: nothing went wrong.
    if ((error as Error).name !== 'AbortError') failure.value = error
  }
}
</script>

<template>
  <h2>{{ t('handover.title') }}</h2>
  <p>{{ t('handover.text', { minutes: KEPT_MINUTES }) }}</p>
  <div class="row settings-files">
    <PushButton :loading="isPacking" @click="give">{{ t('handover.give') }}</PushButton>
    <PushButton v-if="canShare" :icon="Share" @click="share">{{ t('handover.share') }}</PushButton>
  </div>
  <div v-if="code" class="handover-code" role="status">
    <output>{{ code }}</output>
    <p>{{ t('handover.how', { minutes: KEPT_MINUTES }) }}</p>
    <p v-if="!withPhotos" class="strong">{{ t('handover.noPhotos') }}</p>
    <p class="soft">{{ t(isSecure() ? 'handover.secure' : 'handover.insecure') }}</p>
  </div>
  <p v-if="failure" role="alert" class="strong">{{ ofError(failure) }}</p>
</template>

<style>
.handover-code output {
  display: block;
  margin: 10px 0 4px;
  font-family: var(--font-head, inherit);
  font-size: 30px;
  font-weight: 700;
  letter-spacing: 0.06em;
  font-variant-numeric: slashed-zero;
}
</style>
