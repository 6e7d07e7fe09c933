<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Download, Printer } from '@element-plus/icons-vue'
import { recordsCsv, seasonsOf } from '@rimbo/core'
import { downloadText, fileStem } from '../../data/files'
import { lazily } from '../../loading'
import EntryBox from '../../records/EntryBox.vue'
import RecordHere from '../../records/RecordHere.vue'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import PushButton from '../../ui/fields/PushButton.vue'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import BookRecords from './BookRecords.vue'

const BookBin = lazily(() => import('./BookBin.vue'))
const BookHarvest = lazily(() => import('./BookHarvest.vue'))
const BookPhotos = lazily(() => import('./BookPhotos.vue'))
const BookSeasons = lazily(() => import('./BookSeasons.vue'))
const BookTrials = lazily(() => import('./BookTrials.vue'))
const CloseSeason = lazily(() => import('./CloseSeason.vue'))

/** What was done and seen, what it gave, and what it tells. */
const store = useGardenStore()
const { garden, canUndo, canRedo, undoLabel } = storeToRefs(store)
const { date: todayDate } = storeToRefs(useTodayStore())
const { t } = useI18n()

/** What was changed last, in this visit or before it: it can be taken back here. */
const lastWords = computed(() =>
  undoLabel.value ? t(undoLabel.value.code, undoLabel.value.params ?? {}) : '',
)

const PARTS = ['records', 'harvest', 'seasons', 'trials', 'photos', 'bin'] as const
const shownPart = ref<(typeof PARTS)[number] | undefined>('records')
const parts = computed(() => PARTS.map((value) => ({ value, label: t(`book.part.${value}`) })))
/** Parts that are of one season, or of all. */
const isOfSeason = computed(() => ['records', 'harvest', 'seasons'].includes(`${shownPart.value}`))

const ALL = 'all'
const season = ref<string | undefined>(ALL)
const seasons = computed(() => (garden.value ? seasonsOf(garden.value) : []))
const seasonOptions = computed(() => [
  { value: ALL, label: t('book.allSeasons') },
  ...seasons.value.map(({ id }) => ({ value: id, label: id })),
])
const span = computed(() => seasons.value.find(({ id }) => id === season.value))
const newest = computed(
  () => (seasons.value.findLast(({ from }) => from <= todayDate.value) ?? seasons.value.at(-1))?.id,
)
const current = computed(() =>
  seasons.value.find(({ from, to }) => todayDate.value >= from && todayDate.value <= to),
)
const isClosing = ref(false)

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
        v-if="seasons.length > 1 && isOfSeason"
        v-model="season"
        :label="t('book.season')"
        :options="seasonOptions"
      />
      <div class="row book-tools">
        <PushButton v-if="current" @click="isClosing = true">{{ t('closing.open') }}</PushButton>
        <router-link
          v-if="newest"
          :to="{ path: '/book/report', query: { season: span?.id ?? newest } }"
          class="book-link"
        >
          <el-icon><Printer /></el-icon> {{ t('book.report') }}
        </router-link>
        <PushButton v-if="shownPart === 'records'" :icon="Download" @click="exportCsv">{{
          t('book.exportCsv')
        }}</PushButton>
      </div>
    </div>
    <CloseSeason v-if="isClosing && current" :season="current" @close="isClosing = false" />
    <template v-if="shownPart === 'records'">
      <EntryBox />
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
      <BookRecords :garden="garden" :span="span" />
    </template>
    <BookBin v-else-if="shownPart === 'bin'" :garden="garden" />
    <div v-else class="panel sheet book-sheet">
      <BookHarvest
        v-if="shownPart === 'harvest'"
        :garden="garden"
        :season="span?.id"
        :newest="newest"
      />
      <BookSeasons
        v-else-if="shownPart === 'seasons'"
        :garden="garden"
        :season="span?.id"
        :newest="newest"
      />
      <BookTrials v-else-if="shownPart === 'trials'" :garden="garden" />
      <BookPhotos v-else :garden="garden" />
    </div>
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
  width: 150px;
}
.book-head > .row {
  margin-bottom: 8px;
}
.book-tools {
  gap: 6px 16px;
}
.book-link {
  display: inline-flex;
  align-items: center;
  gap: 5px;
  min-height: 32px;
}
.book-sheet {
  position: relative;
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
  .book-head {
    display: contents;
  }
  /* The parts go sideways under the thumb; what is seldom wanted comes last. */
  .book-head > .row:not(.book-tools) {
    flex: none;
    flex-wrap: nowrap;
    overflow-x: auto;
    margin: 0;
    padding: 2px;
  }
  .book-head .push-button {
    flex: none;
  }
  .book-head .field {
    width: auto;
    margin: 0;
  }
  .book-tools {
    order: 5;
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
</style>
