<script setup lang="ts">
import { computed, toRaw } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { edits, pickedAtWarmth, type Garden, type SeasonFactor, type Suggestion } from '@rimbo/core'
import SeasonLines from '../../drawing/SeasonLines.vue'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import PushButton from '../../ui/fields/PushButton.vue'
import ReasonList from '../../ui/words/ReasonList.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { useReckoned } from '../../workers/useReckoned'
import { useHarvest } from './useHarvest'

/** Seasons side by side, how each pot differed, and what to do differently next year. */
const props = defineProps<{
  garden: Garden
  season: string | undefined
  newest: string | undefined
}>()
const store = useGardenStore()
const { isSaving } = storeToRefs(store)
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { mass, number, factor: factorWords, day, volume, share } = useFormat()
const { ofError } = useFaultText()
const worker = useHarvest()

const { shown, failure } = useReckoned(
  () => ({ garden: props.garden, season: props.season ?? props.newest, today: now.value }),
  ({ garden, season, today }) =>
    season === undefined
      ? Promise.resolve(undefined)
      : worker.ask((work) => work.seasons(toRaw(garden), season, today)),
)
const found = computed(() => shown.value?.found)
const seasonId = computed(() => shown.value?.asked.season ?? '')
const kg = (value: number) => mass(value * 1000)
const warmthWords = (degreeDays: number) => t('seasons.degreeDays', { n: number(degreeDays) })

const here = computed(() => found.value?.beside.find(({ id }) => id === seasonId.value))
/** What each season had given when it was as warm as the one looked at has been. */
const rows = computed(() => {
  const last = here.value?.points.at(-1)
  return (found.value?.beside ?? []).map((one) => ({
    ...one,
    asWarmKg: last && pickedAtWarmth(one, last.degreeDays),
  }))
})
const potWords = (id: string) => {
  const pot = props.garden.containers.find((one) => one.id === id)
  return pot ? `${pot.code} · ${pot.name}` : t('book.potGone')
}
const times = (factor: number | undefined) =>
  factor === undefined ? '–' : t('seasons.times', { n: factorWords(factor) })
const daysOf = ({ daysToRipe }: SeasonFactor) =>
  daysToRipe === undefined ? '–' : t('seasons.days', { n: number(Math.round(daysToRipe)) })
const spreadOf = ({ thirst, yieldShare, spread }: SeasonFactor) =>
  thirst === undefined && yieldShare === undefined
    ? t('seasons.givenDays', { n: number(Math.round(spread)) })
    : t('seasons.given', { n: factorWords(spread) })

const isCarried = computed(() =>
  props.garden.containers.some(({ carried }) => carried?.season === seasonId.value),
)
const carry = () => found.value && store.edit(edits.carryOver(found.value.carried, seasonId.value))
const takeBack = () => store.edit(edits.carryOver(undefined, seasonId.value))
const adviceWords = ({ code, containerId }: Suggestion) =>
  t(`seasons.advice.${code}`, {
    code: props.garden.containers.find(({ id }) => id === containerId)?.code ?? '',
  })
</script>

<template>
  <section class="book-seasons" :aria-label="t('seasons.title')">
    <p v-if="failure" role="alert" class="strong">{{ ofError(failure) }}</p>
    <p v-else-if="!shown" class="soft" role="status">{{ t('harvest.reckoning') }}</p>
    <p v-else-if="!found">{{ t('book.empty') }}</p>
    <template v-else>
      <h2>{{ t('seasons.beside') }}</h2>
      <p class="soft">{{ t('seasons.explainWarmth') }}</p>
      <SeasonLines
        :seasons="found.beside"
        :shown-id="seasonId"
        :kg-words="kg"
        :warmth-words="warmthWords"
        :label="t('seasons.chart')"
      />
      <div class="sideways">
        <table>
          <thead>
            <tr>
              <th>{{ t('book.season') }}</th>
              <th class="number">{{ t('harvest.real') }}</th>
              <th class="number">{{ t('seasons.asWarm') }}</th>
              <th class="number">{{ t('seasons.plants') }}</th>
              <th class="number">{{ t('seasons.water') }}</th>
              <th class="number">{{ t('seasons.firstPicked') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.id" :data-season="row.id">
              <th scope="row">{{ row.id }}</th>
              <td class="number">{{ kg(row.pickedKg) }}</td>
              <td class="number">{{ row.asWarmKg === undefined ? '–' : kg(row.asWarmKg) }}</td>
              <td class="number">{{ number(row.plants) }}</td>
              <td class="number">{{ volume(row.waterL) }}</td>
              <td class="number">
                {{
                  row.firstPickedOn
                    ? day(row.firstPickedOn, { day: 'numeric', month: 'short' })
                    : '–'
                }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>

      <h2>{{ t('seasons.differently', { season: seasonId }) }}</h2>
      <p v-if="!found.differently.length">{{ t('seasons.nothingToSay') }}</p>
      <ol v-else class="seasons-advice">
        <li v-for="(one, index) in found.differently" :key="index">
          <strong>{{ adviceWords(one) }}</strong>
          <ReasonList :reasons="one.evidence" />
        </li>
      </ol>

      <h2>{{ t('seasons.factors', { season: seasonId }) }}</h2>
      <p class="soft">{{ t('seasons.explainFactors') }}</p>
      <p v-if="!found.factors.length">{{ t('seasons.noFactors') }}</p>
      <div v-else class="sideways">
        <table>
          <thead>
            <tr>
              <th>{{ t('book.pot') }}</th>
              <th class="number">{{ t('seasons.thirst') }}</th>
              <th class="number">{{ t('seasons.yield') }}</th>
              <th class="number">{{ t('seasons.toRipe') }}</th>
              <th class="number">{{ t('seasons.spread') }}</th>
              <th class="number">{{ t('seasons.records') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in found.factors" :key="one.containerId" :data-factor="one.containerId">
              <th scope="row">{{ potWords(one.containerId) }}</th>
              <td class="number">{{ times(one.thirst) }}</td>
              <td class="number">
                {{ one.yieldShare === undefined ? '–' : share(one.yieldShare) }}
              </td>
              <td class="number">{{ daysOf(one) }}</td>
              <td class="number">{{ spreadOf(one) }}</td>
              <td class="number">{{ number(one.n) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <div v-if="found.carried.size" class="row seasons-carry">
        <PushButton type="primary" :loading="isSaving" @click="carry">{{
          t('seasons.carry')
        }}</PushButton>
        <PushButton v-if="isCarried" @click="takeBack">{{ t('seasons.takeBack') }}</PushButton>
        <span class="soft">{{ t(isCarried ? 'seasons.isCarried' : 'seasons.explainCarry') }}</span>
      </div>
    </template>
  </section>
</template>

<style>
.book-seasons h2 {
  margin: 18px 0 4px;
  font-size: 18px;
}
.book-seasons h2:first-of-type {
  margin-top: 4px;
}
.seasons-advice {
  margin: 0;
  padding-left: 22px;
}
.seasons-advice li {
  margin-bottom: 8px;
}
.seasons-carry {
  margin-top: 12px;
}
</style>
