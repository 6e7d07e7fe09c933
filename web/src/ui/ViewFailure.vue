<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { saveGardenFile } from '../data/files'
import { useGardenStore } from '../stores/garden'
import PushButton from './fields/PushButton.vue'

/** Stands in the place of a view that could not be drawn: what can still be done, in a gardener's words. */
defineProps<{ reason: string }>()
const emit = defineEmits<{ again: [] }>()
const store = useGardenStore()
const { garden, canUndo } = storeToRefs(store)
const { t } = useI18n()
</script>

<template>
  <section class="view sheet view-failure" role="alert">
    <h1>{{ t('viewFailure.title') }}</h1>
    <p>{{ t('viewFailure.text') }}</p>
    <p class="soft">{{ reason }}</p>
    <div class="row">
      <PushButton type="primary" @click="emit('again')">{{ t('viewFailure.again') }}</PushButton>
      <PushButton v-if="canUndo" @click="store.undo()">{{ t('viewFailure.undo') }}</PushButton>
      <PushButton @click="garden && saveGardenFile(garden)">{{
        t('viewFailure.export')
      }}</PushButton>
      <router-link to="/settings">{{ t('view.settings') }}</router-link>
    </div>
  </section>
</template>

<style src="./viewFailure.css" />
