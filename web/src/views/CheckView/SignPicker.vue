<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  leafPlaces,
  signParts,
  signsByPart,
  type LeafPlace,
  type SignPart,
  type Symptom,
} from '@rimbo/core'
import CheckFigure from '../../drawing/CheckFigure.vue'
import SignDrawing from '../../drawing/SignDrawing.vue'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import type { Seen } from './useCheck'

/** Where on the plant, and what is seen there: each sign a drawing and its words. */
const props = defineProps<{ seen: readonly Seen[] }>()
const emit = defineEmits<{ settle: [sign: Symptom, is: boolean | undefined, where?: LeafPlace] }>()
const { t } = useI18n()

const part = ref<SignPart | undefined>()
/** On which leaves; not sure where it is not said. */
const where = ref<LeafPlace | 'any'>('any')
const parts = computed(() =>
  signParts.map((value) => {
    const count = props.seen.filter(({ sign }) =>
      (signsByPart[value] as readonly string[]).includes(sign),
    ).length
    return {
      value,
      label: count ? `${t(`check.part.${value}`)} · ${count}` : t(`check.part.${value}`),
    }
  }),
)
const places = computed(() => [
  { value: 'any' as const, label: t('check.anyLeaves') },
  ...leafPlaces.map((value) => ({ value, label: t(`check.place.${value}`) })),
])
const signs = computed(() => (part.value ? signsByPart[part.value] : []))
const isOn = (sign: Symptom) => props.seen.some((one) => one.sign === sign)

function choose(chosen: SignPart, leaves?: LeafPlace): void {
  part.value = chosen
  where.value = leaves ?? 'any'
}
const press = (sign: Symptom) =>
  emit(
    'settle',
    sign,
    isOn(sign) ? undefined : true,
    where.value === 'any' ? undefined : where.value,
  )
</script>

<template>
  <section class="sign-picker" :aria-label="t('check.signsOf')">
    <div class="sign-where">
      <CheckFigure :part="part" :where="where === 'any' ? undefined : where" @choose="choose" />
      <div class="sign-parts">
        <h2>{{ t('check.parts') }}</h2>
        <SwitchButtons v-model="part" :options="parts" :label="t('check.parts')" />
        <template v-if="part === 'leaf'">
          <h3>{{ t('check.onLeaves') }}</h3>
          <SwitchButtons
            v-model="where"
            :options="places"
            :label="t('check.onLeaves')"
            size="small"
          />
        </template>
      </div>
    </div>
    <template v-if="part">
      <h3>{{ t('check.signsOf') }}</h3>
      <ul class="sign-list">
        <li v-for="sign in signs" :key="sign">
          <button
            type="button"
            class="sign-button"
            :aria-pressed="isOn(sign)"
            :data-sign="sign"
            @click="press(sign)"
          >
            <SignDrawing :sign="sign" />
            <span>{{ t(`check.sign.${sign}`) }}</span>
          </button>
        </li>
      </ul>
    </template>
    <p v-else class="soft">{{ t('check.partHint') }}</p>
  </section>
</template>

<style>
.sign-where {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 12px;
}
.sign-parts .row {
  gap: 6px;
}
.sign-parts h3 {
  margin: 8px 0 4px;
}
.sign-parts .row .push-button {
  margin-left: 0;
  min-height: 36px;
}
.sign-list {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 6px;
}
.sign-button {
  display: flex;
  align-items: center;
  gap: 8px;
  width: 100%;
  height: 100%;
  min-height: 54px;
  padding: 4px 8px;
  font: inherit;
  font-size: 14px;
  line-height: 1.2;
  text-align: left;
  color: var(--ink);
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 3px;
  cursor: pointer;
}
.sign-button:hover {
  background: var(--hover);
}
.sign-button[aria-pressed='true'] {
  border: 2px solid var(--wet-ink);
  padding: 3px 7px;
  background: var(--picked);
  font-weight: 600;
}
@media (max-width: 700px) {
  .sign-where {
    grid-template-columns: 130px minmax(0, 1fr);
  }
  .sign-list {
    grid-template-columns: 1fr 1fr;
  }
  .sign-parts .row .push-button {
    min-height: 44px;
  }
}
</style>
