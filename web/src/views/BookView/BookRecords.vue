<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { refDebounced, useMediaQuery, useVirtualList } from '@vueuse/core'
import { Delete, EditPen } from '@element-plus/icons-vue'
import {
  edits,
  foundRecords,
  historyFaults,
  recordKinds,
  saysAll,
  type Garden,
  type GardenRecord,
  type RecordKind,
  type SeasonOf,
} from '@rimbo/core'
import { lazily } from '../../loading'
import { useRecordSearch } from '../../records/useRecordSearch'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import PushButton from '../../ui/fields/PushButton.vue'
import TextField from '../../ui/fields/TextField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { useRecordWords } from '../../ui/words/recordWords'

const EditRecord = lazily(() => import('./EditRecord.vue'))

/** Every record, found by its pot, its kind, its season and its words; only those in sight are drawn. */
const props = defineProps<{ garden: Garden; span: SeasonOf | undefined }>()
const store = useGardenStore()
const today = useTodayStore()
const { t } = useI18n()
const { day, params } = useFormat()
const { whatWords } = useRecordWords()
const { atField } = useFaultText()
const { textOf } = useRecordSearch()

const ALL = 'all'
const container = ref<string | undefined>(ALL)
const kind = ref<string | undefined>(ALL)
const typed = ref('')
const words = refDebounced(typed, 80)
const unless = <T extends string>(value: string | undefined) =>
  value === ALL ? undefined : (value as T | undefined)

/** Records that cannot have been so beside the others: a file may bring them. */
const wrong = computed(
  () =>
    new Map(
      historyFaults(props.garden).map(({ record, faults }) => [
        record.id,
        faults.map(atField).join(' '),
      ]),
    ),
)
const codes = computed(() => new Map(props.garden.containers.map((one) => [one.id, one.code])))
const containerOptions = computed(() => [
  { value: ALL, label: t('book.allPots') },
  ...props.garden.containers.map((one) => ({ value: one.id, label: `${one.code} · ${one.name}` })),
])
const kindOptions = computed(() => [
  { value: ALL, label: t('book.allKinds') },
  ...recordKinds.map((value) => ({ value, label: t(`kind.${value}`) })),
])
const found = computed(() => {
  const says = words.value.trim() ? saysAll(words.value) : undefined
  return foundRecords(props.garden, {
    containerId: unless(container.value),
    kind: unless<RecordKind>(kind.value),
    span: props.span,
    fits: says && ((record) => says(textOf(record))),
  })
})

/** Rows are of one height, so that only those in sight need be there. */
const isNarrow = useMediaQuery('(max-width: 700px)')
const dayStyle = computed((): Intl.DateTimeFormatOptions => ({
  ...(!isNarrow.value && { weekday: 'short' }),
  day: 'numeric',
  month: 'short',
}))
const rowPx = computed(() => (isNarrow.value ? 62 : 42))
const { list, containerProps, wrapperProps, scrollTo } = useVirtualList(found, {
  itemHeight: () => rowPx.value,
  overscan: 8,
})
watch([words, container, kind, () => props.span], () => scrollTo(0))

const potCode = (record: GardenRecord) =>
  record.containerId === undefined
    ? '–'
    : (codes.value.get(record.containerId) ?? t('book.potGone'))

const edited = shallowRef<GardenRecord>()
async function remove(record: GardenRecord): Promise<void> {
  await store.edit(edits.removeRecord(record.id, today.now))
}
</script>

<template>
  <div class="book-records">
    <div class="row book-filters">
      <TextField v-model="typed" type="search" :label="t('book.search')" />
      <ChoiceField v-model="container" :label="t('book.pot')" :options="containerOptions" />
      <ChoiceField v-model="kind" :label="t('book.kind')" :options="kindOptions" />
      <span class="soft book-count" role="status">{{
        t('book.found', params({ n: found.length }), found.length)
      }}</span>
    </div>
    <p v-if="wrong.size" role="status" class="strong">
      {{ t('book.wrong', { n: wrong.size }, wrong.size) }}
    </p>
    <div v-if="found.length" v-bind="containerProps" class="panel sheet book-list" tabindex="0">
      <div v-bind="wrapperProps">
        <table :aria-rowcount="found.length + 1">
          <caption class="visually-hidden">
            {{
              t('book.title')
            }}
          </caption>
          <thead>
            <tr>
              <th>{{ t('book.when') }}</th>
              <th>{{ t('book.pot') }}</th>
              <th>{{ t('book.kind') }}</th>
              <th>{{ t('book.what') }}</th>
              <th>
                <span class="visually-hidden">{{ t('book.change') }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="{ data: record, index } in list"
              :key="record.id"
              :style="{ height: `${rowPx}px` }"
              :aria-rowindex="index + 2"
              :data-record="record.id"
            >
              <td>
                {{ day(record.at, dayStyle) }}<template v-if="!isNarrow">,</template>
                {{ record.at.slice(11) }}
              </td>
              <td>
                <strong>{{ potCode(record) }}</strong>
              </td>
              <td>{{ t(`kind.${record.kind}`) }}</td>
              <td>
                <div class="book-what">
                  {{ whatWords(record) }}
                  <span v-if="record.note" class="soft">{{ record.note }}</span>
                  <router-link
                    v-if="record.kind === 'check'"
                    :to="{ path: '/check', query: { record: record.id } }"
                    >{{ t('book.readCheck') }}</router-link
                  >
                  <span v-if="record.earlier?.length" class="soft">{{ t('book.changed') }}</span>
                  <span v-if="wrong.has(record.id)" class="book-wrong">{{
                    wrong.get(record.id)
                  }}</span>
                </div>
              </td>
              <td class="number book-acts">
                <PushButton
                  size="small"
                  :icon="EditPen"
                  :aria-label="
                    t('book.editOne', { kind: t(`kind.${record.kind}`), code: potCode(record) })
                  "
                  @click="edited = record"
                />
                <PushButton
                  size="small"
                  :icon="Delete"
                  :aria-label="
                    t('book.deleteThis', { kind: t(`kind.${record.kind}`), code: potCode(record) })
                  "
                  @click="remove(record)"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </div>
    <div v-else class="panel sheet book-list">
      <p>{{ garden.records.length ? t('book.nothingFound') : t('book.empty') }}</p>
    </div>
    <EditRecord v-if="edited" :record="edited" @close="edited = undefined" />
  </div>
</template>

<style>
.book-records {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
  gap: 8px;
}
.book-filters {
  align-items: end;
  gap: 6px 16px;
}
.book-filters .field {
  width: 200px;
  margin-bottom: 0;
}
.book-count {
  margin-bottom: 8px;
}
.book-list {
  position: relative;
  flex: 1;
  min-height: 260px;
  padding-top: 0;
}
.book-list thead th {
  position: sticky;
  top: 0;
  z-index: 1;
  background: var(--sheet);
}
.book-list td {
  vertical-align: middle;
  padding-top: 2px;
  padding-bottom: 2px;
}
.book-what {
  display: -webkit-box;
  overflow: hidden;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}
.book-acts {
  white-space: nowrap;
}
.book-wrong {
  display: block;
  color: var(--accent);
}
@media (max-width: 700px) {
  .book-filters .field {
    flex: 1 1 40%;
    width: auto;
  }
  /* In a frame of its own: without one every record would be drawn. */
  .book-list {
    max-height: 70dvh;
    padding: 0 10px;
  }
  .book-list td,
  .book-list th {
    font-size: 14px;
    padding-right: 6px;
  }
  .book-acts .push-button + .push-button {
    display: none;
  }
}
</style>
