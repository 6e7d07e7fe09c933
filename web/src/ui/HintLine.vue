<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useRoute } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { useLocalStorage } from '@vueuse/core'
import { Close, Download } from '@element-plus/icons-vue'
import { unknownsOf, type UnknownId } from '@rimbo/core'
import { useGardenStore } from '../stores/garden'
import { useSafetyStore } from '../stores/safety'
import { useTodayStore } from '../stores/today'
import PushButton from './fields/PushButton.vue'

/** One line under the header: a file that should be made, the next step of the start, or what is guessed still. */
const { garden } = storeToRefs(useGardenStore())
const safety = useSafetyStore()
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const route = useRoute()

/** Where each can be told. */
const TOLD_IN: Readonly<Record<UnknownId | 'pots' | 'plants', string>> = {
  pots: '/start',
  plants: '/start',
  weather: '/water',
  measures: '/line-up',
  plan: '/place',
  climate: '/settings',
  tapWater: '/feed',
}
type Hint = keyof typeof TOLD_IN
/** Hidden once is hidden for good. */
const hidden = useLocalStorage<string[]>('rimbo-hidden-hints', [])
const hint = computed((): Hint | undefined => {
  if (!garden.value) return undefined
  const { containers, plantings } = garden.value
  const all: Hint[] = [
    ...(!containers.length ? (['pots'] as const) : !plantings.length ? (['plants'] as const) : []),
    ...unknownsOf(garden.value, now.value),
  ]
  return all.find((one) => !hidden.value.includes(one) && TOLD_IN[one] !== route.path)
})
const hide = (one: Hint) => (hidden.value = [...hidden.value, one])
const reminder = computed(() => {
  const { reminder: unsaved } = safety
  if (!unsaved) return undefined
  return unsaved.records
    ? t('safe.remind', { count: unsaved.records }, unsaved.records)
    : t('safe.remindDays', { count: unsaved.days })
})
</script>

<template>
  <aside v-if="reminder || hint" class="top-line hint-line" :aria-label="t('unknown.label')">
    <template v-if="reminder">
      <span>{{ reminder }}</span>
      <PushButton size="small" :icon="Download" @click="safety.exportNow">{{
        t('settings.export')
      }}</PushButton>
    </template>
    <template v-else-if="hint">
      <span>{{ t(`unknown.${hint}`) }}</span>
      <router-link :to="TOLD_IN[hint]">{{ t('unknown.tell') }}</router-link>
      <PushButton
        class="top-line-close"
        text
        size="small"
        :icon="Close"
        :aria-label="t('unknown.hide')"
        @click="hide(hint)"
      />
    </template>
  </aside>
</template>

<style>
.hint-line a {
  white-space: nowrap;
}
</style>
