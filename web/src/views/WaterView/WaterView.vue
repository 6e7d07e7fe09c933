<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { useChosenStore } from '../../stores/chosen'
import { useTodayStore } from '../../stores/today'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import AwayPlan from './AwayPlan.vue'
import DripPlan from './DripPlan.vue'
import PotList from './PotList.vue'
import WaterPot from './WaterPot.vue'
import WeatherDay from './WeatherDay.vue'

const modes = ['pot', 'away', 'drip', 'weather'] as const
type Mode = (typeof modes)[number]

const { course, today } = storeToRefs(useTodayStore())
const { t } = useI18n()

const hasPlants = computed(() => today.value?.pots.some(({ need }) => need) ?? false)
// A garden without weather or plants has nothing to draw: it begins with the weather.
const mode = ref<Mode | undefined>(hasPlants.value ? 'pot' : 'weather')
const { potId: chosenId } = storeToRefs(useChosenStore())
const options = computed(() =>
  modes.map((value) => ({ value, label: t(`waterView.mode.${value}`) })),
)
</script>

<template>
  <div v-if="today && course" class="view water-view">
    <SwitchButtons v-model="mode" :options="options" :label="t('view.water')" />
    <WeatherDay v-if="mode === 'weather'" />
    <p v-else-if="!hasPlants" class="panel sheet">
      {{ t('waterView.nothing') }} <router-link to="/fit">{{ t('view.fit') }}</router-link>
    </p>
    <div v-else-if="mode === 'pot'" class="water-columns">
      <PotList v-model="chosenId" :pots="today.pots" />
      <WaterPot :chosen-id="chosenId" />
    </div>
    <AwayPlan v-else-if="mode === 'away'" :course="course" />
    <DripPlan v-else :course="course" />
  </div>
</template>

<style>
.water-view {
  flex-direction: column;
  gap: 10px;
}
.water-columns {
  display: flex;
  flex: 1;
  min-height: 0;
  gap: 12px;
}
@media (max-width: 700px) {
  .water-columns {
    flex-direction: column;
    flex: none;
  }
}
</style>
