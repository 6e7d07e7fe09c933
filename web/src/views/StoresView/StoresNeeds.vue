<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import type { StockNeed } from '@rimbo/core'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import { useItems } from './useItems'

/** What the plan will need to the end of the season, and what runs out when. */
const props = defineProps<{ needs: readonly StockNeed[]; to: string }>()
const { t } = useI18n()
const { day } = useFormat()
const { date } = storeToRefs(useTodayStore())
const { itemName, amountWords } = useItems()
const shortDay = (on: string) => day(on, { day: 'numeric', month: 'short' })
const scarce = computed(() => props.needs.filter(({ runsOutOn }) => runsOutOn).length)
const heights = ({ byWeek }: StockNeed) => {
  const most = Math.max(...byWeek.map(({ need }) => need))
  return byWeek.map(({ from, need, left }) => ({
    from,
    isShort: left <= 0,
    height: Math.max(2, (need / most) * 22),
  }))
}
</script>

<template>
  <section class="stores-needs">
    <p v-if="!needs.length">{{ t('stores.nothingNeeded') }}</p>
    <template v-else>
      <p>{{ t('stores.needsSum', { date: shortDay(to), n: scarce }, scarce) }}</p>
      <div class="sideways">
        <table>
          <thead>
            <tr>
              <th>{{ t('stores.item') }}</th>
              <th class="number">{{ t('stores.need') }}</th>
              <th class="number">{{ t('stores.atHand') }}</th>
              <th class="stores-wide">{{ t('stores.byWeek') }}</th>
              <th class="number">{{ t('stores.runsOut') }}</th>
              <th class="number">{{ t('stores.buyBy') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in needs" :key="`${one.unit} ${one.itemId}`" :data-need="one.itemId">
              <th scope="row">
                {{ itemName(one.itemId, one.unit) }}
                <small v-if="one.spoils" class="strong stores-note">{{
                  t(one.spoils.on < date ? 'stores.spoilt' : 'stores.spoils', {
                    amount: amountWords(one.spoils.amount, one.unit),
                    date: shortDay(one.spoils.on),
                  })
                }}</small>
                <small v-if="one.spare > one.need" class="soft stores-note">{{
                  t('stores.spare', { amount: amountWords(one.spare, one.unit) })
                }}</small>
              </th>
              <td class="number">{{ amountWords(one.need, one.unit) }}</td>
              <td class="number">{{ amountWords(one.atHand, one.unit) }}</td>
              <td class="stores-wide">
                <div class="need-weeks" role="img" :aria-label="t('stores.byWeek')">
                  <span
                    v-for="week in heights(one)"
                    :key="week.from"
                    :class="{ 'need-short': week.isShort }"
                    :style="{ height: `${week.height}px` }"
                    :title="shortDay(week.from)"
                  ></span>
                </div>
              </td>
              <td class="number">
                {{ one.runsOutOn ? shortDay(one.runsOutOn) : t('stores.lasts') }}
              </td>
              <td class="number">
                <strong v-if="one.buyBy">{{ shortDay(one.buyBy) }}</strong>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </section>
</template>

<style>
td:has(> .need-weeks),
.stores-needs thead .stores-wide {
  padding-left: 22px;
}
.need-weeks {
  display: flex;
  align-items: end;
  gap: 2px;
  height: 24px;
}
.need-weeks span {
  width: 7px;
  background: var(--leaf);
}
.need-weeks .need-short {
  background: var(--accent);
}
</style>
