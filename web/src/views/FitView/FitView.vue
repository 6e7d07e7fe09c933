<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useRoute } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Delete } from '@element-plus/icons-vue'
import {
  addDays,
  crops,
  cultivars,
  gardenToday,
  habitClasses,
  judgeFit,
  plantCount,
  plantingSchema,
  relativeYield,
  schoolIds,
  varietyOf,
  type FitJudgement,
  type Planting,
} from '@rimbo/core'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import { useFaultText } from '../../ui/faults'
import { useFormat } from '../../ui/format'
import { useNames } from '../../ui/names'
import ReasonList from '../../ui/ReasonList.vue'
import TextField from '../../ui/TextField.vue'
import WhyNumber from '../../ui/WhyNumber.vue'

const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { now, date, today } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { share, length, volume, number, day } = useFormat()
const { varietyName } = useNames()
const { ofError } = useFaultText()
const route = useRoute()

const containerId = ref<string>()
const varietyId = ref('vineCherry')
const count = ref(1)
const plantedOn = ref(date.value)

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
const there = computed(() =>
  pot.value && garden.value ? plantCount(garden.value, pot.value.container.id) : 0,
)
const together = computed(() => there.value + count.value)

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

/** The arithmetic of the yield has its own why; the table keeps to what decides. */
const spoken = (judged: FitJudgement): FitJudgement => ({
  ...judged,
  reasons: judged.reasons.filter(({ code }) => code.startsWith('fit.')),
})

const judgements = computed(() => {
  const { value: one } = variety
  const container = pot.value?.container
  if (!one || !container) return []
  return schoolIds.map((school) => ({
    school,
    ...spoken(judgeFit({ variety: one, container, count: together.value, school })),
  }))
})
const expected = computed(
  () =>
    variety.value &&
    pot.value &&
    relativeYield({
      variety: variety.value,
      rootVolumeL: pot.value.volumes.fillVolumeL,
      count: together.value,
    }),
)

/** The pot as it would stand when the new plants are grown. */
const GROWN_AFTER_DAYS = 75
const preview = computed(() => {
  if (!garden.value || !pot.value) return undefined
  const { container } = pot.value
  const proposed: Planting = {
    id: 'proposed',
    containerId: container.id,
    varietyId: varietyId.value,
    count: count.value,
    plantedOn: date.value,
  }
  const proposedGarden = {
    ...garden.value,
    containers: [container],
    plantings: [
      ...garden.value.plantings.filter((one) => one.containerId === container.id),
      proposed,
    ],
    records: [],
  }
  return gardenToday(proposedGarden, addDays(date.value, GROWN_AFTER_DAYS)).pots[0]
})

const dateFault = computed(() => {
  const checked = plantingSchema.shape.plantedOn.safeParse(plantedOn.value)
  return checked.success ? undefined : t('fit.dateFault')
})
const failure = ref('')

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
  try {
    await store.edit(
      { code: 'change.plant', params: { code, name: varietyName(variety.value) } },
      (draft) => {
        draft.plantings.push(planting)
        draft.records.push({
          id: nanoid(),
          at: `${plantedOn.value}T${now.value.slice(11)}`,
          containerId: id,
          kind: 'plant',
          varietyId: varietyId.value,
          count: count.value,
        })
      },
    )
    failure.value = ''
  } catch (error) {
    failure.value = ofError(error)
  }
}

async function takeOut(planting: Planting): Promise<void> {
  await store.edit(
    { code: 'change.takeOut', params: { code: pot.value?.container.code ?? '' } },
    (draft) => {
      draft.plantings = draft.plantings.filter((one) => one.id !== planting.id)
    },
  )
}
</script>

