<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { GARDEN_VERSION } from '@rimbo/core'
import { downloadText, fileStem } from '../data/files'
import { LaterGardenError, type StorageError } from '../data/trouble'
import { useGardenStore } from '../stores/garden'
import PushButton from './fields/PushButton.vue'

/** Stands in the place of the garden where it cannot be opened, or not be written to: what is safe, and what can be done. */
const props = defineProps<{ trouble: StorageError | LaterGardenError }>()
defineEmits<{ again: []; reload: [] }>()
const store = useGardenStore()
const { gardens } = storeToRefs(store)
const { t } = useI18n()

const later = computed(() =>
  props.trouble instanceof LaterGardenError ? props.trouble : undefined,
)
const name = computed(
  () => gardens.value.find(({ id }) => id === later.value?.gardenId)?.name ?? later.value?.gardenId,
)
const others = computed(() => gardens.value.filter(({ id }) => id !== later.value?.gardenId))
const text = computed(() =>
  props.trouble instanceof LaterGardenError
    ? t('storage.laterGarden', {
        name: name.value ?? '',
        given: props.trouble.given,
        known: GARDEN_VERSION,
      })
    : t(`storage.${props.trouble.code}`, { detail: props.trouble.detail }),
)
/** As it stands in the browser: a later Rimbo reads it, and nothing of it is lost here. */
async function save(): Promise<void> {
  if (!later.value) return
  const { gardenId } = later.value
  const file = `${fileStem(name.value ?? gardenId)}.rimbo.json`
  downloadText(file, await store.storedText(gardenId), 'application/json')
}
</script>

<template>
  <main id="main" class="view sheet view-failure" role="alert" tabindex="-1">
    <h1>{{ t(later ? 'storage.laterTitle' : 'storage.title') }}</h1>
    <p>{{ text }}</p>
    <div class="row">
      <PushButton type="primary" @click="$emit('reload')">{{ t('app.reload') }}</PushButton>
      <PushButton v-if="later" @click="save">{{ t('viewFailure.export') }}</PushButton>
      <PushButton v-else @click="$emit('again')">{{ t('app.again') }}</PushButton>
      <PushButton v-for="one in others" :key="one.id" @click="store.open(one.id)">
        {{ t('storage.openOther', { name: one.name }) }}
      </PushButton>
    </div>
  </main>
</template>

<style src="./viewFailure.css" />
