<script setup lang="ts">
import { computed, toRaw } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import { foundRecords, seasonsOf, varietyOf, type HarvestRow } from '@rimbo/core'
import BandChart from '../../drawing/BandChart.vue'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ReasonList from '../../ui/words/ReasonList.vue'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import { useRecordWords } from '../../ui/words/recordWords'
import { useReckoned } from '../../workers/useReckoned'
import PrintBar from '../DaysView/PrintBar.vue'
import '../DaysView/print.css'
import { useHarvest } from './useHarvest'

/** A season on paper: what it gave, what went wrong, and what to do differently. */
const { garden } = storeToRefs(useGardenStore())
const { now } = storeToRefs(useTodayStore())
const route = useRoute()
const { t } = useI18n()
const { mass, number, day } = useFormat()
const { varietyName } = useNames()
const { whatWords } = useRecordWords()
const worker = useHarvest()

const season = computed(() => {
  const seasons = garden.value ? seasonsOf(garden.value) : []
  return seasons.find(({ id }) => id === route.query['season']) ?? seasons.at(-1)
})
const { shown } = useReckoned(
  () => ({ garden: garden.value, season: season.value?.id, today: now.value }),
  async ({ garden: of, season: id, today }) => {
    if (!of || id === undefined) return undefined
    const plain = toRaw(of)
    return {
      varieties: await worker.ask((work) => work.summary(plain, 'variety', id)),
      pots: await worker.ask((work) => work.summary(plain, 'container', id)),
      beside: await worker.ask((work) => work.beside(plain, id, today)),
      seasons: await worker.ask((work) => work.seasons(plain, id, today)),
    }
  },
)
const found = computed(() => shown.value?.found)
const kg = (value: number) => mass(value * 1000)
const monthWords = (on: string) => day(on, { month: 'short' })
const codeOf = (id: string | undefined) =>
  garden.value?.containers.find((one) => one.id === id)?.code ?? '–'
function varietyWords(id: string): string {
  const variety = garden.value && varietyOf(garden.value, id)
  return variety ? varietyName(variety) : t('harvest.unknown')
}
const expected = ({ expectedKg }: HarvestRow) =>
  expectedKg ? t('harvest.band', { least: kg(expectedKg.least), most: kg(expectedKg.most) }) : '–'
const totalKg = computed(() =>
  (found.value?.varieties ?? []).reduce((sum, { massKg }) => sum + massKg, 0),
)
/** What went wrong, as it was recorded. */
const troubles = computed(() =>
  garden.value
    ? foundRecords(garden.value, {
        span: season.value,
        fits: ({ kind }) => kind === 'sign' || kind === 'check' || kind === 'remove',
      })
    : [],
)
</script>

<template>
  <div class="view print-view">
    <PrintBar back="/book" />
    <div class="print-sheet report">
      <h1>{{ t('report.title', { name: garden?.name, season: season?.id }) }}</h1>
      <p v-if="!found" role="status" class="soft">{{ t('harvest.reckoning') }}</p>
      <template v-else>
        <p>{{ t('harvest.total', { mass: kg(totalKg) }) }}</p>
        <BandChart
          :points="found.beside.points"
          :at="found.beside.at"
          :kg-words="kg"
          :month-words="monthWords"
          :label="t('harvest.chart', { season: season?.id })"
        />
        <template v-for="side in ['varieties', 'pots'] as const" :key="side">
          <h2>{{ t(side === 'pots' ? 'harvest.by.container' : 'harvest.by.variety') }}</h2>
          <table>
            <thead>
              <tr>
                <td></td>
                <th class="number">{{ t('harvest.real') }}</th>
                <th class="number">{{ t('harvest.fruits') }}</th>
                <th class="number">{{ t('harvest.expected') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in found[side]" :key="row.key">
                <th scope="row">
                  {{ side === 'pots' ? codeOf(row.key) : varietyWords(row.key) }}
                </th>
                <td class="number">{{ kg(row.massKg) }}</td>
                <td class="number">{{ row.count ? number(row.count) : '–' }}</td>
                <td class="number">{{ expected(row) }}</td>
              </tr>
            </tbody>
          </table>
        </template>
        <h2>{{ t('report.troubles') }}</h2>
        <p v-if="!troubles.length">{{ t('report.noTroubles') }}</p>
        <ul v-else>
          <li v-for="record in troubles" :key="record.id">
            {{ day(record.at, { day: 'numeric', month: 'short' }) }},
            <strong>{{ codeOf(record.containerId) }}</strong>: {{ t(`kind.${record.kind}`) }}
            {{ whatWords(record) }} {{ record.note }}
          </li>
        </ul>
        <h2>{{ t('seasons.differently', { season: season?.id }) }}</h2>
        <p v-if="!found.seasons.differently.length">{{ t('seasons.nothingToSay') }}</p>
        <ol v-else>
          <li v-for="(one, index) in found.seasons.differently" :key="index">
            <strong>{{
              t(`seasons.advice.${one.code}`, { code: codeOf(one.containerId) })
            }}</strong>
            <ReasonList :reasons="one.evidence" />
          </li>
        </ol>
      </template>
    </div>
  </div>
</template>

<style>
.report h2 {
  margin: 16px 0 4px;
  font-size: 17px;
}
.report table {
  width: 100%;
}
</style>
