<script setup lang="ts">
import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { useElementVisibility } from '@vueuse/core'
import { useI18n } from 'vue-i18n'
import type { RecordOf } from '@rimbo/core'
import { usePhotosStore } from '../stores/photos'

/** One picture: fetched when it comes into sight, let go of when it leaves. */
const props = defineProps<{ photo: RecordOf<'photo'>; words: string }>()
const photos = usePhotosStore()
const { t } = useI18n()

const frame = ref<HTMLElement>()
const isSeen = useElementVisibility(frame)
const url = shallowRef<string>()
const isMissing = ref(false)
let turn = 0
function letGo(): void {
  if (url.value) URL.revokeObjectURL(url.value)
  url.value = undefined
}
watch(
  [isSeen, () => props.photo.photoId],
  async ([seen, id]) => {
    const mine = ++turn
    letGo()
    if (!seen) return
    const picture = await photos.picture(id).catch(() => undefined)
    if (mine !== turn) return
    isMissing.value = !picture
    if (picture) url.value = URL.createObjectURL(picture)
  },
  { immediate: true },
)
onScopeDispose(() => {
  turn += 1
  letGo()
})
</script>

<template>
  <figure
    ref="frame"
    class="photo-frame"
    :style="{ aspectRatio: `${photo.widthPx} / ${photo.heightPx}` }"
  >
    <img v-if="url" :src="url" :alt="words" />
    <figcaption v-else-if="isMissing" class="soft">{{ t('photos.missing') }}</figcaption>
  </figure>
</template>

<style>
.photo-frame {
  margin: 0;
  overflow: hidden;
  background: var(--guide);
  border-radius: 3px;
}
.photo-frame img {
  display: block;
  width: 100%;
  height: 100%;
  object-fit: cover;
}
.photo-frame figcaption {
  padding: 8px;
  font-size: 13px;
}
</style>
