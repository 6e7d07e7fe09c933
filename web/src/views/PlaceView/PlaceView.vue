<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  edits,
  boxOf,
  crowdedPairs,
  crownsOf,
  footprintOf,
  outOfReach,
  siteOf,
  spaceLoadOf,
  standingFaults,
} from '@rimbo/core'
import { contourLines } from '../../drawing/contourLines'
import PlanDrawing from '../../drawing/PlanDrawing.vue'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import SinceSwitch from '../../ui/fields/SinceSwitch.vue'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import { usePotWords } from '../../ui/words/potWords'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import { useSunMap } from '../../workers/useSunMap'
import { thresholds, type LightMeasure } from './lightMeasures'
import PlaceFindings from './PlaceFindings.vue'
import SpaceForm from './SpaceForm.vue'
import SunControls from './SunControls.vue'
import { usePlacing } from './usePlacing'
import { usePlanForm, type PlanForm } from './usePlanForm'
import PushButton from '../../ui/fields/PushButton.vue'

const store = useGardenStore()
const { garden } = storeToRefs(store)
const { date, year, today } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { length, system, decimal, tenths } = useFormat()
const { plantWords } = usePotWords()

const spaceId = ref<string>()
const selectedId = ref<string>()
const space = computed(
  () => garden.value?.spaces.find((one) => one.id === spaceId.value) ?? garden.value?.spaces[0],
)
const pots = computed(
  () => today.value?.pots.filter(({ container }) => container.spaceId === space.value?.id) ?? [],
)

/** The form while the space is being drawn; what is kept shows otherwise. */
const form = shallowRef<PlanForm>()
const draw = () =>
  (form.value = usePlanForm(space.value?.plan, {
    system: system.value,
    decimal: decimal.value,
    points: t('place.points').split(' '),
  }))
watch(
  () => space.value?.id,
  () => (form.value = undefined),
)
/** The last plan that could be drawn stays while a field is being mended. */
const drafted = shallowRef(space.value?.plan)
watch(
  () => (form.value ? form.value.plan.value : space.value?.plan),
  (plan) => {
    if (plan || !form.value) drafted.value = plan
  },
  { immediate: true },
)

async function keep(): Promise<void> {
  const plan = form.value?.plan.value
  const start = form.value?.start
  const id = space.value?.id
  if (!plan || !id) return
  await store.edit(edits.keepPlan({ id, name: space.value?.name ?? '' }, plan, start))
  form.value = undefined
}

const prints = computed(() => pots.value.flatMap(({ container }) => footprintOf(container) ?? []))
const unplaced = computed(() => pots.value.filter(({ container }) => !container.standing))
const codes = computed(() =>
  Object.fromEntries(pots.value.map(({ container }) => [container.id, container.code])),
)
const words = computed(() =>
  Object.fromEntries(
    pots.value.map((pot) => [
      pot.container.id,
      t('place.potWords', {
        code: pot.container.code,
        name: pot.container.name,
        plants: plantWords(pot),
      }),
    ]),
  ),
)
const isGrown = ref(false)
const crowns = computed(() => crownsOf(pots.value))
const faults = computed(() => (drafted.value ? standingFaults(drafted.value, prints.value) : []))
const unreachable = computed(() => (drafted.value ? outOfReach(drafted.value, prints.value) : []))
const wrongIds = computed(() => [...faults.value.map(({ id }) => id), ...unreachable.value])
const load = computed(
  () => space.value && spaceLoadOf({ ...space.value, plan: drafted.value }, pots.value),
)

const { since, stand, turn, putAway, placeAll } = usePlacing(space, prints, unplaced, pots)

const selected = computed(() =>
  pots.value.find(({ container }) => container.id === selectedId.value),
)

/** Sun over the kept plan, by month. */
const month = ref(Number(date.value.slice(5, 7)))
const measure = ref<LightMeasure>('sunHours')
const sun = useSunMap(() => {
  const plan = space.value?.plan
  if (!plan || !garden.value || form.value) return undefined
  const { place, weather } = garden.value
  return { plan, place, weather, year: year.value }
})
const map = computed(() => sun.result.value)
const contours = computed(() =>
  map.value
    ? contourLines(
        map.value[measure.value][month.value - 1]!,
        map.value.columns,
        map.value.rows,
        thresholds[measure.value],
      )
    : [],
)
/** What the chosen pot has of sun and light where it stands. */
const site = computed(() =>
  garden.value && selected.value?.container.standing
    ? siteOf(garden.value, selected.value.container, year.value)
    : undefined,
)
const sizes = computed(() => {
  const box = drafted.value && boxOf(drafted.value.corners)
  return {
    width: box ? length(box.rightMm - box.leftMm) : '',
    depth: box ? length(box.highMm - box.lowMm) : '',
  }
})
</script>

