<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { weatherSummary, type DailyWeather, type WeatherRead } from '@rimbo/core'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'

/** What a weather file holds, before it is taken: days, gaps, and the lines that cannot be used. */
const props = defineProps<{
  read: WeatherRead
  known: readonly DailyWeather[]
  isTypical: boolean
}>()
const { t } = useI18n()
const { day, temp, waterDepth } = useFormat()
const { atField } = useFaultText()

const GAPS_SHOWN = 4
const FAULTS_SHOWN = 6
const summary = computed(() => weatherSummary(props.read, props.known))
const date = (text: string) => day(text, { day: 'numeric', month: 'short', year: 'numeric' })
</script>

<template>
  <p v-if="!summary" class="strong">{{ t('weatherFile.nothing') }}</p>
  <template v-else>
    <p>
      <strong>{{
        t('weatherFile.days', {
          count: summary.count,
          from: date(summary.from),
          to: date(summary.to),
        })
      }}</strong>
      <template v-if="read.station?.name"> · {{ read.station.name }}</template>
    </p>
    <p>
      {{ t('weatherFile.range', { low: temp(summary.lowestC), high: temp(summary.highestC) }) }}
      <template v-if="summary.rainMmYear !== undefined">
        {{ t('weatherFile.rain', { rain: waterDepth(summary.rainMmYear) }) }}
      </template>
      <template v-if="summary.replaced">
        {{
          t(
            isTypical ? 'weatherFile.keeps' : 'weatherFile.replaces',
            { count: summary.replaced },
            summary.replaced,
          )
        }}
      </template>
    </p>
    <p v-if="read.gaps.length">
      {{ t('weatherFile.gaps', { count: summary.missing }, summary.missing) }}
      {{
        read.gaps
          .slice(0, GAPS_SHOWN)
          .map((gap) => (gap.days > 1 ? `${date(gap.from)} – ${date(gap.to)}` : date(gap.from)))
          .join(', ')
      }}{{ read.gaps.length > GAPS_SHOWN ? ' …' : '' }}
    </p>
  </template>
  <template v-if="read.faultCount">
    <p class="strong">{{ t('weatherFile.faults', { count: read.faultCount }, read.faultCount) }}</p>
    <ul class="weather-faults">
      <li v-for="{ line, fault } in read.faults.slice(0, FAULTS_SHOWN)" :key="line">
        {{ t('weatherFile.line', { line }) }}:
        <template v-if="fault.path.length"
          >{{ t(`weatherFile.column.${fault.path[0]}`) }}:
        </template>
        {{ atField(fault) }}
      </li>
      <li v-if="read.faultCount > FAULTS_SHOWN">…</li>
    </ul>
  </template>
</template>