<template>
  <div v-if="pot && variety && garden" class="view fit-view">
    <section class="panel fit-choose">
      <h1>{{ t('fit.title') }}</h1>
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
      <p v-if="variety.fruitClass === 'hot' || variety.fruitClass === 'veryHot'" class="caution">
        {{ t('caution.hotPepper') }}
      </p>
      <div class="field-grid fit-numbers">
        <div>
          <label class="field-label" for="fit-count">{{ t('fit.count') }}</label>
          <el-input-number id="fit-count" v-model="count" :min="1" :max="60" :precision="0" />
        </div>
        <TextField v-model="plantedOn" type="date" :label="t('fit.plantedOn')" :fault="dateFault" />
      </div>
      <el-button type="primary" :disabled="!!dateFault" :loading="isSaving" @click="plant">
        {{ t('fit.plantHere', { code: pot.container.code }) }}
      </el-button>
      <p v-if="failure" class="strong" role="alert">{{ failure }}</p>
      <h2 class="fit-there">{{ t('fit.there', { code: pot.container.code }) }}</h2>
      <ul v-if="pot.plants.length" class="fit-plants">
        <li v-for="one in pot.plants" :key="one.planting.id">
          {{ varietyName(one.variety) }} × {{ one.planting.count }},
          {{
            t('fit.since', { day: day(one.planting.plantedOn, { day: 'numeric', month: 'long' }) })
          }}
          <el-button
            size="small"
            :icon="Delete"
            :aria-label="t('fit.takeOut', { name: varietyName(one.variety) })"
            @click="takeOut(one.planting)"
          />
        </li>
      </ul>
      <p v-else class="soft">{{ t('fit.nothingThere') }}</p>
    </section>
    <section class="panel fit-pots">
      <h2>{{ t('fit.intoWhich') }}</h2>
      <div class="fit-pot-grid" role="group" :aria-label="t('fit.intoWhich')">
        <button
          v-for="one in pots"
          :key="one.container.id"
          type="button"
          class="fit-pot"
          :aria-pressed="one.container.id === pot.container.id"
          @click="containerId = one.container.id"
        >
          <SectionFigure
            :pot="one"
            :width="86"
            :height="70"
            container-only
            :label="one.container.name"
          />
          <strong>{{ one.container.code }}</strong> {{ volume(one.volumes.fillVolumeL) }}
        </button>
      </div>
    </section>
    <section class="panel sheet fit-verdicts">
      <div class="fit-result">
        <SectionFigure
          v-if="preview"
          :pot="preview"
          :width="190"
          :height="230"
          :label="t('fit.preview')"
        />
        <div v-if="expected">
          <h2>
            {{
              t('fit.pair', {
                name: varietyName(variety),
                count: together,
                code: pot.container.code,
              })
            }}
          </h2>
          <p class="fit-yield">
            <WhyNumber
              :value="share(expected.perPlant)"
              :reasons="expected.reasons"
              :about="t('fit.ofFull')"
            />
            {{ t('fit.ofFull') }}
          </p>
          <p v-if="together > 1">
            {{ t('fit.inAll', { count: together, total: number(expected.total) }) }}
          </p>
          <p v-if="there" class="soft">{{ t('fit.withThere', { there }) }}</p>
          <p class="soft">{{ t('fit.grownNote') }}</p>
        </div>
      </div>
      <table>
        <caption class="visually-hidden">
          {{
            t('fit.schools')
          }}
        </caption>
        <thead>
          <tr>
            <th>{{ t('fit.school') }}</th>
            <th>{{ t('fit.verdict') }}</th>
            <th>{{ t('fit.because') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in judgements" :key="one.school">
            <th scope="row">{{ t(`school.${one.school}`) }}</th>
            <td class="verdict" :class="`verdict-${one.verdict}`">
              {{ t(`verdict.${one.verdict}`) }}
            </td>
            <td><ReasonList :reasons="one.reasons" brief /></td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
  <div v-else class="view">
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
.fit-plants {
  padding: 0;
  list-style: none;
}
.fit-pots {
  width: 236px;
  flex: none;
}
.fit-pot-grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.fit-pot {
  font: inherit;
  font-size: 13px;
  color: inherit;
  padding: 4px 4px 6px;
  background: none;
  border: 1px solid var(--line);
  border-radius: 3px;
  cursor: pointer;
}
.fit-pot svg {
  margin: 0 auto;
}
.fit-pot:hover {
  background: var(--hover);
}
.fit-pot[aria-pressed='true'] {
  background: var(--picked);
  border: 2px solid var(--accent);
}
.fit-verdicts {
  flex: 1;
  min-width: 0;
}
.fit-result {
  display: flex;
  gap: 18px;
  align-items: center;
}
.fit-yield {
  font-size: 17px;
}
.fit-yield .why-number {
  font: 750 40px/1 var(--font-heading);
  color: var(--wet-ink);
}
.verdict {
  font-weight: 700;
  white-space: nowrap;
}
.verdict-good {
  color: var(--good);
}
.verdict-poor {
  color: var(--accent);
}
.verdict-silent {
  color: var(--ink-soft);
  font-weight: 400;
}
@media (max-width: 700px) {
  .fit-view {
    overflow: auto;
  }
  .fit-choose,
  .fit-pots,
  .fit-verdicts {
    width: auto;
    flex: none;
    overflow: visible;
  }
}
</style>
