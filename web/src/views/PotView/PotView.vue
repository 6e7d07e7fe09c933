<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { useI18n } from 'vue-i18n'
import { ArrowLeft, ArrowRight, RefreshLeft } from '@element-plus/icons-vue'
import CourseChart from '../../drawing/CourseChart.vue'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import { usePotWords } from '../../ui/words/potWords'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import PlantFacts from './PlantFacts.vue'
import PlantSightings from './PlantSightings.vue'
import RecordHere from '../../records/RecordHere.vue'
import PotJobs from '../../jobs/PotJobs.vue'
import WindRow from '../../jobs/WindRow.vue'
import StringWords from './StringWords.vue'
import YearsTable from './YearsTable.vue'
import { usePotPage } from './usePotPage'
import PushButton from '../../ui/fields/PushButton.vue'

const page = usePotPage()
const { garden, course, now, todayDate, shownDate, pot, shown, todays, string } = page
const { plant, chosenId } = page
const { crop, reasons, observations, neighbours, dayOf, dateOf, jobsToday } = page
const { t } = useI18n()
const { length, mass, day } = useFormat()
const { varietyName } = useNames()
const { wholeWords } = usePotWords()

const figure = ref<HTMLElement>()
const { width, height } = useElementSize(figure)
const massOf = (kg: number) => mass(kg * 1000)
const monthOf = (date: string) => day(date, { month: 'short' })
const plants = computed(() =>
  (shown.value?.plants ?? []).map(({ planting, variety }) => ({
    value: planting.id,
    label: varietyName(variety),
  })),
)
</script>

<template>
  <div v-if="garden && course && pot && shown && todays && string" class="view pot-view">
    <section class="pot-view-main">
      <div class="row pot-view-head">
        <h1>{{ pot.container.code }} · {{ pot.container.name }}</h1>
        <router-link
          v-if="neighbours.before"
          :to="`/pot/${neighbours.before.id}`"
          class="pot-step"
          :aria-label="t('potPage.before', { code: neighbours.before.code })"
        >
          <el-icon><ArrowLeft /></el-icon>{{ neighbours.before.code }}
        </router-link>
        <router-link
          v-if="neighbours.after"
          :to="`/pot/${neighbours.after.id}`"
          class="pot-step"
          :aria-label="t('potPage.after', { code: neighbours.after.code })"
        >
          {{ neighbours.after.code }}<el-icon><ArrowRight /></el-icon>
        </router-link>
        <SwitchButtons
          v-if="plants.length > 1"
          :model-value="plant?.planting.id"
          :options="plants"
          :label="t('potPage.plants')"
          @update:model-value="(id) => (chosenId = id)"
        />
        <span class="pot-view-day" aria-live="polite">{{ day(shownDate) }}</span>
        <PushButton
          v-if="shownDate !== todayDate"
          size="small"
          :icon="RefreshLeft"
          @click="shownDate = todayDate"
        >
          {{ t('string.back') }}
        </PushButton>
        <router-link class="pot-step" :to="{ path: '/check', query: { pot: pot.container.id } }">
          {{ t('potPage.check') }}
        </router-link>
        <router-link class="pot-step" :to="{ path: '/line-up', query: { pot: pot.container.id } }">
          {{ t('potPage.inLine') }}
        </router-link>
      </div>
      <div class="pot-view-drawings">
        <div ref="figure" class="pot-view-figure">
          <SectionFigure
            v-if="width > 0"
            :pot="shown"
            :width="width"
            :height="height"
            :label="wholeWords(shown)"
          />
        </div>
        <CourseChart
          v-if="plant && crop"
          :course="plant.course"
          :observations="observations"
          :weeks="crop.weeks"
          :today="dayOf(todayDate)"
          :shown="dayOf(shownDate)"
          :day-of="dayOf"
          :length-words="length"
          :mass-words="massOf"
          :day-words="monthOf"
          :label="t('potPage.chart', { plant: varietyName(plant.variety) })"
          @show="(at) => (shownDate = dateOf(at))"
        />
        <p v-else class="pot-view-empty">
          {{ t('potPage.empty') }} <router-link to="/fit">{{ t('view.fit') }}</router-link>
        </p>
      </div>
      <div class="pot-view-below">
        <PlantFacts
          v-if="plant && crop"
          :plant="plant"
          :pot="shown"
          :crop="crop"
          :reasons="reasons"
        />
        <YearsTable
          v-if="plant"
          :key="pot.container.id"
          :garden="garden"
          :container-id="pot.container.id"
          :planting-id="plant.planting.id"
          :now="now"
        />
      </div>
    </section>
    <aside class="panel sheet pot-view-side" :aria-label="t('potPage.string')">
      <PotJobs :jobs="jobsToday" />
      <WindRow :course="course" :pot="pot" />
      <PlantSightings v-if="plant" :planting="plant.planting" :now="now" />
      <details class="pot-view-happened">
        <summary>{{ t('happened.title') }}</summary>
        <RecordHere :pot="todays" />
      </details>
      <StringWords v-model:date="shownDate" :course="course" :string="string" />
    </aside>
  </div>
  <p v-else-if="garden" class="view">{{ t('potPage.unknown') }}</p>
</template>

<style>
.pot-view-happened summary {
  font-weight: 600;
  padding: 6px 0;
}
.pot-view {
  padding-bottom: 0;
}
.pot-view-main {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
  overflow: hidden auto;
}
.pot-view-head {
  gap: 6px 14px;
}
.pot-view-head h1 {
  margin: 0;
}
.pot-view-day {
  margin-left: auto;
}
.pot-step {
  display: inline-flex;
  align-items: center;
  gap: 3px;
}
.pot-view-drawings {
  flex: 1;
  min-height: 300px;
  display: flex;
  gap: 16px;
}
.pot-view-figure {
  width: 34%;
  flex: none;
}
.pot-view-empty {
  margin: auto;
}
.pot-view-below {
  flex: none;
  display: flex;
  align-items: flex-start;
  gap: 28px;
  padding: 8px 0 14px;
}
.pot-view-below > * {
  flex: 1;
  min-width: 0;
}
.pot-view-side {
  width: 316px;
  flex: none;
  margin-bottom: 14px;
  display: flex;
  flex-direction: column;
}
@media (max-width: 700px) {
  .pot-view,
  .pot-view-main {
    overflow: visible;
    flex: none;
    height: auto;
  }
  .pot-view {
    flex-direction: column;
  }
  .pot-view-drawings,
  .pot-view-below {
    flex-direction: column;
  }
  .pot-view-figure {
    width: 100%;
    height: 320px;
  }
  .course-chart {
    height: 280px;
    flex: none;
  }
  .pot-view-side {
    width: auto;
  }
  .string-words {
    flex: none;
    height: 60vh;
  }
}
</style>
