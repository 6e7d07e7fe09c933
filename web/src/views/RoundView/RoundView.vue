<script lang="ts">
// They stand before the first pot is worked out, so that what its card shows is worked out with it.
useFeedingStore()
useJobsStore()
</script>
<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import {
  edits,
  isPoured,
  lastRecords,
  type FedStop,
  type GardenRecord,
  type Job,
  type Stop,
} from '@rimbo/core'
import { lazily } from '../../loading'
import { useGardenStore } from '../../stores/garden'
import { useChosenStore } from '../../stores/chosen'
import { useFeedingStore } from '../../stores/feeding'
import { useJobsStore } from '../../stores/jobs'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import { useMoment } from '../../ui/words/moment'
import { usePotWords } from '../../ui/words/potWords'
import RoundCard from './RoundCard.vue'
import RoundHead from './RoundHead.vue'

/** A record before it has its id and moment. */
type Done = GardenRecord extends infer R
  ? R extends GardenRecord
    ? Omit<R, 'id' | 'at' | 'containerId'>
    : never
  : never

const EntryBox = lazily(() => import('../../records/EntryBox.vue'))
const isSaying = ref(false)
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { now, walked, progress } = storeToRefs(useTodayStore())
const { walk, begun } = storeToRefs(useFeedingStore())
const { todayByContainer, walk: jobWalk } = storeToRefs(useJobsStore())
const { t } = useI18n()
const { water } = useFormat()
const { plantWords } = usePotWords()

const stops = computed(
  () =>
    walked.value?.round.stops.filter((stop) => stop.pot.plants.length || openAt(stop).length > 0) ??
    [],
)
const fedOf = (stop: Stop): FedStop | undefined =>
  begun.value?.stops.find((one) => one.stop.pot.container.id === stop.pot.container.id)
/** What else there is to do at a pot today; water and feed are told by themselves. */
const jobsAt = (stop: Stop): readonly Job[] =>
  todayByContainer.value.get(stop.pot.container.id) ?? []
const openAt = (stop: Stop) => jobsAt(stop).filter((job) => !isPoured(job) && job.state === 'due')
const isDue = (stop: Stop) =>
  stop.state === 'due' || !!fedOf(stop)?.due.length || openAt(stop).length > 0
const isDone = (stop: Stop) => !isDue(stop)
const { potId: currentId } = storeToRefs(useChosenStore())
const index = computed(() => {
  const chosen = stops.value.findIndex((stop) => stop.pot.container.id === currentId.value)
  return chosen >= 0 ? chosen : Math.max(0, nextDue(-1))
})
const current = computed(() => stops.value[index.value])

const moment = useMoment()
const safeUntil = computed(() => {
  const hours = current.value?.pot.plan?.safeForH
  return hours ? moment(hours) : undefined
})

/** The next pot in walking order that is due, from the start again past the end; −1 for none. */
function nextDue(after: number): number {
  const order = stops.value.map((_, place) => (after + 1 + place) % stops.value.length)
  return order.find((place) => isDue(stops.value[place]!)) ?? -1
}

/** To a neighbour, and the focus with it: the arrow keys go on from there. */
async function goBy(by: -1 | 1): Promise<void> {
  go((index.value + by + stops.value.length) % stops.value.length)
  await nextTick()
  document.querySelector<HTMLElement>('.round-card')?.focus()
}

function go(to: number): void {
  currentId.value = stops.value[to]?.pot.container.id
}

watch(
  stops,
  () => {
    if (!currentId.value && stops.value.length) go(Math.max(0, nextDue(-1)))
  },
  { immediate: true },
)

/** To the next pot that is due, once nothing is left to do at this one. */
function goOn(here: number, containerId: string): void {
  const stop = stops.value.find(({ pot }) => pot.container.id === containerId)
  if (stop && openAt(stop).length) return
  const next = nextDue(here)
  if (next >= 0) go(next)
}

/** Records what was done; goes on when it is on disk and nothing else is left to do here. */
async function record(done: Done, endsStop: boolean): Promise<void> {
  const stop = current.value
  if (!stop || isSaving.value) return
  const here = index.value
  const { id: containerId, code } = stop.pot.container
  const entry = { ...done, id: nanoid(), at: now.value, containerId } as GardenRecord
  await store.edit(edits.recordOne(entry, code))
  if (endsStop) goOn(here, containerId)
}

/** Records the feeds that are due here, and the plain water beside them, as one. */
async function feed(): Promise<void> {
  const stop = current.value
  const fed = stop && fedOf(stop)
  if (!fed || isSaving.value) return
  const here = index.value
  const { container } = stop.pot
  const doses = fed.due.map(({ dose }) => dose)
  await store.edit(
    edits.recordFeeds({ container, at: now.value, doses, plainL: fed.plainL }, nanoid),
  )
  goOn(here, container.id)
}

