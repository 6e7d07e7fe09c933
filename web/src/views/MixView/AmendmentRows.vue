<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { Close } from '@element-plus/icons-vue'
import {
  amendmentUnits,
  starterProducts,
  starterRatesGL,
  type Amendment,
  type Recipe,
} from '@rimbo/core'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useOptions } from '../../ui/fields/options'
import PushButton from '../../ui/fields/PushButton.vue'

/** What is strewn into a mix beside its parts: by the litre, or by the spoon for each pot. */
const props = defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ change: [recipe: Recipe] }>()
const { t } = useI18n()
const { optionsOf } = useOptions()

const amendments = computed(() => props.recipe.amendments ?? [])
const put = (next: Amendment[]) => emit('change', { ...props.recipe, amendments: next })
const set = (index: number, to: Partial<Amendment>) =>
  put(amendments.value.map((one, place) => (place === index ? { ...one, ...to } : one)))

const choices = computed(() =>
  optionsOf(
    starterProducts
      .map(({ id }) => id)
      .filter((id) => !amendments.value.some((one) => one.productId === id)),
    'product',
  ),
)
const added = computed({
  get: () => undefined,
  set: (productId: string | undefined) => {
    const product = starterProducts.find(({ id }) => id === productId)
    if (product)
      put([
        ...amendments.value,
        { productId: product.id, amount: starterRatesGL(product)[1], unit: 'gramsPerLitre' },
      ])
  },
})
</script>

<template>
  <div v-for="(one, index) in amendments" :key="one.productId" class="amendment">
    <span>{{ t(`product.${one.productId}`) }}</span>
    <PushButton
      text
      size="small"
      :icon="Close"
      :aria-label="t('mix.without', { name: t(`product.${one.productId}`) })"
      @click="put(amendments.filter((_, place) => place !== index))"
    />
    <el-input-number
      :model-value="one.amount"
      size="small"
      :min="0.05"
      :max="1000"
      :controls="false"
      :aria-label="t('mix.amountOf', { name: t(`product.${one.productId}`) })"
      @change="(amount: number | null | undefined) => amount && set(index, { amount })"
    />
    <el-select
      :model-value="one.unit"
      size="small"
      :aria-label="t('mix.unitOf', { name: t(`product.${one.productId}`) })"
      @update:model-value="(unit: Amendment['unit']) => set(index, { unit })"
    >
      <el-option
        v-for="unit in optionsOf(amendmentUnits, 'mix.amendmentUnit')"
        :key="unit.value"
        :value="unit.value"
        :label="unit.label"
      />
    </el-select>
  </div>
  <ChoiceField v-model="added" :label="t('mix.addAmendment')" :options="choices" />
</template>

<style>
.amendment {
  display: grid;
  grid-template-columns: 66px 1fr 24px;
  gap: 2px 6px;
  align-items: center;
  font-size: 14px;
  margin-bottom: 6px;
}
.amendment > span {
  grid-column: 1 / 3;
}
.amendment .el-input-number {
  width: 66px;
}
.amendment .el-select {
  grid-column: 2 / 4;
}
.amendment .push-button {
  padding: 0;
}
</style>
