<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  addDays,
  daysIntoWeek,
  isEveryday,
  isVaried,
  jobKinds,
  linesOf,
  litresOf,
  plannedDays,
  toBuy,
  type Job,
  type JobKind,
  type ToBuy,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useJobsStore } from '../../stores/jobs'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFormat } from '../../ui/words/format'
import { useReasonText } from '../../ui/words/reasons'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import { useJobWords } from '../../jobs/useJobWords'
import ChangedJobs from './ChangedJobs.vue'
import OwnJobs from './OwnJobs.vue'
import TakeWith from './TakeWith.vue'

/** The next two weeks by day: what there is to do, why, and what to have at hand first. */
const { garden } = storeToRefs(useGardenStore())
const { all } = storeToRefs(useJobsStore())
const { date, progress, course } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { day, water, dose, temp } = useFormat()
const { textOf } = useReasonText()
const { jobName, amountsWords, amountWords, codeOf } = useJobWords()

const DAYS = 14
const wanted = ref<JobKind | 'some' | 'all' | undefined>('some')
const isShown = ({ kind }: Job) =>
  wanted.value === 'all' ||
  (wanted.value === 'some' ? !isEveryday({ kind }) : kind === wanted.value)
const kindOptions = computed(() => [
  { value: 'some' as const, label: t('days.allKinds') },
  { value: 'all' as const, label: t('days.everyday') },
  ...jobKinds
    .filter((kind) => all.value.some((job) => job.kind === kind))
    .map((value) => ({ value, label: t(`job.${value}`) })),
])

const startsWeek = (on: string) => daysIntoWeek(on, garden.value?.settings.weekStartsOn) === 0

const days = computed(() =>
  plannedDays(all.value, date.value, DAYS).map((one, index) => {
    const shown = one.jobs.filter(isShown)
    const watered = shown.filter(({ kind }) => kind === 'water')
    const weather = course.value?.sky.days.find((sky) => sky.date === one.date)
    const pots = new Set(watered.map(({ containerId }) => containerId)).size
    const lines = linesOf(shown.filter(({ kind }) => kind !== 'water'))
    return {
      ...one,
      title: index === 0 ? t('days.today') : day(one.date),
      weather:
        weather && t('app.temps', { low: temp(weather.tempMinC), high: temp(weather.tempMaxC) }),
      water: pots
        ? t('days.watering', { count: pots, litres: water(litresOf(watered)) }, pots)
        : '',
      waterReasons: watered[0]?.reasons ?? [],
      lines: lines.map(({ job, jobs }) => ({
        key: job.id,
        job,
        name: jobName(job),
        amounts: isVaried(job) ? '' : amountsWords(job),
        codes: jobs.map(codeOf).filter(Boolean).join(', '),
      })),
    }
  }),
)
const lengthOf = ({ lengthMm, amount: { of } }: ToBuy) =>
  lengthMm === undefined
    ? []
    : [amountWords({ what: 'mm', value: lengthMm, ...(of !== undefined && { of }) })]
const buying = computed(() =>
  garden.value
    ? toBuy(
        garden.value,
        all.value.filter(({ dueOn }) => dueOn >= date.value && dueOn < addDays(date.value, DAYS)),
      )
    : [],
)
</script>

<template>
  <div v-if="garden" class="view days-view">
    <section class="panel days-main">
      <div class="row days-head">
        <h1>{{ t('days.title') }}</h1>
        <ChoiceField v-model="wanted" :label="t('days.kind')" :options="kindOptions" />
      </div>
      <p v-if="progress" role="status">{{ t('app.workingOut', progress) }}</p>
      <section v-if="buying.length" class="days-buy" :aria-label="t('days.buy')">
        <h2>{{ t('days.buy') }}</h2>
        <ul>
          <li v-for="one in buying" :key="`${one.kind}${one.amount.of}${one.lengthMm}`">
            {{
              t('days.buyLine', {
                what: [amountWords(one.amount), ...lengthOf(one)].join(', '),
                date: day(one.neededOn, { weekday: 'short', day: 'numeric', month: 'short' }),
              })
            }}
            <span class="soft">
              {{ t(`job.${one.kind}`)
              }}<template v-if="one.leftG !== undefined">
                · {{ t('days.left', { left: dose(one.leftG) }) }}</template
              >
            </span>
          </li>
        </ul>
      </section>
      <ol class="days-list">
        <li
          v-for="one in days"
          :key="one.date"
          class="days-day"
          :class="{ 'days-week': startsWeek(one.date) }"
        >
          <div class="days-date">
            <h2>{{ one.title }}</h2>
            <span v-if="one.weather" class="soft">{{ one.weather }}</span>
          </div>
          <ul>
            <li v-if="one.water">
              <WhyNumber :value="one.water" :reasons="one.waterReasons" :about="one.title" />
            </li>
            <li v-for="line in one.lines" :key="line.key" :data-job="line.job.kind">
              <WhyNumber :value="line.name" :reasons="line.job.reasons" :about="one.title" />
              <template v-if="line.amounts"> {{ line.amounts }}</template>
              <span v-if="line.codes" class="days-codes soft">{{ line.codes }}</span>
              <span v-if="line.job.held" class="days-held">{{ textOf(line.job.held) }}</span>
            </li>
            <li v-if="!one.water && !one.lines.length" class="soft">{{ t('days.nothing') }}</li>
          </ul>
        </li>
      </ol>
    </section>
    <aside class="panel sheet days-side">
      <TakeWith />
      <OwnJobs />
      <ChangedJobs />
    </aside>
  </div>
</template>

<style>
.days-main {
  flex: 1;
  min-width: 0;
}
.days-head {
  justify-content: space-between;
  align-items: flex-end;
}
.days-head h1 {
  margin: 0;
}
.days-head .field {
  width: 260px;
  margin: 0;
}
.days-head .field-note {
  display: none;
}
.days-buy {
  margin: 10px 0 4px;
  padding-left: 12px;
  border-left: 3px solid var(--accent);
}
.days-buy h2 {
  font-size: 15px;
  margin: 0 0 2px;
}
.days-buy ul,
.days-list,
.days-day ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.days-buy ul {
  columns: 2;
  column-gap: 24px;
  font-size: 14px;
}
.days-day {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 16px;
  padding: 9px 0;
  border-top: 1px solid var(--line);
}
.days-week {
  border-top: 2px solid var(--ink);
}
.days-date h2 {
  margin: 0;
  font-size: 15.5px;
}
.days-date .soft {
  font-size: 13.5px;
  font-variant-numeric: tabular-nums;
}

.days-day li {
  padding: 2px 0;
}
.days-day .why-number {
  min-height: 24px;
  font-weight: 600;
  margin-right: 8px;
}
.days-codes {
  margin-left: 8px;
}
.days-held {
  display: block;
  font-size: 13.5px;
}
.days-side {
  width: 372px;
  flex: none;
}
@media (max-width: 700px) {
  .days-view {
    flex-direction: column;
  }
  .days-main,
  .days-side {
    overflow: visible;
    width: auto;
    flex: none;
  }
  .days-day {
    grid-template-columns: 1fr;
    gap: 2px;
  }
  .days-date {
    display: flex;
    justify-content: space-between;
  }
  .days-buy ul {
    columns: 1;
  }
  .days-head .field {
    width: 100%;
  }
}
</style>
