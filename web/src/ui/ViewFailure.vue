<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { writeGarden } from '@rimbo/core'
import { downloadText, fileStem } from '../data/files'
import { useGardenStore } from '../stores/garden'

/** Stands in the place of a view that could not be drawn: what can still be done, in a gardener's words. */
defineProps<{ reason: string }>()
const emit = defineEmits<{ again: [] }>()
const store = useGardenStore()
const { garden, canUndo } = storeToRefs(store)
const { t } = useI18n()

function save(): void {
  if (!garden.value) return
  const name = `${fileStem(garden.value.name)}.rimbo.json`
  downloadText(name, writeGarden(garden.value), 'application/json')
}
</script>

<template>
  <section class="view sheet view-failure" role="alert">
    <h1>{{ t('viewFailure.title') }}</h1>
    <p>{{ t('viewFailure.text') }}</p>
    <p class="soft">{{ reason }}</p>
    <div class="row">
      <el-button type="primary" @click="emit('again')">{{ t('viewFailure.again') }}</el-button>
      <el-button v-if="canUndo" @click="store.undo()">{{ t('viewFailure.undo') }}</el-button>
      <el-button @click="save">{{ t('viewFailure.export') }}</el-button>
      <router-link to="/settings">{{ t('view.settings') }}</router-link>
    </div>
  </section>
</template>

<style>
.view-failure {
  max-width: 640px;
  margin: 24px auto;
  padding: 20px 24px;
}
.view-failure .row {
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
</style>
