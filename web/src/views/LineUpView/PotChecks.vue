<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  drainagePlan,
  foodSafety,
  judgeHeat,
  liftingCaution,
  siteOf,
  type Garden,
  type PotToday,
} from '@rimbo/core'
import DrillingPlan from '../../drawing/DrillingPlan.vue'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import WhyNumber from '../../ui/words/WhyNumber.vue'

/** What a pot weighs, how hot its roots get, how it drains, and whether food may grow in it. */
const props = defineProps<{ garden: Garden; pot: PotToday }>()
const { t } = useI18n()
const { mass, temp, params } = useFormat()
const { year } = storeToRefs(useTodayStore())

const container = computed(() => props.pot.container)
const site = computed(() => siteOf(props.garden, container.value, year.value))
const heat = computed(() =>
  judgeHeat(container.value, site.value.conditions.hot, site.value.conditions.spring),
)
const drainage = computed(() => drainagePlan(container.value))
const holes = computed(() => {
  const { count, diameterMm } = drainage.value
  return t('pot.holesOf', { count, diameter: params({ diameterMm })['diameterMm'] })
})
const food = computed(() => foodSafety(container.value))
const kg = (value: number) => mass(value * 1000)

const cautions = computed(() => {
  const { wateredKg } = props.pot.mass
  const lifting = liftingCaution(wateredKg)
  return [
    ...(lifting ? [t(`caution.${lifting}`, { mass: kg(wateredKg) }), t('caution.load')] : []),
    ...(container.value.type === 'basket' ? [t('caution.hanging')] : []),
    ...(drainage.value.holes.length && drainage.value.verdict !== 'enough'
      ? [t('caution.drill')]
      : []),
  ]
})
</script>

<template>
  <table class="pot-facts">
    <tbody>
      <tr>
        <th scope="row">{{ t('pot.weighs') }}</th>
        <td data-fact="mass">
          <WhyNumber
            :value="kg(pot.mass.grownKg)"
            :reasons="pot.mass.reasons"
            :about="t('pot.grown')"
          />
          {{ t('pot.grown') }}<br />
          <span class="soft">{{
            t('pot.massSteps', {
              dry: kg(pot.mass.dryKg),
              planted: kg(pot.mass.plantedKg),
              watered: kg(pot.mass.wateredKg),
            })
          }}</span>
        </td>
      </tr>
      <tr>
        <th scope="row">{{ t('pot.heat') }}</th>
        <td data-fact="heat">
          <strong :class="`heat-${heat.verdict}`">{{ t(`heatVerdict.${heat.verdict}`) }}</strong>:
          <WhyNumber
            :value="t('pot.heatAt', { wall: temp(heat.heat.wallC) })"
            :reasons="heat.reasons"
            :about="t('pot.heat')"
          />, {{ t('pot.heatMiddle', { middle: temp(heat.heat.middleC) }) }}
        </td>
      </tr>
      <tr>
        <th scope="row">{{ t('pot.holes') }}</th>
        <td data-fact="holes">
          <div class="pot-holes">
            <DrillingPlan
              v-if="drainage.holes.length"
              :plan="drainage"
              :width="84"
              :height="84"
              :label="t('pot.holesPlan', { count: drainage.count })"
            />
            <span>
              <template v-if="drainage.count">
                <strong :class="`holes-${drainage.verdict}`">{{
                  t(`holesVerdict.${drainage.verdict}`)
                }}</strong>
                <br />
                {{ t('pot.holesNeeds') }}&nbsp;
              </template>
              <WhyNumber
                :value="drainage.count ? holes : t('holesVerdict.notNeeded')"
                :reasons="drainage.reasons"
                :about="t('pot.holes')"
              />
            </span>
          </div>
        </td>
      </tr>
      <tr>
        <th scope="row">{{ t('pot.food') }}</th>
        <td data-fact="food">
          <WhyNumber
            :value="t(`foodVerdict.${food.verdict}`)"
            :reasons="food.reasons"
            :about="t('pot.food')"
          />
        </td>
      </tr>
    </tbody>
  </table>
  <p v-for="caution in cautions" :key="caution" class="caution pot-caution">{{ caution }}</p>
</template>

<style>
.pot-holes {
  display: flex;
  gap: 12px;
  align-items: center;
}
.heat-cooks,
.heat-hot,
.holes-few {
  color: var(--accent);
}
.heat-helps,
.heat-fine,
.holes-enough {
  color: var(--good);
}
</style>
