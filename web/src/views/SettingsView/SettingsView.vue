<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Delete, Download, Plus, Upload } from '@element-plus/icons-vue'
import {
  InputError,
  measuresSchema,
  unitSystems,
  writeGarden,
  type Fault,
  type UnitSystem,
} from '@rimbo/core'
import { downloadText, fileStem } from '../../data/files'
import { useGardenStore } from '../../stores/garden'
import ChoiceField from '../../ui/ChoiceField.vue'
import { useFaultText } from '../../ui/faults'
import { themes, useTheme } from '../../ui/theme'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'
import MoneySettings from './MoneySettings.vue'

const store = useGardenStore()
const { garden, gardens } = storeToRefs(store)
const { t } = useI18n()
const { ofError, withPath } = useFaultText()

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
    void (
      value &&
      store.edit({ code: 'change.settings' }, (draft) => (draft.settings.unitSystem = value))
    ),
})
const openId = computed({
  get: () => garden.value?.id,
  set: (id: string | undefined) => void (id && store.open(id)),
})

const name = ref(garden.value?.name ?? '')
const canL = ref(garden.value?.settings.measures.canL)
const handfulL = ref<number | undefined>((garden.value?.settings.measures.handfulMl ?? 40) / 1000)
const measures = computed(() =>
  measuresSchema.safeParse({
    ...garden.value?.settings.measures,
    canL: canL.value,
    handfulMl: handfulL.value === undefined ? undefined : Math.round(handfulL.value * 1e6) / 1000,
  }),
)
const measureFault = (field: string) =>
  measures.value.success || (field === 'canL' ? canL.value : handfulL.value) === undefined
    ? undefined
    : measures.value.error.issues.some((issue) => issue.path[0] === field)
      ? t(`settings.${field}Fault`)
      : undefined
const nameFault = computed(() => (name.value.trim() ? undefined : t('settings.nameFault')))

async function saveMeasures(): Promise<void> {
  const { data } = measures.value
  if (!data || nameFault.value) return
  await store.edit({ code: 'change.settings' }, (draft) => {
    draft.name = name.value.trim()
    draft.settings.measures = data
  })
}

const newSpace = ref('')
async function addSpace(): Promise<void> {
  const spaceName = newSpace.value.trim()
  if (!spaceName) return
  await store.edit({ code: 'change.addSpace', params: { name: spaceName } }, (draft) => {
    draft.spaces.push({ id: nanoid(), name: spaceName, covered: false })
  })
  newSpace.value = ''
}
const setCovered = (id: string, covered: boolean) =>
  store.edit({ code: 'change.settings' }, (draft) => {
    const space = draft.spaces.find((one) => one.id === id)
    if (space) space.covered = covered
  })
const removeSpace = (id: string) =>
  store.edit({ code: 'change.removeSpace' }, (draft) => {
    draft.spaces = draft.spaces.filter((one) => one.id !== id)
  })
const isEmptySpace = (id: string) =>
  (garden.value?.spaces.length ?? 0) > 1 &&
  !garden.value?.containers.some((one) => one.spaceId === id)

function exportGarden(): void {
  if (garden.value)
    downloadText(
      `${fileStem(garden.value.name)}.rimbo.json`,
      writeGarden(garden.value),
      'application/json',
    )
}

const refusal = ref<{ text: string; faults: readonly Fault[] }>()
const FAULTS_SHOWN = 5
const fileInput = ref<HTMLInputElement>()

async function importFile(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (!file) return
  refusal.value = undefined
  try {
    await store.importText(await file.text())
    name.value = garden.value?.name ?? ''
  } catch (error) {
    refusal.value = {
      text: ofError(error),
      faults: error instanceof InputError ? error.faults.slice(0, FAULTS_SHOWN) : [],
    }
  } finally {
    // The same file can be chosen again once it is mended.
    input.value = ''
  }
}
</script>

