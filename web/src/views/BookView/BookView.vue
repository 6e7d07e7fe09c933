<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Delete, Download } from '@element-plus/icons-vue'
import {
  edits,
  foundRecords,
  historyFaults,
  recordKinds,
  recordsCsv,
  seasonsOf,
  type GardenRecord,
  type RecordKind,
} from '@rimbo/core'
import { downloadText, fileStem } from '../../data/files'
import { useGardenStore } from '../../stores/garden'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { useRecordWords } from '../../ui/words/recordWords'
import PushButton from '../../ui/fields/PushButton.vue'
import RecordHere from '../../records/RecordHere.vue'
import { useTodayStore } from '../../stores/today'
import { lazily } from '../../loading'

const BookHarvest = lazily(() => import('./BookHarvest.vue'))
const CloseSeason = lazily(() => import('./CloseSeason.vue'))

const store = useGardenStore()
const { garden, canUndo, canRedo, undoLabel } = storeToRefs(store)
/** What was changed last, in this visit or before it: it can be taken back here. */
const lastWords = computed(() =>
  undoLabel.value ? t(undoLabel.value.code, undoLabel.value.params ?? {}) : '',
)
const { date: todayDate } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { day } = useFormat()
const { whatWords } = useRecordWords()
const { atField } = useFaultText()

const ALL = 'all'
const PAGE = 14
const container = ref<string | undefined>(ALL)
const kind = ref<string | undefined>(ALL)
const page = ref(1)
const season = ref<string | undefined>(ALL)
const seasons = computed(() => (garden.value ? seasonsOf(garden.value) : []))
const seasonOptions = computed(() => [
  { value: ALL, label: t('book.allSeasons') },
  ...seasons.value.map(({ id }) => ({ value: id, label: id })),
])
const current = computed(() =>
  seasons.value.find(({ from, to }) => todayDate.value >= from && todayDate.value <= to),
)
const shownPart = ref<'records' | 'harvest' | undefined>('records')
const parts = computed(() =>
  (['records', 'harvest'] as const).map((value) => ({ value, label: t(`book.part.${value}`) })),
)
const isClosing = ref(false)
/** Records that cannot have been so beside the others: a file may bring them. */
const wrong = computed(
  () =>
    new Map(
      (garden.value ? historyFaults(garden.value) : []).map(({ record, faults }) => [
        record.id,
        faults.map(atField).join(' '),
      ]),
    ),
)

const codes = computed(
  () => new Map(garden.value?.containers.map((one) => [one.id, one.code]) ?? []),
)
const containerOptions = computed(() => [
  { value: ALL, label: t('book.allPots') },
  ...(garden.value?.containers.map((one) => ({
    value: one.id,
    label: `${one.code} · ${one.name}`,
  })) ?? []),
])
const kindOptions = computed(() => [
  { value: ALL, label: t('book.allKinds') },
  ...recordKinds.map((value) => ({ value, label: t(`kind.${value}`) })),
])

const unless = <T extends string>(value: string | undefined) =>
  value === ALL ? undefined : (value as T | undefined)
const found = computed(() =>
  garden.value
    ? foundRecords(garden.value, {
        containerId: unless(container.value),
        kind: unless<RecordKind>(kind.value),
        span: seasons.value.find(({ id }) => id === season.value),
      })
    : [],
)
const shown = computed(() => found.value.slice((page.value - 1) * PAGE, page.value * PAGE))

const potCode = (record: GardenRecord) =>
  record.containerId === undefined
    ? '–'
    : (codes.value.get(record.containerId) ?? t('book.potGone'))

async function remove(record: GardenRecord): Promise<void> {
  await store.edit(edits.removeRecord(record.id))
}
function exportCsv(): void {
  if (garden.value)
    downloadText(`${fileStem(garden.value.name)}-records.csv`, recordsCsv(garden.value), 'text/csv')
}
</script>

