<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useRoute } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import {
  edits,
  mixPlan,
  recipeOf,
  recipes,
  starterProducts,
  type LimeKindId,
  type Recipe,
} from '@rimbo/core'
import { lazily } from '../../loading'
import { useGardenStore } from '../../stores/garden'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import { useOptions } from '../../ui/fields/options'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import MixTub from './MixTub.vue'
import OwnMixes from './OwnMixes.vue'
import SaveRecipe from './SaveRecipe.vue'
import { OWN, useMixing } from './useMixing'
import PushButton from '../../ui/fields/PushButton.vue'

const MixBatches = lazily(() => import('./MixBatches.vue'))
const MixSolve = lazily(() => import('./MixSolve.vue'))
const OldMix = lazily(() => import('./OldMix.vue'))
const KitchenTests = lazily(() => import('./KitchenTests.vue'))
const IngredientTable = lazily(() => import('./IngredientTable.vue'))

const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { t } = useI18n()
const { volume } = useFormat()
const { recipeName } = useNames()
const { optionsOf } = useOptions()
const route = useRoute()

const mixing = useMixing()
const { pots, choice, chosenIds, chosen, base, recipe, isChanged, chooseRecipe, change, putBack } =
  mixing

const modes = ['tub', 'batches', 'solve', 'oldMix', 'tests', 'ingredients'] as const
const mode = ref<(typeof modes)[number] | undefined>('tub')
const testedContainer = ref<string>()
function testContainer(id: string): void {
  testedContainer.value = id
  mode.value = 'tests'
}

const feedId = ref(starterProducts[0]!.id)
const limeKind = ref<LimeKindId>('ground')
const withReserve = ref(false)
watch(
  () => route.query['feed'],
  (id) => {
    if (starterProducts.some((product) => product.id === id)) {
      feedId.value = id as string
      mode.value = 'batches'
    }
  },
  { immediate: true },
)

const recipeChoices = computed(() => [
  { value: OWN, label: t('mix.eachItsOwn') },
  ...[...(garden.value?.recipes ?? []), ...recipes].map((one) => ({
    value: one.id,
    label: recipeName(one),
  })),
])

/** What the chosen pots get, each and all together. */
const plan = computed(
  () =>
    garden.value &&
    mixPlan(garden.value, chosen.value, {
      recipe: choice.value === OWN ? undefined : recipe.value,
      product: starterProducts.find(({ id }) => id === feedId.value)!,
      limeKind: limeKind.value,
      withReserve: withReserve.value,
    }),
)

const isAll = computed(() => chosenIds.value.length === pots.value.length)
function chooseAll(): void {
  chosenIds.value = isAll.value ? [] : pots.value.map((pot) => pot.container.id)
}

const differs = computed(
  () =>
    !!base.value &&
    !isChanged.value &&
    chosen.value.some((pot) => pot.container.recipeId !== base.value?.id),
)
async function setMix(): Promise<void> {
  const { value: set } = base
  if (!set) return
  const ids = [...chosenIds.value]
  await store.edit(edits.setMix(ids, set.id, recipeName(set)))
}

/** Keeps the recipe as it is now: under its own name where it is one's own, else under a new one. */
async function keep(name: string, kept: Recipe, ownId?: string): Promise<void> {
  const id = ownId ?? nanoid()
  const start = ownId === undefined ? undefined : base.value
  await store.edit(edits.keepRecipe({ ...kept, id, name }, start))
  putBack()
  choice.value = id
}
async function removeRecipe(): Promise<void> {
  const { value: gone } = base
  if (!gone) return
  putBack()
  await store.edit(edits.removeRecipe(gone.id, recipeName(gone)))
  chooseRecipe(recipes[0]!.id)
}

