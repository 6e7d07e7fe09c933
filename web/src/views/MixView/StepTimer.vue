<script setup lang="ts">
import { computed, onScopeDispose, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useNow } from '@vueuse/core'
import PushButton from '../../ui/fields/PushButton.vue'

/** Counts a wait down by the clock, so that it goes on while other things are looked at. */
const props = defineProps<{ minutes: number; about: string }>()
const { t } = useI18n()

const now = useNow({ interval: 500 })
const endsAt = ref<number>()
const leftS = computed(() =>
  endsAt.value === undefined
    ? undefined
    : Math.max(0, Math.ceil((endsAt.value - now.value.getTime()) / 1000)),
)
const clock = computed(() => {
  const seconds = leftS.value ?? props.minutes * 60
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
})
function start(): void {
  endsAt.value = Date.now() + props.minutes * 60_000
}
const stop = () => (endsAt.value = undefined)
onScopeDispose(stop)
</script>

<template>
  <span class="step-timer">
    <span role="timer" class="step-clock">{{ clock }}</span>
    <PushButton
      v-if="leftS === undefined"
      size="small"
      :aria-label="t('test.startFor', { about })"
      @click="start"
    >
      {{ t('test.start') }}
    </PushButton>
    <PushButton v-else-if="leftS > 0" size="small" @click="stop">{{ t('test.stop') }}</PushButton>
    <strong v-else role="status">{{ t('test.over') }}</strong>
  </span>
</template>

<style>
.step-timer {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  margin-left: 8px;
}
.step-clock {
  font-variant-numeric: tabular-nums;
  font-weight: 700;
}
</style>
