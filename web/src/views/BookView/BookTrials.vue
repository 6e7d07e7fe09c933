<script setup lang="ts">
import { computed, shallowRef, toRaw } from 'vue'
import { useI18n } from 'vue-i18n'
import { mostOf, edits, type Garden, type Trial, type TrialResult } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { useReckoned } from '../../workers/useReckoned'
import TrialForm from './TrialForm.vue'
import { useHarvest } from './useHarvest'

/** Pots set against others: set up, recorded as usual, and told honestly. */
const props = defineProps<{ garden: Garden }>()
const store = useGardenStore()
const { t } = useI18n()
const { mass, number, share, day } = useFormat()
const { ofError } = useFaultText()
const worker = useHarvest()

const { shown, failure } = useReckoned(
  () => ({ garden: props.garden, trials: props.garden.trials ?? [] }),
  ({ garden, trials }) => worker.ask((work) => work.trials(toRaw(garden), toRaw(trials))),
)
const told = computed(() =>
  (shown.value?.asked.trials ?? []).map((trial, index) => ({
    trial,
    result: shown.value!.found[index]!,
  })),
)
const edited = shallowRef<Trial>()
const isNew = shallowRef(false)

const codeOf = (id: string) =>
  props.garden.containers.find((one) => one.id === id)?.code ?? t('book.potGone')
const codes = (ids: readonly string[]) => ids.map(codeOf).join(', ')
const percent = (ratio: number) =>
  ratio >= 1
    ? t('trials.moreBy', { share: share(ratio - 1) })
    : t('trials.lessBy', { share: share(1 - ratio) })
/** Told by the fruit that was weighed, or else by what was counted. */
const measureOf = ({ a, b }: TrialResult) =>
  [...a, ...b].some(({ eachKg }) => eachKg > 0) ? 'mass' : 'count'
function verdictOf({ a, b }: Trial, result: TrialResult): string {
  const { verdict, ratio, interval, level } = result[measureOf(result)]
  const sides = { a: codes(a), b: codes(b) }
  if (![...result.a, ...result.b].some(({ eachKg, eachCount }) => eachKg + eachCount > 0))
    return t('trials.nothingYet')
  if (verdict === 'cannotTell')
    return Number.isFinite(result.tellsShare)
      ? t('trials.cannotTell', {
          n: number(Math.min(result.a.length, result.b.length)),
          share: share(result.tellsShare),
        })
      : t('trials.oneEach')
  return t(`trials.${verdict}`, {
    ...sides,
    by: percent(ratio),
    from: percent(interval[0]),
    to: percent(interval[1]),
    level: share(level),
  })
}
const barShare = (kg: number, result: TrialResult) => {
  const most = mostOf(result)
  return most > 0 ? (kg / most) * 100 : 0
}
const again = (trial: Trial) => {
  isNew.value = false
  edited.value = trial
}
function begin(): void {
  isNew.value = true
  edited.value = undefined
  isOpen.value = true
}
const isOpen = shallowRef(false)
const close = () => {
  isOpen.value = false
  edited.value = undefined
}
</script>

<template>
  <section class="book-trials" :aria-label="t('trials.title')">
    <div class="row">
      <PushButton type="primary" @click="begin">{{ t('trials.new') }}</PushButton>
      <span class="soft">{{ t('trials.explain') }}</span>
    </div>
    <TrialForm
      v-if="isOpen || edited"
      :key="edited?.id ?? 'new'"
      :garden="garden"
      :trial="edited"
      @close="close"
    />
    <p v-if="failure" role="alert" class="strong">{{ ofError(failure) }}</p>
    <p v-else-if="!told.length && !isOpen" class="soft">{{ t('trials.none') }}</p>
    <article v-for="{ trial, result } in told" :key="trial.id" class="trial" :data-trial="trial.id">
      <h2>{{ trial.name }}</h2>
      <p class="soft">
        {{
          t('trials.about', {
            a: codes(trial.a),
            b: codes(trial.b),
            thing: t(`trials.thing.${trial.differsIn}`),
            from: day(trial.from, { day: 'numeric', month: 'short', year: 'numeric' }),
          })
        }}
      </p>
      <p class="trial-verdict">
        <strong>{{ verdictOf(trial, result) }}</strong>
      </p>
      <p v-if="result.alsoDiffers.length" class="strong" role="status">
        {{
          t('trials.alsoDiffers', {
            things: result.alsoDiffers.map((thing) => t(`trials.thing.${thing}`)).join(', '),
          })
        }}
      </p>
      <table>
        <thead>
          <tr>
            <th>{{ t('trials.side') }}</th>
            <th>{{ t('book.pot') }}</th>
            <th class="number">{{ t('trials.eachKg') }}</th>
            <th class="number">{{ t('trials.eachCount') }}</th>
            <th class="trial-bar-head">
              <span class="visually-hidden">{{ t('trials.bar') }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <template v-for="side in ['a', 'b'] as const" :key="side">
            <tr v-for="pot in result[side]" :key="pot.containerId">
              <td>{{ side.toUpperCase() }}</td>
              <td>
                <strong>{{ codeOf(pot.containerId) }}</strong>
              </td>
              <td class="number">{{ mass(pot.eachKg * 1000) }}</td>
              <td class="number">{{ number(Math.round(pot.eachCount)) }}</td>
              <td>
                <div
                  class="trial-bar"
                  :class="`trial-${side}`"
                  :style="{ width: `${barShare(pot.eachKg, result)}%` }"
                ></div>
              </td>
            </tr>
          </template>
        </tbody>
      </table>
      <p class="soft">
        {{ t(`trials.method.${result[measureOf(result)].method}`) }}
        <template v-if="result.withKnown">
          {{
            t('trials.withKnown', {
              by: percent(result.withKnown.ratio),
              from: percent(result.withKnown.interval[0]),
              to: percent(result.withKnown.interval[1]),
            })
          }}
        </template>
      </p>
      <div class="row">
        <PushButton size="small" @click="again(trial)">{{ t('trials.change') }}</PushButton>
        <PushButton size="small" @click="store.edit(edits.removeTrial(trial))">{{
          t('trials.remove')
        }}</PushButton>
      </div>
    </article>
  </section>
</template>

<style>
.trial {
  margin-top: 16px;
  padding-top: 6px;
  border-top: 1px solid var(--line);
}
.trial h2 {
  margin: 6px 0 0;
  font-size: 18px;
}
.trial-bar-head {
  width: 40%;
}
.trial-bar {
  height: 10px;
}
.trial-a {
  background: var(--accent);
}
.trial-b {
  background: var(--wet);
}
</style>
