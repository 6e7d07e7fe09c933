<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { foundRecords, type Garden, type RecordOf } from '@rimbo/core'
import PhotoAdd from '../../records/PhotoAdd.vue'
import PhotoFrame from '../../records/PhotoFrame.vue'
import { usePhotosStore } from '../../stores/photos'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFormat } from '../../ui/words/format'

/** Photos through time, of one pot or all; two of them side by side. */
const props = defineProps<{ garden: Garden }>()
const { t } = useI18n()
const { day } = useFormat()
const pictures = usePhotosStore()
// Nobody waits for it, and what cannot be cleared away today is tried again.
onMounted(() => void pictures.clear().catch(() => undefined))

const ALL = 'all'
const container = ref<string | undefined>(ALL)
const options = computed(() => [
  { value: ALL, label: t('book.allPots') },
  ...props.garden.containers.map(({ id, code, name }) => ({
    value: id,
    label: `${code} · ${name}`,
  })),
])
const containerId = computed(() => (container.value === ALL ? undefined : container.value))
const photos = computed(
  () =>
    foundRecords(props.garden, {
      kind: 'photo',
      containerId: containerId.value,
    }) as readonly RecordOf<'photo'>[],
)
const codeOf = (id: string | undefined) =>
  props.garden.containers.find((one) => one.id === id)?.code ?? '–'
const words = (photo: RecordOf<'photo'>) =>
  t('photos.words', {
    code: codeOf(photo.containerId),
    date: day(photo.at, { day: 'numeric', month: 'short', year: 'numeric' }),
  })

/** The last two that were tapped, older left. */
const chosen = ref<readonly string[]>([])
const toggle = (id: string) =>
  (chosen.value = chosen.value.includes(id)
    ? chosen.value.filter((one) => one !== id)
    : [...chosen.value, id].slice(-2))
const beside = computed(() =>
  [...photos.value].reverse().filter(({ id }) => chosen.value.includes(id)),
)
</script>

<template>
  <section class="book-photos" :aria-label="t('photos.title')">
    <div class="row book-photos-head">
      <ChoiceField v-model="container" :label="t('photos.of')" :options="options" />
      <PhotoAdd :of="{ containerId }" :code="codeOf(containerId)" />
    </div>
    <p v-if="!photos.length" class="soft">{{ t('photos.none') }}</p>
    <template v-else>
      <p class="soft">{{ t('photos.beside') }}</p>
      <div v-if="beside.length" class="photos-beside">
        <div v-for="photo in beside" :key="photo.id">
          <PhotoFrame :photo="photo" :words="words(photo)" />
          <p>
            {{ words(photo) }} <span class="soft">{{ photo.note }}</span>
          </p>
        </div>
      </div>
      <ul class="photos-grid">
        <li v-for="photo in photos" :key="photo.id" :data-photo="photo.photoId">
          <button
            type="button"
            :aria-pressed="chosen.includes(photo.id)"
            :aria-label="words(photo)"
            @click="toggle(photo.id)"
          >
            <PhotoFrame :photo="photo" words="" />
            <span>{{ words(photo) }}</span>
          </button>
        </li>
      </ul>
    </template>
  </section>
</template>

<style>
.book-photos-head {
  align-items: end;
  gap: 16px;
}
.book-photos-head .photo-add {
  margin-bottom: 8px;
}
.photos-beside {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 12px;
  max-width: 900px;
}
.photos-beside p {
  margin: 4px 0 10px;
}
.photos-grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.photos-grid button {
  display: block;
  width: 100%;
  padding: 3px;
  border: 2px solid transparent;
  border-radius: 5px;
  background: none;
  color: inherit;
  font: inherit;
  font-size: 13px;
  text-align: left;
  cursor: pointer;
}
.photos-grid button[aria-pressed='true'] {
  border-color: var(--accent);
}
</style>
