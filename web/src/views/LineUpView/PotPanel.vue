<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { Back, CopyDocument, Delete, Edit, Right } from '@element-plus/icons-vue'
import { innerSizeMm, judgeLabel, liftingCaution, rimHeightMm, type PotToday } from '@rimbo/core'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { useFormat } from '../../ui/format'
import { useNames } from '../../ui/names'
import { usePotWords } from '../../ui/potWords'
import WhyNumber from '../../ui/WhyNumber.vue'
import VolumeFacts from './VolumeFacts.vue'

/** Everything known of one pot today, each number with its reasons. */
const props = defineProps<{ pot: PotToday }>()
defineEmits<{ edit: []; copy: []; remove: []; close: []; move: [by: -1 | 1] }>()

const { t } = useI18n()
const { water, length, mass, share } = useFormat()
const { varietyName, recipeName } = useNames()
const { waterWords, wholeWords } = usePotWords()

const container = computed(() => props.pot.container)
const finding = computed(
  () => container.value.label && judgeLabel(container.value.label, props.pot.volumes.rimVolumeL),
)
const sizes = computed(() => {
  const { shape, fillMm } = container.value
  return {
    across: length(innerSizeMm(shape, rimHeightMm(shape)).lengthMm),
    deep: length(rimHeightMm(shape)),
    filled: length(fillMm),
  }
})

const cautions = computed(() => {
  const massKg = props.pot.mix?.wateredMassKg ?? 0
  const lifting = liftingCaution(massKg)
  return [
    ...(lifting ? [t(`caution.${lifting}`, { mass: mass(massKg * 1000) }), t('caution.load')] : []),
    ...(container.value.type === 'basket' ? [t('caution.hanging')] : []),
  ]
})
</script>

<template>
  <div>
    <div class="row pot-panel-head">
      <h2>{{ container.code }} · {{ container.name }}</h2>
      <el-button size="small" @click="$emit('close')">{{ t('pot.close') }}</el-button>
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
            <template v-if="pot.visits && pot.visits.count > 1">
              · {{ t('pot.inGoes', { count: pot.visits.count }) }}
            </template>
            <template v-if="pot.givenL > 0 || pot.isSkipped">
              · {{ t('pot.stillToGive', { litres: waterWords(pot) }) }}</template
            >
          </td>
        </tr>
      </tbody>
    </table>
    <p v-for="caution in cautions" :key="caution" class="caution pot-caution">{{ caution }}</p>
    <div class="row">
      <el-button :icon="Edit" @click="$emit('edit')">{{ t('pot.edit') }}</el-button>
      <el-button :icon="CopyDocument" @click="$emit('copy')">{{ t('pot.copy') }}</el-button>
      <el-button :icon="Delete" @click="$emit('remove')">{{ t('pot.delete') }}</el-button>
      <el-button :icon="Back" :aria-label="t('pot.moveLeft')" @click="$emit('move', -1)" />
      <el-button :icon="Right" :aria-label="t('pot.moveRight')" @click="$emit('move', 1)" />
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
.pot-caution {
  margin-top: 8px;
}
</style>
