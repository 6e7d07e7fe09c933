<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { own, type SpaceLoad, type StandingFault } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import { useReasonText } from '../../ui/words/reasons'
import ReasonList from '../../ui/words/ReasonList.vue'
import WhyNumber from '../../ui/words/WhyNumber.vue'

/** What is wrong with how pots stand, and what the floor is asked to carry. */
const props = defineProps<{
  load: SpaceLoad
  codes: Readonly<Record<string, string>>
  faults: readonly StandingFault[]
  unreachable: readonly string[]
  crowded: readonly { readonly ids: readonly [string, string]; readonly overlapShare: number }[]
}>()
const { t } = useI18n()
const { mass, areaLoad, share, number } = useFormat()
const { textOf } = useReasonText()

const code = (id: string | undefined) => own(props.codes, id) ?? ''
const wrong = computed(() => [
  ...props.faults.map(({ id, code: fault, otherId }) =>
    t(`place.fault.${fault}`, { code: code(id), other: code(otherId) }),
  ),
  ...props.unreachable.map((id) => t('place.fault.outOfReach', { code: code(id) })),
])
const close = computed(() =>
  props.crowded.map(({ ids, overlapShare }) =>
    t('place.crowded', { one: code(ids[0]), other: code(ids[1]), overlap: share(overlapShare) }),
  ),
)
/** Every sum follows from the same masses, and has the same reasons. */
const sums = computed(() => [
  { about: t('place.total'), value: mass(props.load.totalKg * 1000) },
  { about: t('place.mean'), value: areaLoad(props.load.meanKnM2) },
  { about: t('place.worst'), value: areaLoad(props.load.worstKnM2) },
  { about: t('place.edge'), value: `${number(props.load.edgeKnM)}\u00a0${t('unit.knM')}` },
])
const heaviest = computed(() =>
  [...props.load.pressures].sort((one, other) => other.kPa - one.kPa).slice(0, 6),
)
const isAsked = computed(() => props.load.verdict === 'ask')
const isWarned = computed(() => props.load.verdict === 'over' || props.load.verdict === 'patch')
</script>

<template>
  <div>
    <section class="place-stand">
      <h2>{{ t('place.standing') }}</h2>
      <ul v-if="wrong.length" class="place-wrong">
        <li v-for="text in wrong" :key="text">{{ text }}</li>
      </ul>
      <p v-else>{{ t('place.allStand') }}</p>
      <details v-if="close.length">
        <summary>{{ t('place.crowdedPairs', close.length) }}</summary>
        <ul>
          <li v-for="text in close" :key="text">{{ text }}</li>
        </ul>
      </details>
    </section>
    <section>
      <h2>{{ t('place.load') }}</h2>
      <p class="place-verdict" :class="{ 'finding-off': isWarned || isAsked }" data-fact="load">
        {{ textOf(load.reasons[0]!) }}
      </p>
      <dl class="place-loads">
        <div v-for="sum in sums" :key="sum.about">
          <dt>{{ sum.about }}</dt>
          <dd><WhyNumber :value="sum.value" :reasons="load.reasons" :about="sum.about" /></dd>
        </div>
      </dl>
      <ReasonList v-if="isAsked || isWarned" :reasons="load.reasons.slice(2)" />
      <p v-for="one in load.shelves" :key="one.shelf.id" class="caution">
        {{
          t(`place.shelfSays.${one.verdict}`, {
            name: one.shelf.name,
            mass: mass(one.massKg * 1000),
            limit: mass((one.shelf.limitKg ?? 0) * 1000),
          })
        }}
      </p>
      <p v-if="load.verdict !== 'ground'" class="caution">{{ t('caution.floor') }}</p>
      <details v-if="heaviest.length">
        <summary>{{ t('place.pressures') }}</summary>
        <table>
          <tbody>
            <tr v-for="one in heaviest" :key="one.id">
              <th scope="row">{{ code(one.id) }}</th>
              <td class="number">
                <WhyNumber
                  :value="`${number(one.kPa)}\u00a0${t('unit.kPa')}`"
                  :reasons="one.reasons"
                  :about="t('place.pressures')"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </details>
    </section>
  </div>
</template>

<style>
.place-stand {
  margin-bottom: 14px;
}
.place-loads {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 14px;
  margin: 0 0 10px;
}
.place-loads dt {
  font-size: 13px;
  color: var(--ink-soft);
}
.place-loads dd {
  margin: 0;
  font: 650 17px/1.2 var(--font-heading);
}
</style>
