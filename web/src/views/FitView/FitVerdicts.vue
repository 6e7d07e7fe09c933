<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  grownPot,
  judgePair,
  plantCount,
  type Condition,
  type FitJudgement,
  type Garden,
  type PotToday,
  type Variety,
} from '@rimbo/core'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import ReasonList from '../../ui/words/ReasonList.vue'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import DenseTable from './DenseTable.vue'

/** Some plants in a pot at its place: what they are expected to yield, what stands in the way, and what each school says. */
const props = defineProps<{ garden: Garden; pot: PotToday; variety: Variety; count: number }>()

const { t } = useI18n()
const { share, mass, params } = useFormat()
const { varietyName } = useNames()
const { date, year } = storeToRefs(useTodayStore())

const container = computed(() => props.pot.container)
const there = computed(() => plantCount(props.garden, container.value.id))
const together = computed(() => there.value + props.count)
const judged = computed(() =>
  judgePair(props.garden, props.pot, props.variety, together.value, year.value),
)
const comparison = computed(() => judged.value.comparison)

/** The arithmetic of the yield has its own why; the table keeps to what decides. */
const spoken = <J extends FitJudgement>(judgement: J): J => ({
  ...judgement,
  reasons: judgement.reasons.filter(({ code }) => /^(fit|heat)\./.test(code)),
})
const judgements = computed(() => comparison.value.schools.map(spoken))

/** What a condition costs, which support there is to be, or how it is. */
function said({ id, factor, support, verdict }: Condition): string {
  if (factor < 1) return t('fit.conditionCosts', { cost: share(1 - factor) })
  return support
    ? t(`fit.conditionSays.support.${support.kind}`, params({ stakeMm: support.stakeMm }))
    : t(`fit.conditionSays.${id}.${verdict}`)
}

/** The pot as it would stand when the new plants are grown. */
const preview = computed(() =>
  grownPot(
    props.garden,
    container.value,
    { varietyId: props.variety.id, count: props.count },
    date.value,
  ),
)
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
            :value="share(comparison.expectedShare)"
            :reasons="judged.eachReasons"
            :about="t('fit.ofFull')"
          />
          {{ t('fit.ofFull') }}
        </p>
        <p data-fact="kilos">
          {{
            t('fit.kilos', {
              each: mass(judged.eachKg * 1000),
              all: mass(judged.eachKg * together * 1000),
              count: together,
            })
          }}
        </p>
        <p v-if="there" class="soft">{{ t('fit.withThere', { there }) }}</p>
        <p class="soft">{{ t('fit.grownNote') }}</p>
      </div>
    </div>
    <dl class="fit-conditions">
      <div v-for="one in comparison.conditions" :key="one.id" :data-condition="one.id">
        <dt>{{ t(`fit.condition.${one.id}`) }}</dt>
        <dd :class="`verdict-${one.verdict}`">
          <WhyNumber
            :value="said(one)"
            :reasons="
              one.id === 'sun' || one.id === 'light'
                ? [...one.reasons, ...judged.site.reasons]
                : one.reasons
            "
            :about="t(`fit.condition.${one.id}`)"
          />
        </dd>
      </div>
    </dl>
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
    <DenseTable :options="judged.dense" :chosen="together" />
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
.fit-conditions {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 4px 16px;
  margin: 10px 0 12px;
}
.fit-conditions dt {
  font-size: 13px;
  color: var(--ink-soft);
}
.fit-conditions dd {
  margin: 0;
  font-weight: 600;
}
.fit-conditions .verdict-tight {
  color: var(--ink);
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
