<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  SPLASH_L,
  type FeedRound,
  type GardenToday,
  type Measures,
  type Round,
  type Walk,
} from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import PotJobs from '../../jobs/PotJobs.vue'
import TakeAlong from '../../jobs/TakeAlong.vue'
import RoundCans from './RoundCans.vue'

/** What to carry on this walk, and what cannot be told of it. */
const props = defineProps<{
  round: Round
  walk: FeedRound | undefined
  /** All that is due beside, and what it takes. */
  jobWalk: Walk | undefined
  today: GardenToday
  measures: Measures
  /** Something grows in some pot. */
  hasStops: boolean
}>()
const { t } = useI18n()
const { volume, water } = useFormat()

/** Pots whose programme asks for what cannot be worked out: what they want is not known. */
const unfed = computed(
  () => props.walk?.stops.filter(({ feed }) => feed?.unusable.length).length ?? 0,
)
const carried = computed(() => {
  if (!props.walk) return ''
  const { carryL, carryCans } = props.walk
  if (carryL > SPLASH_L)
    return t('round.carry', {
      cans: t('lineUp.cans', carryCans),
      litres: water(carryL),
      can: volume(props.measures.canL),
    })
  if (!props.hasStops || props.round.unknownCount) return ''
  return t(unfed.value ? 'round.waterDone' : 'round.allDone')
})
</script>

<template>
  <header class="round-head">
    <h1 class="visually-hidden">{{ t('view.round') }}</h1>
    <p v-if="carried" class="round-carry">
      {{ carried }}
      <span v-if="round.laterL > SPLASH_L" class="soft">{{
        t('round.later', { litres: water(round.laterL) })
      }}</span>
    </p>
    <p v-if="round.unknownCount" class="round-carry">
      {{ t('round.unknown', round.unknownCount) }}
      <router-link to="/water">{{ t('round.unknownGo') }}</router-link>
    </p>
    <p v-if="unfed" class="strong" role="note">
      {{ t('round.unfed', unfed) }} <router-link to="/feed">{{ t('view.feed') }}</router-link>
    </p>
    <TakeAlong v-if="jobWalk" :walk="jobWalk" />
    <details v-if="jobWalk?.elsewhere.length" class="round-cans">
      <summary>{{ t('round.elsewhere', jobWalk.elsewhere.length) }}</summary>
      <PotJobs :jobs="jobWalk.elsewhere" :title="t('jobs.elsewhere')" />
    </details>
    <RoundCans v-if="walk" :walk="walk" :today="today" :measures="measures" />
  </header>
</template>

<style>
.round-carry {
  font: 650 20px/1.3 var(--font-heading);
  margin: 0;
}
.round-carry .soft {
  font: 400 15px/1.3 var(--font-text);
}
</style>
