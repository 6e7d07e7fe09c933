<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { measuresSchema } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import QuantityField from '../../ui/QuantityField.vue'

/** The tub and the scoop that this gardener mixes with, kept as they are typed. */
const store = useGardenStore()
const { garden } = storeToRefs(store)
const { t } = useI18n()

const typed = ref<{ tubL: number | undefined; scoopL: number | undefined }>({
  tubL: garden.value?.settings.measures.tubL,
  scoopL: garden.value?.settings.measures.scoopL,
})
const checked = computed(() =>
  measuresSchema.safeParse({ ...garden.value?.settings.measures, ...typed.value }),
)
const faultOf = (field: 'tubL' | 'scoopL') =>
  typed.value[field] !== undefined &&
  checked.value.error?.issues.some((issue) => issue.path[0] === field)
    ? t(`mix.${field}Fault`)
    : undefined

async function keep(field: 'tubL' | 'scoopL', value: number | undefined): Promise<void> {
  typed.value = { ...typed.value, [field]: value }
  const { data } = checked.value
  if (data)
    await store.edit({ code: 'change.settings' }, (draft) => {
      draft.settings.measures = data
    })
}
</script>

<template>
  <QuantityField
    v-for="field in ['tubL', 'scoopL'] as const"
    :key="field"
    class="mix-tool"
    :model-value="typed[field]"
    dimension="volume"
    :label="t(`mix.${field}`)"
    :fault="faultOf(field)"
    @update:model-value="(value) => keep(field, value)"
  />
</template>

<style>
.batch-wishes .mix-tool.field {
  width: 96px;
}
</style>
