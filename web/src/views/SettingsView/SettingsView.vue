<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useRouter } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Delete, Plus } from '@element-plus/icons-vue'
import {
  edits,
  fieldSchema,
  measuresSchema,
  nameSchema,
  unitSystems,
  type UnitSystem,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useWeekDays } from '../../place/useWeekDays'
import { themes, useTheme } from '../../ui/theme'
import QuantityField from '../../ui/fields/QuantityField.vue'
import TextField from '../../ui/fields/TextField.vue'
import { useFollowing } from '../../ui/useFollowing'
import { useLanguage } from '../../ui/useLanguage'
import GardenFiles from './GardenFiles.vue'
import HandOver from './HandOver.vue'
import KeptSafe from './KeptSafe.vue'
import MoneySettings from './MoneySettings.vue'
import PlaceSettings from './PlaceSettings.vue'
import PushButton from '../../ui/fields/PushButton.vue'

const store = useGardenStore()
const { garden, gardens } = storeToRefs(store)
const { t } = useI18n()
const router = useRouter()
const { textFault } = useFaultText()

const { language, languageOptions } = useLanguage()
const theme = useTheme()
const themeOptions = computed(() =>
  themes.map((value) => ({ value, label: t(`settings.theme.${value}`) })),
)
const unitOptions = computed(() =>
  unitSystems.map((value) => ({ value, label: t(`settings.units.${value}`) })),
)
const gardenOptions = computed(() =>
  gardens.value.map(({ id, name }) => ({ value: id, label: name })),
)

const system = computed({
  get: () => garden.value?.settings.unitSystem,
  set: (value: UnitSystem | undefined) =>
    void (value && store.edit(edits.changeSettings({ unitSystem: value }))),
})
const { options: weekOptions, toText, toDay } = useWeekDays()
const week = computed({
  get: () => toText(garden.value?.settings.weekStartsOn ?? 1),
  set: (value: string | undefined) =>
    void store.edit(edits.changeSettings({ weekStartsOn: toDay(value) })),
})
const openId = computed({
  get: () => garden.value?.id,
  set: (id: string | undefined) => void (id && store.open(id)),
})

interface Typed {
  name: string
  canL: number | undefined
  handfulL: number | undefined
}
const { fields, isTouched } = useFollowing<Typed>(() => {
  const { canL, handfulMl = 40 } = garden.value?.settings.measures ?? {}
  return {
    name: garden.value?.name ?? '',
    canL,
    handfulL: handfulMl / 1000,
  }
})
const measures = computed(() =>
  measuresSchema.pick({ canL: true, handfulMl: true }).safeParse({
    canL: fields.canL,
    handfulMl: fields.handfulL === undefined ? undefined : Math.round(fields.handfulL * 1e6) / 1000,
  }),
)
const handfulFault = computed(() =>
  fields.handfulL !== undefined &&
  measures.value.error?.issues.some(({ path }) => path[0] === 'handfulMl')
    ? t('settings.handfulMlFault')
    : undefined,
)
const nameFault = computed(() => textFault(nameSchema, fields.name, t('settings.nameFault')))

async function saveMeasures(): Promise<void> {
  const { data } = measures.value
  if (!data || nameFault.value) return
  const touched = {
    ...(isTouched('canL') && { canL: data.canL }),
    ...(isTouched('handfulL') && { handfulMl: data.handfulMl }),
  }
  await store.edit(
    edits.changeSettings({ measures: touched }, isTouched('name') ? fields.name.trim() : undefined),
  )
}

const newSpace = ref('')
const spaceFault = computed(() => newSpace.value && textFault(nameSchema, newSpace.value))
async function addSpace(): Promise<void> {
  const spaceName = newSpace.value.trim()
  if (!spaceName || spaceFault.value) return
  await store.edit(edits.addSpace(nanoid(), spaceName))
  if (newSpace.value.trim() === spaceName) newSpace.value = ''
}
const setCovered = (id: string, covered: boolean) => store.edit(edits.coverSpace(id, covered))
const removeSpace = (id: string) => store.edit(edits.removeSpace(id))
const isEmptySpace = (id: string) =>
  !!garden.value && garden.value.spaces.length > 1 && !edits.isSpaceNeeded(garden.value, id)
