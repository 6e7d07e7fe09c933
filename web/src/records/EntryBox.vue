<script setup lang="ts">
import { computed, ref, shallowRef, useId } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import {
  edits,
  InputError,
  parseEntry,
  recordFaults,
  type Fault,
  type GardenRecord,
} from '@rimbo/core'
import { useGardenStore } from '../stores/garden'
import { useTodayStore } from '../stores/today'
import ChoiceField from '../ui/fields/ChoiceField.vue'
import PushButton from '../ui/fields/PushButton.vue'
import { useFaultText } from '../ui/words/faults'
import { useFormat } from '../ui/words/format'
import type { Language } from '../language'
import { useRecordWords } from '../ui/words/recordWords'

/** What was done or seen, typed as one would say it; what is understood lights up. */
const emit = defineEmits<{ recorded: [] }>()
const store = useGardenStore()
const { garden } = storeToRefs(store)
const { now } = storeToRefs(useTodayStore())
const { t, locale } = useI18n()
const { day } = useFormat()
const { whatWords } = useRecordWords()
const { atField } = useFaultText()

const id = useId()
const text = ref('')
const faults = shallowRef<readonly Fault[]>([])
const entry = computed(() =>
  garden.value && text.value.trim()
    ? parseEntry(text.value, garden.value, now.value, locale.value as Language)
    : undefined,
)

interface Piece {
  readonly text: string
  /** What it was taken for; nothing where it was not understood. */
  readonly as?: string
}
/** The text in pieces, understood or not, in order. */
const pieces = computed((): readonly Piece[] => {
  const found: Piece[] = []
  let at = 0
  for (const { from, to, as } of entry.value?.understood ?? []) {
    if (from > at) found.push({ text: text.value.slice(at, from) })
    found.push({ text: text.value.slice(from, to), as })
    at = to
  }
  if (at < text.value.length) found.push({ text: text.value.slice(at) })
  return found
})

const codeOf = (containerId: string | undefined): string | undefined =>
  garden.value?.containers.find((one) => one.id === containerId)?.code
const wordsOf = (record: GardenRecord): string =>
  [
    t(`kind.${record.kind}`),
    whatWords(record),
    record.note,
    record.at.slice(0, 10) === now.value.slice(0, 10)
      ? undefined
      : day(record.at, { day: 'numeric', month: 'short' }),
  ]
    .filter(Boolean)
    .join(', ')
/** What would be recorded, the same of several pots in one line. */
const lines = computed(() => {
  const byWords = new Map<string, string[]>()
  for (const record of entry.value?.records ?? []) {
    const words = wordsOf(record)
    const codes = byWords.get(words) ?? []
    byWords.set(words, [...codes, codeOf(record.containerId) ?? ''])
  }
  return [...byWords].map(([words, codes]) => ({
    words,
    codes: codes.filter(Boolean).join(', '),
    count: codes.length,
  }))
})
const potOptions = computed(() =>
  (garden.value?.containers ?? []).map((one) => ({
    value: one.code,
    label: `${one.code} · ${one.name}`,
  })),
)
const addPot = (code: string | undefined) => {
  if (code) text.value = `${text.value.trim()} ${code}`
}

/** This entry is on its way; what another part of the page saves does not hold it up. */
const isRecording = ref(false)
async function record(): Promise<void> {
  if (!garden.value || !entry.value?.records.length || isRecording.value) return
  const given = text.value
  const made = entry.value.records.map((one) => ({ ...one, id: nanoid() }))
  faults.value = made.flatMap((one) => recordFaults(garden.value!, one, now.value))
  if (faults.value.length) return
  const [first] = made
  isRecording.value = true
  try {
    await store.edit(edits.recordEntry(made, codeOf(first?.containerId) ?? t('happened.nursery')))
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    faults.value = error.faults
    return
  } finally {
    isRecording.value = false
  }
  // What was typed in the meantime is the next entry.
  if (text.value.startsWith(given)) text.value = text.value.slice(given.length).trimStart()
  emit('recorded')
}
</script>

<template>
  <form class="entry" @submit.prevent="record">
    <div class="row entry-row">
      <div class="field entry-field">
        <label :for="id">{{ t('entry.title') }}</label>
        <el-input
          :id="id"
          v-model="text"
          autocomplete="off"
          autocapitalize="off"
          enterkeyhint="done"
          maxlength="2000"
          :placeholder="t('entry.examples')"
          :aria-describedby="`${id}-read`"
          @input="faults = []"
        />
      </div>
      <PushButton
        native-type="submit"
        type="primary"
        :disabled="!entry?.records.length"
        :loading="isRecording"
        >{{ t('happened.record') }}</PushButton
      >
    </div>
    <div :id="`${id}-read`" class="entry-read" aria-live="polite">
      <template v-if="entry">
        <p class="entry-text">
          <template v-for="(piece, index) in pieces" :key="index">
            <mark v-if="piece.as" :title="t(`entry.as.${piece.as}`)">{{ piece.text }}</mark>
            <span v-else>{{ piece.text }}</span>
          </template>
        </p>
        <ul v-if="lines.length">
          <li v-for="line in lines" :key="line.words">
            <strong v-if="line.codes">{{ line.codes }}</strong>
            {{ line.words }}<template v-if="line.count > 1">, {{ t('entry.each') }}</template>
          </li>
        </ul>
      </template>
    </div>
    <ChoiceField
      v-if="entry?.asks === 'pot'"
      :model-value="undefined"
      :label="t('entry.whichPot')"
      :options="potOptions"
      @update:model-value="addPot"
    />
    <p v-for="(fault, index) in faults" :key="index" class="strong" role="alert">
      {{ atField(fault) }}
    </p>
  </form>
</template>

<style>
.entry-row {
  align-items: end;
  gap: 10px;
}
.entry-row .entry-field {
  flex: 1 1 260px;
  width: auto;
  margin: 0;
}
.entry-read ul {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}
.entry-text {
  margin: 6px 0 0;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  color: var(--ink-soft);
}
.entry-text mark {
  padding: 0 2px;
  border-bottom: 2px solid var(--leaf, currentcolor);
  background: none;
  color: var(--ink);
  font-weight: 600;
}
</style>
