<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import {
  edits,
  extractMethods,
  faultsOf,
  fieldSchema,
  ingredientsOf,
  mixTestKinds,
  mixTestSchema,
  own,
  productIds,
  recipes,
  squeezes,
  type ExtractMethod,
  type MixTestKind,
  type Squeeze,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useNames } from '../../ui/words/names'
import { useOptions } from '../../ui/fields/options'
import NumberField from '../../ui/fields/NumberField.vue'
import QuantityField from '../../ui/fields/QuantityField.vue'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import HandfulTest from './HandfulTest.vue'
import StepTimer from './StepTimer.vue'
import TestResults from './TestResults.vue'
import { testGuides } from './testFields'
import PushButton from '../../ui/fields/PushButton.vue'

/** Guided tests at the kitchen table; what is measured takes the place of what is typical. */
const props = defineProps<{ recipeId: string | undefined; containerId: string | undefined }>()
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { atField } = useFaultText()
const { optionsOf } = useOptions()
const { recipeName, ingredientName, productName } = useNames()

const kinds = [...mixTestKinds, 'handful'] as const
const kind = ref<(typeof kinds)[number] | undefined>(props.containerId ? 'extract' : 'drain')
const guide = computed(() => testGuides.find((one) => one.kind === kind.value))

const things = computed(() =>
  (guide.value?.of ?? []).flatMap((of) => {
    const named = (ids: readonly string[], label: (id: string) => string) =>
      ids.map((id) => ({ value: `${of}:${id}`, label: label(id) }))
    switch (of) {
      case 'recipe':
        return [...recipes, ...(garden.value?.recipes ?? [])].map((recipe) => ({
          value: `recipe:${recipe.id}`,
          label: recipeName(recipe),
        }))
      case 'ingredient':
        return named(Object.keys(garden.value ? ingredientsOf(garden.value) : {}), ingredientName)
      case 'product':
        return named(productIds, productName)
      case 'container':
        return (garden.value?.containers ?? []).map(({ id, code, name }) => ({
          value: `container:${id}`,
          label: `${code} ${name}`,
        }))
    }
  }),
)
const thing = ref<string | undefined>()
const values = reactive<Record<string, number | undefined>>({})
const squeeze = ref<Squeeze | undefined>('holds')
const method = ref<ExtractMethod | undefined>('oneToTwo')

watch(
  guide,
  (next) => {
    const wanted =
      next?.kind === 'extract' ? `container:${props.containerId}` : `recipe:${props.recipeId}`
    thing.value = (things.value.find(({ value }) => value === wanted) ?? things.value[0])?.value
    for (const name of Object.keys(values)) delete values[name]
    for (const { name, start } of next?.fields ?? []) values[name] = start
  },
  { immediate: true },
)

const checked = computed(() => {
  const [of, ...rest] = (thing.value ?? '').split(':')
  return mixTestSchema.safeParse(
    {
      id: nanoid(),
      at: now.value,
      kind: kind.value,
      of,
      testedId: rest.join(':'),
      ...values,
      ...(kind.value === 'squeeze' && { squeeze: squeeze.value }),
      ...(kind.value === 'extract' && { method: method.value }),
    },
    { reportInput: true },
  )
})
const faultAt = (name: string): string | undefined => {
  // What was not typed yet is not wrong yet.
  if (own(values, name) === undefined || checked.value.success) return undefined
  const fault = faultsOf(checked.value.error).find(({ path }) => path[0] === name)
  return fault && atField(fault)
}

async function save(): Promise<void> {
  const { data } = checked.value
  if (!data) return
  await store.edit(edits.keepMixTest(data))
  for (const { name, start } of guide.value?.fields ?? []) values[name] = start
}
const kindOptions = computed(() => optionsOf(kinds, 'test.kind'))
const isGuided = (one: string | undefined): one is MixTestKind => one !== 'handful'
</script>

<template>
  <div v-if="garden" class="tests">
    <SwitchButtons v-model="kind" :options="kindOptions" :label="t('test.which')" />
    <div class="tests-body">
      <HandfulTest v-if="!isGuided(kind)" />
      <form v-else-if="guide" @submit.prevent="save">
        <p>{{ t(`test.why.${guide.kind}`) }}</p>
        <ol class="test-steps">
          <li v-for="step in guide.steps" :key="step.id">
            {{ t(`test.step.${guide.kind}.${step.id}`) }}
            <StepTimer
              v-if="step.waitMin"
              :minutes="step.waitMin"
              :about="t(`test.step.${guide.kind}.${step.id}`)"
            />
          </li>
        </ol>
        <div class="field-grid">
          <ChoiceField v-model="thing" :label="t('test.of')" :options="things" />
          <ChoiceField
            v-if="guide.kind === 'squeeze'"
            v-model="squeeze"
            :label="t('test.itIs')"
            :options="optionsOf(squeezes, 'test.squeeze')"
          />
          <ChoiceField
            v-if="guide.kind === 'extract'"
            v-model="method"
            :label="t('test.method')"
            :options="optionsOf(extractMethods, 'test.methods')"
          />
          <template v-for="field in guide.fields" :key="`${guide.kind}-${field.name}`">
            <NumberField
              v-if="field.dimension === 'plain'"
              v-model="values[field.name]"
              :schema="fieldSchema(mixTestSchema, { kind: guide.kind }, field.name)"
              :label="t(`test.field.${field.name}`)"
              :fault="faultAt(field.name)"
            />
            <QuantityField
              v-else
              v-model="values[field.name]"
              :dimension="field.dimension"
              :schema="fieldSchema(mixTestSchema, { kind: guide.kind }, field.name)"
              :label="t(`test.field.${field.name}`)"
              :fault="faultAt(field.name)"
            />
          </template>
        </div>
        <PushButton
          type="primary"
          native-type="submit"
          :disabled="!checked.success"
          :loading="isSaving"
        >
          {{ t('test.save') }}
        </PushButton>
      </form>
      <TestResults />
    </div>
  </div>
</template>

<style>
.tests-body {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 34px;
  margin-top: 12px;
}
.test-steps li {
  padding: 3px 0;
}
@media (max-width: 900px) {
  .tests-body {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
