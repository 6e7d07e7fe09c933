<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  rootVolumeReasons,
  standingRimMm,
  volumeReasons,
  type Container,
  type ContainerVolumes,
  type LabelFinding,
} from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import { useReasonText } from '../../ui/words/reasons'
import WhyNumber from '../../ui/words/WhyNumber.vue'

/** What a container truly holds, beside what its label says. */
const props = defineProps<{
  volumes: ContainerVolumes
  container: Container
  finding: LabelFinding | undefined
}>()
const { t } = useI18n()
const { volume } = useFormat()
const { textOf } = useReasonText()

/** More or less than the plain shape is there for roots. */
const hasParts = computed(() => rootVolumeReasons(props.container).length > 1)

/** To the rim, as labels speak; to the fill line, as roots live. */
const facts = computed(() => [
  {
    name: 'rim',
    about: t('pot.toRim'),
    volumeL: props.volumes.rimVolumeL,
    reasons: volumeReasons(props.container, standingRimMm(props.container)),
  },
  {
    name: 'fill',
    about: t('pot.toFill'),
    volumeL: props.volumes.fillVolumeL,
    reasons: [
      ...volumeReasons(props.container, props.container.fillMm),
      ...(hasParts.value ? rootVolumeReasons(props.container) : []),
    ],
  },
  ...(hasParts.value
    ? [
        {
          name: 'roots',
          about: t('pot.toRoots'),
          volumeL: props.volumes.rootVolumeL,
          reasons: rootVolumeReasons(props.container),
        },
      ]
    : []),
  ...(props.volumes.reservoirL > 0
    ? [
        {
          name: 'reservoir',
          about: t('pot.reservoir'),
          volumeL: props.volumes.reservoirL,
          reasons: rootVolumeReasons(props.container),
        },
      ]
    : []),
])
</script>

<template>
  <div class="volume-facts">
    <dl>
      <div v-for="fact in facts" :key="fact.name">
        <dt>{{ fact.about }}</dt>
        <dd :data-fact="fact.name">
          <WhyNumber :value="volume(fact.volumeL)" :reasons="fact.reasons" :about="fact.about" />
        </dd>
      </div>
      <div v-if="container.label">
        <dt>{{ t('pot.labelSays') }}</dt>
        <dd>{{ container.label.text }}</dd>
      </div>
    </dl>
    <p v-if="container.isTypical" class="finding soft">{{ t('pot.typical') }}</p>
    <p
      v-for="reason in finding?.reasons ?? []"
      :key="reason.code"
      class="finding"
      :class="{ 'finding-off': finding?.verdict !== 'agrees' }"
      data-fact="label"
    >
      {{ textOf(reason) }}
    </p>
  </div>
</template>

<style>
.volume-facts dl {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  margin: 0 0 4px;
}
.volume-facts dt {
  font-size: 13px;
  color: var(--ink-soft);
}
.volume-facts dd {
  margin: 0;
  font: 650 19px/1.2 var(--font-heading);
  font-variant-numeric: tabular-nums;
}
.finding {
  margin: 0 0 4px;
  font-size: 14px;
  line-height: 1.35;
}
</style>
