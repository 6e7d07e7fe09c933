<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Camera, Picture } from '@element-plus/icons-vue'
import { usePhotosStore, type PhotoOf } from '../stores/photos'
import { useTodayStore } from '../stores/today'
import PushButton from '../ui/fields/PushButton.vue'
import { useFaultText } from '../ui/words/faults'
import { useWorker } from '../workers/useWorker'
import type { PhotoWork, ReadyPhoto } from '../workers/photo.worker'

/** A photo from the camera or from the device, made ready and kept. */
const props = defineProps<{ of: PhotoOf; code: string }>()
const emit = defineEmits<{ kept: [] }>()
const photos = usePhotosStore()
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { ofError } = useFaultText()

const file = shallowRef<File>()
const camera = ref<HTMLInputElement>()
const chooser = ref<HTMLInputElement>()
const maker = useWorker<PhotoWork, ReadyPhoto>(
  () => new Worker(new URL('../workers/photo.worker.ts', import.meta.url), { type: 'module' }),
  (work) => work.prepare(file.value!),
)
const failure = shallowRef<unknown>()

async function take(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement
  const chosen = [...(field.files ?? [])]
  field.value = ''
  failure.value = undefined
  for (const one of chosen) {
    file.value = one
    await maker.start()
    const ready = maker.result.value
    maker.result.value = undefined
    if (!ready) {
      failure.value = maker.failure.value
      return
    }
    try {
      await photos.add(ready, props.of, now.value, props.code)
    } catch (error) {
      failure.value = error
      return
    }
  }
  if (chosen.length) emit('kept')
}
</script>

<template>
  <div class="photo-add">
    <div class="row">
      <PushButton
        size="small"
        :icon="Camera"
        :loading="maker.isRunning.value"
        @click="camera?.click()"
        >{{ t('photos.take') }}</PushButton
      >
      <PushButton
        size="small"
        :icon="Picture"
        :loading="maker.isRunning.value"
        @click="chooser?.click()"
        >{{ t('photos.choose') }}</PushButton
      >
    </div>
    <input
      ref="camera"
      class="visually-hidden"
      type="file"
      accept="image/*"
      capture="environment"
      tabindex="-1"
      :aria-label="t('photos.take')"
      @change="take"
    />
    <input
      ref="chooser"
      class="visually-hidden"
      type="file"
      accept="image/*"
      multiple
      tabindex="-1"
      :aria-label="t('photos.choose')"
      @change="take"
    />
    <p v-if="failure" class="strong" role="alert">{{ ofError(failure) }}</p>
  </div>
</template>
