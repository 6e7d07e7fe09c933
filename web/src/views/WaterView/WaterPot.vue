<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useElementSize } from '@vueuse/core'
import { useI18n } from 'vue-i18n'
import { whatIfs, type WhatIfKind } from '@rimbo/core'
import SectionFigure from '../../drawing/SectionFigure.vue'
import WaterChart from '../../drawing/WaterChart.vue'
import { useGardenStore } from '../../stores/garden'
import { useFormat } from '../../ui/words/format'
import { useMoment } from '../../ui/words/moment'
import { useNames } from '../../ui/words/names'
import { usePotWords } from '../../ui/words/potWords'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import LearnedPanel from './LearnedPanel.vue'
import { useWaterPot } from './useWaterPot'
import WhatIfTable from './WhatIfTable.vue'

/** One pot: its water hour by hour, what would be otherwise, and what was learned of it. */
const props = defineProps<{ chosenId: string | undefined }>()
const { garden } = storeToRefs(useGardenStore())
const { t } = useI18n()
const { water, day } = useFormat()
const { plantWords, wholeWords } = usePotWords()
const { recipeName } = useNames()
const { course, shown, pot, curve, risks } = useWaterPot(toRef(props, 'chosenId'))

const AHEAD_DAYS = 14
const AWAY_DAYS = 7
const recipeId = ref('thirdsVermiculite')
const picked = ref<WhatIfKind>()
watch(
  () => props.chosenId,
  () => (picked.value = undefined),
)
const rows = computed(() => {
  if (!course.value || !pot.value) return []
  const asked = { days: AHEAD_DAYS, recipeId: recipeId.value, awayDays: AWAY_DAYS }
  const left = pot.value.weather.length * 24 - pot.value.ofWater.nowHour
  return left > AHEAD_DAYS * 24 ? whatIfs(course.value, pot.value, asked) : []
})
const other = computed(() => {
  const row = rows.value.find(({ kind }) => kind === picked.value)
  return row && row.kind !== 'asItIs'
    ? { name: t(`waterView.whatIf.${row.kind}`), leftShare: row.leftShare }
    : undefined
})

const moment = useMoment()
const plan = computed(() => shown.value?.plan)
const facts = computed(() => {
  if (!plan.value || !shown.value) return []
  const { safeForH, wiltsInH, fullForH } = plan.value
  return [
    {
      key: 'short',
      value:
        safeForH === undefined
          ? t('waterView.beyond')
          : safeForH === 0
            ? t('waterView.shortNow')
            : moment(safeForH),
    },
    { key: 'hangs', value: wiltsInH === undefined ? t('waterView.beyond') : moment(wiltsInH) },
    {
      key: 'full',
      value:
        fullForH === undefined ? t('waterView.beyond') : t('waterView.hours', { count: fullForH }),
    },
  ]
})
const dangers = computed(() =>
  (risks.value?.fruit ?? []).flatMap(({ plantingId, blossomEndRot, split }) =>
    (
      [
        ['rot', blossomEndRot],
        ['split', split],
      ] as const
    )
      .filter(([, risk]) => risk.level !== 'low')
      .map(([kind, risk]) => ({ key: plantingId + kind, kind, risk })),
  ),
)
const figure = ref<HTMLElement>()
const { width, height } = useElementSize(figure)
</script>

<template>
  <div v-if="shown && pot && garden && course" class="water-pot">
    <section class="panel sheet water-main">
      <header class="row water-head">
        <h1>{{ shown.container.code }}</h1>
        <span>{{ shown.container.name }} · {{ plantWords(shown) }}</span>
        <p class="water-amount">
          <WhyNumber
            :value="shown.nowL > 0 ? water(shown.nowL) : t('waterView.nothingNow')"
            :reasons="[...shown.amountReasons, ...(shown.need?.reasons ?? [])]"
            :about="t('waterView.now')"
          />
          <span v-if="shown.nowL > 0" class="soft">{{ t('waterView.nowWord') }}</span>
          <template v-if="shown.eveningL > 0">
            {{ t('waterView.evening', { litres: water(shown.eveningL) }) }}
          </template>
          <span v-if="plan?.passes === 2" class="strong">{{ t('round.twoPasses') }}</span>
        </p>
      </header>
      <dl class="row water-facts">
        <div v-for="fact in facts" :key="fact.key">
          <dt>{{ t(`waterView.fact.${fact.key}`) }}</dt>
          <dd>{{ fact.value }}</dd>
        </div>
        <div v-for="danger in dangers" :key="danger.key">
          <dt>{{ t(`waterView.risk.${danger.kind}`) }}</dt>
          <dd>
            <WhyNumber
              :value="t(`waterView.level.${danger.risk.level}`)"
              :reasons="danger.risk.reasons"
              :about="t(`waterView.risk.${danger.kind}`)"
            />
          </dd>
        </div>
        <div v-if="risks?.tooWet.length">
          <dt>{{ t('waterView.risk.wet') }}</dt>
          <dd>
            <WhyNumber
              :value="t('waterView.level.raised')"
              :reasons="risks.tooWet"
              :about="t('waterView.risk.wet')"
            />
          </dd>
        </div>
      </dl>
      <WaterChart
        v-if="curve"
        class="water-curve"
        :curve="curve"
        :other="other"
        :water-words="water"
        :day-words="(date) => day(date, { weekday: 'narrow', day: 'numeric' })"
        :label="t('waterView.chart', { code: shown.container.code })"
      />
      <p v-else class="soft">{{ t('waterView.notYet') }}</p>
      <WhatIfTable
        v-if="rows.length"
        v-model:picked="picked"
        v-model:recipe-id="recipeId"
        :rows="rows"
        :garden="garden"
      />
    </section>
    <aside class="panel water-side">
      <div ref="figure" class="water-figure">
        <SectionFigure
          v-if="width > 60 && height > 60"
          :pot="shown"
          :width="width"
          :height="height"
          :label="wholeWords(shown)"
        />
      </div>
      <p class="soft water-mix">
        {{ shown.mix ? recipeName(shown.mix.recipe) : t('waterView.mixUnknown') }}
      </p>
      <LearnedPanel :garden="garden" :course="course" :pot="pot" :shown="shown" :moment="moment" />
    </aside>
  </div>
</template>

<style>
.water-pot {
  display: flex;
  flex: 1;
  min-width: 0;
  gap: 12px;
}
.water-main {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 4px;
  padding-block: 10px;
  overflow: auto;
}
.water-head {
  align-items: baseline;
  gap: 12px;
}
.water-head h1 {
  margin: 0;
}
.water-amount {
  margin: 0 0 0 auto;
}
.water-amount .why-number {
  font: 750 26px/1 var(--font-heading);
  color: var(--wet-ink);
}
.water-facts {
  margin: 0;
  gap: 4px 22px;
}
.water-facts div {
  display: flex;
  gap: 6px;
}
.water-facts dt {
  color: var(--ink-soft);
}
.water-facts dd {
  margin: 0;
  font-weight: 600;
}
.water-curve {
  flex: 1 0 236px;
}
.water-side {
  width: 262px;
  flex: none;
  display: flex;
  flex-direction: column;
  overflow: auto;
}
.water-figure {
  flex: 1 1 190px;
  min-height: 170px;
  overflow: hidden;
}
.water-mix {
  margin: 2px 0 6px;
  text-align: center;
}
@media (max-width: 700px) {
  .water-pot {
    flex-direction: column;
    flex: none;
  }
  .water-main,
  .water-side {
    width: auto;
    overflow: visible;
  }
  .water-amount {
    margin: 0;
  }
}
</style>