<template>
  <div v-if="garden" class="view settings-view">
    <section class="panel">
      <h1>{{ t('settings.title') }}</h1>
      <ChoiceField
        v-model="system"
        :label="t('settings.unitSystem')"
        :options="unitOptions"
        :hint="t('settings.unitHint')"
      />
      <ChoiceField v-model="theme" :label="t('settings.look')" :options="themeOptions" />
      <form @submit.prevent="saveMeasures">
        <TextField v-model="name" :label="t('settings.gardenName')" :fault="nameFault" />
        <QuantityField
          v-model="canL"
          dimension="volume"
          :label="t('settings.can')"
          :fault="measureFault('canL')"
        />
        <QuantityField
          v-model="handfulL"
          bare="ml"
          dimension="volume"
          :label="t('settings.handful')"
          :fault="measureFault('handfulMl')"
          :hint="t('settings.handfulHint')"
        />
        <el-button
          type="primary"
          native-type="submit"
          :disabled="!measures.success || !!nameFault"
          >{{ t('settings.save') }}</el-button
        >
      </form>
    </section>
    <section class="panel">
      <h2>{{ t('settings.spaces') }}</h2>
      <ul class="settings-spaces">
        <li v-for="space in garden.spaces" :key="space.id">
          <strong>{{ space.name }}</strong>
          <el-checkbox
            :model-value="space.covered"
            :label="t('settings.covered')"
            @update:model-value="(value: unknown) => setCovered(space.id, !!value)"
          />
          <el-button
            v-if="isEmptySpace(space.id)"
            size="small"
            :icon="Delete"
            :aria-label="t('settings.removeSpace', { name: space.name })"
            @click="removeSpace(space.id)"
          />
        </li>
      </ul>
      <form class="settings-add" @submit.prevent="addSpace">
        <TextField v-model="newSpace" :label="t('settings.newSpace')" />
        <el-button :icon="Plus" native-type="submit" :disabled="!newSpace.trim()">{{
          t('settings.addSpace')
        }}</el-button>
      </form>
      <MoneySettings :key="garden.id" />
    </section>
    <section class="panel">
      <h2>{{ t('settings.gardens') }}</h2>
      <ChoiceField v-model="openId" :label="t('settings.openGarden')" :options="gardenOptions" />
      <div class="row settings-files">
        <el-button @click="store.startOwn(t('demo.ownName'), t('demo.ownSpace'))">{{
          t('settings.startOwn')
        }}</el-button>
        <el-button v-if="!gardens.some((one) => one.id === 'demo')" @click="store.openDemo()">
          {{ t('settings.openDemo') }}
        </el-button>
      </div>
      <h2>{{ t('settings.files') }}</h2>
      <p>{{ t('settings.filesText') }}</p>
      <div class="row settings-files">
        <el-button :icon="Download" @click="exportGarden">{{ t('settings.export') }}</el-button>
        <el-button :icon="Upload" @click="fileInput?.click()">{{ t('settings.import') }}</el-button>
        <input
          ref="fileInput"
          class="visually-hidden"
          type="file"
          accept=".json,application/json"
          tabindex="-1"
          :aria-label="t('settings.import')"
          @change="importFile"
        />
      </div>
      <div v-if="refusal" class="refusal" role="alert">
        <p class="strong">{{ refusal.text }}</p>
        <ul v-if="refusal.faults.length">
          <li v-for="(fault, index) in refusal.faults" :key="index">{{ withPath(fault) }}</li>
        </ul>
        <p>{{ t('fault.untouched') }}</p>
      </div>
    </section>
  </div>
</template>

<style>
.settings-view > section {
  flex: 1;
  max-width: 400px;
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
.refusal {
  border-left: 3px solid var(--accent);
  padding-left: 12px;
}
@media (max-width: 700px) {
  .settings-view {
    overflow: auto;
  }
  .settings-view > section {
    flex: none;
    overflow: visible;
  }
}
</style>
