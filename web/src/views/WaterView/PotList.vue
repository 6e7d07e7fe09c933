<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { PotToday } from '@rimbo/core'
import { useFormat } from '../../ui/format'
import { usePotWords } from '../../ui/potWords'
import '../../ui/potList.css'

/** All pots with plants: what each gets now, and how long it lasts as it is. */
const props = defineProps<{ pots: readonly PotToday[] }>()
const chosenId = defineModel<string | undefined>({ required: true })
const { t } = useI18n()
const { water } = useFormat()
const { plantWords } = usePotWords()

const planted = computed(() => props.pots.filter(({ plants }) => plants.length > 0))
const shownId = computed(() => chosenId.value ?? planted.value[0]?.container.id)
const HOURS = 24
const DAYS_FROM_H = 48

function lasts({ plan }: PotToday): string {
  const hours = plan?.safeForH
  if (!plan) return ''
  if (hours === undefined) return t('waterView.lastsLong')
  if (hours === 0) return t('waterView.lastsNo')
  return hours < DAYS_FROM_H
    ? t('waterView.lastsHours', { count: hours })
    : t('waterView.lastsDays', { count: Math.floor(hours / HOURS) })
}
</script>

<template>
  <nav class="panel pot-list" :aria-label="t('waterView.pots')">
    <table>
      <thead>
        <tr>
          <th>{{ t('mix.pot') }}</th>
          <th class="number">{{ t('waterView.now') }}</th>
          <th class="number">{{ t('waterView.lasts') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="pot in planted"
          :key="pot.container.id"
          :class="{ 'is-picked': pot.container.id === shownId }"
        >
          <th scope="row">
            <button
              type="button"
              class="pot-pick"
              :aria-current="pot.container.id === shownId ? 'true' : undefined"
              @click="chosenId = pot.container.id"
            >
              <strong>{{ pot.container.code }}</strong>
              <span class="soft">{{ plantWords(pot) }}</span>
            </button>
          </th>
          <td class="number">
            <template v-if="pot.nowL > 0">{{ water(pot.nowL) }}</template>
            <template v-else>–</template>
            <span v-if="pot.eveningL > 0" class="soft"> +{{ water(pot.eveningL) }}</span>
          </td>
          <td class="number" :class="{ 'is-urgent': pot.plan?.safeForH === 0 }">
            {{ lasts(pot) }}
          </td>
        </tr>
      </tbody>
    </table>
  </nav>
</template>