<template>
  <div v-if="garden && space" class="view place-view">
    <section class="place-main">
      <div class="row place-head">
        <h1 class="visually-hidden">{{ t('view.place') }}</h1>
        <SwitchButtons
          :model-value="space.id"
          :options="garden.spaces.map(({ id, name }) => ({ value: id, label: name }))"
          :label="t('lineUp.spaces')"
          @update:model-value="(id) => (spaceId = id)"
        />
        <PushButton v-if="!form" @click="draw">
          {{ t(space.plan ? 'place.change' : 'place.draw') }}
        </PushButton>
        <el-checkbox v-model="isGrown" :label="t('place.crowns')" />
      </div>
      <PlanDrawing
        v-if="drafted"
        :plan="drafted"
        :prints="prints"
        :codes="codes"
        :words="words"
        :wrong-ids="wrongIds"
        :crowns="isGrown ? crowns : []"
        :contours="contours"
        :grid="map"
        :selected-id="selectedId"
        :has-corners="!!form"
        :sizes="sizes"
        :label="t('place.drawing', { space: space.name })"
        :house-label="t('place.seenFromAbove')"
        @select="(id) => (selectedId = selectedId === id ? undefined : id)"
        @move="stand"
        @corner="(index, to) => form?.moveCorner(index, to)"
      />
      <div v-else class="line-up-empty">
        <h2>{{ t('place.emptyTitle') }}</h2>
        <p>{{ t('place.emptyText') }}</p>
        <PushButton type="primary" @click="draw">{{ t('place.draw') }}</PushButton>
      </div>
      <SunControls
        v-if="drafted && !form"
        v-model:month="month"
        v-model:measure="measure"
        :sun="sun"
        :is-measured="garden.weather.length > 0"
      />
    </section>
    <aside v-if="form || load" class="panel sheet place-side" :aria-label="t('place.side')">
      <template v-if="form">
        <h2>{{ t('place.formTitle', { space: space.name }) }}</h2>
        <SpaceForm :form="form" @save="keep" @cancel="form = undefined" />
      </template>
      <template v-else-if="load">
        <section v-if="selected" class="place-pot">
          <h2>{{ selected.container.code }} · {{ selected.container.name }}</h2>
          <p v-if="site?.conditions.sunHours !== undefined" data-fact="sun">
            {{ t('place.sunHere') }}:
            <WhyNumber
              :value="
                t('place.sunHereSays', {
                  sun: tenths(site.conditions.sunHours),
                  light: tenths(site.conditions.dliMol ?? 0),
                })
              "
              :reasons="site.reasons"
              :about="t('place.sunHere')"
            />
          </p>
          <div class="row">
            <router-link :to="{ path: '/line-up', query: { pot: selected.container.id } }">{{
              t('place.openPot')
            }}</router-link>
            <PushButton size="small" @click="turn(selected.container)">{{
              t('place.turn')
            }}</PushButton>
            <PushButton size="small" @click="putAway(selected.container)">{{
              t('place.takeUp')
            }}</PushButton>
          </div>
        </section>
        <section v-if="unplaced.length" class="place-unplaced">
          <h2>{{ t('place.unplaced') }}</h2>
          <p>{{ unplaced.map(({ container }) => container.code).join(', ') }}</p>
          <PushButton type="primary" @click="placeAll">{{ t('place.placeAll') }}</PushButton>
        </section>
        <PlaceFindings
          :load="load"
          :codes="codes"
          :faults="faults"
          :unreachable="unreachable"
          :crowded="crowdedPairs(crowns)"
        />
        <div v-if="pots.some(({ plants }) => plants.length)" class="place-since">
          <p class="soft">{{ t('place.since') }}</p>
          <SinceSwitch v-model="since" />
        </div>
        <p class="soft">{{ t('place.howTo') }}</p>
      </template>
    </aside>
  </div>
</template>

<style>
.place-main {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
}
.place-head {
  gap: 8px 18px;
  margin-bottom: 6px;
}
.place-side {
  width: 400px;
  flex: none;
}
.place-pot,
.place-unplaced {
  margin-bottom: 14px;
}
@media (max-width: 700px) {
  .place-main {
    flex: none;
    height: 460px;
  }
  .place-side {
    width: auto;
  }
}
</style>
