<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useRoute } from 'vue-router'
import { useI18n } from 'vue-i18n'
import {
  mixPlan,
  recipeOf,
  recipes,
  settingsSchema,
  shrinkShare,
  starterProducts,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/ChoiceField.vue'
import { useFormat } from '../../ui/format'
import { useNames } from '../../ui/names'
import QuantityField from '../../ui/QuantityField.vue'
import WhyNumber from '../../ui/WhyNumber.vue'
import MixLines from './MixLines.vue'
import PotDoses from './PotDoses.vue'

const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { today } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { volume, share } = useFormat()
const { recipeName } = useNames()
const route = useRoute()

/** One recipe for the chosen pots, or each pot with the mix that is set for it. */
const OWN = 'each-its-own'
const choice = ref<string | undefined>()
const feedId = ref<string | undefined>(starterProducts[0]?.id)
const chosenIds = ref<string[]>([])

const pots = computed(() => today.value?.pots ?? [])
const recipeChoices = computed(() => [
  { value: OWN, label: t('mix.eachItsOwn') },
  ...[...recipes, ...(garden.value?.recipes ?? [])].map((recipe) => ({
    value: recipe.id,
    label: recipeName(recipe),
  })),
])
const feedChoices = computed(() =>
  starterProducts.map((product) => ({ value: product.id, label: t(`product.${product.id}`) })),
)

/** Picks the pots that have a recipe already, so that the view opens on something true. */
function chooseRecipe(id: string): void {
  choice.value = id
  if (id === OWN)
    chosenIds.value = pots.value.filter((pot) => pot.mix).map((pot) => pot.container.id)
  else {
    const having = pots.value.filter((pot) => pot.container.recipeId === id)
    if (having.length) chosenIds.value = having.map((pot) => pot.container.id)
  }
}
watch(
  () => [route.query['recipe'], garden.value?.id] as const,
  ([wanted]) => {
    const first = pots.value[0]?.container
    const id = typeof wanted === 'string' ? wanted : (first?.recipeId ?? 'thirds')
    chooseRecipe(id)
    if (!chosenIds.value.length && first) chosenIds.value = [first.id]
  },
  { immediate: true },
)
watch(
  () => route.query['feed'],
  (id) => {
    if (starterProducts.some((product) => product.id === id)) feedId.value = id as string
  },
  { immediate: true },
)

const chosen = computed(() =>
  pots.value.filter((pot) => chosenIds.value.includes(pot.container.id)),
)
const feed = computed(
  () => starterProducts.find((product) => product.id === feedId.value) ?? starterProducts[0]!,
)

/** What the chosen pots get, each and all together. */
const plan = computed(
  () =>
    garden.value &&
    mixPlan(
      garden.value,
      chosen.value,
      choice.value === OWN ? undefined : choice.value,
      feed.value,
    ),
)

const single = computed(() =>
  garden.value && choice.value !== OWN ? recipeOf(garden.value, choice.value) : undefined,
)
/** Each recipe's own, once. */
const shrinkReasons = computed(() =>
  [
    ...new Map(
      plan.value?.fillings.map(({ recipe, batch }) => [recipe.id, batch.reasons]),
    ).values(),
  ].flat(),
)

const keptShrink = computed(() =>
  single.value ? garden.value?.settings.shrinkShares[single.value.id] : undefined,
)
const typedShrink = ref<number | undefined>()
watch(keptShrink, (kept) => (typedShrink.value = kept), { immediate: true })
const shrinkFault = computed(() =>
  settingsSchema.shape.shrinkShares.safeParse({ typed: typedShrink.value ?? 0 }).success
    ? undefined
    : t('mix.shrinkFault'),
)
async function keepShrink(): Promise<void> {
  const { value: recipe } = single
  const { value: typed } = typedShrink
  if (!recipe || shrinkFault.value) return
  await store.edit({ code: 'change.shrink' }, (draft) => {
    if (typed === undefined) delete draft.settings.shrinkShares[recipe.id]
    else draft.settings.shrinkShares[recipe.id] = typed
  })
}

const isAll = computed(() => chosenIds.value.length === pots.value.length)
function chooseAll(): void {
  chosenIds.value = isAll.value ? [] : pots.value.map((pot) => pot.container.id)
}

const differs = computed(
  () => !!single.value && chosen.value.some((pot) => pot.container.recipeId !== single.value?.id),
)
async function setMix(): Promise<void> {
  const recipe = single.value
  if (!recipe) return
  const ids = [...chosenIds.value]
  await store.edit({ code: 'change.setMix', params: { mix: recipeName(recipe) } }, (draft) => {
    for (const container of draft.containers)
      if (ids.includes(container.id)) container.recipeId = recipe.id
  })
}
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
      <fieldset class="mix-pots">
        <legend>{{ t('mix.forWhich') }}</legend>
        <el-button size="small" @click="chooseAll">{{
          t(isAll ? 'mix.none' : 'mix.all')
        }}</el-button>
        <el-checkbox-group v-model="chosenIds">
          <el-checkbox v-for="pot in pots" :key="pot.container.id" :value="pot.container.id">
            <strong>{{ pot.container.code }}</strong> {{ volume(pot.volumes.fillVolumeL) }}
          </el-checkbox>
        </el-checkbox-group>
      </fieldset>
      <form v-if="single" @submit.prevent="keepShrink">
        <QuantityField
          :key="single.id"
          v-model="typedShrink"
          dimension="share"
          optional
          :label="t('mix.measuredShrink')"
          :hint="t('mix.shrinkHint', { share: share(shrinkShare(single)) })"
          :fault="shrinkFault"
        />
        <el-button v-if="typedShrink !== keptShrink" native-type="submit" :disabled="!!shrinkFault">
          {{ t('mix.keepShrink') }}
        </el-button>
      </form>
      <el-button v-if="differs" :loading="isSaving" @click="setMix">{{
        t('mix.setMix')
      }}</el-button>
    </section>
    <section class="panel sheet mix-result">
      <template v-if="plan?.fillings.length">
        <h2>
          {{ t('mix.sum', { loose: volume(plan.looseL), mixed: volume(plan.mixedL) }) }}
          <WhyNumber :value="t('mix.why')" :reasons="shrinkReasons" />
        </h2>
        <MixLines :lines="plan.lines" :cautions="plan.cautions" />
        <div class="row mix-feed-head">
          <h2>{{ t('mix.perPot') }}</h2>
          <ChoiceField v-model="feedId" :label="t('mix.starterFeed')" :options="feedChoices" />
        </div>
        <PotDoses :fillings="plan.fillings" :feed-name="t(`product.${feed.id}`)" />
        <p class="soft mix-note">{{ t(`placement.${feed.placement}`) }} {{ t('mix.ownLabel') }}</p>
      </template>
      <p v-else>{{ t('mix.chooseSome') }}</p>
    </section>
  </div>
  <div v-else class="view">
    <p>
      {{ t('mix.noPots') }} <router-link to="/line-up">{{ t('view.lineUp') }}</router-link>
    </p>
  </div>
</template>

<style>
.mix-choose {
  width: 270px;
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
.mix-feed-head {
  justify-content: space-between;
}
.mix-feed-head .field {
  width: 260px;
}
.mix-note {
  margin-top: 8px;
}
@media (max-width: 700px) {
  .mix-view {
    overflow: auto;
  }
  .mix-choose,
  .mix-result {
    width: auto;
    flex: none;
    overflow: visible;
  }
}
</style>
