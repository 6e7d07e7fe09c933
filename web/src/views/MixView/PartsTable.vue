<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Close } from '@element-plus/icons-vue'
import {
  ingredientsOf,
  toUnit,
  fromUnit,
  bareUnit,
  withIngredient,
  withoutIngredient,
  withParts,
  withShare,
  type Recipe,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import { useOptions } from '../../ui/fields/options'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import AmendmentRows from './AmendmentRows.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** A recipe as numbers: in parts, percent or litres, as it was heard. */
const props = defineProps<{ recipe: Recipe; looseL: number }>()
const emit = defineEmits<{ change: [recipe: Recipe] }>()
const { garden } = storeToRefs(useGardenStore())
const { t } = useI18n()
const { system } = useFormat()
const { ingredientName } = useNames()
const { optionsOf } = useOptions()

const measures = ['parts', 'percent', 'litres'] as const
const measure = ref<(typeof measures)[number] | undefined>('percent')
const volumeUnit = computed(() => bareUnit[system.value].volume)

const total = computed(() => props.recipe.parts.reduce((sum, part) => sum + part.parts, 0))
const rows = computed(() =>
  props.recipe.parts.map(({ ingredientId, parts }) => {
    const share = parts / total.value
    const litres = toUnit(share * props.looseL, 'volume', volumeUnit.value)
    const value = { parts, percent: share * 100, litres }[measure.value ?? 'percent']
    return { ingredientId, value: Number(value.toFixed(measure.value === 'parts' ? 2 : 1)) }
  }),
)
function set(index: number, value: number | undefined): void {
  if (value === undefined || !(value > 0)) return
  const litres = fromUnit(value, 'volume', volumeUnit.value)
  emit(
    'change',
    measure.value === 'parts'
      ? withParts(props.recipe, index, value)
      : withShare(
          props.recipe,
          index,
          measure.value === 'litres' ? litres / props.looseL : value / 100,
        ),
  )
}

const others = computed(() =>
  Object.keys(garden.value ? ingredientsOf(garden.value) : {})
    .filter((id) => !props.recipe.parts.some((part) => part.ingredientId === id))
    .map((value) => ({ value, label: ingredientName(value) }))
    .sort((one, other) => one.label.localeCompare(other.label)),
)
const added = computed({
  get: () => undefined,
  set: (id: string | undefined) => void (id && emit('change', withIngredient(props.recipe, id))),
})
</script>

<template>
  <div class="parts">
    <SwitchButtons
      v-model="measure"
      size="small"
      :options="optionsOf(measures, 'mix.measures')"
      :label="t('mix.measuredIn')"
    />
    <div v-for="(row, index) in [...rows].reverse()" :key="row.ingredientId" class="part-row">
      <span class="part-name">{{ ingredientName(row.ingredientId) }}</span>
      <el-input-number
        :model-value="row.value"
        size="small"
        :min="0.1"
        :max="measure === 'percent' ? 99 : 10000"
        :controls="false"
        :aria-label="
          t('mix.partOf', {
            name: ingredientName(row.ingredientId),
            measure: t(`mix.measures.${measure}`),
          })
        "
        @change="
          (value: number | null | undefined) => set(rows.length - 1 - index, value ?? undefined)
        "
      />
      <PushButton
        text
        size="small"
        :icon="Close"
        :disabled="rows.length === 1"
        :aria-label="t('mix.without', { name: ingredientName(row.ingredientId) })"
        @click="emit('change', withoutIngredient(recipe, rows.length - 1 - index))"
      />
    </div>
    <ChoiceField v-model="added" :label="t('mix.addIngredient')" :options="others" />
    <AmendmentRows :recipe="recipe" @change="(to) => emit('change', to)" />
  </div>
</template>

<style>
.parts {
  width: 212px;
}
.parts .row {
  margin-bottom: 8px;
}
.part-row {
  display: grid;
  grid-template-columns: 1fr 66px 24px;
  gap: 6px;
  align-items: center;
  margin-bottom: 5px;
  font-size: 14px;
}
.part-row .el-input-number {
  width: 66px;
}
.part-row .push-button {
  padding: 0;
}
</style>
