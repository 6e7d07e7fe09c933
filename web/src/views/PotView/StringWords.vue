<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  addDays,
  daysBetween,
  own,
  type GardenCourse,
  type Knot,
  type PotString,
} from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import { useJobWords } from '../../jobs/useJobWords'
import { useRecordWords } from '../../ui/words/recordWords'

/** A pot's string with words: each day's water, what was done, what is expected. */
const props = defineProps<{ course: GardenCourse; string: PotString }>()
const date = defineModel<string>('date', { required: true })
const { t } = useI18n()
const { water, temp, day: dayName } = useFormat()
const { whatWords } = useRecordWords()
const { jobName, jobWords } = useJobWords()

function knotWords(knot: Knot): string {
  if (knot.kind === 'record')
    return [t(`kind.${knot.record.kind}`), whatWords(knot.record)].filter(Boolean).join(': ')
  if (knot.kind === 'planned') return t('potPage.planned', { job: jobName(knot.job) })
  if (knot.kind !== 'job') return t(`potPage.expected.${knot.kind}`)
  return knot.job.state === 'skipped'
    ? t('potPage.leftOut', { job: jobName(knot.job) })
    : jobWords(knot.job)
}

const list = ref<HTMLElement>()
const days = computed(() =>
  props.string.beads.flatMap((bead, index) => {
    const knots = props.string.knots.get(index) ?? []
    const on = addDays(props.course.from, index)
    if (!bead && !knots.length && on !== props.course.today && on !== date.value) return []
    const weather = props.course.sky.days[index]!
    return [
      {
        date: on,
        isToday: on === props.course.today,
        isAhead: on > props.course.today,
        bead,
        highC: weather.tempMaxC,
        words: knots.map(knotWords),
      },
    ]
  }),
)

function toDate(): void {
  const row = list.value?.querySelector<HTMLElement>('[aria-current="date"]')
  if (row && list.value) list.value.scrollTop = row.offsetTop - list.value.clientHeight / 3
}
onMounted(toDate)
watch(date, () => void nextTick(toDate))
const steps: Readonly<Record<string, number>> = {
  ArrowDown: 1,
  ArrowUp: -1,
  PageDown: 7,
  PageUp: -7,
}
function onKey(event: KeyboardEvent): void {
  const by = own(steps, event.key)
  if (!by) return
  event.preventDefault()
  const next = daysBetween(props.course.from, date.value) + by
  if (next >= 0 && next < props.string.beads.length) date.value = addDays(props.course.from, next)
}
</script>

<template>
  <ol
    ref="list"
    class="string-words"
    tabindex="0"
    :aria-label="t('potPage.string')"
    @keydown="onKey"
  >
    <li
      v-for="one in days"
      :key="one.date"
      :aria-current="one.date === date ? 'date' : undefined"
      :class="{ 'is-ahead': one.isAhead, 'is-today': one.isToday }"
      @click="date = one.date"
    >
      <span class="string-day">{{
        dayName(one.date, { weekday: 'short', day: 'numeric', month: 'short' })
      }}</span>
      <span class="string-bead">
        <svg width="22" height="22" aria-hidden="true">
          <circle
            v-if="one.bead"
            class="bead"
            :class="{ 'bead-done': one.bead.isGiven }"
            cx="11"
            cy="11"
            :r="Math.min(10, 2.6 + 2.8 * Math.sqrt(one.bead.waterL))"
          />
        </svg>
      </span>
      <span class="string-what">
        <template v-if="one.bead">{{ water(one.bead.waterL) }}</template>
        <template v-if="one.isAhead && one.bead?.isSplit"> {{ t('potPage.split') }}</template>
        <span v-for="(word, index) in one.words" :key="index" class="string-knot">{{ word }}</span>
      </span>
      <span class="soft">{{ temp(one.highC) }}</span>
    </li>
  </ol>
</template>

<style>
.string-words {
  flex: 1;
  min-height: 120px;
  overflow: auto;
  list-style: none;
  margin: 0;
  padding: 0;
  position: relative;
}
.string-words li {
  display: grid;
  grid-template-columns: 84px 26px 1fr auto;
  align-items: start;
  gap: 2px;
  padding: 2px 6px;
  min-height: 26px;
  cursor: pointer;
  border-left: 3px solid transparent;
}
.string-words li.is-today {
  font-weight: 700;
}
.string-words li[aria-current='date'] {
  background: var(--picked);
  border-left-color: var(--accent-fill);
}
.string-day {
  font-variant-numeric: tabular-nums;
}
.string-knot {
  display: block;
  font-weight: 400;
}
</style>
