<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Check } from '@element-plus/icons-vue'
import {
  edits,
  fieldSchema,
  observationsOf,
  recordSchema,
  type GardenRecord,
  type Planting,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import QuantityField from '../../ui/fields/QuantityField.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** What the gardener sees of a plant: its height by tape, its first flower and fruit. */
const props = defineProps<{ planting: Planting; now: string }>()
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { t } = useI18n()

const heightMm = ref<number>()
const heightSchema = fieldSchema(recordSchema, { kind: 'height' }, 'heightMm')
const isKnown = (value: number | undefined): value is number =>
  heightSchema.safeParse(value).success
const potCode = computed(
  () => garden.value?.containers.find(({ id }) => id === props.planting.containerId)?.code ?? '',
)
const seen = computed(() => {
  const all = garden.value ? observationsOf(garden.value, props.planting) : []
  return {
    firstFlower: all.some(({ kind }) => kind === 'firstFlower'),
    firstRipe: all.some(({ kind }) => kind === 'firstRipe'),
  }
})

const base = () => ({
  id: nanoid(),
  at: props.now,
  containerId: props.planting.containerId,
  plantingId: props.planting.id,
})
/** The label names the pot as the Book does. */
const write = (record: GardenRecord) => store.edit(edits.recordOne(record, potCode.value))
async function recordHeight(): Promise<void> {
  const measuredMm = heightMm.value
  if (!isKnown(measuredMm)) return
  await write({ ...base(), kind: 'height', heightMm: measuredMm })
  heightMm.value = undefined
}
const recordSeen = (kind: 'firstFlower' | 'firstRipe') => write({ ...base(), kind })
</script>

<template>
  <form class="sightings" @submit.prevent="recordHeight">
    <h2>{{ t('potPage.seenTitle') }}</h2>
    <div class="row sightings-height">
      <QuantityField
        v-model="heightMm"
        dimension="length"
        optional
        :schema="heightSchema"
        :label="t('potPage.heightToday')"
      />
      <PushButton
        native-type="submit"
        :icon="Check"
        :disabled="!isKnown(heightMm)"
        :loading="isSaving"
        >{{ t('potPage.record') }}</PushButton
      >
    </div>
    <div class="row">
      <PushButton
        v-for="kind in ['firstFlower', 'firstRipe'] as const"
        :key="kind"
        size="small"
        :disabled="seen[kind] || isSaving"
        @click="recordSeen(kind)"
      >
        {{ t(seen[kind] ? `potPage.${kind}Done` : `potPage.${kind}`) }}
      </PushButton>
    </div>
  </form>
</template>

<style>
.sightings {
  border-bottom: 1px solid var(--line);
  padding-bottom: 12px;
  margin-bottom: 8px;
}
.sightings h2 {
  margin-top: 0;
}
.sightings-height {
  align-items: flex-end;
  flex-wrap: nowrap;
}
.sightings-height .push-button {
  margin-bottom: 12px;
}
</style>
