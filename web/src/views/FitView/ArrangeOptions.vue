<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Delete } from '@element-plus/icons-vue'
import {
  containerTypes,
  containerVolumes,
  schoolIds,
  typicalContainer,
  type ArrangementWishes,
  type ContainerType,
  type Garden,
} from '@rimbo/core'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import CountField from '../../ui/fields/CountField.vue'
import { useFormat } from '../../ui/words/format'
import { numberIn, numberText } from '../../ui/fields/numberIn'
import { useOptions } from '../../ui/fields/options'
import TextField from '../../ui/fields/TextField.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** By which school to arrange, how densely, and what could be bought for how much. */
const props = defineProps<{ garden: Garden; wanted: ArrangementWishes }>()
const emit = defineEmits<{ change: [change: Partial<ArrangementWishes>] }>()
const { t } = useI18n()
const { system, volume, decimal } = useFormat()

const { optionsOf } = useOptions()
const schoolOptions = computed(() => optionsOf(schoolIds, 'school'))
/** A text as a price, or undefined where it is none. */
const priceIn = (text: string) => {
  const value = numberIn(text, system.value, decimal.value)
  return text.trim() && value >= 0 && value <= 10_000 ? value : undefined
}
const budgetText = ref(numberText(props.wanted.budget, decimal.value))
watch(
  () => props.wanted.budget,
  (budget) => {
    if (priceIn(budgetText.value) !== budget) budgetText.value = numberText(budget, decimal.value)
  },
)
const budgetFault = computed(() =>
  priceIn(budgetText.value) === undefined ? t('arrange.priceFault') : undefined,
)
function setBudget(text: string): void {
  budgetText.value = text
  const budget = priceIn(text)
  if (budget !== undefined) emit('change', { budget })
}

const kind = ref<ContainerType | undefined>('bucket')
const kindOptions = computed(() =>
  containerTypes
    .filter((type) => type !== 'sunkenPot' && type !== 'basket')
    .map((value) => ({
      value,
      label: `${t(`containerType.${value}`)}, ${volume(containerVolumes(typicalContainer(value)).fillVolumeL)}`,
    })),
)
const priceText = ref('')
const price = computed(() => priceIn(priceText.value))
function addOffer(): void {
  const type = kind.value
  const { spaces } = props.garden
  if (!type || price.value === undefined || !spaces[0]) return
  const container = {
    ...typicalContainer(type),
    id: nanoid(),
    code: '+',
    name: t(`containerType.${type}`),
    type,
    spaceId: spaces[0].id,
    recipeId: 'thirds',
    mulchMm: 0,
    exposure: 'open' as const,
  }
  const offer = { id: nanoid(), container, price: price.value, atMost: 4 }
  emit('change', { offers: [...props.wanted.offers, offer] })
  priceText.value = ''
}
const dropOffer = (id: string) =>
  emit('change', { offers: props.wanted.offers.filter((offer) => offer.id !== id) })
</script>

<template>
  <section>
    <h2>{{ t('arrange.options') }}</h2>
    <div class="field-grid">
      <ChoiceField
        :model-value="wanted.school"
        :label="t('arrange.school')"
        :options="schoolOptions"
        @update:model-value="(school) => school && emit('change', { school })"
      />
      <CountField
        :model-value="wanted.mostPerPot"
        :label="t('arrange.mostPerPot')"
        :min="1"
        :max="6"
        @update:model-value="(mostPerPot) => mostPerPot && emit('change', { mostPerPot })"
      />
    </div>
    <el-checkbox
      :model-value="wanted.acceptsTight"
      :label="t('arrange.acceptsTight')"
      @update:model-value="(value: unknown) => emit('change', { acceptsTight: value === true })"
    />
    <h3 class="arrange-buy">{{ t('arrange.offers') }}</h3>
    <ul class="offer-list">
      <li v-for="offer in wanted.offers" :key="offer.id">
        {{
          t('arrange.offerLine', {
            name: offer.container.name,
            price: offer.price,
            most: offer.atMost,
          })
        }}
        <PushButton
          text
          size="small"
          :icon="Delete"
          :aria-label="t('arrange.remove', { name: offer.container.name })"
          @click="dropOffer(offer.id)"
        />
      </li>
    </ul>
    <div class="offer-add">
      <ChoiceField v-model="kind" :label="t('arrange.offerKind')" :options="kindOptions" />
      <TextField v-model="priceText" :label="t('arrange.price')" />
      <PushButton size="small" :disabled="price === undefined" @click="addOffer">
        {{ t('arrange.addOffer') }}
      </PushButton>
    </div>
    <TextField
      :model-value="budgetText"
      :label="t('arrange.budget')"
      :fault="budgetFault"
      @update:model-value="setBudget"
    />
  </section>
</template>

<style>
.arrange-buy {
  margin: 10px 0 4px;
}
.offer-list {
  padding: 0;
  margin: 0 0 6px;
  list-style: none;
  font-size: 14px;
}
.offer-add {
  display: grid;
  grid-template-columns: 1fr 68px auto;
  gap: 0 8px;
  align-items: center;
}
</style>
