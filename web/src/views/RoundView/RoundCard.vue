<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useElementSize } from '@vueuse/core'
import {
  feels,
  inQuarterCans,
  inTenthLitres,
  isOverLabel,
  knuckles,
  pouringOf,
  skipReasons,
  type FedStop,
  type GardenRecord,
  type Job,
  type Measures,
  type Stop,
} from '@rimbo/core'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { inQuarters } from '../../ui/words/createFormat'
import { useFormat } from '../../ui/words/format'
import { usePotWords } from '../../ui/words/potWords'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import PotJobs from '../../jobs/PotJobs.vue'
import LastDone from './LastDone.vue'
import RoundFeed from './RoundFeed.vue'
import './roundCard.css'
import PushButton from '../../ui/fields/PushButton.vue'
import { withWords } from '../../i18n'
import { lazily } from '../../loading'

const RecordHere = lazily(withWords(() => import('../../records/RecordHere.vue')))
const RoundAmount = lazily(withWords(() => import('./RoundAmount.vue')))

/** One pot on the walk: what it gets, one tap to confirm, a second for anything else. */
const props = defineProps<{
  stop: Stop
  /** Its feed on this walk. */
  fed: FedStop | undefined
  /** What else there is to do here today. */
  jobs: readonly Job[]
  /** What was last done here, newest first. */
  last: readonly GardenRecord[]
  measures: Measures
  place: number
  count: number
  isSaving: boolean
  /** Day and hour up to which it has enough, in words; none where that is far off. */
  safeUntil: string | undefined
}>()
const emit = defineEmits<{
  water: [volumeL: number]
  drip: []
  feed: []
  jobs: []
  skip: [reason: (typeof skipReasons)[number]]
  finger: [knuckle: (typeof knuckles)[number], feel: (typeof feels)[number]]
  go: [by: -1 | 1]
}>()

const { t } = useI18n()
const { tenths, water } = useFormat()
const { plantWords, wholeWords } = usePotWords()

const opened = ref<'amount' | 'skip' | 'finger' | 'else'>()
const pot = computed(() => props.stop.pot)
const isDue = computed(() => props.stop.nowL > 0)
const pouring = computed(() => pouringOf(pot.value.container))
/** Beside a feed there is room for so many of the last records. */
const BRIEF = 2
const hasFeed = computed(() => !!props.fed?.due.length)
/** What the button says that records it: over a label it says how far. */
const feedDone = computed(() => {
  const over = props.fed?.due.find(({ dose }) => isOverLabel(dose))
  if (over) return t('feedView.givenOver', { times: tenths(over.dose.timesLabel ?? 0) })
  const isPoured = isDue.value || props.fed?.due[0]?.dose.solution
  return t(isPoured ? 'feedRound.done' : 'feedRound.doneStrewn')
})
const cans = computed(() => inQuarterCans(props.stop.nowL, props.measures.canL))

const figure = ref<HTMLElement>()
const { width, height } = useElementSize(figure)

/** On a phone what was opened may lie below the card's edge: it comes into sight. */
const more = ref<HTMLElement>()
async function open(which: NonNullable<typeof opened.value>): Promise<void> {
  opened.value = opened.value === which ? undefined : which
  await nextTick()
  more.value?.scrollIntoView({ block: 'center' })
}
function finger(knuckle: (typeof knuckles)[number], feel: (typeof feels)[number]): void {
  opened.value = undefined
  emit('finger', knuckle, feel)
}
</script>

