<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useRoute } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Plus, RefreshLeft } from '@element-plus/icons-vue'
import { nextCode, spaceOn, typicalContainer, type Container, type PotCourse } from '@rimbo/core'
import { allWords, withWords } from '../../i18n'
import { lazily, load, LoadError, reportMissing } from '../../loading'
import LineUpDrawing from '../../drawing/LineUpDrawing.vue'
import type { useFeedingStore } from '../../stores/feeding'
import type { useJobsStore } from '../../stores/jobs'
import { useGardenStore } from '../../stores/garden'
import { useChosenStore } from '../../stores/chosen'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import { usePotWords } from '../../ui/words/potWords'
import { useContainerEdits } from './useContainerEdits'
import { useShownDay } from './useShownDay'
import PushButton from '../../ui/fields/PushButton.vue'

const ContainerForm = lazily(withWords(() => import('./ContainerForm.vue')))
const PotPanel = lazily(withWords(() => import('./PotPanel.vue')))

const { garden } = storeToRefs(useGardenStore())
const edits = useContainerEdits()
const { course, date: todayDate, today, round } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { system, water, temp } = useFormat()
const { plantWords, wholeWords } = usePotWords()
const route = useRoute()

const spaceId = ref<string>()
const selectedId = ref<string>()
const { potId: chosenId } = storeToRefs(useChosenStore())
watch(selectedId, (id) => {
  if (id) chosenId.value = id
})
const { shownDate, isOtherDay, rowKind, shownWords, rowWords } = useShownDay()
/** Feeds and jobs come once the pots are drawn: the first screen does not wait for them. */
const feeding = shallowRef<ReturnType<typeof useFeedingStore>>()
const jobs = shallowRef<ReturnType<typeof useJobsStore>>()
async function bringMore(): Promise<void> {
  try {
    const [feeds, ofJobs] = await load(() =>
      Promise.all([import('../../stores/feeding'), import('../../stores/jobs')]),
    )
    jobs.value = ofJobs.useJobsStore()
    feeding.value = feeds.useFeedingStore()
  } catch (error) {
    if (!(error instanceof LoadError)) throw error
    reportMissing(feeding, () => void bringMore())
  }
}
onMounted(bringMore)
/** With what feeds are dissolved in, once they are known. */
const carried = computed(() => feeding.value?.walk)
const fedCount = computed(
  () => carried.value?.stops.filter(({ due }) => due.length > 0).length ?? 0,
)
/** The container in the form: a new one, or the selected one. */
const edited = shallowRef<{ start: Container; isNew: boolean }>()

const space = computed(
  () => garden.value?.spaces.find((one) => one.id === spaceId.value) ?? garden.value?.spaces[0],
)
const pots = computed(
  () => today.value?.pots.filter((pot) => pot.container.spaceId === space.value?.id) ?? [],
)
/** On another day those that stood here then. */
const courses = computed(() => {
  const { value: whole } = course
  const here = (pot: PotCourse) => whole && spaceOn(whole, pot, shownDate.value) === space.value?.id
  return whole?.pots.filter(here) ?? []
})
const selected = computed(() => pots.value.find((pot) => pot.container.id === selectedId.value))
const words = computed(() =>
  Object.fromEntries(
    pots.value.map((pot) => [
      pot.container.id,
      { plants: plantWords(pot), whole: wholeWords(pot) },
    ]),
  ),
)

watch(
  () => route.query['pot'],
  (id) => {
    const found = garden.value?.containers.find((container) => container.id === id)
    if (!found) return
    spaceId.value = found.spaceId
    selectedId.value = found.id
  },
  { immediate: true },
)

function select(id: string): void {
  edited.value = undefined
  selectedId.value = selectedId.value === id ? undefined : id
}

async function add(): Promise<void> {
  await load(allWords)
  if (!garden.value || !space.value) return
  const type = 'pot'
  edited.value = {
    isNew: true,
    start: {
      ...typicalContainer(type),
      id: nanoid(),
      code: nextCode(garden.value, 'P1'),
      name: t('form.newName'),
      type,
      spaceId: space.value.id,
      recipeId: 'thirds',
      mulchMm: 0,
      exposure: 'open',
    },
  }
}

async function save(container: Container, isAlways: boolean): Promise<void> {
  if (!edited.value) return
  const { start, isNew } = edited.value
  await edits.keep(container, start, isNew ? 'new' : isAlways ? 'always' : 'now')
  edited.value = undefined
  spaceId.value = container.spaceId
  selectedId.value = container.id
}
async function copy(container: Container, times: number): Promise<void> {
  selectedId.value = await edits.copy(container, times)
}
async function remove(container: Container): Promise<void> {
  await edits.remove(container)
  selectedId.value = undefined
}
async function move(container: Container, by: -1 | 1): Promise<void> {
  const here = pots.value.findIndex((pot) => pot.container.id === container.id)
  const neighbour = pots.value[here + by]?.container
  if (neighbour) await edits.moveTo(container, neighbour)
}
</script>

