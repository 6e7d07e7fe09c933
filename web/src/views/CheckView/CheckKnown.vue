<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { Close, RefreshLeft } from '@element-plus/icons-vue'
import { own, readFact, type FactDates, type FactId, type Facts, type Symptom } from '@rimbo/core'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'
import { useCheckWords } from './useCheckWords'
import type { Seen } from './useCheck'

/** What is known of this pot: what was said, and what its own record tells. Each can be struck out. */
const props = defineProps<{
  seen: readonly Seen[]
  absent: readonly Symptom[]
  facts: Facts
  dates: Readonly<Partial<Record<FactId, FactDates>>>
  struck: readonly FactId[]
  /** Facts that moved one of the likely causes: they stand first, the others folded. */
  telling: readonly FactId[]
}>()
const emit = defineEmits<{
  settle: [sign: Symptom, is: boolean | undefined]
  strike: [fact: FactId]
}>()
const { t } = useI18n()
const { day } = useFormat()
const { signWords, factWords } = useCheckWords()

const dayWords = (date: string) => day(date, { day: 'numeric', month: 'short' })
const whenOf = (fact: FactId): string => {
  const dates = own(props.dates, fact)
  if (!dates) return ''
  return dates.from === dates.to
    ? dayWords(dates.from)
    : t('check.days', { from: dayWords(dates.from), to: dayWords(dates.to) })
}
const rowOf = (fact: FactId) => ({
  fact,
  words: [factWords(fact, props.facts), whenOf(fact)].filter(Boolean).join(', '),
  isMeasured: readFact(props.facts[fact]!).isMeasured,
  isStruck: props.struck.includes(fact),
})
const all = computed(() => (Object.keys(props.facts) as FactId[]).map(rowOf))
const isTelling = ({ fact, isStruck }: { fact: FactId; isStruck: boolean }) =>
  props.telling.length === 0 || isStruck || props.telling.includes(fact)
const groups = computed(() => [
  { key: 'telling', rows: all.value.filter(isTelling) },
  { key: 'others', rows: all.value.filter((row) => !isTelling(row)) },
])
</script>

<template>
  <section class="check-known" :aria-label="t('check.seen')">
    <template v-if="seen.length">
      <h3>{{ t('check.said') }}</h3>
      <ul class="known-list">
        <li v-for="one in seen" :key="one.sign">
          <span>{{ signWords(one.sign, one.where) }}</span>
          <PushButton
            text
            size="small"
            :icon="Close"
            :aria-label="t('check.remove', { what: signWords(one.sign) })"
            @click="emit('settle', one.sign, undefined)"
          />
        </li>
      </ul>
    </template>
    <template v-if="absent.length">
      <h3>{{ t('check.notSeen') }}</h3>
      <ul class="known-list">
        <li v-for="sign in absent" :key="sign">
          <span class="soft">{{ signWords(sign) }}</span>
          <PushButton
            text
            size="small"
            :icon="Close"
            :aria-label="t('check.remove', { what: signWords(sign) })"
            @click="emit('settle', sign, undefined)"
          />
        </li>
      </ul>
    </template>
    <h3>{{ t('check.byPot') }}</h3>
    <p v-if="!all.length" class="soft">{{ t('check.noFacts') }}</p>
    <component
      :is="group.key === 'others' ? 'details' : 'div'"
      v-for="group in groups.filter(({ rows }) => rows.length)"
      :key="group.key"
    >
      <summary v-if="group.key === 'others'">
        {{ t('check.others', { count: group.rows.length }) }}
      </summary>
      <ul class="known-list">
        <li
          v-for="row in group.rows"
          :key="row.fact"
          :class="{ 'known-struck': row.isStruck }"
          :data-fact="row.fact"
        >
          <span>
            {{ row.words }}
            <span class="soft"
              >· {{ t(row.isMeasured ? 'check.measured' : 'check.reckoned') }}</span
            >
          </span>
          <PushButton
            text
            size="small"
            :icon="row.isStruck ? RefreshLeft : Close"
            :aria-label="t(row.isStruck ? 'check.takeBack' : 'check.strike', { what: row.words })"
            @click="emit('strike', row.fact)"
          />
        </li>
      </ul>
    </component>
  </section>
</template>

<style>
.known-list {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
}
.known-list li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: 6px;
  min-height: 30px;
  border-top: 1px solid var(--line);
  font-size: 14px;
  line-height: 1.25;
}
.check-known summary {
  min-height: 32px;
  padding: 6px 0;
  font-size: 14px;
  color: var(--ink-soft);
}
.known-struck > span {
  text-decoration: line-through;
  color: var(--ink-soft);
}
@media (max-width: 700px) {
  .known-list li {
    min-height: 44px;
  }
  .known-list .push-button {
    min-width: 44px;
    min-height: 44px;
  }
}
</style>
