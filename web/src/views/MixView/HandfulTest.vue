<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { edits, densityGMlOf, handfulMlFrom, measuresSchema, productIds } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import QuantityField from '../../ui/fields/QuantityField.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** One handful on the scale says what this gardener's hand holds. */
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { t } = useI18n()
const { volume } = useFormat()
const { productName } = useNames()

const productId = ref<string | undefined>('ground')
const massG = ref<number | undefined>()
const choices = computed(() => productIds.map((value) => ({ value, label: productName(value) })))
const handfulMl = computed(() =>
  garden.value && productId.value && massG.value !== undefined
    ? handfulMlFrom(massG.value, densityGMlOf(garden.value, productId.value))
    : undefined,
)
const isPossible = computed(() => measuresSchema.shape.handfulMl.safeParse(handfulMl.value).success)
async function save(): Promise<void> {
  const { value } = handfulMl
  if (value === undefined || !isPossible.value) return
  await store.edit(edits.changeSettings({ measures: { handfulMl: Math.round(value) } }))
}
</script>

<template>
  <form @submit.prevent="save">
    <p>{{ t('test.why.handful') }}</p>
    <ol class="test-steps">
      <li v-for="step in ['take', 'weigh', 'again']" :key="step">
        {{ t(`test.step.handful.${step}`) }}
      </li>
    </ol>
    <div class="field-grid">
      <ChoiceField v-model="productId" :label="t('test.of')" :options="choices" />
      <QuantityField
        v-model="massG"
        dimension="mass"
        :label="t('test.field.handfulG')"
        :fault="massG !== undefined && !isPossible ? t('test.handfulFault') : undefined"
      />
    </div>
    <p v-if="isPossible && handfulMl">
      {{
        t('test.handfulIs', {
          volume: volume(handfulMl / 1000),
          before: volume((garden?.settings.measures.handfulMl ?? 0) / 1000),
        })
      }}
    </p>
    <PushButton type="primary" native-type="submit" :disabled="!isPossible" :loading="isSaving">
      {{ t('test.save') }}
    </PushButton>
  </form>
</template>
