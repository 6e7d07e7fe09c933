<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Close, Plus } from '@element-plus/icons-vue'
import {
  canMix,
  feedProductOf,
  feedProducts,
  INJECTOR_RATIOS,
  isInWater,
  isSoluble,
  labelStrengthGL,
  shelfStock,
  solutionStrength,
  sonneveld,
  reason,
  stockTanks,
  usualWater,
  type InLitre,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import NumberField from '../../ui/fields/NumberField.vue'
import QuantityField from '../../ui/fields/QuantityField.vue'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import { useFaultWords, useStrengthWords } from './useStrengthWords'
import PushButton from '../../ui/fields/PushButton.vue'
import WaterForm from './WaterForm.vue'

/** Feeds dissolved together: strength, salt, and whether they can be; in the can and as stock. */
const { garden } = storeToRefs(useGardenStore())
const { t } = useI18n()
const { mass, volume } = useFormat()
const { productName } = useNames()

const choices = computed(() => {
  if (!garden.value) return []
  const atHand = shelfStock(garden.value).map(({ product }) => product)
  const ids = new Set(atHand.map(({ id }) => id))
  return [...atHand, ...feedProducts(garden.value).filter(({ id }) => !ids.has(id))]
    .filter(isSoluble)
    .map(({ id }) => ({ value: id, label: productName(id) }))
})
interface Row {
  productId: string | undefined
  gramsL: number | undefined
}
/** What its label says for a litre; a gram where it does not, or in measures nobody has weighed. */
function usualGL(productId: string | undefined): number {
  const product = garden.value && productId ? feedProductOf(garden.value, productId) : undefined
  const rate = product?.rates.find(isInWater)
  if (!product || !rate) return 1
  try {
    return Number(labelStrengthGL(rate, product).gramsL.toPrecision(3))
  } catch {
    return 1
  }
}
const firstId = choices.value[0]?.value
const rows = reactive<Row[]>([{ productId: firstId, gramsL: usualGL(firstId) }])
const MOST_ROWS = 5
const addRow = () => rows.push({ productId: undefined, gramsL: undefined })
function choose(row: Row, id: string | undefined): void {
  row.productId = id
  row.gramsL = usualGL(id)
}

const feeds = computed((): InLitre[] =>
  rows.flatMap(({ productId, gramsL }) => {
    const product = garden.value && productId ? feedProductOf(garden.value, productId) : undefined
    return product && gramsL !== undefined && gramsL >= 0 ? [{ product, gramsL }] : []
  }),
)
const water = computed(() => garden.value?.settings.water ?? usualWater.tap)
const strength = computed(() => solutionStrength(feeds.value, water.value))
const faults = computed(() => canMix(feeds.value, water.value))
const strengthWords = useStrengthWords()
const faultWords = useFaultWords()
const ratio = ref<string | undefined>('50')
const ratioOptions = INJECTOR_RATIOS.map((value) => ({
  value: String(value),
  label: t('feedView.ratioOf', { ratio: value }),
}))
const stockL = ref<number | undefined>(1)
const stock = computed(() => stockTanks(feeds.value, Number(ratio.value), water.value))
</script>

<template>
  <div v-if="garden" class="feed-shelf">
    <section class="panel sheet feed-shelf-list solutions">
      <h2>{{ t('feedView.canTitle') }}</h2>
      <p class="soft">{{ t('feedView.canText') }}</p>
      <div v-for="(row, index) in rows" :key="index" class="solution-row">
        <ChoiceField
          :model-value="row.productId"
          :label="t('feedView.product')"
          :options="choices"
          @update:model-value="(id) => choose(row, id)"
        />
        <NumberField v-model="row.gramsL" :label="t('feedView.gramsL')" />
        <p class="soft">
          <template v-if="row.gramsL">
            {{
              t('feedView.canOf', {
                can: volume(garden.settings.measures.canL),
                mass: mass(row.gramsL * garden.settings.measures.canL),
              })
            }}
          </template>
        </p>
        <PushButton
          v-if="rows.length > 1"
          text
          :icon="Close"
          :aria-label="t('feedView.off')"
          @click="rows.splice(index, 1)"
        />
      </div>
      <PushButton v-if="rows.length < MOST_ROWS" size="small" :icon="Plus" @click="addRow">
        {{ t('feedView.addFeed') }}
      </PushButton>
      <p class="solution-strength" data-strength>
        <WhyNumber
          :value="strengthWords(strength)"
          :reasons="[reason('feed.ec', {}, sonneveld)]"
          :about="t('feedView.canTitle')"
        />
      </p>
      <p v-if="feeds.length > 1 && !faults.length" class="solution-good">
        {{ t('feedView.mixes') }}
      </p>
      <p v-for="fault in faults" :key="fault.kind" class="caution strong" role="alert">
        {{ faultWords(fault) }}
      </p>
      <h3>{{ t('feedView.stockTitle') }}</h3>
      <div class="solution-row">
        <ChoiceField v-model="ratio" :label="t('feedView.ratio')" :options="ratioOptions" />
        <QuantityField v-model="stockL" dimension="volume" :label="t('feedView.stockVolume')" />
      </div>
      <div class="solution-tanks" data-tanks>
        <section v-for="tank in stock.tanks" :key="tank.name" class="solution-tank">
          <h4>{{ t(`feedView.tank.${tank.name}`) }}</h4>
          <p v-for="one in tank.feeds" :key="one.product.id">
            {{
              t('feedView.tankLine', {
                product: productName(one.product.id),
                mass: mass(one.gramsL * (stockL || 1)),
              })
            }}
          </p>
        </section>
      </div>
      <p v-for="fault in stock.faults" :key="fault.kind" class="caution strong" role="alert">
        {{ faultWords(fault) }}
      </p>
    </section>
    <aside class="panel feed-side">
      <WaterForm />
      <p class="soft">{{ t('feedView.caution') }}</p>
    </aside>
  </div>
</template>

<style>
.solution-row {
  display: grid;
  grid-template-columns: 1.6fr 0.8fr 1.2fr 40px;
  gap: 0 14px;
  align-items: center;
  max-width: 760px;
}
.solution-row > p {
  margin: 8px 0 0;
}
.solution-strength {
  margin-top: 14px;
  font: 650 18px var(--font-heading);
}
.solution-strength .why-number {
  white-space: normal;
}
.solution-good {
  color: var(--good);
  font-weight: 600;
}
.solution-tanks {
  display: flex;
  gap: 16px;
}
.solution-tank {
  border: 2px solid var(--ink);
  border-top: 0;
  padding: 20px 16px 6px;
  min-width: 220px;
  background: linear-gradient(
    var(--sheet) 14px,
    color-mix(in srgb, var(--wet) 22%, var(--sheet)) 14px
  );
}
.solution-tank h4 {
  margin: 0 0 4px;
}
@media (max-width: 700px) {
  .solution-row {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
