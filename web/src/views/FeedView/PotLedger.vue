<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  daysBetween,
  feedNeedReasons,
  feedWeeks,
  flushFor,
  type FeedToday,
  type PotToday,
} from '@rimbo/core'
import LedgerChart from '../../drawing/LedgerChart.vue'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import { usePotWords } from '../../ui/words/potWords'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import FeedNow from './FeedNow.vue'

/** One pot: its ledger in time, how it stands, and what it is given now. */
const props = defineProps<{ pot: PotToday; feed: FeedToday }>()
const emit = defineEmits<{ mode: [mode: 'programmes' | 'shelf'] }>()
const { garden } = storeToRefs(useGardenStore())
const { course } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { dose, water, day, share, number } = useFormat()
const { plantWords } = usePotWords()

const ledger = computed(() => course.value && feedWeeks(course.value, props.feed.feeding))
const todayAt = computed(() => {
  if (!course.value || !ledger.value) return 0
  const first = ledger.value.weeks[0]?.day ?? 0
  const today = daysBetween(course.value.from, course.value.today)
  return (today - first) / (ledger.value.weeks.length * 7)
})
const ec = (value: number) => `${number(Math.round(value * 10) / 10)}`
const needReasons = computed(() => feedNeedReasons(props.feed.feeding))
const verdict = computed(() => {
  const { isUnderfed, isOverfed, nutrients } = props.feed.verdict
  if (isUnderfed && isOverfed) return 'both'
  if (isUnderfed) return 'under'
  if (isOverfed) return 'over'
  return nutrients.some(({ state }) => state === 'short') ? 'hungry' : 'well'
})
const flush = computed(
  () => garden.value && flushFor(props.feed, props.pot, garden.value.settings.water.ecDsM),
)
</script>

<template>
  <div v-if="garden && course" class="feed-pot">
    <section class="panel sheet feed-main">
      <header class="row feed-head">
        <h2>{{ pot.container.code }}</h2>
        <span>{{ pot.container.name }} · {{ plantWords(pot) }}</span>
        <strong class="feed-verdict" :class="{ strong: verdict !== 'well' }" data-verdict>
          {{ t(`feedView.verdict.${verdict}`) }}
        </strong>
      </header>
      <dl class="row feed-facts">
        <div v-for="one in feed.verdict.nutrients" :key="one.nutrient">
          <dt>{{ t(`nutrient.${one.nutrient}`) }}</dt>
          <dd :class="{ strong: one.state === 'short' }">
            <WhyNumber
              :value="t(`nutrientState.${one.state}`)"
              :reasons="[...one.reasons, ...needReasons]"
              :about="t(`nutrient.${one.nutrient}`)"
            />
          </dd>
        </div>
        <div>
          <dt>{{ t('feedView.salt') }}</dt>
          <dd :class="{ strong: feed.verdict.salt.state === 'harmful' }">
            <WhyNumber
              :value="`${ec(feed.verdict.salt.ecDsM)} dS/m, ${t(`saltState.${feed.verdict.salt.state}`)}`"
              :reasons="[...feed.verdict.salt.reasons, ...feed.verdict.reasons]"
              :about="t('feedView.salt')"
            />
          </dd>
        </div>
      </dl>
      <LedgerChart
        v-if="ledger"
        class="feed-ledger"
        :ledger="ledger"
        :today-at="todayAt"
        :threshold-ec="feed.verdict.salt.thresholdEc"
        :mass-words="(grams) => dose(grams)"
        :number-words="ec"
        :day-words="(date) => day(date, { day: 'numeric', month: 'short' })"
        :label="t('feedView.ledger.label', { code: pot.container.code })"
      />
    </section>
    <aside class="panel feed-side" :aria-label="t('feedView.stands')">
      <section v-if="flush" class="sheet feed-flush" data-flush>
        <h3>{{ t('feedView.flushTitle') }}</h3>
        <p v-if="Number.isFinite(flush.flushL)">
          <WhyNumber
            :value="
              t('feedView.flush', {
                pour: water(flush.pourL),
                flush: water(flush.flushL),
                ec: ec(feed.verdict.salt.ecDsM),
                after: ec(flush.ecAfterDsM),
              })
            "
            class="why-long"
            :reasons="flush.reasons"
            :about="t('feedView.flushTitle')"
          />
        </p>
        <p v-else>{{ t('feedView.flushSalty') }}</p>
        <p class="soft">
          {{ t('feedView.flushAfter', { share: share(flush.leachingShare) }) }}
        </p>
      </section>
      <FeedNow
        :garden="garden"
        :course="course"
        :pot="pot"
        :feed="feed"
        @mode="(mode) => emit('mode', mode)"
      />
    </aside>
  </div>
</template>
