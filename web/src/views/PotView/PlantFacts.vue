<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { CropForecast, PlantingToday, PotToday, Reason } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import WhyNumber from '../../ui/words/WhyNumber.vue'

/** A plant on a day in numbers, each with its reasons. */
const props = defineProps<{
  plant: PlantingToday
  pot: PotToday
  crop: CropForecast
  reasons: readonly Reason[]
}>()
const { t } = useI18n()
const { length, water, mass, day, number } = useFormat()
const { varietyName } = useNames()

const growth = computed(() => props.plant.growth)
/** Large fruit is counted, small fruit weighed. */
const FEW = 60
const isCounted = computed(() => props.crop.fruitCount <= FEW)
const cropWords = computed(() => {
  const { crop } = props
  return isCounted.value
    ? t('potPage.cropCount', {
        least: Math.round(crop.leastCount),
        most: Math.round(crop.mostCount),
        kg: mass(crop.totalKg * 1000),
      })
    : t('potPage.cropMass', {
        least: mass(crop.leastKg * 1000),
        most: mass(crop.mostKg * 1000),
      })
})
const dryWords = computed(() =>
  props.pot.depletionL < 0.02 ? t('potPage.full') : water(props.pot.depletionL),
)
</script>

<template>
  <table class="pot-facts">
    <tbody>
      <tr>
        <th scope="row">{{ varietyName(plant.variety) }}</th>
        <td>
          {{ t(`stage.${growth.stage}`)
          }}<template v-if="growth.daysSincePlanting >= 0">
            ·
            {{
              t('potPage.sincePlanting', {
                count: growth.daysSincePlanting,
                date: day(plant.planting.plantedOn, { day: 'numeric', month: 'long' }),
              })
            }}</template
          >
        </td>
      </tr>
      <tr v-if="growth.isStanding">
        <th scope="row">{{ t('potPage.height') }}</th>
        <td>
          <WhyNumber
            :value="length(growth.heightMm)"
            :reasons="reasons"
            :about="t('potPage.height')"
          />
          · {{ t('potPage.trusses', { count: growth.trusses.length }, growth.trusses.length) }}
        </td>
      </tr>
      <tr>
        <th scope="row">{{ t('potPage.crop') }}</th>
        <td>
          <WhyNumber :value="cropWords" :reasons="crop.reasons" :about="t('potPage.crop')" />
          <template v-if="plant.planting.count > 1">
            {{ t('potPage.each', { count: number(plant.planting.count) }) }}</template
          >
        </td>
      </tr>
      <tr v-if="pot.need">
        <th scope="row">{{ t('potPage.water') }}</th>
        <td>
          <WhyNumber
            :value="water(pot.need.waterL)"
            :reasons="pot.need.reasons"
            :about="t('potPage.water')"
          />
          · {{ t('potPage.missing', { litres: dryWords }) }}
        </td>
      </tr>
    </tbody>
  </table>
</template>
