<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { purchasesFor, type BatchLine, type MixPlan, type Pack } from '@rimbo/core'
import { useFormat } from '../../ui/format'
import { useNames } from '../../ui/names'
import TubDrawing from './TubDrawing.vue'

/** What goes into the tub, drawn and listed, and what to buy for it. */
defineProps<{ lines: readonly BatchLine[]; cautions: MixPlan['cautions'] }>()
const { t } = useI18n()
const { volume, mass } = useFormat()
const { ingredientName } = useNames()

const packLabel = (pack: Pack) =>
  pack.labelKg !== undefined ? mass(pack.labelKg * 1000) : volume(pack.labelL ?? pack.looseL)
</script>

<template>
  <div class="mix-tub">
    <TubDrawing :lines="lines" :label="t('mix.tub')" />
    <div>
      <table>
        <thead>
          <tr>
            <th>{{ t('mix.ingredient') }}</th>
            <th class="number">{{ t('mix.litres') }}</th>
            <th>{{ t('mix.buy') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in lines" :key="line.ingredient.id" :data-ingredient="line.ingredient.id">
            <th scope="row">{{ ingredientName(line.ingredient.id) }}</th>
            <td class="number">{{ volume(line.looseL) }}</td>
            <td>
              <div v-for="(buy, index) in purchasesFor(line.ingredient, line.looseL)" :key="index">
                <template v-if="index">{{ t('mix.or') }}{{ ' ' }}</template>
                {{
                  t(
                    `pack.${buy.pack.kind}`,
                    { count: buy.count, label: packLabel(buy.pack) },
                    buy.count,
                  )
                }}
                <span class="soft">({{ t('mix.leftOver', { left: volume(buy.leftOverL) }) }})</span>
              </div>
              <span v-if="!line.ingredient.packs.length" class="soft">{{ t('mix.homeMade') }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-for="caution in cautions" :key="caution" class="caution">
        {{ t(`caution.${caution}`) }}
      </p>
    </div>
  </div>
</template>

<style>
.mix-tub {
  display: grid;
  grid-template-columns: minmax(230px, 340px) 1fr;
  gap: 20px;
  align-items: start;
  margin-bottom: 12px;
}
.mix-tub table {
  margin-bottom: 10px;
}
@media (max-width: 700px) {
  .mix-tub {
    grid-template-columns: 1fr;
  }
}
</style>
