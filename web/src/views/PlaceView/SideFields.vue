<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { sideKinds, type Side } from '@rimbo/core'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useOptions } from '../../ui/fields/options'
import QuantityField from '../../ui/fields/QuantityField.vue'

/** What stands on one side of a space. */
defineProps<{ label: string; faultAt: (field: string) => string | undefined }>()
const kind = defineModel<Side['kind']>('kind', { required: true })
const heightMm = defineModel<number | undefined>('heightMm', { required: true })
const solidMm = defineModel<number | undefined>('solidMm', { required: true })
const railMm = defineModel<number | undefined>('railMm', { required: true })

const { t } = useI18n()
const { optionsOf } = useOptions()
const options = computed(() => optionsOf(sideKinds, 'sideKind'))
</script>

<template>
  <div class="field-grid">
    <ChoiceField v-model="kind" :label="t('place.onSide', { side: label })" :options="options" />
    <QuantityField
      v-if="kind === 'wall'"
      v-model="heightMm"
      dimension="length"
      :label="t('place.wallHeight')"
      :fault="faultAt('heightMm')"
    />
    <template v-if="kind === 'parapet'">
      <QuantityField
        v-model="railMm"
        dimension="length"
        :label="t('place.railTo')"
        :fault="faultAt('railMm')"
      />
      <QuantityField
        v-model="solidMm"
        dimension="length"
        :label="t('place.solidTo')"
        :fault="faultAt('solidMm')"
      />
    </template>
  </div>
</template>
