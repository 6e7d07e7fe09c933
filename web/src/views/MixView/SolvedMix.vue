<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { type MixAim, type MixLimit, type Recipe } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import type { MixAnswer } from '../../workers/mix.worker'
import TubDrawing from './TubDrawing.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** The mix that was found, what it is, and what keeps it from being better; or why there is none. */
const props = defineProps<{ answer: MixAnswer }>()
const emit = defineEmits<{ take: [parts: Recipe['parts'], isKept: boolean] }>()
const { t } = useI18n()
const { share, density, money, volume, number } = useFormat()
const { ingredientName } = useNames()

const solved = computed(() => props.answer.solved)

/** A limit in words, with its value as it was asked. */
function limitWords({ code, ingredientId, property, value }: MixLimit): string {
  const shown =
    property === 'wetDensityGL'
      ? density(value)
      : property === 'ph' || code === 'mostKinds'
        ? number(value)
        : code === 'stock'
          ? volume(value)
          : share(value)
  return t(`mix.limit.${property ? `${property}.${code}` : code}`, {
    name: ingredientId ? ingredientName(ingredientId) : '',
    value: shown,
  })
}
const gainWords = (gain: number, aim: MixAim) =>
  t(`mix.gain.${aim}`, {
    gain: aim === 'cheapest' ? money(gain) : aim === 'lightest' ? density(gain) : share(gain),
  })
const parts = computed(() =>
  solved.value.status === 'found' ? solved.value.found.blend.recipe.parts : [],
)
</script>

<template>
  <div v-if="solved.status === 'impossible'" role="alert">
    <h2>{{ t('mix.solve.impossible') }}</h2>
    <p>{{ t('mix.solve.conflict', solved.conflict.length) }}</p>
    <ul>
      <li v-for="limit in solved.conflict" :key="JSON.stringify(limit)">
        <strong>{{ limitWords(limit) }}</strong>
      </li>
    </ul>
  </div>
  <div v-else class="solved">
    <TubDrawing :lines="solved.found.lines" :label="t('mix.solve.found')" />
    <div>
      <h2>
        {{
          t(`mix.foundAim.${answer.wish.aim}`, {
            price: money(solved.found.shopping.price),
            weight: density(solved.found.wetDensityGL),
          })
        }}
        <WhyNumber :value="t('mix.why')" :reasons="solved.reasons" />
      </h2>
      <p>
        {{
          t('mix.foundIs', {
            water: share(solved.found.containerCapacity),
            air: share(solved.found.airSpace),
            weight: density(solved.found.wetDensityGL),
            ph: number(Math.round(solved.found.ph * 10) / 10),
            price: money(solved.found.shopping.price),
          })
        }}
      </p>
      <template v-if="solved.binding.length">
        <h3>{{ t('mix.solve.binds') }}</h3>
        <ul>
          <li v-for="{ limit, gain } in solved.binding" :key="JSON.stringify(limit)">
            {{ limitWords(limit) }}: {{ gainWords(gain, answer.wish.aim) }}
          </li>
        </ul>
      </template>
      <p v-else class="soft">{{ t('mix.solve.nothingBinds') }}</p>
      <div class="row">
        <PushButton type="primary" @click="emit('take', parts, false)">
          {{ t('mix.solve.look') }}
        </PushButton>
        <PushButton @click="emit('take', parts, true)">{{ t('mix.solve.keep') }}</PushButton>
      </div>
    </div>
  </div>
</template>

<style>
.solved {
  display: flex;
  gap: 22px;
  align-items: flex-start;
}
@media (max-width: 1000px) {
  .solved {
    flex-direction: column;
  }
}
</style>
