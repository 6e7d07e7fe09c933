<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Reason } from '@rimbo/core'
import { useReasonText } from './reasons'

/** Reasons in words, each with its mark and source; in brief, each mark once at the end. */
const props = defineProps<{ reasons: readonly Reason[]; brief?: boolean }>()
const { t } = useI18n()
const { textOf } = useReasonText()

const marks = computed(() => [
  ...new Set(props.reasons.flatMap(({ provenance }) => (provenance ? [provenance.mark] : []))),
])
</script>

<template>
  <p v-if="brief" class="reasons-brief">
    {{ reasons.map(textOf).join(' ') }}
    <span v-for="mark in marks" :key="mark" class="mark" :class="`mark-${mark}`">
      {{ t(`mark.${mark}`) }}
    </span>
  </p>
  <ul v-else class="reasons">
    <li v-for="(reason, index) in reasons" :key="index">
      {{ textOf(reason) }}
      <span v-if="reason.provenance" class="mark" :class="`mark-${reason.provenance.mark}`">
        {{ t(`mark.${reason.provenance.mark}`)
        }}<template v-if="reason.provenance.source">: {{ reason.provenance.source }}</template>
      </span>
    </li>
  </ul>
</template>

<style>
.reasons-brief {
  margin: 0;
  font-size: 14px;
  line-height: 1.4;
}
</style>