/** Takes a mix that was found to the tub, to be looked at, or to be kept at once. */
async function take(parts: Recipe['parts'], isKept: boolean): Promise<void> {
  const found = { id: 'found', parts: [...parts] }
  if (isKept) await keep(t('mix.solve.foundName'), found)
  else {
    if (!base.value) chooseRecipe(recipes[0]!.id)
    change({ ...found, amendments: recipe.value?.amendments ?? [] })
  }
  mode.value = 'tub'
}
const isOwnRecipe = computed(() => !!garden.value?.recipes.some(({ id }) => id === base.value?.id))
// A recipe that was undone is no choice any more.
watch(garden, (now) => {
  if (now && choice.value && choice.value !== OWN && !recipeOf(now, choice.value))
    chooseRecipe(recipes[0]!.id)
})
</script>

<template>
  <div v-if="garden && pots.length" class="view mix-view">
    <section class="panel mix-choose">
      <h1>{{ t('mix.title') }}</h1>
      <ChoiceField
        :model-value="choice"
        :label="t('mix.recipe')"
        :options="recipeChoices"
        @update:model-value="(id) => id && chooseRecipe(id)"
      />
      <SaveRecipe
        v-if="base && recipe"
        :base="base"
        :recipe="recipe"
        :is-changed="isChanged"
        :is-own="isOwnRecipe"
        @keep="keep"
        @put-back="putBack"
        @remove="removeRecipe"
      />
      <fieldset class="mix-pots">
        <legend>{{ t('mix.forWhich') }}</legend>
        <PushButton size="small" @click="chooseAll">{{
          t(isAll ? 'mix.none' : 'mix.all')
        }}</PushButton>
        <el-checkbox-group v-model="chosenIds">
          <el-checkbox v-for="pot in pots" :key="pot.container.id" :value="pot.container.id">
            <strong>{{ pot.container.code }}</strong> {{ volume(pot.volumes.fillVolumeL) }}
          </el-checkbox>
        </el-checkbox-group>
      </fieldset>
      <PushButton v-if="differs" :loading="isSaving" @click="setMix">{{
        t('mix.setMix')
      }}</PushButton>
    </section>
    <section class="panel sheet mix-result">
      <SwitchButtons
        v-model="mode"
        class="mix-modes"
        :options="optionsOf(modes, 'mix.mode')"
        :label="t('mix.modes')"
      />
      <KitchenTests
        v-if="mode === 'tests'"
        :key="testedContainer ?? 'none'"
        :recipe-id="base?.id"
        :container-id="testedContainer"
      />
      <IngredientTable v-else-if="mode === 'ingredients'" />
      <OldMix v-else-if="mode === 'oldMix'" :pots="chosen" @test="testContainer" />
      <p v-else-if="!plan?.fillings.length">{{ t('mix.chooseSome') }}</p>
      <MixSolve v-else-if="mode === 'solve'" :container-ids="chosenIds" @take="take" />
      <OwnMixes v-else-if="mode === 'tub' && !recipe" :pots="chosen" />
      <MixTub v-else-if="mode === 'tub'" :mixing="mixing" :plan="plan" />
      <MixBatches
        v-else
        v-model:feed-id="feedId"
        v-model:lime-kind="limeKind"
        v-model:with-reserve="withReserve"
        :plan="plan"
      />
    </section>
  </div>
  <div v-else class="view">
    <h1>{{ t('mix.title') }}</h1>
    <p>
      {{ t('mix.noPots') }} <router-link to="/line-up">{{ t('view.lineUp') }}</router-link>
    </p>
  </div>
</template>

<style>
.mix-choose {
  width: 262px;
  flex: none;
}
.mix-pots {
  border: 1px solid var(--line);
  padding: 8px 12px;
  margin: 0 0 10px;
}
.mix-pots legend {
  font-size: 13px;
  font-weight: 600;
}
.mix-pots .el-checkbox-group {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.mix-pots .el-checkbox {
  margin-right: 0;
}
.mix-result {
  flex: 1;
  min-width: 0;
}
.mix-modes {
  margin-bottom: 12px;
}
@media (max-width: 700px) {
  .mix-view {
    flex-direction: column;
  }
  .mix-choose,
  .mix-result {
    width: auto;
    flex: none;
  }
}
@media print {
  .mix-choose,
  .mix-modes {
    display: none;
  }
}
</style>
