<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { lazily } from '../../loading'
import { useChosenStore } from '../../stores/chosen'
import { useFeedingStore } from '../../stores/feeding'
import { useTodayStore } from '../../stores/today'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import FeedPots from './FeedPots.vue'
import PotLedger from './PotLedger.vue'
import './feed.css'

const FeedShelf = lazily(() => import('./FeedShelf.vue'))
const FeedProgrammes = lazily(() => import('./FeedProgrammes.vue'))
const FeedSolutions = lazily(() => import('./FeedSolutions.vue'))

const modes = ['ledger', 'programmes', 'shelf', 'can'] as const
type Mode = (typeof modes)[number]

const { today } = storeToRefs(useTodayStore())
const { byContainer } = storeToRefs(useFeedingStore())
const { t } = useI18n()

const mode = ref<Mode | undefined>('ledger')
const options = computed(() =>
  modes.map((value) => ({ value, label: t(`feedView.mode.${value}`) })),
)
const pots = computed(
  () => today.value?.pots.filter(({ container }) => byContainer.value.has(container.id)) ?? [],
)
const { potId: chosenId } = storeToRefs(useChosenStore())
const chosen = computed(
  () => pots.value.find(({ container }) => container.id === chosenId.value) ?? pots.value[0],
)
const feed = computed(() => chosen.value && byContainer.value.get(chosen.value.container.id))
const isOfPots = computed(() => mode.value === 'ledger' || mode.value === 'programmes')
</script>

<template>
  <div v-if="today" class="view feed-view">
    <h1 class="visually-hidden">{{ t('view.feed') }}</h1>
    <SwitchButtons v-model="mode" :options="options" :label="t('view.feed')" />
    <p v-if="isOfPots && !chosen" class="panel sheet">
      {{ t('feedView.nothing') }} <router-link to="/fit">{{ t('view.fit') }}</router-link>
    </p>
    <div v-else-if="isOfPots && chosen && feed" class="feed-columns">
      <FeedPots v-model="chosenId" :pots="pots" :feeds="byContainer" />
      <PotLedger
        v-if="mode === 'ledger'"
        :key="chosen.container.id"
        :pot="chosen"
        :feed="feed"
        @mode="(next) => (mode = next)"
      />
      <FeedProgrammes v-else :key="`${chosen.container.id}p`" :pot="chosen" :feed="feed" />
    </div>
    <FeedShelf v-else-if="mode === 'shelf'" />
    <FeedSolutions v-else />
  </div>
</template>

<style>
.feed-view {
  flex-direction: column;
  gap: 10px;
}
.feed-columns {
  display: flex;
  flex: 1;
  min-height: 0;
  gap: 12px;
}
@media (max-width: 700px) {
  .feed-columns {
    flex-direction: column;
    flex: none;
  }
}
</style>
