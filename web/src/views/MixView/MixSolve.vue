<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  ingredientsOf,
  mixAims,
  own,
  type IngredientWish,
  type MixAim,
  type MixWish,
  type Recipe,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import CountField from '../../ui/fields/CountField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useOptions } from '../../ui/fields/options'
import QuantityField from '../../ui/fields/QuantityField.vue'
import WorkProgress from '../../ui/WorkProgress.vue'
import type { MixAnswer, MixWork } from '../../workers/mix.worker'
import { useWorker } from '../../workers/useWorker'
import SolveBounds from './SolveBounds.vue'
import SolvedMix from './SolvedMix.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** What is asked of a mix, and the best there is for it. */
const props = defineProps<{ containerIds: readonly string[] }>()
const emit = defineEmits<{ take: [parts: Recipe['parts'], isKept: boolean] }>()
const { garden } = storeToRefs(useGardenStore())
const { date } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { ofError } = useFaultText()
const { optionsOf } = useOptions()

const aim = ref<MixAim | undefined>('cheapest')
const isStockOnly = ref(false)
const mostKinds = ref<number | undefined>(4)
const asked = reactive<Record<string, number | undefined>>({
  airLeast: 0.15,
  waterLeast: 0.45,
  wetMostG: undefined,
  air: 0.2,
  water: 0.55,
})

/** What is ruled out at first: woody or salty things that most do not mix in. */
const RARE = ['woodChips', 'mushroomCompost', 'clayLoam', 'biochar', 'expandedClay', 'lava']
const wishes = ref<IngredientWish[]>(
  Object.keys(garden.value ? ingredientsOf(garden.value) : {}).map((ingredientId) => ({
    ingredientId,
    isAllowed: !RARE.includes(ingredientId),
    leastShare: ingredientId === 'compost' ? 0.2 : 0,
    mostShare: 1,
  })),
)

const wish = computed((): MixWish => ({
  aim: aim.value ?? 'cheapest',
  isStockOnly: isStockOnly.value,
  mostKinds: mostKinds.value ?? 4,
  wished: { airSpace: asked['air'] ?? 0.2, containerCapacity: asked['water'] ?? 0.55 },
  limits: {
    ...(asked['airLeast'] === undefined ? {} : { airSpace: { least: asked['airLeast'] } }),
    ...(asked['waterLeast'] === undefined
      ? {}
      : { containerCapacity: { least: asked['waterLeast'] } }),
    ...(asked['wetMostG'] === undefined ? {} : { wetDensityGL: { most: asked['wetMostG'] } }),
  },
  // The store's own reactive objects cannot go to a worker; these are plain.
  ingredients: wishes.value.map((one) => ({ ...one })),
}))
/** Shares are typed as percent; above all of it is no share. */
const faultOf = (name: string) => ((own(asked, name) ?? 0) > 1 ? t('mix.shareFault') : undefined)
const isWrong = computed(() => ['airLeast', 'waterLeast', 'air', 'water'].some(faultOf))

const TIME_LIMIT_S = 20
const solver = useWorker<MixWork, MixAnswer>(
  () => new Worker(new URL('../../workers/mix.worker.ts', import.meta.url), { type: 'module' }),
  (work, progress) =>
    work.solveMix(
      garden.value!,
      [...props.containerIds],
      date.value,
      wish.value,
      TIME_LIMIT_S,
      progress,
    ),
)
const result = computed(() => solver.result.value)
</script>

<template>
  <div v-if="garden" class="solve">
    <section>
      <div class="solve-asked">
        <ChoiceField
          v-model="aim"
          :label="t('mix.solve.aim')"
          :options="optionsOf(mixAims, 'mix.aim')"
        />
        <template v-if="aim === 'closest'">
          <QuantityField
            v-for="name in ['water', 'air']"
            :key="name"
            v-model="asked[name]"
            dimension="share"
            :label="t(`mix.solve.${name}`)"
            :fault="faultOf(name)"
          />
        </template>
        <QuantityField
          v-for="name in ['airLeast', 'waterLeast']"
          :key="name"
          v-model="asked[name]"
          dimension="share"
          optional
          :label="t(`mix.solve.${name}`)"
          :fault="faultOf(name)"
        />
        <QuantityField
          v-model="asked['wetMostG']"
          dimension="mass"
          optional
          :label="t('mix.solve.wetMost')"
        />
        <CountField v-model="mostKinds" :label="t('mix.solve.mostKinds')" :min="1" :max="8" />
      </div>
      <el-checkbox v-model="isStockOnly">{{ t('mix.solve.stockOnly') }}</el-checkbox>
      <SolveBounds v-model="wishes" />
    </section>
    <section>
      <div class="row solve-go">
        <PushButton
          type="primary"
          :disabled="solver.isRunning.value || !containerIds.length || isWrong"
          @click="solver.start"
        >
          {{ t('mix.solve.go') }}
        </PushButton>
        <WorkProgress
          v-if="solver.isRunning.value"
          :share="solver.progress.value"
          :label="t('mix.solve.working')"
          @cancel="solver.cancel"
        />
      </div>
      <p v-if="solver.failure.value" class="strong" role="alert">
        {{ ofError(solver.failure.value) }}
      </p>
      <SolvedMix
        v-if="result"
        :answer="result"
        @take="(parts, isKept) => emit('take', parts, isKept)"
      />
      <p v-else-if="!solver.isRunning.value" class="soft">{{ t('mix.solve.nothingYet') }}</p>
    </section>
  </div>
</template>

<style>
.solve {
  display: grid;
  grid-template-columns: minmax(0, 372px) minmax(0, 1fr);
  gap: 22px;
}
.solve ul {
  padding-left: 18px;
}
.solve-asked {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 12px;
  align-items: end;
}
.solve-go {
  margin-bottom: 12px;
}
@media (max-width: 1000px) {
  .solve {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
