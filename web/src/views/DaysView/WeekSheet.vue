<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { datesFrom, isVaried, litresOf, nextWeekFrom, rowsOf, type Job } from '@rimbo/core'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { useGardenStore } from '../../stores/garden'
import { useJobsStore } from '../../stores/jobs'
import { useTodayStore } from '../../stores/today'
import { useOptions } from '../../ui/fields/options'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import { useFormat } from '../../ui/words/format'
import { usePotWords } from '../../ui/words/potWords'
import { useJobWords } from '../../jobs/useJobWords'
import PrintBar from './PrintBar.vue'
import './print.css'

/** A week on paper: each pot in section, its jobs by day, and boxes to tick. */
const { byContainer } = storeToRefs(useJobsStore())
const { date, today } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { day, water } = useFormat()
const { plantWords, wholeWords } = usePotWords()
const { jobName, amountsWords } = useJobWords()

const DAYS = 7
const { garden } = storeToRefs(useGardenStore())
const { optionsOf } = useOptions()
const spans = ['fromToday', 'nextWeek'] as const
const span = ref<(typeof spans)[number]>('fromToday')
const from = computed(() =>
  span.value === 'nextWeek'
    ? nextWeekFrom(date.value, garden.value?.settings.weekStartsOn)
    : date.value,
)
const week = computed(() => datesFrom(from.value, DAYS))
/** What a box has beside it. */
const amountOf = (jobs: readonly Job[] | undefined): string =>
  (jobs ?? [])
    .map((job) =>
      job.kind === 'water'
        ? water(litresOf([job]))
        : isVaried(job) || job.kind === 'feed'
          ? ''
          : amountsWords(job),
    )
    .filter(Boolean)
    .join(' + ')
const pots = computed(() =>
  (today.value?.pots ?? [])
    .map((pot) => ({
      pot,
      rows: rowsOf(byContainer.value.get(pot.container.id) ?? [], from.value, DAYS),
    }))
    .filter(({ pot, rows }) => rows.length || pot.plants.length),
)
</script>

<template>
  <div class="view print-view">
    <PrintBar>
      <SwitchButtons v-model="span" :options="optionsOf(spans, 'sheet')" :label="t('sheet.span')" />
    </PrintBar>
    <div class="print-sheet">
      <h1>{{ t('sheet.title', { from: day(from) }) }}</h1>
      <article v-for="{ pot, rows } in pots" :key="pot.container.id" class="week-pot">
        <SectionFigure :pot="pot" :width="92" :height="128" :label="wholeWords(pot)" />
        <table>
          <caption>
            <strong>{{ pot.container.code }}</strong>
            {{
              plantWords(pot)
            }}
          </caption>
          <thead>
            <tr>
              <td></td>
              <th v-for="on in week" :key="on" scope="col">
                {{ day(on, { weekday: 'short', day: 'numeric' }) }}
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.job.id">
              <th scope="row">{{ jobName(row.job) }}</th>
              <td v-for="on in week" :key="on">
                <template v-if="row.byDate.has(on)">
                  <span class="week-box" aria-hidden="true"></span>
                  {{ amountOf(row.byDate.get(on)) }}
                </template>
              </td>
            </tr>
            <tr v-if="!rows.length">
              <td colspan="8" class="soft">{{ t('sheet.nothing') }}</td>
            </tr>
          </tbody>
        </table>
      </article>
    </div>
  </div>
</template>

<style>
.week-pot {
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr);
  gap: 14px;
  align-items: start;
  padding: 8px 0;
  border-top: 1.5px solid var(--ink);
  break-inside: avoid;
}
.week-pot table {
  font-size: 12px;
  table-layout: fixed;
}
.week-pot caption {
  text-align: left;
  font-size: 14px;
}
.week-pot th,
.week-pot td {
  padding: 3px 6px 3px 0;
  font-size: 12px;
}
.week-pot tbody th {
  width: 130px;
  color: var(--ink);
}
.week-pot thead td {
  width: 130px;
}
.week-box {
  display: inline-block;
  width: 11px;
  height: 11px;
  border: 1.2px solid var(--ink);
  vertical-align: -1px;
}
</style>
