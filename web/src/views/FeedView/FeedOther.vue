<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  fieldSchema,
  measureMl,
  mixTestSchema,
  recordSchema,
  type FeedToday,
  type Garden,
  type PotToday,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import PushButton from '../../ui/fields/PushButton.vue'
import QuantityField from '../../ui/fields/QuantityField.vue'
import { useFaultText } from '../../ui/words/faults'
import DoseLines from './DoseLines.vue'
import { useFeeding } from './useFeeding'
import { useGivenWords } from './useGivenWords'

/** Any other feed, by its label or by the gram. */
const props = defineProps<{ garden: Garden; pot: PotToday; feed: FeedToday }>()
const { isSaving } = storeToRefs(useGardenStore())
const { t } = useI18n()
const { ofError } = useFaultText()
const givenWords = useGivenWords()
const { choices, stockOf, doseOf, give, weighSpoon } = useFeeding(
  toRef(props, 'pot'),
  toRef(props, 'feed'),
)

const productId = ref<string | undefined>(choices.value[0]?.value)
const massG = ref<number>()
watch(productId, () => (massG.value = undefined))
const massSchema = fieldSchema(recordSchema, { kind: 'feed' }, 'massG')
const other = computed(() =>
  productId.value && !Number.isNaN(massG.value) ? doseOf(productId.value, massG.value) : {},
)
const isSpoonUnknown = computed(
  () =>
    other.value.fault?.code === 'densityUnknown' ||
    (other.value.dose !== undefined && other.value.dose.product.densityGMl === undefined),
)
const spoonG = ref<number>()
async function keepSpoon(): Promise<void> {
  if (!productId.value || !spoonG.value) return
  const { unitSystem, measures } = props.garden.settings
  const spoonL = measureMl('tablespoon', unitSystem, measures) / 1000
  await weighSpoon(productId.value, spoonG.value, spoonL)
}
</script>

<template>
  <section class="sheet" data-other>
    <h3>{{ t('feedView.giveTitle') }}</h3>
    <ChoiceField v-model="productId" :label="t('feedView.product')" :options="choices" />
    <QuantityField
      v-model="massG"
      dimension="mass"
      optional
      :schema="massSchema"
      :label="t('feedView.amount')"
      :hint="t('feedView.byLabel')"
    />
    <DoseLines
      v-if="other.dose && productId"
      :dose="other.dose"
      :holds="other.holds ?? []"
      :stock-g="stockOf(productId)"
    />
    <p v-else-if="other.fault" class="strong" role="alert">{{ ofError(other.fault) }}</p>
    <form v-if="isSpoonUnknown" class="feed-spoon" @submit.prevent="keepSpoon">
      <p>{{ t('feedView.unknownSpoon') }}</p>
      <QuantityField
        v-model="spoonG"
        dimension="mass"
        :schema="fieldSchema(mixTestSchema, { kind: 'weigh' }, 'massG')"
        :label="t('feedView.spoonGrams')"
      />
      <PushButton native-type="submit" :disabled="!spoonG" :loading="isSaving">
        {{ t('feedView.spoonKeep') }}
      </PushButton>
    </form>
    <PushButton
      v-if="other.dose && other.dose.product.form !== 'notFeed'"
      class="feed-give"
      :disabled="!(other.dose.massG > 0)"
      :loading="isSaving"
      @click="give([other.dose])"
    >
      {{ givenWords(other.dose, 'feedView.give') }}
    </PushButton>
    <p class="soft feed-caution">{{ t('feedView.caution') }}</p>
  </section>
</template>
