<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Back, CopyDocument, Delete, Edit, Right } from '@element-plus/icons-vue'
import { innerSizeMm, judgeLabel, standingRimMm, type Garden, type PotToday } from '@rimbo/core'
import { useJobsStore } from '../../stores/jobs'
import { useTodayStore } from '../../stores/today'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import { usePotWords } from '../../ui/words/potWords'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import PotChecks from './PotChecks.vue'
import VolumeFacts from './VolumeFacts.vue'
import PushButton from '../../ui/fields/PushButton.vue'
import RecordHere from '../../records/RecordHere.vue'
import PotJobs from '../../jobs/PotJobs.vue'
import WindRow from '../../jobs/WindRow.vue'

/** Everything known of one pot today, each number with its reasons. */
const props = defineProps<{ garden: Garden; pot: PotToday }>()
defineEmits<{
  edit: []
  copy: [times: number]
  remove: []
  close: []
  unroll: []
  move: [by: -1 | 1]
}>()

const { t } = useI18n()
const { water, length, share } = useFormat()
const { varietyName, recipeName } = useNames()
const { waterWords, wholeWords } = usePotWords()

const { todayByContainer } = storeToRefs(useJobsStore())
const { course } = storeToRefs(useTodayStore())

const container = computed(() => props.pot.container)
const courseOf = computed(() =>
  course.value?.pots.find((one) => one.container.id === container.value.id),
)
const finding = computed(
  () =>
    container.value.label && judgeLabel(container.value.label, props.pot.volumes.labelledVolumeL),
)
const sizes = computed(() => {
  const { shape, fillMm } = container.value
  const rimMm = standingRimMm(container.value)
  return {
    across: length(innerSizeMm(shape, rimMm).lengthMm),
    deep: length(rimMm),
    filled: length(fillMm),
  }
})

const copies = ref(1)
</script>

<template>
  <div>
    <div class="row pot-panel-head">
      <h2>{{ container.code }} · {{ container.name }}</h2>
      <router-link :to="`/pot/${container.id}`">{{ t('potPage.open') }}</router-link>
      <router-link :to="{ path: '/check', query: { pot: container.id } }">{{
        t('potPage.check')
      }}</router-link>
      <PushButton size="small" @click="$emit('close')">{{ t('pot.close') }}</PushButton>
    </div>
    <SectionFigure
      :pot="pot"
      :width="370"
      :height="200"
      :label="wholeWords(pot)"
      :sizes="sizes"
      container-only
    />
    <VolumeFacts :volumes="pot.volumes" :container="container" :finding="finding" />
    <table class="pot-facts">
      <tbody>
        <tr v-for="plant in pot.plants" :key="plant.planting.id">
          <th scope="row">
            {{ varietyName(plant.variety)
            }}<template v-if="plant.planting.count > 1">&nbsp;×{{ plant.planting.count }}</template>
          </th>
          <td>
            {{ t(`stage.${plant.growth.stage}`) }}, {{ length(plant.growth.heightMm) }}.
            {{ t('pot.yieldEach') }}
            <WhyNumber
              :value="share(plant.yield.perPlant)"
              :reasons="plant.yield.reasons"
              :about="t('pot.yieldEach')"
            />
          </td>
        </tr>
        <tr v-if="pot.mix">
          <th scope="row">{{ recipeName(pot.mix.recipe) }}</th>
          <td>
            {{ t('pot.drained') }}
            <WhyNumber
              :value="
                t('pot.waterAndAir', {
                  water: share(pot.mix.drained.containerCapacity),
                  air: share(pot.mix.drained.airSpace),
                })
              "
              :reasons="pot.mix.reasons"
              :about="t('pot.drained')"
            />
          </td>
        </tr>
        <tr v-if="pot.need">
          <th scope="row">{{ t('pot.waterToday') }}</th>
          <td>
            <WhyNumber
              :value="water(pot.need.waterL)"
              :reasons="pot.need.reasons"
              :about="t('pot.waterToday')"
            />
            · {{ t('pot.stillToGive', { litres: waterWords(pot) }) }}
          </td>
        </tr>
      </tbody>
    </table>
    <PotJobs :jobs="todayByContainer.get(container.id) ?? []" />
    <WindRow v-if="course && courseOf" :course="course" :pot="courseOf" />
    <PotChecks :garden="garden" :pot="pot" />
    <details class="pot-happened">
      <summary>{{ t('happened.title') }}</summary>
      <RecordHere :pot="pot" />
    </details>
    <div class="row">
      <PushButton :icon="Edit" @click="$emit('edit')">{{ t('pot.edit') }}</PushButton>
      <PushButton v-if="container.rolledMm" @click="$emit('unroll')">{{
        t('pot.unroll')
      }}</PushButton>
      <PushButton :icon="CopyDocument" @click="$emit('copy', copies)">{{
        t('pot.copy')
      }}</PushButton>
      <el-input-number
        v-model="copies"
        class="pot-copies"
        :min="1"
        :max="30"
        :precision="0"
        :value-on-clear="1"
        controls-position="right"
        :aria-label="t('pot.copies')"
      />
      <PushButton :icon="Delete" @click="$emit('remove')">{{ t('pot.delete') }}</PushButton>
      <PushButton :icon="Back" :aria-label="t('pot.moveLeft')" @click="$emit('move', -1)" />
      <PushButton :icon="Right" :aria-label="t('pot.moveRight')" @click="$emit('move', 1)" />
    </div>
  </div>
</template>

<style>
.pot-facts th {
  width: 108px;
}
.pot-panel-head {
  justify-content: space-between;
  flex-wrap: nowrap;
}
.pot-copies {
  width: 82px !important;
}
.pot-happened {
  margin: 10px 0;
}
.pot-happened summary {
  font-weight: 600;
  padding: 6px 0;
}
.pot-caution {
  margin-top: 8px;
}
</style>
