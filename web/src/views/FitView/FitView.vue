<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { lazily } from '../../loading'
import { useOptions } from '../../ui/fields/options'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import FitPair from './FitPair.vue'

const FitArrange = lazily(() => import('./FitArrange.vue'))

/** One plant in one pot, or all wishes in all pots. */
const modes = ['pair', 'arrange'] as const
const mode = ref<(typeof modes)[number] | undefined>('pair')
const { t } = useI18n()
const { optionsOf } = useOptions()
</script>

<template>
  <div class="view fit-whole">
    <h1 class="visually-hidden">{{ t('fit.title') }}</h1>
    <SwitchButtons v-model="mode" :options="optionsOf(modes, 'fit.mode')" :label="t('fit.modes')" />
    <FitPair v-if="mode === 'pair'" />
    <FitArrange v-else />
  </div>
</template>

<style>
.fit-whole {
  flex-direction: column;
  gap: 12px;
}
.fit-view {
  flex: 1;
  min-height: 0;
  display: flex;
  gap: 20px;
}
@media (max-width: 700px) {
  .fit-view {
    flex-direction: column;
    gap: 12px;
  }
}
</style>
