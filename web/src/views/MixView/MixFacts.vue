<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { PotFilling, Ranged, Reason, TriedMix, TriedPot } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import RangeStrip from './RangeStrip.vue'

/** What a mix is by itself and in one pot, each number beside its published range. */
const props = defineProps<{
  tried: TriedMix
  shown: TriedPot | undefined
  filling: PotFilling | undefined
}>()
const { t } = useI18n()
const { share, density, mass, number, length } = useFormat()

interface Fact {
  readonly name: string
  readonly value: string
  readonly reasons: readonly Reason[]
  readonly ranged?: Ranged
  readonly verdict?: 'low' | 'good' | 'high'
}
const ranged = (one: Ranged): Fact => ({
  name: one.property,
  value: one.property === 'bulkDensityGL' ? density(one.value) : share(one.value),
  reasons: one.reasons,
  ranged: one,
  verdict: one.verdict,
})
const PH_VERDICT = { acid: 'low', good: 'good', alkaline: 'high' } as const

const inPot = computed((): Fact[] => {
  const one = props.shown
  if (!one) return []
  const { pot, reach } = one
  const lime = props.filling?.lime
  return [
    ranged(one.inPot.airSpace),
    { ...ranged(one.inPot.settledAir), name: 'settledAir' },
    ranged(one.inPot.containerCapacity),
    { name: 'dryMass', value: mass(one.inPot.dryG), reasons: pot.mix?.reasons ?? [] },
    { name: 'wateredMass', value: mass(one.inPot.wetG), reasons: pot.mix?.reasons ?? [] },
    ...(lime
      ? [
          {
            name: 'lime',
            value: lime.massG > 0 ? mass(lime.massG) : t('mix.noLime'),
            reasons: lime.reasons,
          },
        ]
      : []),
    ...(reach
      ? [
          { name: 'wetFoot', value: length(reach.wetToMm), reasons: reach.reasons },
          { name: 'climbs', value: length(reach.reachesMm), reasons: reach.reasons },
        ]
      : []),
  ]
})
const inMix = computed((): Fact[] => {
  const { totalPorosity, bulkDensityGL, easilyAvailable, waterBuffer, ph, nitrogen } =
    props.tried.properties
  return [
    ...[totalPorosity, easilyAvailable, waterBuffer, bulkDensityGL].map(ranged),
    {
      name: 'ph',
      value: number(Math.round(ph.value * 10) / 10),
      reasons: ph.reasons,
      verdict: PH_VERDICT[ph.verdict],
    },
    {
      name: 'carbonToNitrogen',
      value:
        nitrogen.carbonToNitrogen === undefined
          ? t('mix.nothingDecays')
          : `${number(Math.round(nitrogen.carbonToNitrogen))} : 1`,
      reasons: nitrogen.reasons,
      ...(nitrogen.isFlagged ? { verdict: 'high' as const } : {}),
    },
  ]
})
const nutrients = computed(() => {
  const { n, p, k, ca, mg } = props.tried.properties.nutrientsMgL
  const figure = (mgL: number) => number(Number(mgL.toPrecision(2)))
  return t('mix.nutrients', {
    n: figure(n),
    p: figure(p),
    k: figure(k),
    ca: figure(ca),
    mg: figure(mg),
    ec: number(Number(props.tried.properties.ecDsM.toFixed(1))),
  })
})
</script>

<template>
  <div class="mix-facts">
    <section v-for="group in ['inPot', 'inMix'] as const" :key="group">
      <h2 v-if="group === 'inMix' || shown">
        {{ t(`mix.${group}`, { code: shown?.pot.container.code ?? '' }) }}
      </h2>
      <dl>
        <div
          v-for="fact in group === 'inPot' ? inPot : inMix"
          :key="fact.name"
          :data-fact="fact.name"
        >
          <dt>{{ t(`mix.fact.${fact.name}`) }}</dt>
          <dd>
            <WhyNumber
              :value="fact.value"
              :reasons="fact.reasons"
              :about="t(`mix.fact.${fact.name}`)"
            />
          </dd>
          <dd class="fact-range">
            <RangeStrip v-if="fact.ranged" :ranged="fact.ranged" />
            <span v-else-if="fact.verdict" class="no-strip"></span>
            <span v-if="fact.verdict" :class="fact.verdict === 'good' ? 'verdict-good' : 'strong'">
              {{ t(`mix.range.${fact.verdict}`) }}
            </span>
          </dd>
        </div>
      </dl>
      <p v-if="group === 'inMix'" class="soft">
        {{ nutrients }}
        <span class="mark">{{ t('mark.memory') }}</span>
      </p>
    </section>
  </div>
</template>

<style>
.mix-facts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 34px;
  border-top: 1px solid var(--line);
  padding-top: 10px;
}
.mix-facts dl {
  margin: 0 0 6px;
}
.mix-facts dl > div {
  display: grid;
  grid-template-columns: 1fr 76px 150px;
  gap: 8px;
  padding: 1.5px 0;
  align-items: baseline;
}
.mix-facts dd {
  margin: 0;
  font-variant-numeric: tabular-nums;
}
.mix-facts .fact-range {
  display: flex;
  gap: 8px;
  font-size: 13px;
}
.mix-facts .no-strip {
  width: 84px;
}
.mix-facts .verdict-good {
  color: var(--good);
}
@media (max-width: 1000px) {
  .mix-facts {
    grid-template-columns: 1fr;
  }
}
</style>
