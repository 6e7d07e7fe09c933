<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { Printer } from '@element-plus/icons-vue'
import { limeKinds, starterProducts, type MixPlan } from '@rimbo/core'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFormat } from '../../ui/words/format'
import { useOptions } from '../../ui/fields/options'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import MixingTools from './MixingTools.vue'
import PotDoses from './PotDoses.vue'
import ShoppingTable from './ShoppingTable.vue'
import TubCard from './TubCard.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** How it is made: tubs and scoops, lime and feed, and what to buy. */
const props = defineProps<{ plan: MixPlan }>()
const feedId = defineModel<string>('feedId', { required: true })
const limeKind = defineModel<string>('limeKind', { required: true })
const withReserve = defineModel<boolean>('withReserve', { required: true })
const { t } = useI18n()
const { volume } = useFormat()
const { optionsOf } = useOptions()

const feedChoices = computed(() =>
  optionsOf(
    starterProducts.map(({ id }) => id),
    'product',
  ),
)
const feed = computed(() => starterProducts.find(({ id }) => id === feedId.value)!)
const reasons = computed(() => props.plan.tubs.flatMap((one) => one.reasons))
const print = () => window.print()
</script>

<template>
  <div class="batches">
    <h2>
      {{ t('mix.sum', { loose: volume(plan.looseL), mixed: volume(plan.mixedL) }) }}
      <WhyNumber :value="t('mix.why')" :reasons="reasons" />
    </h2>
    <div class="batch-wishes">
      <ChoiceField
        v-model="limeKind"
        :label="t('mix.limeKind')"
        :options="optionsOf(limeKinds, 'limeKind')"
      />
      <ChoiceField v-model="feedId" :label="t('mix.starterFeed')" :options="feedChoices" />
      <MixingTools />
      <el-checkbox v-model="withReserve">
        {{ t('mix.withReserve') }}
        <template v-if="withReserve">({{ volume(plan.reserveL) }})</template>
      </el-checkbox>
      <PushButton :icon="Printer" @click="print">{{ t('mix.print') }}</PushButton>
    </div>
    <TubCard :plan="plan" :lime-kind="limeKind" />
    <p v-for="caution in plan.cautions" :key="caution" class="caution">
      {{ t(`caution.${caution}`) }}
    </p>
    <ShoppingTable :plan="plan" />
    <h2>{{ t('mix.perPot') }}</h2>
    <p class="caution">{{ t('mix.perPotNote') }}</p>
    <PotDoses
      :fillings="plan.fillings"
      :feed-name="t(`product.${feed.id}`)"
      :lime-name="t(`limeKind.${limeKind}`)"
    />
    <p class="soft">{{ t(`placement.${feed.placement}`) }} {{ t('mix.ownLabel') }}</p>
  </div>
</template>

<style>
.batch-wishes {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: flex-end;
  margin-bottom: 8px;
}
.batch-wishes .field {
  width: 190px;
}
.batch-wishes > .push-button,
.batch-wishes > .el-checkbox {
  margin-bottom: 10px;
}
@media print {
  .batch-wishes {
    display: none;
  }
}
</style>
