<script setup lang="ts">
import { ref } from 'vue'
import { useRoute } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { isSuperseded, takeUpdate } from '../newer'
import PushButton from './fields/PushButton.vue'

/** Offers a newer version; in the middle of a walk it keeps quiet. */
const { t } = useI18n()
const route = useRoute()
const isPutOff = ref(false)
const reload = () => window.location.reload()
</script>

<template>
  <div role="status">
    <p v-if="isSuperseded" class="top-line">
      {{ t('update.superseded') }}
      <PushButton size="small" @click="reload">{{ t('app.reload') }}</PushButton>
    </p>
    <p v-else-if="takeUpdate && !isPutOff && route.name !== 'round'" class="top-line">
      {{ t('update.ready') }}
      <PushButton size="small" @click="takeUpdate()">{{ t('update.take') }}</PushButton>
      <PushButton size="small" @click="isPutOff = true">{{ t('update.later') }}</PushButton>
    </p>
  </div>
</template>
