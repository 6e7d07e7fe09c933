<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { addDays, datesFrom, isOpen, type Job } from '@rimbo/core'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { useJobsStore } from '../../stores/jobs'
import { useTodayStore } from '../../stores/today'
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
const week = computed(() => datesFrom(date.value, DAYS))
const isOfWeek = (job: Job) =>
  isOpen(job) && job.dueOn >= date.value && job.dueOn < addDays(date.value, DAYS)
/** Jobs of one kind are one line with a box for each of its days. */
const rowsOf = (id: string) => {
  const rows = new Map<string, { name: string; days: Map<string, string> }>()
  for (const job of byContainer.value.get(id) ?? []) {
    if (!isOfWeek(job)) continue
    const row = rows.get(job.kind + (job.own?.id ?? '')) ?? { name: jobName(job), days: new Map() }
    rows.set(job.kind + (job.own?.id ?? ''), row)
    const amount =
      job.kind === 'water'
        ? water(job.amounts[0]?.value ?? 0)
        : job.kind === 'pick' || job.kind === 'feed'
          ? ''
          : amountsWords(job)
    row.days.set(job.dueOn, [row.days.get(job.dueOn), amount].filter(Boolean).join(' + '))
  }
  return [...rows.values()]
}
const pots = computed(() =>
  (today.value?.pots ?? [])
    .map((pot) => ({ pot, rows: rowsOf(pot.container.id) }))
    .filter(({ pot, rows }) => rows.length || pot.plants.length),
)
</script>

<template>
  <div class="view print-view">
    <PrintBar />
    <div class="print-sheet">
      <h1>{{ t('sheet.title', { from: day(date) }) }}</h1>
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
            <tr v-for="row in rows" :key="row.name">
              <th scope="row">{{ row.name }}</th>
              <td v-for="on in week" :key="on">
                <template v-if="row.days.has(on)">
                  <span class="week-box" aria-hidden="true"></span>
                  {{ row.days.get(on) }}
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
