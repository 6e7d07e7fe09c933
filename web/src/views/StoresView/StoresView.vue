<script setup lang="ts">
import { computed, ref, toRaw } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { seasonsOf } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import { useFaultText } from '../../ui/words/faults'
import { useReckoned } from '../../workers/useReckoned'
import StoresCosts from './StoresCosts.vue'
import StoresList from './StoresList.vue'
import StoresNeeds from './StoresNeeds.vue'
import StoresShops from './StoresShops.vue'
import StoresStock from './StoresStock.vue'
import { useStores } from './useStores'

/** What is there, what the plan will need, what to buy where, and what it all costs. */
const { garden } = storeToRefs(useGardenStore())
const { now, date } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { ofError } = useFaultText()
const worker = useStores()

const PARTS = ['stock', 'needs', 'list', 'shops', 'costs'] as const
const part = ref<(typeof PARTS)[number] | undefined>('stock')
const parts = computed(() => PARTS.map((value) => ({ value, label: t(`stores.part.${value}`) })))

const seasons = computed(() => (garden.value ? seasonsOf(garden.value) : []))
const newest = computed(
  () => seasons.value.findLast(({ from }) => from <= date.value) ?? seasons.value.at(-1),
)
const season = ref<string>()
const seasonId = computed(() => season.value ?? newest.value?.id)
const seasonOptions = computed(() => seasons.value.map(({ id }) => ({ value: id, label: id })))

const isAhead = computed(() => part.value === 'needs' || part.value === 'list')
const { shown: ahead, failure: aheadFailure } = useReckoned(
  () => ({ of: isAhead.value ? garden.value : undefined, at: now.value, to: newest.value?.to }),
  ({ of, at, to }) =>
    of && to !== undefined
      ? worker.ask((work) => work.forecast(toRaw(of), at, to))
      : Promise.resolve(undefined),
)
const { shown: costs, failure: costsFailure } = useReckoned(
  () => ({ of: part.value === 'costs' ? garden.value : undefined, id: seasonId.value }),
  ({ of, id }) =>
    of && id !== undefined
      ? worker.ask((work) => work.costs(toRaw(of), id))
      : Promise.resolve(undefined),
)
const failure = computed(() => (isAhead.value ? aheadFailure.value : costsFailure.value))
</script>

<template>
  <div v-if="garden" class="view stores-view">
    <div class="row stores-head">
      <h1>{{ t('stores.title') }}</h1>
      <SwitchButtons v-model="part" :options="parts" :label="t('stores.parts')" />
      <ChoiceField
        v-if="part === 'costs' && seasons.length > 1"
        :model-value="seasonId"
        :label="t('book.season')"
        :options="seasonOptions"
        @update:model-value="season = $event"
      />
    </div>
    <div class="panel sheet stores-sheet">
      <StoresStock v-if="part === 'stock'" :garden="garden" />
      <StoresShops v-else-if="part === 'shops'" :garden="garden" />
      <p v-else-if="failure" role="alert" class="strong">{{ ofError(failure) }}</p>
      <template v-else-if="isAhead">
        <p v-if="!ahead?.found" class="soft" role="status">{{ t('harvest.reckoning') }}</p>
        <StoresNeeds
          v-else-if="part === 'needs'"
          :needs="ahead.found"
          :to="ahead.asked.to ?? date"
        />
        <StoresList v-else :garden="garden" :needs="ahead.found" />
      </template>
      <template v-else>
        <p v-if="!costs?.found" class="soft" role="status">
          {{ seasonId ? t('harvest.reckoning') : t('book.empty') }}
        </p>
        <StoresCosts
          v-else
          :key="costs.asked.id ?? ''"
          :garden="garden"
          :costs="costs.found"
          :season="costs.asked.id ?? ''"
        />
      </template>
    </div>
  </div>
</template>

<style>
.stores-view {
  flex-direction: column;
  gap: 10px;
}
.stores-head {
  align-items: end;
  gap: 6px 16px;
}
.stores-head h1 {
  margin: 0 auto 8px 0;
}
.stores-head > .row {
  margin-bottom: 8px;
}
.stores-head .field {
  width: 140px;
}
.stores-sheet {
  position: relative;
  flex: 1;
  padding-top: 8px;
}
@media (max-width: 700px) {
  .stores-head h1 {
    position: absolute;
    clip-path: inset(50%);
  }
  .stores-sheet {
    padding: 6px 10px;
    min-height: 300px;
  }
}
</style>
