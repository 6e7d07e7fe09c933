<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  addDays,
  HOURS_A_DAY,
  tellingTest,
  type Garden,
  type GardenCourse,
  type PotCourse,
  type PotToday,
} from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import PotTests from './PotTests.vue'
import WiltingYears from './WiltingYears.vue'

/** What tests told of a pot, and the one that would tell most. */
const props = defineProps<{
  garden: Garden
  course: GardenCourse
  pot: PotCourse
  shown: PotToday
  moment: (hours: number) => string
}>()
const { t } = useI18n()
const { tenths, day, water } = useFormat()

const LEAST_BITS = 0.05
const LEAST_SD = 0.1
const learned = computed(() => props.pot.ofWater.learned)
/** A reading that nothing written down explains: it counts, and is told. */
const surprise = computed(() => {
  const last = learned.value?.surprises.at(-1)
  if (!last) return undefined
  const date = addDays(props.course.from, Math.floor(last.hour / HOURS_A_DAY))
  const moreL = last.expectedL - last.foundL
  return t(moreL > 0 ? 'waterView.wetter' : 'waterView.drier', {
    day: day(date, { weekday: 'short', day: 'numeric', month: 'long' }),
    litres: water(Math.abs(moreL)),
  })
})
/** What is done on days of which nothing is written, where tests tell it. */
const habit = computed(() => {
  const known = learned.value?.habit
  return known && known !== 'asPlanned' ? t(`waterView.unwritten.${known}`) : undefined
})
const asked = computed(() => {
  const test = tellingTest(props.pot)
  return test && test.bits > LEAST_BITS
    ? t('waterView.ask', {
        knuckle: t(`knuckle.${test.knuckle}`),
        moment: props.moment(test.hour - props.pot.ofWater.nowHour),
      })
    : undefined
})
</script>

<template>
  <section class="learned">
    <h2>{{ t('waterView.learnedTitle') }}</h2>
    <p v-if="learned" data-learned>
      {{
        t(
          'waterView.learned',
          {
            count: learned.testCount,
            thirst: tenths(learned.thirst.mean),
            sd: tenths(Math.max(LEAST_SD, learned.thirst.sd)),
          },
          learned.testCount,
        )
      }}
    </p>
    <p v-else>{{ t('waterView.notLearned') }}</p>
    <p v-if="habit">{{ habit }}</p>
    <p v-if="surprise" class="strong" data-surprise>{{ surprise }}</p>
    <p v-if="pot.ofWater.earlyCount" class="soft">
      {{ t('waterView.early', { count: pot.ofWater.earlyCount }, pot.ofWater.earlyCount) }}
    </p>
    <p v-if="asked" class="learned-ask">{{ asked }}</p>
    <PotTests :garden="garden" :course="course" :pot="pot" />
    <WiltingYears :garden="garden" :pot="pot" :at="garden.clock ?? `${course.today}T07:00`" />
  </section>
</template>

<style>
.learned h2 {
  margin: 4px 0 2px;
}
.learned p {
  margin: 2px 0 6px;
}
.learned-ask {
  border-left: 3px solid var(--accent);
  padding-left: 8px;
}
</style>