<template>
  <div v-if="garden" class="view book-view">
    <div class="row book-head">
      <h1>{{ t('book.title') }}</h1>
      <SwitchButtons v-model="shownPart" :options="parts" :label="t('book.parts')" />
      <ChoiceField
        v-if="shownPart === 'records'"
        v-model="container"
        :label="t('book.pot')"
        :options="containerOptions"
        @update:model-value="page = 1"
      />
      <ChoiceField
        v-if="shownPart === 'records'"
        v-model="kind"
        :label="t('book.kind')"
        :options="kindOptions"
        @update:model-value="page = 1"
      />
      <ChoiceField
        v-if="seasons.length > 1"
        v-model="season"
        :label="t('book.season')"
        :options="seasonOptions"
        @update:model-value="page = 1"
      />
      <PushButton v-if="current" @click="isClosing = true">{{ t('closing.open') }}</PushButton>
      <PushButton :icon="Download" @click="exportCsv">{{ t('book.exportCsv') }}</PushButton>
    </div>
    <details class="book-nursery">
      <summary>{{ t('book.nursery') }}</summary>
      <RecordHere />
    </details>
    <div v-if="canUndo || canRedo" class="row book-undo">
      <span v-if="canUndo" class="soft">{{ t('book.lastChange', { change: lastWords }) }}</span>
      <PushButton v-if="canUndo" size="small" @click="store.undo()">{{
        t('book.takeBack')
      }}</PushButton>
      <PushButton v-if="canRedo" size="small" @click="store.redo()">{{
        t('book.doAgain')
      }}</PushButton>
    </div>
    <CloseSeason v-if="isClosing && current" :season="current" @close="isClosing = false" />
    <p v-if="wrong.size" role="status" class="strong">
      {{ t('book.wrong', { n: wrong.size }, wrong.size) }}
    </p>
    <div v-if="shownPart === 'harvest'" class="panel sheet book-sheet">
      <BookHarvest :garden="garden" :season="unless(season)" />
    </div>
    <div v-else class="panel sheet book-sheet">
      <table v-if="shown.length">
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
              <span class="visually-hidden">{{ t('book.delete') }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="record in shown" :key="record.id">
            <td>
              {{ day(record.at, { weekday: 'short', day: 'numeric', month: 'short' }) }},
              {{ record.at.slice(11) }}
            </td>
            <td>
              <strong>{{ potCode(record) }}</strong>
            </td>
            <td>{{ t(`kind.${record.kind}`) }}</td>
            <td>
              {{ whatWords(record) }} <span v-if="record.note" class="soft">{{ record.note }}</span>
              <router-link
                v-if="record.kind === 'check'"
                :to="{ path: '/check', query: { record: record.id } }"
                >{{ t('book.readCheck') }}</router-link
              >
              <span v-if="wrong.has(record.id)" class="book-wrong">{{ wrong.get(record.id) }}</span>
            </td>
            <td class="number">
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
      <p v-else>{{ t('book.empty') }}</p>
    </div>
    <el-pagination
      v-if="shownPart === 'records' && found.length > PAGE"
      v-model:current-page="page"
      :page-size="PAGE"
      :total="found.length"
      :pager-count="5"
      layout="total, prev, pager, next"
    />
  </div>
</template>

<style>
.book-view {
  flex-direction: column;
  gap: 10px;
}
.book-head {
  align-items: end;
  gap: 6px 16px;
}
.book-head h1 {
  margin: 0 auto 10px 0;
}
.book-head .field {
  width: 190px;
}
.book-head > .push-button,
.book-head > .row {
  margin-bottom: 8px;
}
.book-sheet {
  flex: 1;
  padding-top: 6px;
}
.book-sheet td {
  vertical-align: middle;
  padding-top: 4px;
  padding-bottom: 4px;
}
@media (max-width: 700px) {
  .book-head h1 {
    position: absolute;
    clip-path: inset(50%);
  }
  .book-head .field {
    flex: 1 1 40%;
  }
  .book-sheet {
    padding: 4px 10px;
    min-height: 300px;
  }
  .book-sheet td,
  .book-sheet th {
    font-size: 14px;
    padding-right: 6px;
  }
}
.book-wrong {
  display: block;
  color: var(--accent);
}
</style>
