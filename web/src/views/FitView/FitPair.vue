<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useRoute } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import {
  edits,
  crops,
  cultivars,
  fieldSchema,
  habitClasses,
  plantingSchema,
  recordSchema,
  varietyOf,
  type Planting,
  type Variety,
} from '@rimbo/core'
import { lazily } from '../../loading'
import { useGardenStore } from '../../stores/garden'
import { useChosenStore } from '../../stores/chosen'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import QuantityField from '../../ui/fields/QuantityField.vue'
import TextField from '../../ui/fields/TextField.vue'
import FitPots from './FitPots.vue'
import FitVerdicts from './FitVerdicts.vue'
import PlantsThere from './PlantsThere.vue'
import PushButton from '../../ui/fields/PushButton.vue'

const VarietyForm = lazily(() => import('./VarietyForm.vue'))

const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { now, date, today, asItStands } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { length, volume } = useFormat()
const { varietyName } = useNames()
const route = useRoute()

const { potId: containerId } = storeToRefs(useChosenStore())
const varietyId = ref('vineCherry')
const count = ref(1)
const plantedOn = ref(date.value)
/** Of the stem, what goes below the mix: known only where somebody says so. */
const buriedMm = ref<number>()
const buriedSchema = fieldSchema(recordSchema, { kind: 'plant' }, 'buriedMm')
const isBuriable = computed(
  () => buriedMm.value === undefined || buriedSchema.safeParse(buriedMm.value).success,
)

watch(
  () => route.query['variety'],
  (id) => {
    if (typeof id === 'string' && garden.value && varietyOf(garden.value, id)) varietyId.value = id
  },
  { immediate: true },
)

const pots = computed(() => today.value?.pots ?? [])
const pot = computed(
  () => pots.value.find((one) => one.container.id === containerId.value) ?? pots.value[0],
)
const variety = computed(() => garden.value && varietyOf(garden.value, varietyId.value))
const groups = computed(() => [
  { label: t('fit.habitClasses'), list: habitClasses },
  ...crops.map((crop) => ({
    label: t(`crop.${crop}`),
    list: cultivars.filter((one) => one.crop === crop),
  })),
  ...(garden.value?.varieties.length
    ? [{ label: t('fit.own'), list: garden.value.varieties }]
    : []),
])

/** The variety in the form: a copy to be named, or the gardener's own to be changed. */
const edited = shallowRef<{ start: Variety; isNew: boolean }>()
const isOwn = computed(() => garden.value?.varieties.some((one) => one.id === varietyId.value))

function copyVariety(): void {
  if (!variety.value) return
  const name = t('variety.copyOf', { name: varietyName(variety.value) })
  edited.value = { start: { ...variety.value, id: nanoid(), name }, isNew: true }
}
function changeVariety(): void {
  if (variety.value) edited.value = { start: variety.value, isNew: false }
}
async function saveVariety(next: Variety): Promise<void> {
  const { start, isNew } = edited.value!
  await store.edit(edits.keepVariety(next, start, isNew))
  edited.value = undefined
  varietyId.value = next.id
}

const dateFault = computed(() => {
  const checked = plantingSchema.shape.plantedOn.safeParse(plantedOn.value)
  return checked.success ? undefined : t('fit.dateFault')
})

async function plant(): Promise<void> {
  if (!pot.value || !variety.value || dateFault.value) return
  const { id, code } = pot.value.container
  const planting: Planting = {
    id: nanoid(),
    containerId: id,
    varietyId: varietyId.value,
    count: count.value,
    plantedOn: plantedOn.value,
  }
  const how = buriedMm.value ? { buriedMm: buriedMm.value } : {}
  const words = { code, name: varietyName(variety.value) }
  await store.edit(edits.plantInto(planting, words, now.value, nanoid(), how))
}
</script>

<template>
  <div v-if="pot && variety && asItStands" class="fit-view">
    <section class="panel fit-choose">
      <h2>{{ t('fit.title') }}</h2>
      <label class="field-label" for="fit-variety">{{ t('fit.plant') }}</label>
      <el-select id="fit-variety" v-model="varietyId" filterable :aria-label="t('fit.plant')">
        <el-option-group v-for="group in groups" :key="group.label" :label="group.label">
          <el-option
            v-for="one in group.list"
            :key="one.id"
            :value="one.id"
            :label="varietyName(one)"
          >
            {{ varietyName(one) }} <span class="soft">{{ t(`habit.${one.habit}`) }}</span>
          </el-option>
        </el-option-group>
      </el-select>
      <p class="soft fit-about">
        {{
          t('fit.about', {
            crop: t(`crop.${variety.crop}`),
            habit: t(`habit.${variety.habit}`),
            height: length(variety.matureHeightMm),
            days: variety.daysToMaturity,
            volume: volume(variety.fullVolumeL),
          })
        }}
      </p>
      <div class="row fit-own">
        <PushButton size="small" @click="copyVariety">{{ t('variety.copy') }}</PushButton>
        <PushButton v-if="isOwn" size="small" @click="changeVariety">
          {{ t('variety.change') }}
        </PushButton>
      </div>
      <p v-if="variety.fruitClass === 'hot' || variety.fruitClass === 'veryHot'" class="caution">
        {{ t('caution.hotPepper') }}
      </p>
      <div class="field-grid fit-numbers">
        <div>
          <label class="field-label" for="fit-count">{{ t('fit.count') }}</label>
          <el-input-number
            id="fit-count"
            v-model="count"
            :min="1"
            :max="60"
            :precision="0"
            :value-on-clear="1"
          />
        </div>
        <TextField v-model="plantedOn" type="date" :label="t('fit.plantedOn')" :fault="dateFault" />
        <QuantityField
          v-model="buriedMm"
          dimension="length"
          optional
          :schema="buriedSchema"
          :label="t('fit.buried')"
        />
      </div>
      <PushButton
        type="primary"
        :disabled="!!dateFault || !isBuriable"
        :loading="isSaving"
        @click="plant"
      >
        {{ t('fit.plantHere', { code: pot.container.code }) }}
      </PushButton>
      <h2 class="fit-there">{{ t('fit.there', { code: pot.container.code }) }}</h2>
      <PlantsThere :key="pot.container.id" :pot="pot" />
    </section>
    <FitPots
      class="fit-pots"
      :pots="pots"
      :chosen-id="pot.container.id"
      @choose="(id) => (containerId = id)"
    />
    <VarietyForm
      v-if="edited"
      :start="edited.start"
      :is-new="edited.isNew"
      @save="saveVariety"
      @close="edited = undefined"
    />
    <FitVerdicts
      class="fit-verdicts"
      :garden="asItStands"
      :pot="pot"
      :variety="variety"
      :count="count"
    />
  </div>
  <div v-else>
    <p>
      {{ t('fit.noPots') }} <router-link to="/line-up">{{ t('view.lineUp') }}</router-link>
    </p>
  </div>
</template>

<style>
.fit-choose {
  width: 300px;
  flex: none;
}
.fit-own {
  margin-bottom: 10px;
}
.fit-about {
  margin-top: 6px;
  font-size: 14px;
}
.fit-numbers {
  grid-template-columns: 1fr 1.15fr;
}
.fit-numbers .el-input-number {
  width: 100%;
}
.fit-there {
  margin-top: 18px;
}
.fit-pots {
  width: 236px;
  flex: none;
}
.fit-verdicts {
  flex: 1;
  min-width: 0;
}
@media (max-width: 700px) {
  .fit-choose,
  .fit-pots,
  .fit-verdicts {
    width: auto;
    flex: none;
  }
}
</style>
