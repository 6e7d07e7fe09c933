<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  coarseLayer,
  innerShape,
  sameMixIn,
  type Mix,
  type PotToday,
  type Shape,
} from '@rimbo/core'
import MixColumn from '../../drawing/MixColumn.vue'
import { useFormat } from '../../ui/words/format'
import ReasonList from '../../ui/words/ReasonList.vue'

/** The same mix in low and tall vessels, and over a layer of stones. */
const props = defineProps<{ mix: Mix; shown: PotToday | undefined }>()
const { t } = useI18n()
const { share, length, volume } = useFormat()

const LAYER_MM = 60
const layerMm = ref(LAYER_MM)
const forms = computed(() => sameMixIn(props.mix.curve))
/** The pot that is looked at, or a bucket. */
const stones = computed(() => {
  const own = props.shown?.container
  const bucket = forms.value.find(({ form }) => form === 'bucket')!
  const shape: Shape = own ? innerShape(own) : bucket.shape
  const fillMm = own?.fillMm ?? bucket.fillMm
  const deepMm = Math.min(layerMm.value, fillMm / 2)
  return { shape, fillMm, deepMm, ...coarseLayer(shape, fillMm, deepMm, props.mix.curve) }
})
</script>

<template>
  <div class="forms">
    <h2>{{ t('mix.sameMix') }}</h2>
    <p class="soft">{{ t('mix.sameMixText') }}</p>
    <div class="forms-row">
      <figure v-for="one in forms" :key="one.form" :data-form="one.form">
        <MixColumn :shape="one.shape" :fill-mm="one.fillMm" :body="one.body" :curve="mix.curve" />
        <figcaption>
          <strong>{{ t(`mix.form.${one.form}`) }}</strong>
          {{ length(one.fillMm) }}<br />
          {{
            t('pot.waterAndAir', { water: share(one.containerCapacity), air: share(one.airSpace) })
          }}
        </figcaption>
      </figure>
    </div>
    <h2>{{ t('mix.stones') }}</h2>
    <div class="forms-row">
      <figure data-form="without">
        <MixColumn
          :shape="stones.shape"
          :fill-mm="stones.fillMm"
          :body="stones.plain"
          :curve="mix.curve"
        />
        <figcaption>
          <strong>{{ t('mix.withoutStones') }}</strong><br />
          {{
            t('mix.airLitres', {
              air: share(stones.without.airSpace),
              litres: volume(stones.airWithoutL),
            })
          }}<br />
          {{ t('mix.wetUpTo', { height: length(stones.wetToWithoutMm) }) }}
        </figcaption>
      </figure>
      <figure data-form="stones">
        <MixColumn
          :shape="stones.shape"
          :fill-mm="stones.fillMm"
          :body="stones.body"
          :curve="mix.curve"
          :layer-mm="stones.deepMm"
        />
        <figcaption>
          <strong>{{ t('mix.withStones', { height: length(stones.deepMm) }) }}</strong><br />
          {{
            t('mix.airLitres', {
              air: share(stones.withLayer.airSpace),
              litres: volume(stones.airL),
            })
          }}<br />
          {{ t('mix.wetUpTo', { height: length(stones.wetToMm) }) }}
        </figcaption>
      </figure>
      <div class="forms-why">
        <label class="field-label" :for="'layer-depth'">{{ t('mix.layerDepth') }}</label>
        <el-slider
          id="layer-depth"
          v-model="layerMm"
          :min="20"
          :max="120"
          :step="10"
          :aria-label="t('mix.layerDepth')"
          :format-tooltip="length"
        />
        <ReasonList :reasons="stones.reasons" />
      </div>
    </div>
  </div>
</template>

<style>
.forms {
  margin-top: 10px;
}
.forms-row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 26px;
  align-items: flex-end;
  margin-bottom: 14px;
}
.forms-row figure {
  margin: 0;
}
.forms-row figcaption {
  font-size: 13px;
  line-height: 1.35;
}
.forms-why {
  flex: 1;
  min-width: 240px;
  align-self: center;
}
</style>
