<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  pastTroubles,
  rechargeOf,
  mixSeasonsOf,
  type PastTrouble,
  type PotToday,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import CountField from '../../ui/fields/CountField.vue'
import { useFormat } from '../../ui/words/format'
import { useOptions } from '../../ui/fields/options'
import NumberField from '../../ui/fields/NumberField.vue'
import ReasonList from '../../ui/words/ReasonList.vue'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** What last year's mix wants before it is planted again. */
const props = defineProps<{ pots: readonly PotToday[] }>()
const emit = defineEmits<{ test: [containerId: string] }>()
const { garden } = storeToRefs(useGardenStore())
const { date } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { water, mass, number } = useFormat()
const { optionsOf } = useOptions()

const filled = computed(() => props.pots.filter(({ mix }) => mix))
const potId = ref<string | undefined>(filled.value[0]?.container.id)
const pot = computed(() => filled.value.find(({ container }) => container.id === potId.value))
const potChoices = computed(() =>
  filled.value.map(({ container }) => ({
    value: container.id,
    label: `${container.code} ${container.name}`,
  })),
)

const seasons = ref<number | undefined>(1)
const trouble = ref<PastTrouble | undefined>('none')
/** Salt of the tap; soft water is the usual guess. */
const USUAL_WATER_EC = 0.5
const waterEc = ref<number | undefined>(USUAL_WATER_EC)
watch(
  pot,
  (one) => {
    if (garden.value && one) seasons.value = mixSeasonsOf(garden.value, one.container, date.value)
  },
  { immediate: true },
)
const recharge = computed(
  () =>
    garden.value &&
    pot.value &&
    rechargeOf(garden.value, pot.value.container, {
      seasons: seasons.value ?? 1,
      trouble: trouble.value ?? 'none',
      waterEcDsM: Number.isFinite(waterEc.value) ? waterEc.value! : USUAL_WATER_EC,
    }),
)
</script>

<template>
  <p v-if="!filled.length">{{ t('mix.chooseSome') }}</p>
  <div v-else class="old-mix">
    <section>
      <ChoiceField v-model="potId" :label="t('oldMix.pot')" :options="potChoices" />
      <CountField v-model="seasons" :label="t('oldMix.seasons')" :min="1" :max="20" />
      <ChoiceField
        v-model="trouble"
        :label="t('oldMix.grew')"
        :options="optionsOf(pastTroubles, 'oldMix.trouble')"
      />
      <NumberField v-model="waterEc" :label="t('oldMix.waterEc')" />
      <PushButton v-if="pot" @click="emit('test', pot.container.id)">
        {{ t('oldMix.measure') }}
      </PushButton>
    </section>
    <section v-if="recharge">
      <h2 :class="{ strong: recharge.verdict !== 'recharge' }">
        {{ t(`oldMix.verdict.${recharge.verdict}`) }}
      </h2>
      <p class="caution">{{ t('caution.compostDust') }}</p>
      <ol v-if="recharge.verdict !== 'notForThese'" class="old-steps">
        <li>{{ t('oldMix.step.roots') }}</li>
        <li v-if="recharge.flushL > 0">
          <template v-if="Number.isFinite(recharge.flushL)">
            {{ t('oldMix.step.flush', { litres: water(recharge.flushL) }) }}
          </template>
          <template v-else>{{ t('oldMix.step.noFlush') }}</template>
        </li>
        <li>
          {{
            t('oldMix.step.topUp', {
              compost: water(recharge.compostL),
              lost: water(recharge.topUpL),
            })
          }}
        </li>
        <li>{{ t('oldMix.step.feed', { nitrogen: mass(recharge.nitrogenG) }) }}</li>
        <li v-if="recharge.ph.limeG > 0">
          {{ t('oldMix.step.lime') }}
          <WhyNumber :value="mass(recharge.ph.limeG)" :reasons="recharge.ph.reasons" />
        </li>
        <li v-else-if="recharge.ph.sulphurG > 0">
          {{ t('oldMix.step.sulphur') }}
          <WhyNumber :value="mass(recharge.ph.sulphurG)" :reasons="recharge.ph.reasons" />
        </li>
        <li v-else>{{ t('oldMix.step.phGood') }}</li>
        <li>{{ t('oldMix.step.soak') }}</li>
      </ol>
      <ReasonList :reasons="recharge.reasons" />
      <p v-if="pot?.container.type === 'sunkenPot'" class="soft">
        {{ t('oldMix.sunken', { years: number(5) }) }}
      </p>
    </section>
  </div>
</template>

<style>
.old-mix {
  display: grid;
  grid-template-columns: 260px minmax(0, 1fr);
  gap: 30px;
}
.old-steps li {
  padding: 3px 0;
}
@media (max-width: 700px) {
  .old-mix {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