</script>

<template>
  <div v-if="garden" class="view settings-view">
    <section class="panel">
      <h1>{{ t('settings.title') }}</h1>
      <ChoiceField v-model="language" :label="t('settings.language')" :options="languageOptions" />
      <ChoiceField
        v-model="system"
        :label="t('settings.unitSystem')"
        :options="unitOptions"
        :hint="t('settings.unitHint')"
      />
      <ChoiceField v-model="week" :label="t('start.week')" :options="weekOptions" />
      <ChoiceField v-model="theme" :label="t('settings.look')" :options="themeOptions" />
      <form @submit.prevent="saveMeasures">
        <TextField v-model="fields.name" :label="t('settings.gardenName')" :fault="nameFault" />
        <QuantityField
          v-model="fields.canL"
          dimension="volume"
          :schema="fieldSchema(measuresSchema, 'canL')"
          :label="t('settings.can')"
        />
        <QuantityField
          v-model="fields.handfulL"
          bare="ml"
          dimension="volume"
          :label="t('settings.handful')"
          :fault="handfulFault"
          :hint="t('settings.handfulHint')"
        />
        <PushButton
          type="primary"
          native-type="submit"
          :disabled="!measures.success || !!nameFault"
          >{{ t('settings.save') }}</PushButton
        >
      </form>
      <MoneySettings />
    </section>
    <section class="panel">
      <PlaceSettings :key="JSON.stringify(garden.place)" :start="garden.place" />
      <h2>{{ t('settings.spaces') }}</h2>
      <ul class="settings-spaces">
        <li v-for="space in garden.spaces" :key="space.id">
          <strong>{{ space.name }}</strong>
          <el-checkbox
            :model-value="space.covered"
            :label="t('settings.covered')"
            @update:model-value="(value: unknown) => setCovered(space.id, !!value)"
          />
          <PushButton
            v-if="isEmptySpace(space.id)"
            size="small"
            :icon="Delete"
            :aria-label="t('settings.removeSpace', { name: space.name })"
            @click="removeSpace(space.id)"
          />
        </li>
      </ul>
      <form class="settings-add" @submit.prevent="addSpace">
        <TextField v-model="newSpace" :label="t('settings.newSpace')" :fault="spaceFault" />
        <PushButton
          :icon="Plus"
          native-type="submit"
          :disabled="!newSpace.trim() || !!spaceFault"
          >{{ t('settings.addSpace') }}</PushButton
        >
      </form>
    </section>
    <section class="panel">
      <h2>{{ t('settings.gardens') }}</h2>
      <ChoiceField v-model="openId" :label="t('settings.openGarden')" :options="gardenOptions" />
      <div class="row settings-files">
        <PushButton @click="router.push('/start?new')">{{ t('settings.startOwn') }}</PushButton>
        <PushButton v-if="!gardens.some((one) => one.id === 'demo')" @click="store.openDemo()">
          {{ t('settings.openDemo') }}
        </PushButton>
      </div>
      <GardenFiles />
      <HandOver />
      <KeptSafe />
    </section>
  </div>
</template>

<style>
.settings-view > section {
  flex: 1;
  max-width: 400px;
}
.settings-view form + h2 {
  margin-top: 18px;
}
.settings-spaces {
  list-style: none;
  padding: 0;
}
.settings-spaces li {
  display: flex;
  gap: 14px;
  align-items: center;
  min-height: 40px;
  border-bottom: 1px solid var(--line);
}
.settings-files {
  margin-bottom: 18px;
}
@media (max-width: 700px) {
  .settings-view > section {
    flex: none;
  }
}
</style>
