<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { Download } from '@element-plus/icons-vue'
import { useSafetyStore } from '../../stores/safety'
import ImportGarden from '../../ui/ImportGarden.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** The garden out to a file, and in from one. */
const safety = useSafetyStore()
const { t } = useI18n()
</script>

<template>
  <h2>{{ t('settings.files') }}</h2>
  <p>{{ t('settings.filesText') }}</p>
  <div class="row settings-files">
    <PushButton :icon="Download" @click="safety.exportNow">{{ t('settings.export') }}</PushButton>
    <ImportGarden />
  </div>
</template>
