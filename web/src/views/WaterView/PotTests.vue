<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import {
  edits,
  feels,
  fieldSchema,
  InputError,
  knuckles,
  plantKgOn,
  PROBE_DEPTH_MM,
  probeQuestion,
  readingsToKeep,
  recordSchema,
  requireWeight,
  type Garden,
  type GardenCourse,
  type PotCourse,
  type GardenRecord,
} from '@rimbo/core'
import { readProbe } from '../../data/soilProbe'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import { useFaultText } from '../../ui/words/faults'
import QuantityField from '../../ui/fields/QuantityField.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** What can be felt, weighed, caught and read of a pot's water. */
const props = defineProps<{ garden: Garden; course: GardenCourse; pot: PotCourse }>()
const store = useGardenStore()
const { isSaving } = storeToRefs(store)
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { ofError: faultWords } = useFaultText()
const { number } = useFormat()

const HOURS = 24

const opened = ref<'finger' | 'weigh' | 'drained' | 'probe'>()
const kinds = ['finger', 'weigh', 'drained', 'probe'] as const
const open = (kind: (typeof kinds)[number]) =>
  (opened.value = opened.value === kind ? undefined : kind)
const caughtSchema = fieldSchema(recordSchema, { kind: 'drained' }, 'volumeL')
const isKnown = (value: number | undefined): value is number =>
  value !== undefined && !Number.isNaN(value)
const massG = ref<number>()
const caughtL = ref<number>()
const probeCount = ref(0)
const probeSaid = ref<string>()
watch(
  () => props.pot.container.id,
  () => {
    opened.value = undefined
    probeSaid.value = undefined
  },
)

const today = computed(() => Math.floor(props.pot.ofWater.nowHour / HOURS))
const weighFault = computed(() => {
  if (!isKnown(massG.value)) return undefined
  try {
    requireWeight(props.pot, massG.value / 1000, plantKgOn(props.pot.plants, today.value))
    return undefined
  } catch (error) {
    if (error instanceof InputError) return faultWords(error)
    throw error
  }
})
const base = () => ({ id: nanoid(), at: now.value, containerId: props.pot.container.id })
const write = (record: GardenRecord) =>
  store.edit(edits.recordOne(record, props.pot.container.code))
async function recordFinger(knuckle: (typeof knuckles)[number], feel: (typeof feels)[number]) {
  opened.value = undefined
  await write({ ...base(), kind: 'finger', knuckle, feel })
}
async function recordWeight(): Promise<void> {
  const grams = massG.value
  if (!isKnown(grams) || weighFault.value) return
  await write({ ...base(), kind: 'weigh', massKg: grams / 1000 })
  massG.value = undefined
  opened.value = undefined
}
async function recordDrained(): Promise<void> {
  const volumeL = caughtL.value
  if (!isKnown(volumeL)) return
  await write({ ...base(), kind: 'drained', volumeL })
  caughtL.value = undefined
  opened.value = undefined
}

async function fetchProbe(): Promise<void> {
  probeSaid.value = undefined
  probeCount.value = 0
  const { container } = props.pot
  let readings
  try {
    readings = await readProbe(
      probeQuestion(props.course, props.pot),
      (count) => (probeCount.value = count),
    )
  } catch {
    probeSaid.value = t('waterView.probe.none')
    return
  }
  const { kept, gaps, jumps } = readingsToKeep(props.garden, container.id, readings)
  if (kept.length)
    await store.edit(
      edits.recordProbe(kept, { containerId: container.id, depthMm: PROBE_DEPTH_MM }, nanoid),
    )
  probeSaid.value = t('waterView.probe.said', {
    readings: number(readings.length),
    kept: number(kept.length),
    gaps: number(gaps.length),
    jumps: number(jumps.length),
  })
}
</script>

<template>
  <div class="pot-tests">
    <div class="row" role="group" :aria-label="t('waterView.testsTitle')">
      <PushButton
        v-for="kind in kinds"
        :key="kind"
        size="small"
        :aria-expanded="opened === kind"
        @click="open(kind)"
      >
        {{ t(`waterView.test.${kind}`) }}
      </PushButton>
    </div>
    <div v-if="opened === 'finger'" class="pot-fingers">
      <template v-for="knuckle in knuckles" :key="knuckle">
        <span class="field-label">{{ t(`knuckle.${knuckle}`) }}</span>
        <PushButton
          v-for="feel in feels"
          :key="feel"
          size="small"
          :disabled="isSaving"
          :aria-label="`${t(`feel.${feel}`)}, ${t(`knuckle.${knuckle}`)}`"
          @click="recordFinger(knuckle, feel)"
        >
          {{ t(`feel.${feel}`) }}
        </PushButton>
      </template>
    </div>
    <form v-else-if="opened === 'weigh'" class="row" @submit.prevent="recordWeight">
      <QuantityField
        v-model="massG"
        dimension="mass"
        optional
        :label="t('waterView.weighs')"
        :fault="weighFault"
      />
      <PushButton native-type="submit" :disabled="!isKnown(massG) || !!weighFault || isSaving">
        {{ t('round.record') }}
      </PushButton>
      <p class="soft">{{ t('waterView.lift') }}</p>
    </form>
    <form v-else-if="opened === 'drained'" class="row" @submit.prevent="recordDrained">
      <QuantityField
        v-model="caughtL"
        dimension="volume"
        optional
        :schema="caughtSchema"
        :label="t('waterView.caught')"
      />
      <PushButton native-type="submit" :disabled="!isKnown(caughtL) || isSaving">
        {{ t('round.record') }}
      </PushButton>
    </form>
    <div v-else-if="opened === 'probe'">
      <p class="soft">{{ t('waterView.probe.text') }}</p>
      <PushButton size="small" :loading="isSaving" @click="fetchProbe">
        {{ t('waterView.probe.read') }}
      </PushButton>
      <p v-if="probeSaid" role="status">{{ probeSaid }}</p>
    </div>
  </div>
</template>

<style>
.pot-tests .row {
  gap: 4px;
}
.pot-tests .push-button + .push-button {
  margin-left: 0;
}
.pot-fingers {
  display: grid;
  grid-template-columns: repeat(3, auto);
  justify-content: start;
  gap: 4px;
  margin-top: 6px;
}
.pot-fingers .field-label {
  grid-column: 1 / -1;
}
.pot-tests form {
  margin-top: 6px;
  align-items: flex-end;
}
</style>