function listed(stop: Stop): string {
  const hasFeed = !!fedOf(stop)?.due.length
  const own = stop.state === 'due' ? water(stop.nowL) : t(`round.brief.${stop.state}`)
  if (!hasFeed) return own
  return stop.state === 'nothing' || stop.state === 'unknown'
    ? t('feedRound.listedOnly')
    : t('feedRound.listed', { water: own })
}
</script>

<template>
  <div v-if="garden && walked" class="view round-view">
    <p v-if="progress || !walk" class="round-opening" role="status">
      {{ t('app.workingOut', progress ?? { done: stops.length, of: stops.length }) }}
    </p>
    <RoundHead
      v-if="!progress"
      :round="walked.round"
      :walk="walk"
      :job-walk="jobWalk"
      :today="walked.today"
      :measures="garden.settings.measures"
      :has-stops="stops.length > 0"
    />
    <div v-if="stops.length && current" class="round-body">
      <ol class="round-list panel" :aria-label="t('round.list')">
        <li v-for="(stop, place) in stops" :key="stop.pot.container.id">
          <button
            type="button"
            class="round-stop"
            :class="`round-stop-${stop.state}`"
            :aria-current="place === index ? 'step' : undefined"
            @click="go(place)"
          >
            <strong>{{ stop.pot.container.code }}</strong>
            <span class="round-stop-plants">{{ plantWords(stop.pot) }}</span>
            <span class="round-stop-water">
              {{ listed(stop) }}
              <small v-if="openAt(stop).length">{{ t('jobs.listed', openAt(stop).length) }}</small>
            </span>
          </button>
        </li>
      </ol>
      <RoundCard
        :key="current.pot.container.id"
        :stop="current"
        :fed="fedOf(current)"
        :jobs="jobsAt(current)"
        :last="lastRecords(garden, current.pot.container.id, 4)"
        :measures="garden.settings.measures"
        :place="index + 1"
        :count="stops.length"
        :is-saving="isSaving"
        :safe-until="safeUntil"
        @water="(volumeL) => record({ kind: 'water', volumeL }, true)"
        @drip="record({ kind: 'water', volumeL: current.untilDripL, how: 'untilDrip' }, true)"
        @skip="(reason) => record({ kind: 'skipWater', reason }, true)"
        @finger="(knuckle, feel) => record({ kind: 'finger', knuckle, feel }, false)"
        @feed="feed"
        @jobs="current && isDone(current) && goOn(index, current.pot.container.id)"
        @go="(by) => goBy(by)"
      />
    </div>
    <div v-else class="round-empty">
      <h2>{{ t('round.emptyTitle') }}</h2>
      <p>{{ t('round.emptyText') }}</p>
      <router-link to="/fit">{{ t('round.emptyGo') }}</router-link>
    </div>
    <details class="round-say" @toggle="isSaying = ($event.target as HTMLDetailsElement).open">
      <summary>{{ t('entry.onRound') }}</summary>
      <EntryBox v-if="isSaying" />
    </details>
  </div>
</template>

<style>
.round-view {
  flex-direction: column;
  gap: 8px;
}
.round-body {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 340px minmax(0, 1fr);
  gap: 24px;
}
.round-list {
  list-style: none;
  margin: 0;
  padding: 0;
}
.round-stop {
  width: 100%;
  min-height: 38px;
  display: grid;
  grid-template-columns: 38px 1fr auto;
  gap: 8px;
  align-items: baseline;
  padding: 7px 8px;
  text-align: left;
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--line);
  cursor: pointer;
}
.round-stop:hover {
  background: var(--hover);
}
.round-stop[aria-current] {
  background: var(--picked);
  box-shadow: inset 4px 0 0 var(--accent);
}
.round-stop-plants {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.round-stop-water {
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
.round-stop-due .round-stop-water {
  font-weight: 700;
}
.round-stop-done .round-stop-water,
.round-stop-later .round-stop-water {
  color: var(--good);
}
.round-empty {
  margin: auto;
  text-align: center;
}
@media (max-width: 700px) {
  .round-body {
    display: flex;
    flex-direction: column;
    gap: 8px;
  }
  .round-list {
    display: flex;
    flex: none;
    overflow-x: auto;
    order: 2;
  }
  .round-list li {
    flex: none;
  }
  .round-stop {
    display: flex;
    flex-direction: column;
    gap: 0;
    min-width: 74px;
    width: auto;
    white-space: nowrap;
    min-height: 52px;
    align-items: flex-start;
  }
  .round-stop-plants {
    display: none;
  }
}
</style>