<template>
  <section
    class="round-card sheet"
    tabindex="-1"
    :aria-label="t('round.card', { code: pot.container.code })"
    @keydown.right="emit('go', 1)"
    @keydown.left="emit('go', -1)"
  >
    <div class="round-what">
      <p class="round-code">{{ pot.container.code }}</p>
      <p class="round-names">{{ pot.container.name }} · {{ plantWords(pot) }}</p>
      <template v-if="isDue && pot.need">
        <p class="round-amount">
          <WhyNumber
            :value="water(stop.nowL)"
            :reasons="[...pot.amountReasons, ...pot.need.reasons]"
            :about="t('pot.waterToday')"
          />
        </p>
        <p class="round-measure">
          {{ t('round.ofCan', { cans: inQuarters(cans) }, cans > 1 ? 2 : 1) }}
          <template v-if="pot.eveningL > 0">
            · {{ t('round.again', { litres: water(pot.eveningL) }) }}
          </template>
        </p>
        <p v-if="pouring.water !== 'top'" class="round-measure">
          {{ t(`pouring.water.${pouring.water}`) }}
        </p>
        <p v-if="pot.plan?.passes === 2" class="round-measure">{{ t('round.twoPasses') }}.</p>
      </template>
      <template v-else-if="pot.need">
        <p class="round-amount round-amount-none">
          <WhyNumber
            v-if="pot.amountReasons.length"
            :value="t(`round.state.${stop.state}`)"
            :reasons="pot.amountReasons"
            :about="t('pot.waterToday')"
          />
          <template v-else>{{ t(`round.state.${stop.state}`) }}</template>
        </p>
        <p v-if="stop.state === 'later'" class="round-measure">{{ water(pot.eveningL) }}</p>
        <p v-else-if="safeUntil" class="round-measure">
          {{ t('round.next', { moment: safeUntil }) }}
        </p>
      </template>
      <p v-else class="round-amount round-amount-none">{{ t('round.noWeather') }}</p>
      <p v-if="pot.givenL > 0" class="round-given">
        {{ t('pot.given', { litres: water(pot.givenL) }) }}
      </p>
      <RoundFeed v-if="fed?.feed" :fed="fed" :into="pouring.feed" />
      <div class="round-buttons" :class="{ 'has-feed': hasFeed }">
        <PushButton
          v-if="hasFeed"
          type="primary"
          class="round-done"
          :loading="isSaving"
          @click="emit('feed')"
        >
          {{ feedDone }}
        </PushButton>
        <PushButton
          v-if="isDue"
          :type="hasFeed ? 'default' : 'primary'"
          :class="{ 'round-done': !hasFeed }"
          :loading="isSaving"
          @click="emit('water', stop.nowL)"
        >
          {{ t('round.watered') }}
        </PushButton>
        <PushButton :aria-expanded="opened === 'amount'" @click="open('amount')">
          {{ t(isDue ? 'round.otherAmount' : 'round.moreWater') }}
        </PushButton>
        <PushButton v-if="isDue" :aria-expanded="opened === 'skip'" @click="open('skip')">
          {{ t('round.skip') }}
        </PushButton>
        <PushButton :aria-expanded="opened === 'finger'" @click="open('finger')">
          {{ t('round.finger') }}
        </PushButton>
        <PushButton :aria-expanded="opened === 'else'" @click="open('else')">
          {{ t('round.else') }}
        </PushButton>
        <router-link
          class="push-button"
          :to="{ path: '/check', query: { pot: pot.container.id } }"
          >{{ t('round.wrong') }}</router-link
        >
      </div>
      <PotJobs v-if="!opened" :jobs="jobs" @done="emit('jobs')" />
      <div v-if="opened === 'amount'" ref="more">
        <RoundAmount
          :key="stop.nowL"
          :start-l="inTenthLitres(stop.nowL || 1)"
          :is-saving="isSaving"
          @water="(volumeL) => emit('water', volumeL)"
          @drip="emit('drip')"
        />
      </div>
      <div v-if="opened === 'else'" ref="more" class="round-more round-else">
        <RecordHere :pot="pot" @recorded="opened = undefined" />
      </div>
      <div v-if="opened === 'skip'" ref="more" class="round-more">
        <PushButton
          v-for="why in skipReasons"
          :key="why"
          :disabled="isSaving"
          @click="emit('skip', why)"
        >
          {{ t(`skip.${why}`) }}
        </PushButton>
      </div>
      <div v-if="opened === 'finger'" ref="more" class="round-more round-finger">
        <div
          v-for="knuckle in knuckles"
          :key="knuckle"
          role="group"
          :aria-label="t(`knuckle.${knuckle}`)"
        >
          <span class="field-label">{{ t(`knuckle.${knuckle}`) }}</span>
          <PushButton
            v-for="feel in feels"
            :key="feel"
            :disabled="isSaving"
            :aria-label="`${t(`feel.${feel}`)}, ${t(`knuckle.${knuckle}`)}`"
            @click="finger(knuckle, feel)"
          >
            {{ t(`feel.${feel}`) }}
          </PushButton>
        </div>
      </div>
    </div>
    <LastDone
      v-if="last.length && !opened"
      class="round-last"
      :records="hasFeed ? last.slice(0, BRIEF) : last"
    />
    <div ref="figure" class="round-figure">
      <SectionFigure
        v-if="width > 60 && height > 60"
        :pot="pot"
        :width="width"
        :height="height"
        :label="wholeWords(pot)"
      />
    </div>
    <div class="round-pager row">
      <PushButton :aria-label="t('round.previousPot')" @click="emit('go', -1)">←</PushButton>
      <span class="soft">{{ t('round.place', { place, count }) }}</span>
      <PushButton :aria-label="t('round.nextPot')" @click="emit('go', 1)">→</PushButton>
    </div>
  </section>
</template>
