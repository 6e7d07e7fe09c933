<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { daysBetween, type FeedToday, type PotToday } from '@rimbo/core'
import { useTodayStore } from '../../stores/today'
import { usePotWords } from '../../ui/words/potWords'
import PotTable from '../../ui/PotTable.vue'

/** All pots with plants: what each is short of, whether it is salty, and when it is fed next. */
const props = defineProps<{
  pots: readonly PotToday[]
  feeds: ReadonlyMap<string, FeedToday>
}>()
const chosenId = defineModel<string | undefined>({ required: true })
const { course } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { plantWords } = usePotWords()

const shownId = computed(
  () =>
    (props.pots.find(({ container }) => container.id === chosenId.value) ?? props.pots[0])
      ?.container.id,
)
const day = computed(() => (course.value ? daysBetween(course.value.from, course.value.today) : 0))

/** What is wrong, in the fewest words; how it is called where nothing is. */
function stands({ verdict }: FeedToday): { words: string; isOff: boolean } {
  const short = verdict.nutrients.filter(({ state }) => state === 'short')
  const low = verdict.nutrients.filter(({ state }) => state === 'runsLow')
  const signs = (list: typeof short) =>
    list.map(({ nutrient }) => t(`nutrientSign.${nutrient}`)).join(' ')
  const words = [
    ...(short.length ? [`${signs(short)} ${t('nutrientState.short')}`] : []),
    ...(verdict.salt.state === 'harmful' ? [t('feedView.salty')] : []),
    ...(verdict.isLeafy ? [t('feedView.leafy')] : []),
  ]
  if (words.length) return { words: words.join(', '), isOff: true }
  return low.length
    ? { words: `${signs(low)} ${t('nutrientState.runsLow')}`, isOff: false }
    : { words: t('feedView.fed'), isOff: false }
}
function next({ due, nextOn }: FeedToday): string {
  if (due.some(({ isHeld }) => !isHeld)) return t('feedView.today')
  if (due.length) return t('feedView.waits')
  return nextOn === undefined
    ? t('feedView.noPlan')
    : t('feedView.inDays', { count: Math.max(1, nextOn - day.value) })
}
const rows = computed(() =>
  props.pots.map((pot) => {
    const feed = props.feeds.get(pot.container.id)!
    const { words, isOff } = stands(feed)
    return {
      id: pot.container.id,
      code: pot.container.code,
      words,
      isUrgent: isOff,
      title: plantWords(pot),
      cells: [{ text: next(feed) }],
    }
  }),
)
</script>

<template>
  <PotTable
    class="feed-pots"
    :rows="rows"
    :heads="[t('mix.pot'), t('feedView.nextFeed')]"
    :shown-id="shownId"
    :label="t('feedView.pots')"
    @choose="(id) => (chosenId = id)"
  />
</template>

<style>
.pot-list.feed-pots {
  width: 214px;
}
.feed-pots .pot-pick span {
  max-width: 116px;
}
@media (max-width: 700px) {
  .pot-list.feed-pots {
    width: auto;
  }
}
</style>
