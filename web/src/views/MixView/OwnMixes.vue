<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { PotToday } from '@rimbo/core'
import WetSection from '../../drawing/WetSection.vue'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'

/** Each pot in section with the mix that is set for it. */
defineProps<{ pots: readonly PotToday[] }>()
const { t } = useI18n()
const { share } = useFormat()
const { recipeName } = useNames()
</script>

<template>
  <p class="soft">{{ t('mix.ownHasNoTub') }}</p>
  <div class="own-mixes">
    <template v-for="pot in pots" :key="pot.container.id">
      <figure v-if="pot.mix" :data-own="pot.container.code">
        <WetSection
          :pot="pot"
          :width="280"
          :height="170"
          :label="
            t('mix.section', {
              code: pot.container.code,
              water: share(pot.mix.drained.containerCapacity),
              air: share(pot.mix.drained.airSpace),
            })
          "
        />
        <figcaption>
          <strong>{{ pot.container.code }}</strong> {{ recipeName(pot.mix.recipe) }}<br />
          {{
            t('pot.waterAndAir', {
              water: share(pot.mix.drained.containerCapacity),
              air: share(pot.mix.drained.airSpace),
            })
          }}
        </figcaption>
      </figure>
    </template>
  </div>
</template>

<style>
.own-mixes {
  display: grid;
  grid-template-columns: repeat(auto-fill, 280px);
  gap: 14px 16px;
}
.own-mixes figure {
  margin: 0;
}
.own-mixes figcaption {
  font-size: 13px;
}
</style>
