<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import SwitchButtons from './SwitchButtons.vue'

/** Since when a pot is as it is now told: changed today, or told wrongly before. */
const model = defineModel<'now' | 'always' | undefined>({ required: true })
const { t } = useI18n()
</script>

<template>
  <SwitchButtons
    v-model="model"
    size="small"
    :options="[
      { value: 'now', label: t('happened.fromToday') },
      { value: 'always', label: t('happened.always') },
    ]"
    :label="t('happened.since')"
  />
</template>
