<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  edits,
  usualWater,
  waterFrom,
  waterKinds,
  waterOrigins,
  waterSourceSchema,
  type WaterOrigin,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import NumberField from '../../ui/fields/NumberField.vue'
import { useOptions } from '../../ui/fields/options'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFollowing } from '../../ui/useFollowing'

/** What is in the gardener's water: as it usually is in the can, or of one origin. */
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { t } = useI18n()
const { optionsOf } = useOptions()

const USUAL = 'usual'
const which = ref<typeof USUAL | WaterOrigin>(USUAL)
const origin = computed(() => (which.value === USUAL ? undefined : which.value))
const origins = computed(() => [
  { value: USUAL, label: t('feedView.waterUsual') },
  ...optionsOf(waterOrigins, 'happened.origin'),
])
const water = computed(() =>
  garden.value ? waterFrom(garden.value.settings, origin.value) : usualWater.tap,
)
const { fields: own, isTouched, reset } = useFollowing(() => ({ ...water.value }))
watch(which, reset)
const kind = computed({
  get: () => own.kind,
  set: (value) => Object.assign(own, usualWater[value ?? 'tap']),
})
const checked = computed(() => waterSourceSchema.safeParse(own))
const isWrong = (field: string) =>
  checked.value.error?.issues.some(({ path }) => path[0] === field) ? t('fault.invalid') : undefined
async function keep(): Promise<void> {
  if (!checked.value.success) return
  const { data } = checked.value
  const touched = (['kind', 'ecDsM', 'caMgL', 'mgMgL'] as const).filter(isTouched)
  const figures = Object.fromEntries(touched.map((key) => [key, data[key]]))
  await store.edit(edits.changeWater(figures, origin.value))
}
</script>

<template>
  <form class="sheet" @submit.prevent="keep">
    <h3>{{ t('feedView.yourWater') }}</h3>
    <ChoiceField v-model="which" :label="t('feedView.waterWhich')" :options="origins" />
    <ChoiceField
      v-if="which === USUAL"
      v-model="kind"
      :label="t('feedView.yourWater')"
      :options="optionsOf(waterKinds, 'waterKind')"
    />
    <NumberField v-model="own.ecDsM" :label="t('feedView.waterEc')" :fault="isWrong('ecDsM')" />
    <NumberField v-model="own.caMgL" :label="t('feedView.waterCa')" :fault="isWrong('caMgL')" />
    <NumberField v-model="own.mgMgL" :label="t('feedView.waterMg')" :fault="isWrong('mgMgL')" />
    <PushButton
      type="primary"
      native-type="submit"
      :disabled="!checked.success"
      :loading="isSaving"
    >
      {{ t('feedView.waterKeep') }}
    </PushButton>
  </form>
</template>
