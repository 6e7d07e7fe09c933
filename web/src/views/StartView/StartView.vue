<script setup lang="ts">
import { computed, provide, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useRoute, useRouter } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { unitsHere } from '../../ui/words/format'
import { useGardenStore } from '../../stores/garden'
import PushButton from '../../ui/fields/PushButton.vue'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import { useLanguage } from '../../ui/useLanguage'
import StartCard from './StartCard.vue'
import StartPlace from './StartPlace.vue'
import StartPlants from './StartPlants.vue'
import StartPots from './StartPots.vue'
import { lazily } from '../../loading'
import type { UnitSystem } from '@rimbo/core'

/** Who has a garden in a file needs no start. */
const ImportGarden = lazily(() => import('../../ui/ImportGarden.vue'))
/** The last step comes while the first are taken. */
const StartToday = lazily(() => import('./StartToday.vue'))

/** The first minutes: where, what, which plants, and what today asks. Each step is what the garden has by now. */
const store = useGardenStore()
const { garden } = storeToRefs(store)
const { t } = useI18n()
const { language, languageOptions } = useLanguage()
const route = useRoute()
const router = useRouter()

const steps = ['place', 'pots', 'plants', 'today'] as const
type Step = (typeof steps)[number]

/** A new garden is begun: there is none, or the open one is the demo, or one more is wanted. */
const isNew = computed(
  () => !garden.value || !!garden.value.clock || route.query['new'] !== undefined,
)
const firstOpen = (): Step => {
  if (isNew.value || !garden.value) return 'place'
  if (!garden.value.containers.length) return 'pots'
  return garden.value.plantings.length ? 'today' : 'plants'
}
const step = ref<Step>(firstOpen())
const isDone = computed<Readonly<Record<Step, boolean>>>(() => ({
  place: !isNew.value,
  pots: !isNew.value && !!garden.value?.containers.length,
  plants: !isNew.value && !!garden.value?.plantings.length,
  today: false,
}))
watch(
  () => garden.value?.id,
  () => (step.value = firstOpen()),
)

/** The next step that has nothing yet. */
async function goOn(from: Step): Promise<void> {
  if (route.query['new'] !== undefined) await router.replace('/start')
  step.value = steps.slice(steps.indexOf(from) + 1).find((one) => !isDone.value[one]) ?? 'today'
}

/** Of the garden that is begun here, and not of the one that lies open still. */
const units = ref<UnitSystem>()
provide(
  unitsHere,
  computed(() => (isNew.value ? units.value : undefined)),
)
</script>

<template>
  <div class="view start-view">
    <div class="start-steps">
      <h1>{{ t('start.title') }}</h1>
      <p class="soft start-hello">{{ t('start.hello') }}</p>
      <StartCard
        v-for="(one, index) in steps"
        :key="one"
        :number="index + 1"
        :title="t(`start.${one}`)"
        :is-open="step === one"
        :is-done="isDone[one]"
        @open="step = one"
      >
        <StartPlace
          v-if="one === 'place'"
          :key="`${garden?.id}${isNew}`"
          v-model:units="units"
          :is-new="isNew"
          :is-open="step === 'place'"
          @done="goOn('place')"
        />
        <StartPots
          v-else-if="one === 'pots' && !isNew"
          :is-open="step === 'pots'"
          @done="goOn('pots')"
        />
        <StartPlants
          v-else-if="one === 'plants' && !isNew"
          :is-open="step === 'plants'"
          @done="goOn('plants')"
        />
        <StartToday v-else-if="one === 'today' && step === 'today'" />
      </StartCard>
      <div v-if="!garden" class="row start-else">
        <PushButton @click="store.openDemo().then(() => router.push('/round'))">{{
          t('start.demo')
        }}</PushButton>
        <ImportGarden opens="/line-up" />
        <SwitchButtons
          v-model="language"
          size="small"
          :label="t('settings.language')"
          :options="languageOptions"
        />
      </div>
    </div>
  </div>
</template>

<style>
/* What sticks to the foot is the last thing seen. */
.start-view.view {
  padding-bottom: 0;
}
@media (min-width: 701px) {
  .start-view {
    overflow: auto;
  }
}
.start-steps {
  width: 100%;
  max-width: 860px;
  margin: 0 auto;
  padding-bottom: 10px;
}
.start-go {
  position: sticky;
  bottom: 0;
  z-index: 2;
  gap: 14px;
  margin: 0 -16px;
  padding: 8px 16px;
  background: var(--sheet);
  border-top: 1px solid var(--line);
}
.start-hello {
  margin-top: -6px;
}
.start-else {
  margin-top: 14px;
}
</style>
