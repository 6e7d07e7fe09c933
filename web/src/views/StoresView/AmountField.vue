<script setup lang="ts">
import { computed } from 'vue'
import type { StockUnit } from '@rimbo/core'
import CountField from '../../ui/fields/CountField.vue'
import QuantityField from '../../ui/fields/QuantityField.vue'

/** How much of something, in the measure it is kept in. */
const props = defineProps<{ unit: StockUnit; label: string; fault?: string | undefined }>()
const model = defineModel<number | undefined>({ required: true })
/** A bottle is typed as a volume, and kept in millilitres. */
const shown = computed({
  get: () => (props.unit === 'mL' && model.value !== undefined ? model.value / 1000 : model.value),
  set: (value) => (model.value = props.unit === 'mL' && value !== undefined ? value * 1000 : value),
})
</script>

<template>
  <CountField v-if="unit === 'count'" v-model="model" :label="label" :min="0" :max="100000" />
  <QuantityField
    v-else
    v-model="shown"
    :label="label"
    :dimension="unit === 'g' ? 'mass' : 'volume'"
    :fault="fault"
  />
</template>
