<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { ContainerVolumes, Label, LabelFinding } from '@rimbo/core'
import { useFormat } from '../../ui/format'
import { useReasonText } from '../../ui/reasons'

/** What a container truly holds, beside what its label says. */
defineProps<{
  volumes: ContainerVolumes
  label: Label | undefined
  finding: LabelFinding | undefined
}>()
const { t } = useI18n()
const { volume } = useFormat()
const { textOf } = useReasonText()
</script>

<template>
  <div class="volume-facts">
    <dl>
      <div>
        <dt>{{ t('pot.toRim') }}</dt>
        <dd data-fact="rim">{{ volume(volumes.rimVolumeL) }}</dd>
      </div>
      <div>
        <dt>{{ t('pot.toFill') }}</dt>
        <dd data-fact="fill">{{ volume(volumes.fillVolumeL) }}</dd>
      </div>
      <div v-if="label">
        <dt>{{ t('pot.labelSays') }}</dt>
        <dd>{{ label.text }}</dd>
      </div>
    </dl>
    <p
      v-for="reason in finding?.reasons ?? []"
      :key="reason.code"
      class="finding"
      :class="{ 'finding-off': finding?.verdict !== 'agrees' }"
      data-fact="label"
    >
      {{ textOf(reason) }}
    </p>
  </div>
</template>

<style>
.volume-facts dl {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  margin: 0 0 4px;
}
.volume-facts dt {
  font-size: 13px;
  color: var(--ink-soft);
}
.volume-facts dd {
  margin: 0;
  font: 650 19px/1.2 var(--font-heading);
  font-variant-numeric: tabular-nums;
}
.finding {
  margin: 0 0 4px;
  font-size: 14px;
  line-height: 1.35;
}
.finding-off {
  border-left: 3px solid var(--accent);
  padding-left: 8px;
}
</style>
