<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { PotToday } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import { usePotWords } from '../../ui/words/potWords'
import PotTable from '../../ui/PotTable.vue'

/** All pots with plants: what each gets now, and how long it lasts as it is. */
const props = defineProps<{ pots: readonly PotToday[] }>()
const chosenId = defineModel<string | undefined>({ required: true })
const { t } = useI18n()
const { water } = useFormat()
const { plantWords } = usePotWords()

const planted = computed(() => props.pots.filter(({ plants }) => plants.length > 0))
const shownId = computed(
  () =>
    (planted.value.find(({ container }) => container.id === chosenId.value) ?? planted.value[0])
      ?.container.id,
)
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

const rows = computed(() =>
  planted.value.map((pot) => ({
    id: pot.container.id,
    code: pot.container.code,
    words: plantWords(pot),
    cells: [
      {
        text: [
          pot.nowL > 0 ? water(pot.nowL) : '–',
          ...(pot.eveningL > 0 ? [`+${water(pot.eveningL)}`] : []),
        ].join(' '),
      },
      { text: lasts(pot), isUrgent: pot.plan?.safeForH === 0 },
    ],
  })),
)
</script>

<template>
  <PotTable
    :rows="rows"
    :heads="[t('mix.pot'), t('waterView.now'), t('waterView.lasts')]"
    :shown-id="shownId"
    :label="t('waterView.pots')"
    @choose="(id) => (chosenId = id)"
  />
</template>
