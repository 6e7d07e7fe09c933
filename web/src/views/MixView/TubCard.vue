<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { isOverLabel, type MixPlan, type TubsOf } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import { inQuarters } from '../../ui/words/createFormat'
import { useReasonText } from '../../ui/words/reasons'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import TubDrawing from './TubDrawing.vue'

/** The card that lies beside the tub: scoops, lime, feed and water for each batch of each mix. */
defineProps<{ plan: MixPlan; limeKind: string }>()
const { garden } = storeToRefs(useGardenStore())
const { t } = useI18n()
const { volume, water, mass, measured, number, share } = useFormat()
const { textOf } = useReasonText()
const overLabel = ({ fillings }: TubsOf) => (fillings[0]?.amendments ?? []).filter(isOverLabel)
const { recipeName, ingredientName, productName } = useNames()

const codes = (tub: TubsOf) => tub.fillings.map(({ pot }) => pot.container.code).join(', ')
</script>

<template>
  <div class="tub-cards">
    <article
      v-for="tub in plan.tubs"
      :key="tub.recipe.id"
      class="tub-card"
      :data-mix="tub.recipe.id"
    >
      <h3>
        {{ recipeName(tub.recipe) }}
        <span class="soft">{{ t('mix.forPots', { codes: codes(tub) }) }}</span>
      </h3>
      <p class="tub-count">
        <WhyNumber
          :value="t('mix.tubs', { count: tub.tubs }, tub.tubs)"
          :reasons="tub.reasons"
          :about="recipeName(tub.recipe)"
        />
        {{
          t('mix.tubsOf', {
            tub: volume(garden?.settings.measures.tubL ?? 0),
            mixed: volume(tub.batch.volumeL),
          })
        }}
      </p>
      <div class="tub-card-body">
        <TubDrawing v-if="plan.tubs.length === 1" :lines="tub.lines" :label="t('mix.tubEach')" />
        <table>
          <caption class="visually-hidden">
            {{
              t('mix.tubEach')
            }}
          </caption>
          <tbody>
            <tr
              v-for="line in tub.lines"
              :key="line.ingredient.id"
              :data-scoops="line.ingredient.id"
            >
              <th scope="row">{{ ingredientName(line.ingredient.id) }}</th>
              <td class="number">
                {{ t('mix.scoops', { count: inQuarters(line.scoops) }, line.scoops > 1 ? 2 : 1) }}
              </td>
              <td class="number soft">{{ volume(line.looseL) }}</td>
            </tr>
            <tr v-if="tub.limeG > 0">
              <th scope="row">{{ t(`limeKind.${limeKind}`) }}</th>
              <td class="number">{{ tub.limeMeasure ? measured(tub.limeMeasure) : '' }}</td>
              <td class="number">
                <WhyNumber
                  :value="mass(tub.limeG)"
                  :reasons="tub.lime.reasons"
                  :about="t(`limeKind.${limeKind}`)"
                />
              </td>
            </tr>
            <tr v-for="dose in tub.strewn" :key="dose.productId">
              <th scope="row">{{ productName(dose.productId) }}</th>
              <td class="number">{{ dose.measure ? measured(dose.measure) : '' }}</td>
              <td class="number soft">{{ mass(dose.massG) }}</td>
            </tr>
            <tr>
              <th scope="row">{{ t('mix.waterIn') }}</th>
              <td class="number">
                {{ tub.waterL > 0.05 ? water(tub.waterL) : t('mix.noWater') }}
              </td>
              <td></td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="tub.lime.isTooMuch" class="caution strong" role="alert" data-over-limed>
        {{ textOf(tub.lime.reasons[0]!) }}
      </p>
      <p
        v-for="dose in overLabel(tub)"
        :key="dose.productId"
        class="caution strong"
        role="alert"
        data-over-label
      >
        {{
          t('mix.overLabel', {
            product: productName(dose.productId),
            times: number(Math.round((dose.timesLabel ?? 0) * 10) / 10),
          })
        }}
      </p>
      <p class="soft">
        {{
          t('mix.counting', {
            share: share(tub.countingError),
            scoop: volume(garden?.settings.measures.scoopL ?? 0),
          })
        }}
        {{ t('mix.moistFirst') }}
      </p>
    </article>
  </div>
</template>

<style>
.tub-cards {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(330px, 1fr));
  gap: 12px;
  margin-bottom: 10px;
}
.tub-card {
  border: 1.5px solid var(--ink);
  padding: 10px 14px 4px;
  break-inside: avoid;
}
.tub-card h3 {
  margin-bottom: 2px;
}
.tub-count {
  font-size: 15px;
}
.tub-card-body {
  display: flex;
  gap: 18px;
  align-items: flex-start;
}
.tub-card th,
.tub-card td {
  padding: 4px 8px 4px 0;
}
.tub-card p.soft {
  font-size: 13px;
  margin-top: 6px;
}
@media (max-width: 700px) {
  .tub-card-body {
    flex-direction: column;
  }
  .tub-cards {
    grid-template-columns: 1fr;
  }
}
</style>
