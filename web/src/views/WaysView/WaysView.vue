<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  edits,
  own,
  usualWays,
  varietyOf,
  waysOf,
  type SomeWays,
  type WayKey,
  type Ways,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useNames } from '../../ui/words/names'
import WayQuestion from './WayQuestion.vue'

/** How this gardener goes about it: every question on which growers disagree. */
const store = useGardenStore()
const { garden } = storeToRefs(store)
const { t } = useI18n()
const { varietyName } = useNames()

const GROUPS: readonly { readonly name: string; readonly keys: readonly WayKey[] }[] = [
  { name: 'planting', keys: ['soilC', 'depth', 'firstFeed', 'school', 'plantsEach'] },
  { name: 'training', keys: ['sideShoots', 'strip', 'stopAt', 'tipping'] },
  { name: 'holding', keys: ['support', 'staking'] },
  { name: 'feeding', keys: ['calcium', 'epsom', 'copper'] },
  { name: 'watering', keys: ['water', 'times', 'holdBack', 'mulch', 'chipsBelow'] },
]

const GARDEN = 'garden'
/** `garden`, or a pot’s or a plant’s id after what it is. */
const chosen = ref<string | undefined>(GARDEN)
const options = computed(() => {
  const { value: here } = garden
  if (!here) return []
  return [
    { value: GARDEN, label: t('ways.garden') },
    ...here.containers.flatMap(({ id, code }) => [
      { value: `pot ${id}`, label: t('ways.pot', { code }) },
      ...here.plantings
        .filter(({ containerId }) => containerId === id)
        .flatMap(({ id: plantingId, varietyId }) => {
          const variety = varietyOf(here, varietyId)
          return variety
            ? [
                {
                  value: `plant ${plantingId}`,
                  label: t('ways.plant', { plant: varietyName(variety), code }),
                },
              ]
            : []
        }),
    ]),
  ]
})
const where = computed<{ containerId?: string; plantingId?: string }>(() => {
  const value = chosen.value ?? GARDEN
  if (value.startsWith('pot ')) return { containerId: value.slice(4) }
  if (!value.startsWith('plant ')) return {}
  const plantingId = value.slice(6)
  const planting = garden.value?.plantings.find(({ id }) => id === plantingId)
  return planting ? { containerId: planting.containerId, plantingId } : {}
})
const isOfGarden = computed(() => where.value.containerId === undefined)
/** As it is answered here, and nowhere else. */
const answered = computed<SomeWays>(() => {
  const { ways } = garden.value ?? {}
  const { containerId, plantingId } = where.value
  if (plantingId !== undefined) return own(ways?.byPlanting ?? {}, plantingId) ?? {}
  if (containerId !== undefined) return own(ways?.byContainer ?? {}, containerId) ?? {}
  return ways?.garden ?? {}
})
const holds = computed<Ways | undefined>(() => {
  const { containerId, plantingId } = where.value
  return garden.value && waysOf(garden.value, containerId, plantingId)
})
const usual = usualWays()

const answer = (key: WayKey, value: Ways[WayKey] | undefined) =>
  store.edit(edits.changeWays(where.value, { [key]: value }))
</script>

<template>
  <div v-if="garden && holds" class="view ways-view">
    <section class="panel ways-main">
      <div class="row ways-head">
        <div>
          <h1>{{ t('ways.title') }}</h1>
          <p class="soft">{{ t('ways.about') }}</p>
        </div>
        <ChoiceField v-model="chosen" :label="t('ways.whose')" :options="options" />
      </div>
      <section v-for="group in GROUPS" :key="group.name">
        <h2>{{ t(`ways.group.${group.name}`) }}</h2>
        <div class="ways-group">
          <WayQuestion
            v-for="key in group.keys"
            :key="key"
            :way="key"
            :holds="holds[key]"
            :usual="usual[key]"
            :is-answered="answered[key] !== undefined"
            :is-of-garden="isOfGarden"
            @answer="(value) => answer(key, value)"
          />
        </div>
      </section>
    </section>
  </div>
</template>

<style>
.ways-main {
  flex: 1;
}
.ways-head {
  justify-content: space-between;
  align-items: flex-end;
}
.ways-head h1,
.ways-head p {
  margin: 0;
}
.ways-head .field {
  width: 320px;
  margin: 0;
}
.ways-main h2 {
  margin: 18px 0 6px;
}
.ways-group {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(330px, 1fr));
  gap: 14px 28px;
}
@media (max-width: 700px) {
  .ways-main {
    overflow: visible;
  }
  .ways-head .field {
    width: 100%;
  }
  .ways-group {
    grid-template-columns: 1fr;
  }
}
</style>
