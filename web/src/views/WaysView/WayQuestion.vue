<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { wayChoices, wayProvenance, type WayKey, type Ways } from '@rimbo/core'
import PushButton from '../../ui/fields/PushButton.vue'

/** One question: its answers, which of them holds, and what speaks for it. */
const props = defineProps<{
  way: WayKey
  holds: Ways[WayKey]
  /** Rimbo’s own answer. */
  usual: Ways[WayKey]
  /** It is answered here, and does not only follow. */
  isAnswered: boolean
  isOfGarden: boolean
}>()
const emit = defineEmits<{ answer: [value: Ways[WayKey] | undefined] }>()
const { t } = useI18n()

/** Words of answers that have them elsewhere. */
const CATALOGUE: Partial<Record<WayKey, string>> = { school: 'school', mulch: 'mulchMaterial' }
const choices = computed(() => {
  const offered: readonly Ways[WayKey][] = wayChoices[props.way]
  return offered.includes(props.holds) ? offered : [...offered, props.holds]
})
const wordsOf = (value: Ways[WayKey]): string =>
  typeof value === 'number' && props.way === 'stopAt'
    ? t('ways.trusses', { count: value })
    : t(`${CATALOGUE[props.way] ?? `way.${props.way}.choice`}.${value}`)
const whyOf = (value: Ways[WayKey]): string =>
  t(
    `way.${props.way}.why.${typeof value === 'number' && props.way === 'stopAt' ? 'number' : value}`,
  )
</script>

<template>
  <fieldset class="way-question" :data-way="way">
    <legend>{{ t(`way.${way}.title`) }}</legend>
    <div class="row">
      <PushButton
        v-for="value in choices"
        :key="String(value)"
        size="small"
        :type="value === holds ? 'primary' : 'default'"
        :aria-pressed="value === holds"
        @click="emit('answer', value)"
        >{{ wordsOf(value) }}</PushButton
      >
      <PushButton
        v-if="isAnswered && !isOfGarden"
        size="small"
        text
        @click="emit('answer', undefined)"
        >{{ t('ways.asGarden') }}</PushButton
      >
    </div>
    <p class="way-why">
      {{ whyOf(holds) }}
      <span class="soft"
        >{{ t(`mark.${wayProvenance(way, holds).mark}`)
        }}<template v-if="holds === usual">, {{ t('ways.usual') }}</template></span
      >
    </p>
  </fieldset>
</template>

<style>
.way-question {
  margin: 0;
  padding: 0;
  border: 0;
  min-width: 0;
}
.way-question legend {
  padding: 0;
  font-weight: 600;
}
.way-question .row {
  gap: 6px;
  margin: 4px 0;
}
.way-why {
  margin: 0;
  font-size: 13.5px;
  line-height: 1.35;
}
@media (max-width: 700px) {
  .way-question .push-button {
    min-height: 44px;
  }
}
</style>