<template>
  <div v-if="garden && today" class="view line-up-view">
    <section class="line-up-main">
      <div class="row line-up-head">
        <h1 class="visually-hidden">{{ t('view.lineUp') }}</h1>
        <SwitchButtons
          :model-value="space?.id"
          :options="garden.spaces.map(({ id, name }) => ({ value: id, label: name }))"
          :label="t('lineUp.spaces')"
          @update:model-value="(id) => (spaceId = id)"
        />
        <PushButton :icon="Plus" @click="add">{{ t('lineUp.add') }}</PushButton>
        <SwitchButtons
          v-model="rowKind"
          :options="[
            { value: 'days', label: t('string.days') },
            { value: 'weeks', label: t('string.weeks') },
          ]"
          :label="t('string.rows')"
        />
        <p class="line-up-sum" aria-live="polite">
          <template v-if="isOtherDay">
            <span class="line-up-other">{{ t('string.simulated') }} {{ shownWords }}</span>
            <PushButton :icon="RefreshLeft" @click="shownDate = todayDate">{{
              t('string.back')
            }}</PushButton>
          </template>
          <router-link v-else-if="round?.dueCount" to="/round" class="strong">
            {{
              t(
                'lineUp.thirsty',
                {
                  pots: round.dueCount,
                  litres: water(carried?.carryL ?? round.carryL),
                  cans: t('lineUp.cans', carried?.carryCans ?? round.cans),
                },
                round.dueCount,
              )
            }}
            <template v-if="fedCount">· {{ t('lineUp.withFeed', fedCount) }}</template>
          </router-link>
          <span v-else-if="!today.weather && garden.plantings.length" class="strong">
            <router-link to="/water" class="strong">{{ t('lineUp.noWeather') }}</router-link>
          </span>
          <span v-else-if="garden.plantings.length" class="soft">{{ t('lineUp.allWatered') }}</span>
        </p>
      </div>
      <LineUpDrawing
        v-if="course && courses.length"
        v-model:date="shownDate"
        :course="course"
        :pots="courses"
        :days-per-row="rowKind === 'weeks' ? 7 : 1"
        :litres-of="water"
        :temp-words="temp"
        :day-words="rowWords"
        :shown-words="shownWords"
        :system="system"
        :selected-id="selectedId"
        :words="words"
        :jobs="jobs?.byContainer"
        :label="t('lineUp.drawing', { space: space?.name ?? '' })"
        @select="select"
      />
      <div v-else class="line-up-empty">
        <h2>{{ t('lineUp.emptyTitle') }}</h2>
        <p>{{ t('lineUp.emptyText') }}</p>
        <PushButton type="primary" :icon="Plus" @click="add">{{ t('lineUp.addFirst') }}</PushButton>
      </div>
    </section>
    <aside
      v-if="edited || selected"
      class="panel sheet line-up-side"
      :aria-label="t('lineUp.side')"
    >
      <ContainerForm
        v-if="edited"
        :key="edited.start.id"
        :garden="garden"
        :start="edited.start"
        :is-new="edited.isNew"
        @save="save"
        @cancel="edited = undefined"
      />
      <PotPanel
        v-else-if="selected"
        :garden="garden"
        :pot="selected"
        @unroll="edits.unroll(selected.container)"
        @edit="edited = { start: selected.container, isNew: false }"
        @copy="(times) => selected && copy(selected.container, times)"
        @remove="remove(selected.container)"
        @move="(by) => selected && move(selected.container, by)"
        @close="selectedId = undefined"
      />
    </aside>
  </div>
</template>

<style>
.line-up-view {
  padding-bottom: 0;
}
.line-up-main {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
}
.line-up-head {
  gap: 8px 18px;
  margin-bottom: 6px;
}
.line-up-sum {
  margin: 0 0 0 auto;
  display: flex;
  align-items: center;
  gap: 12px;
}
.line-up-side {
  width: 424px;
  flex: none;
  margin-bottom: 14px;
}
.line-up-empty {
  margin: auto;
  max-width: 46ch;
  text-align: center;
}
@media (max-width: 700px) {
  .line-up-sum {
    margin: 0;
  }
  .line-up-main {
    min-height: 420px;
  }
  .line-up-side {
    position: fixed;
    inset: auto 0 0;
    width: auto;
    max-height: 78vh;
    z-index: 15;
    margin: 0;
    border-width: 2px 0 0;
  }
}
</style>
