<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { PotToday } from '@rimbo/core'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { useFormat } from '../../ui/words/format'

/** All pots in section, one of them chosen. */
defineProps<{ pots: readonly PotToday[]; chosenId: string }>()
defineEmits<{ choose: [id: string] }>()
const { t } = useI18n()
const { volume } = useFormat()
</script>

<template>
  <section class="panel fit-pots">
    <h2>{{ t('fit.intoWhich') }}</h2>
    <div class="fit-pot-grid" role="group" :aria-label="t('fit.intoWhich')">
      <button
        v-for="one in pots"
        :key="one.container.id"
        type="button"
        class="fit-pot"
        :aria-pressed="one.container.id === chosenId"
        @click="$emit('choose', one.container.id)"
      >
        <SectionFigure
          :pot="one"
          :width="86"
          :height="70"
          container-only
          :label="one.container.name"
        />
        <strong>{{ one.container.code }}</strong> {{ volume(one.volumes.fillVolumeL) }}
      </button>
    </div>
  </section>
</template>

<style>
.fit-pot-grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.fit-pot {
  font: inherit;
  font-size: 13px;
  color: inherit;
  padding: 4px 4px 6px;
  background: none;
  border: 1px solid var(--line);
  border-radius: 3px;
  cursor: pointer;
}
.fit-pot svg {
  margin: 0 auto;
}
.fit-pot:hover {
  background: var(--hover);
}
.fit-pot[aria-pressed='true'] {
  background: var(--picked);
  border: 2px solid var(--accent);
}
</style>
