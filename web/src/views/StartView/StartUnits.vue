<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { unitSystems, type UnitSystem } from '@rimbo/core'
import { useWeekDays } from '../../place/useWeekDays'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import TextField from '../../ui/fields/TextField.vue'

/** Units, money and week, where they are not as the browser has them. */
defineProps<{ currencyFault: string | undefined }>()
const units = defineModel<UnitSystem | undefined>('units', { required: true })
const currency = defineModel<string>('currency', { required: true })
const weekStartsOn = defineModel<number>('weekStartsOn', { required: true })
const { t } = useI18n()
const { options: weekOptions, toText, toDay } = useWeekDays()
const week = computed({
  get: (): string | undefined => toText(weekStartsOn.value),
  set: (text) => (weekStartsOn.value = toDay(text)),
})
const unitOptions = computed(() =>
  unitSystems.map((value) => ({ value, label: t(`settings.units.${value}`) })),
)
</script>

<template>
  <div class="field-grid">
    <ChoiceField v-model="units" :label="t('settings.unitSystem')" :options="unitOptions" />
    <TextField v-model="currency" :label="t('settings.currency')" :fault="currencyFault" />
    <ChoiceField v-model="week" :label="t('start.week')" :options="weekOptions" />
  </div>
</template>
