<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { MixPlan, Recipe } from '@rimbo/core'
import { lazily } from '../../loading'
import WetSection from '../../drawing/WetSection.vue'
import { useFormat } from '../../ui/words/format'
import MixFacts from './MixFacts.vue'
import PartsTable from './PartsTable.vue'
import TubDrawing from './TubDrawing.vue'
import type { Mixing } from './useMixing'
import PushButton from '../../ui/fields/PushButton.vue'

const FormsRow = lazily(() => import('./FormsRow.vue'))

/** The tub beside the pot: change the parts and see what the pot will hold. */
const props = defineProps<{ mixing: Mixing; plan: MixPlan }>()
const { t } = useI18n()
const { share, volume } = useFormat()

const recipe = computed(() => props.mixing.recipe.value!)
const tried = computed(() => props.mixing.tried.value!)
const shown = computed(() => props.mixing.shown.value)
const filling = computed(() =>
  props.plan.fillings.find(({ pot }) => pot.container.id === shown.value?.pot.container.id),
)
const showsForms = ref(false)
const change = (to: Recipe) => props.mixing.change(to)
const show = (id: string) => props.mixing.show(id)
</script>

<template>
  <div class="mix-tub">
    <div class="mix-pair">
      <TubDrawing :lines="plan.lines" :recipe="recipe" :label="t('mix.tub')" @change="change" />
      <PartsTable :recipe="recipe" :loose-l="plan.looseL" @change="change" />
    </div>
    <div v-if="shown" class="mix-pot">
      <WetSection
        :pot="shown.pot"
        :width="380"
        :height="262"
        :reaches-mm="shown.reach?.reachesMm"
        :label="
          t('mix.section', {
            code: shown.pot.container.code,
            water: share(shown.inPot.containerCapacity.value),
            air: share(shown.inPot.airSpace.value),
          })
        "
      />
      <div v-if="tried.pots.length > 1" class="row" role="group" :aria-label="t('mix.whichPot')">
        <PushButton
          v-for="{ pot, inPot } in tried.pots"
          :key="pot.container.id"
          size="small"
          :type="pot.container.id === shown.pot.container.id ? 'primary' : 'default'"
          :aria-pressed="pot.container.id === shown.pot.container.id"
          :title="`${pot.container.name}, ${volume(pot.volumes.fillVolumeL)}`"
          @click="show(pot.container.id)"
        >
          {{ pot.container.code }} {{ t('mix.airOf', { air: share(inPot.airSpace.value) }) }}
        </PushButton>
      </div>
    </div>
    <MixFacts class="mix-facts-all" :tried="tried" :shown="shown" :filling="filling" />
    <div class="mix-forms">
      <PushButton size="small" :aria-expanded="showsForms" @click="showsForms = !showsForms">
        {{ t(showsForms ? 'mix.hideForms' : 'mix.showForms') }}
      </PushButton>
      <FormsRow v-if="showsForms" :mix="tried.mix" :shown="shown?.pot" />
    </div>
  </div>
</template>

<style>
.mix-tub {
  display: grid;
  grid-template-columns: minmax(0, auto) minmax(0, 1fr);
  gap: 6px 20px;
  align-items: start;
}
.mix-pair {
  display: flex;
  gap: 14px;
}
.mix-pot .row {
  justify-content: center;
  gap: 5px;
}
.mix-facts-all,
.mix-forms {
  grid-column: 1 / -1;
}
@media (max-width: 1000px) {
  .mix-tub {
    grid-template-columns: minmax(0, 1fr);
  }
  .mix-pair {
    flex-direction: column;
  }
}
</style>
