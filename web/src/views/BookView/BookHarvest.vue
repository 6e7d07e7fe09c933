<script setup lang="ts">
import { computed, ref, toRaw } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  harvestSides,
  varietyOf,
  type Garden,
  type HarvestRow,
  type HarvestSide,
} from '@rimbo/core'
import BandChart from '../../drawing/BandChart.vue'
import HarvestBar from '../../drawing/HarvestBar.vue'
import { useTodayStore } from '../../stores/today'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import { useReckoned } from '../../workers/useReckoned'
import { useHarvest } from './useHarvest'

/** What the garden gave, beside what its plants were expected to give. */
const props = defineProps<{
  garden: Garden
  /** Of which season; all where left out. The curve is of the newest then. */
  season: string | undefined
  newest: string | undefined
}>()
const { t } = useI18n()
const { mass, number, day, area } = useFormat()
const { varietyName } = useNames()
const { ofError } = useFaultText()
const { now } = storeToRefs(useTodayStore())

/** “Per m²”, and where a square metre is no round number with it. */
const floor = computed(() => area(1).replace(/^1\s/, ''))
const worker = useHarvest()
const by = ref<HarvestSide | undefined>('variety')
const sides = computed(() =>
  harvestSides.map((value) => ({ value, label: t(`harvest.by.${value}`) })),
)
const { shown: answer, failure } = useReckoned(
  () => ({ garden: props.garden, season: props.season, by: by.value ?? ('variety' as const) }),
  ({ garden, season, by: side }) => worker.ask((work) => work.summary(toRaw(garden), side, season)),
)
/** What is shown, and by what it was added up: the choice runs ahead of it. */
const shown = computed(
  () => answer.value && { by: answer.value.asked.by, rows: answer.value.found },
)
const rows = computed(() => shown.value?.rows)
const { shown: beside } = useReckoned(
  () => ({ garden: props.garden, season: props.season ?? props.newest, today: now.value }),
  ({ garden, season, today }) =>
    season === undefined
      ? Promise.resolve(undefined)
      : worker.ask((work) => work.beside(toRaw(garden), season, today)),
)
const curve = computed(() => beside.value?.found)
const monthWords = (date: string) => day(date, { month: 'short' })

const mostKg = computed(() =>
  Math.max(0, ...(rows.value ?? []).map((row) => Math.max(row.massKg, row.expectedKg?.most ?? 0))),
)
const totalKg = computed(() => (rows.value ?? []).reduce((sum, row) => sum + row.massKg, 0))
function nameOf(key: string): string {
  const side = shown.value?.by
  if (key === '') return t('harvest.unknown')
  if (side === 'week')
    return t('harvest.week', { date: day(key, { day: 'numeric', month: 'short' }) })
  if (side === 'crop') return t(`crop.${key}`)
  if (side === 'container') {
    const pot = props.garden.containers.find(({ id }) => id === key)
    return pot ? `${pot.code} · ${pot.name}` : t('book.potGone')
  }
  const variety = varietyOf(props.garden, key)
  return variety ? varietyName(variety) : key
}
const kg = (value: number) => mass(value * 1000)
const realWords = ({ massKg, massSdKg }: HarvestRow) =>
  massSdKg ? t('harvest.about', { mass: kg(massKg), sd: kg(massSdKg) }) : kg(massKg)
/** What spoiled, and of what. */
const wasteWords = ({ wasteKg, wasteByKg }: HarvestRow) =>
  t('harvest.waste', {
    mass: kg(wasteKg),
    why: Object.entries(wasteByKg)
      .map(([why, massKg]) =>
        t('harvest.wasteOf', { why: t(`happened.wasteCause.${why}`), mass: kg(massKg) }),
      )
      .join(', '),
  })
const expectedWords = ({ expectedKg }: HarvestRow) =>
  expectedKg ? t('harvest.band', { least: kg(expectedKg.least), most: kg(expectedKg.most) }) : ''
</script>

<template>
  <section class="book-harvest" :aria-label="t('harvest.title')">
    <div class="row">
      <SwitchButtons v-model="by" :options="sides" :label="t('harvest.side')" />
      <strong v-if="rows">{{ t('harvest.total', { mass: kg(totalKg) }) }}</strong>
    </div>
    <p v-if="failure" role="alert" class="strong">{{ ofError(failure) }}</p>
    <p v-else-if="!rows" class="soft" role="status">{{ t('harvest.reckoning') }}</p>
    <p v-else-if="!rows.length">{{ t('harvest.none') }}</p>
    <template v-if="curve?.points.length">
      <BandChart
        :points="curve.points"
        :at="curve.at"
        :kg-words="kg"
        :month-words="monthWords"
        :label="t('harvest.chart', { season: beside?.asked.season })"
      />
      <p class="soft harvest-hanging">
        {{
          curve.hanging.kg > 0.01
            ? t('harvest.hanging', {
                mass: kg(curve.hanging.kg),
                fruits: number(curve.hanging.fruits),
              })
            : t('harvest.nothingHangs')
        }}
      </p>
    </template>
    <div v-if="rows?.length" class="sideways">
      <table>
        <caption class="soft">
          {{
            t('harvest.explain')
          }}
        </caption>
        <thead>
          <tr>
            <th>{{ t(`harvest.by.${shown?.by}`) }}</th>
            <th class="number">{{ t('harvest.real') }}</th>
            <th class="number">{{ t('harvest.fruits') }}</th>
            <th class="harvest-wide">{{ t('harvest.beside') }}</th>
            <th class="number">{{ t('harvest.expected') }}</th>
            <th class="number">{{ t('harvest.perFloor', { area: floor }) }}</th>
            <th class="number">{{ t('harvest.perMix') }}</th>
            <th class="number">{{ t('harvest.perWater') }}</th>
            <th v-if="shown?.by !== 'week'" class="number">
              {{ t('harvest.perMoney', { currency: garden.settings.currency }) }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.key" :data-harvest="row.key">
            <th scope="row">{{ nameOf(row.key) }}</th>
            <td class="number">
              {{ realWords(row) }}
              <span v-if="row.wasteKg" class="soft">{{ wasteWords(row) }}</span>
            </td>
            <td class="number">{{ row.count ? number(row.count) : '–' }}</td>
            <td class="harvest-wide">
              <HarvestBar
                :row="row"
                :most-kg="mostKg"
                :label="
                  t('harvest.barWords', {
                    real: realWords(row),
                    expected: expectedWords(row) || t('harvest.nothing'),
                  })
                "
              />
            </td>
            <td class="number">{{ expectedWords(row) || '–' }}</td>
            <td class="number">{{ row.perM2 ? kg(row.perM2) : '–' }}</td>
            <td class="number">{{ row.perLitreMix ? kg(row.perLitreMix) : '–' }}</td>
            <td class="number">{{ row.perLitreWater ? kg(row.perLitreWater) : '–' }}</td>
            <td v-if="shown?.by !== 'week'" class="number">
              {{ row.perEuro ? kg(row.perEuro) : '–' }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style>
.harvest-hanging {
  margin: 2px 0 10px;
}
.book-harvest caption {
  caption-side: bottom;
  padding-top: 8px;
  text-align: left;
  font-size: 13px;
}
.harvest-wide {
  min-width: 180px;
  width: 30%;
}
</style>
