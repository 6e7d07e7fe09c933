<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  actionsFor,
  harmless,
  type CauseId,
  type Diagnosis,
  type Facts,
  type WeighedCause,
} from '@rimbo/core'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'
import { surenessOf, useCheckWords } from './useCheckWords'

/** The causes, likeliest first, each with what speaks for it and against it. */
const props = defineProps<{
  diagnosis: Diagnosis
  facts: Facts
  crop: 'tomato' | 'pepper'
}>()
const chosen = defineModel<CauseId | undefined>({ required: true })
const { t } = useI18n()
const { share } = useFormat()
const { signWords, weighedWords, weightWords } = useCheckWords()

const FEW = 5
const LEAST_SHARE = 0.03
const REASONS = 3
const isLong = ref(false)
/** Only what could have made something that is seen. */
const suspects = computed(() =>
  props.diagnosis.causes.filter(
    (one) => one.share >= LEAST_SHARE && one.for.some(({ from }) => from === 'sign'),
  ),
)
const shown = computed(() => suspects.value.slice(0, isLong.value ? undefined : FEW))
const isHarmless = (cause: CauseId) => harmless.includes(cause)
const firstOf = (cause: CauseId) =>
  t('check.firstOf', {
    what: t(`check.action.${actionsFor(cause, { crop: props.crop })[0]!.id}`),
  })
const linesOf = (side: WeighedCause['for']) =>
  side
    .slice(0, REASONS)
    .map((one) => ({ words: weighedWords(one, props.facts), weight: weightWords(one.odds) }))
    .filter(({ words }) => words)
const unexplained = computed(() =>
  props.diagnosis.unexplained.map((sign) => signWords(sign)).join('; '),
)
</script>

<template>
  <section class="check-causes" :aria-label="t('check.likely')" aria-live="polite">
    <h2>{{ t('check.likely') }}</h2>
    <p v-if="unexplained" class="check-note">
      {{ t('check.unexplained', { signs: unexplained }) }}
    </p>
    <ol class="cause-list">
      <li
        v-for="one in shown"
        :key="one.cause"
        class="cause"
        :class="{ 'cause-chosen': chosen === one.cause }"
        :data-cause="one.cause"
      >
        <button
          type="button"
          class="cause-head"
          :aria-expanded="chosen === one.cause"
          @click="chosen = one.cause"
        >
          <span class="cause-name">{{ t(`cause.${one.cause}`) }}</span>
          <span class="cause-share">{{
            t('check.shareWords', {
              words: t(`check.share.${surenessOf(one.share)}`),
              share: share(one.share),
            })
          }}</span>
          <span class="cause-bar"
            ><span
              :class="{ harmless: isHarmless(one.cause) }"
              :style="{ width: `${Math.max(1, one.share * 100)}%` }"
          /></span>
        </button>
        <div v-if="chosen === one.cause" class="cause-why">
          <p>{{ t(`check.what.${one.cause}`) }}</p>
          <p class="cause-first">{{ firstOf(one.cause) }}</p>
          <template v-if="linesOf(one.for).length">
            <h3>{{ t('check.for') }}</h3>
            <ul>
              <li v-for="line in linesOf(one.for)" :key="line.words">
                {{ line.words }} <span class="soft">· {{ line.weight }}</span>
              </li>
            </ul>
          </template>
          <template v-if="linesOf(one.against).length">
            <h3>{{ t('check.against') }}</h3>
            <ul>
              <li v-for="line in linesOf(one.against)" :key="line.words">
                {{ line.words }} <span class="soft">· {{ line.weight }}</span>
              </li>
            </ul>
          </template>
        </div>
      </li>
    </ol>
    <PushButton v-if="suspects.length > FEW" text size="small" @click="isLong = !isLong">{{
      t(isLong ? 'check.less' : 'check.more')
    }}</PushButton>
    <p v-if="suspects.length > 1" class="soft check-small">{{ t('check.together') }}</p>
  </section>
</template>

<style>
.cause-list {
  list-style: none;
  margin: 0;
  padding: 0;
}
.cause {
  border-top: 1px solid var(--line);
}
.cause-head {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 10px;
  width: 100%;
  min-height: 48px;
  padding: 6px 0;
  font: inherit;
  color: var(--ink);
  text-align: left;
  background: none;
  border: 0;
  cursor: pointer;
}
.cause-name {
  font-weight: 600;
}
.cause-share {
  font-size: 13px;
  font-variant-numeric: tabular-nums;
}
.cause-bar {
  grid-column: 1 / -1;
  height: 8px;
  background: var(--guide);
}
.cause-bar > span {
  display: block;
  height: 100%;
  background: var(--accent-fill);
  border-right: 2px solid var(--accent);
}
.cause-bar > .harmless {
  background: var(--leaf-tint);
  border-color: var(--leaf);
}
.cause-why {
  padding: 0 0 8px 10px;
  border-left: 3px solid var(--wet-ink);
  font-size: 14px;
}
.cause-why p {
  margin: 0 0 4px;
}
.cause-first {
  font-weight: 600;
  color: var(--good);
}
.cause-why h3 {
  margin: 6px 0 0;
  font-size: 13px;
}
.cause-why ul {
  margin: 0;
  padding-left: 18px;
}
.check-note {
  border-left: 3px solid var(--accent);
  padding-left: 10px;
  font-size: 14px;
}
.check-small {
  font-size: 13px;
}
</style>
