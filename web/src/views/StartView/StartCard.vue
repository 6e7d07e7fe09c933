<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import PushButton from '../../ui/fields/PushButton.vue'

/** One step of the start: open, done with what it came to, or still to come. */
defineProps<{ number: number; title: string; isOpen: boolean; isDone: boolean }>()
defineEmits<{ open: [] }>()
const { t } = useI18n()
</script>

<template>
  <section
    class="sheet start-card"
    :class="{ 'start-card-open': isOpen, 'start-card-ahead': !isOpen && !isDone }"
    :aria-current="isOpen ? 'step' : undefined"
  >
    <div class="start-head">
      <span class="start-number" aria-hidden="true">{{ number }}</span>
      <h2>{{ title }}</h2>
      <PushButton
        v-if="isDone && !isOpen"
        size="small"
        :aria-label="`${t('start.change')}: ${title}`"
        @click="$emit('open')"
        >{{ t('start.change') }}</PushButton
      >
    </div>
    <div v-if="isOpen || isDone" class="start-body"><slot /></div>
  </section>
</template>

<style>
.start-card {
  margin-bottom: 10px;
  padding: 10px 16px;
}
.start-card-open {
  border-color: var(--ink);
}
.start-card-ahead {
  background: none;
  color: var(--ink-soft);
}
.start-head {
  display: flex;
  align-items: center;
  gap: 12px;
}
.start-head h2 {
  margin: 0;
  flex: 1;
}
.start-number {
  width: 28px;
  height: 28px;
  flex: none;
  display: grid;
  place-items: center;
  border: 2px solid currentcolor;
  border-radius: 50%;
  font: 700 15px/1 var(--font-heading);
}
.start-body {
  margin-top: 8px;
}
.start-body > p:last-child {
  margin-bottom: 2px;
}
</style>
