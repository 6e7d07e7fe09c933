<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { edits, fieldSchema, measuresSchema } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import QuantityField from '../../ui/fields/QuantityField.vue'
import { useFollowing } from '../../ui/useFollowing'

/** The tub and the scoop that this gardener mixes with, kept as they are typed. */
const store = useGardenStore()
const { garden } = storeToRefs(store)
const { t } = useI18n()

const { fields } = useFollowing(() => {
  const { tubL, scoopL } = garden.value?.settings.measures ?? {}
  return { tubL, scoopL }
})

async function keep(field: 'tubL' | 'scoopL', value: number | undefined): Promise<void> {
  fields[field] = value
  if (value === undefined || Number.isNaN(value)) return
  await store.edit(edits.changeSettings({ measures: { [field]: value } }))
}
</script>

<template>
  <QuantityField
    v-for="field in ['tubL', 'scoopL'] as const"
    :key="field"
    class="mix-tool"
    :model-value="fields[field]"
    dimension="volume"
    :schema="fieldSchema(measuresSchema, field)"
    :label="t(`mix.${field}`)"
    @update:model-value="(value) => keep(field, value)"
  />
</template>

<style>
.batch-wishes .mix-tool.field {
  width: 96px;
}
</style>
