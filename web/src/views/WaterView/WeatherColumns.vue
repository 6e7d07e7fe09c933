<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  dateOrders,
  looksFahrenheit,
  own,
  weatherColumns,
  type DailyMapping,
  type TableGuess,
  type WeatherColumn,
} from '@rimbo/core'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useOptions } from '../../ui/fields/options'

/** Which column of a table is what, and in which unit: guessed, and to be corrected by eye. */
const props = defineProps<{ guess: TableGuess }>()
const mapping = defineModel<DailyMapping>({ required: true })
const { t } = useI18n()
const { optionsOf } = useOptions()

const NONE = ''
const ROWS_SHOWN = 5
const isHot = computed(() => looksFahrenheit(props.guess.sample, mapping.value.columns.tempMaxC))
const choices = computed(() => [
  { value: NONE, label: t('weatherFile.none') },
  ...props.guess.columns.map((value) => ({ value, label: value })),
])
function set(column: WeatherColumn, name: string | undefined): void {
  const { [column]: _, ...rest } = mapping.value.columns
  mapping.value = { ...mapping.value, columns: name ? { ...rest, [column]: name } : rest }
}
/** Only what the table has is asked for its unit. */
const units = computed(() =>
  (
    [
      ['tempUnit', 'tempMaxC', ['celsius', 'fahrenheit']],
      ['rainUnit', 'rainMm', ['mm', 'in']],
      ['windUnit', 'windMS', ['mS', 'kmH', 'mph', 'kn']],
      ['dateOrder', 'date', dateOrders],
    ] as const
  ).filter(([, column]) => mapping.value.columns[column]),
)
const setUnit = (unit: string, value: string | undefined) =>
  (mapping.value = { ...mapping.value, [unit]: value })
</script>

<template>
  <p v-if="isHot" class="caution" role="status">
    {{ t('weatherFile.looksFahrenheit') }}
  </p>
  <div class="weather-columns">
    <ChoiceField
      v-for="column in weatherColumns"
      :key="column"
      :model-value="mapping.columns[column] ?? NONE"
      :label="t(`weatherFile.column.${column}`)"
      :options="choices"
      @update:model-value="(name) => set(column, name)"
    />
    <ChoiceField
      v-for="[unit, , values] in units"
      :key="unit"
      :model-value="mapping[unit] as string"
      :label="t(`weatherFile.unitOf.${unit}`)"
      :options="optionsOf(values, 'weatherFile.unit')"
      @update:model-value="(value) => setUnit(unit, value)"
    />
  </div>
  <div class="weather-sample">
    <table>
      <thead>
        <tr>
          <th v-for="column in guess.columns" :key="column">{{ column }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, index) in guess.sample.slice(0, ROWS_SHOWN)" :key="index">
          <td v-for="column in guess.columns" :key="column">{{ own(row, column) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style>
.weather-columns {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 0 14px;
}
.weather-sample {
  overflow: auto;
  margin-bottom: 12px;
}
@media (max-width: 700px) {
  .weather-columns {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
