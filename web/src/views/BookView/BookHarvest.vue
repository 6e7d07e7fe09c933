<script setup lang="ts">
import { computed, ref, shallowRef, toRaw, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  harvestSides,
  varietyOf,
  type Garden,
  type HarvestRow,
  type HarvestSide,
} from '@rimbo/core'
import HarvestBar from '../../drawing/HarvestBar.vue'
import { load } from '../../loading'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import type { HarvestWork } from '../../workers/harvest.worker'
import { useOpenWorker } from '../../workers/useOpenWorker'

/** What the garden gave, beside what its plants were expected to give. */
const props = defineProps<{ garden: Garden; season: string | undefined }>()
const { t } = useI18n()
const { mass, number, day } = useFormat()
const { varietyName } = useNames()
const { ofError } = useFaultText()

const worker = useOpenWorker<HarvestWork>(
  () => new Worker(new URL('../../workers/harvest.worker.ts', import.meta.url), { type: 'module' }),
)
const by = ref<HarvestSide | undefined>('variety')
const sides = computed(() =>
  harvestSides.map((value) => ({ value, label: t(`harvest.by.${value}`) })),
)
/** What is shown, and by what it was added up: the choice runs ahead of it. */
const shown = shallowRef<{ readonly by: HarvestSide; readonly rows: readonly HarvestRow[] }>()
const rows = computed(() => shown.value?.rows)
const failure = shallowRef<unknown>()
let turn = 0
watch(
  [() => props.garden, () => props.season, by],
  async ([garden, season, side]) => {
    const mine = ++turn
    const asked = side ?? 'variety'
    try {
      const found = await load(() =>
        worker.ask((work) => work.summary(toRaw(garden), asked, season)),
      )
      if (mine !== turn) return
      shown.value = { by: asked, rows: found }
      failure.value = undefined
    } catch (error) {
      if (mine === turn) failure.value = error
    }
  },
  { immediate: true },
)

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
    <div v-else class="sideways">
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
            <th class="number">{{ t('harvest.perMix') }}</th>
            <th class="number">{{ t('harvest.perWater') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.key" :data-harvest="row.key">
            <th scope="row">{{ nameOf(row.key) }}</th>
            <td class="number">
              {{ realWords(row) }}
              <span v-if="row.wasteKg" class="soft">{{
                t('harvest.waste', { mass: kg(row.wasteKg) })
              }}</span>
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
            <td class="number">{{ row.perLitreMix ? kg(row.perLitreMix) : '–' }}</td>
            <td class="number">{{ row.perLitreWater ? kg(row.perLitreWater) : '–' }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style>
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
