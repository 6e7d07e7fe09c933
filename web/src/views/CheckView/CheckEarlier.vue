<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { causeIds, edits, foundRecords, isCause, type Garden, type RecordOf } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'

/** Checks of this pot that were kept: to be read again, and to say what it was. */
const props = defineProps<{ garden: Garden; containerId: string; readId: string | undefined }>()
const emit = defineEmits<{ read: [record: RecordOf<'check'>] }>()
const store = useGardenStore()
const { t } = useI18n()
const { day } = useFormat()

const kept = computed(() =>
  foundRecords(props.garden, { containerId: props.containerId, kind: 'check' }).flatMap((record) =>
    record.kind === 'check' ? [record] : [],
  ),
)
const causes = computed(() =>
  causeIds
    .map((value) => ({ value, label: t(`cause.${value}`) }))
    .sort((one, other) => one.label.localeCompare(other.label)),
)
const mark = (id: string, outcome: string | undefined) =>
  store.edit(edits.markOutcome(id, outcome || undefined))
const nameOf = (cause: string | undefined) => (isCause(cause) ? t(`cause.${cause}`) : (cause ?? ''))
</script>

<template>
  <section v-if="kept.length" class="check-earlier" :aria-label="t('check.earlier')">
    <h2>{{ t('check.earlier') }}</h2>
    <ul>
      <li v-for="record in kept" :key="record.id">
        <div class="earlier-line">
          <span>{{ day(record.at, { day: 'numeric', month: 'short' }) }}</span>
          <span class="earlier-cause">{{ nameOf(record.cause) }}</span>
          <PushButton size="small" :disabled="record.id === readId" @click="emit('read', record)">{{
            t('check.read')
          }}</PushButton>
        </div>
        <label class="earlier-outcome">
          <span>{{ t('check.outcome') }}</span>
          <select
            :value="record.outcome ?? ''"
            @change="mark(record.id, ($event.target as HTMLSelectElement).value)"
          >
            <option value="">{{ t('check.stillOpen') }}</option>
            <option v-for="one in causes" :key="one.value" :value="one.value">
              {{ one.label }}
            </option>
          </select>
        </label>
      </li>
    </ul>
  </section>
</template>

<style>
.check-earlier ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.check-earlier li {
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.earlier-line {
  display: flex;
  align-items: center;
  gap: 10px;
  margin-bottom: 6px;
}
.earlier-cause {
  flex: 1;
  font-weight: 600;
}
.earlier-outcome {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 8px;
  font-size: 14px;
}
.earlier-outcome select {
  flex: 1;
  min-width: 0;
  min-height: 36px;
  font: inherit;
  font-size: 14px;
  color: var(--ink);
  background: var(--sheet);
  border: 1px solid var(--el-border-color);
  border-radius: 3px;
}
@media (max-width: 700px) {
  .earlier-outcome select,
  .earlier-line .push-button {
    min-height: 44px;
  }
}
</style>
