<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  addDays,
  judgeFit,
  plantCount,
  potOn,
  relativeYield,
  schoolIds,
  type FitJudgement,
  type Garden,
  type PotToday,
  type Variety,
} from '@rimbo/core'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/format'
import { useNames } from '../../ui/names'
import ReasonList from '../../ui/ReasonList.vue'
import WhyNumber from '../../ui/WhyNumber.vue'

/** Some plants in a pot: what they are expected to yield, and what each school says. */
const props = defineProps<{ garden: Garden; pot: PotToday; variety: Variety; count: number }>()

const { t } = useI18n()
const { share, number } = useFormat()
const { varietyName } = useNames()
const { date } = storeToRefs(useTodayStore())

const container = computed(() => props.pot.container)
const there = computed(() => plantCount(props.garden, container.value.id))
const together = computed(() => there.value + props.count)

/** The arithmetic of the yield has its own why; the table keeps to what decides. */
const spoken = (judged: FitJudgement): FitJudgement => ({
  ...judged,
  reasons: judged.reasons.filter(({ code }) => code.startsWith('fit.')),
})
const judgements = computed(() =>
  schoolIds.map((school) => ({
    school,
    ...spoken(
      judgeFit({
        variety: props.variety,
        container: container.value,
        count: together.value,
        school,
      }),
    ),
  })),
)
const expected = computed(() =>
  relativeYield({
    variety: props.variety,
    rootVolumeL: props.pot.volumes.fillVolumeL,
    count: together.value,
  }),
)

/** The pot as it would stand when the new plants are grown. */
const GROWN_AFTER_DAYS = 75
const preview = computed(() => {
  const proposed = {
    id: 'proposed',
    containerId: container.value.id,
    varietyId: props.variety.id,
    count: props.count,
    plantedOn: date.value,
  }
  const garden = { ...props.garden, plantings: [...props.garden.plantings, proposed] }
  return potOn(garden, container.value, addDays(date.value, GROWN_AFTER_DAYS))
})
</script>

<template>
  <section class="panel sheet fit-verdicts">
    <div class="fit-result">
      <SectionFigure :pot="preview" :width="190" :height="230" :label="t('fit.preview')" />
      <div>
        <h2>
          {{
            t('fit.pair', {
              name: varietyName(variety),
              count: together,
              code: pot.container.code,
            })
          }}
        </h2>
        <p class="fit-yield">
          <WhyNumber
            :value="share(expected.perPlant)"
            :reasons="expected.reasons"
            :about="t('fit.ofFull')"
          />
          {{ t('fit.ofFull') }}
        </p>
        <p v-if="together > 1">
          {{ t('fit.inAll', { count: together, total: number(expected.total) }) }}
        </p>
        <p v-if="there" class="soft">{{ t('fit.withThere', { there }) }}</p>
        <p class="soft">{{ t('fit.grownNote') }}</p>
      </div>
    </div>
    <table>
      <caption class="visually-hidden">
        {{
          t('fit.schools')
        }}
      </caption>
      <thead>
        <tr>
          <th>{{ t('fit.school') }}</th>
          <th>{{ t('fit.verdict') }}</th>
          <th>{{ t('fit.because') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in judgements" :key="one.school">
          <th scope="row">{{ t(`school.${one.school}`) }}</th>
          <td class="verdict" :class="`verdict-${one.verdict}`">
            {{ t(`verdict.${one.verdict}`) }}
          </td>
          <td><ReasonList :reasons="one.reasons" brief /></td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style>
.fit-result {
  display: flex;
  gap: 18px;
  align-items: center;
}
.fit-yield {
  font-size: 17px;
}
.fit-yield .why-number {
  font: 750 40px/1 var(--font-heading);
  color: var(--wet-ink);
}
.verdict {
  font-weight: 700;
  white-space: nowrap;
}
.verdict-good {
  color: var(--good);
}
.verdict-poor {
  color: var(--accent);
}
.verdict-silent {
  color: var(--ink-soft);
  font-weight: 400;
}
</style>
