<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { Delete, Plus } from '@element-plus/icons-vue'
import { own } from '@rimbo/core'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { vOpened } from '../../ui/fields/opened'
import { useFaultText } from '../../ui/words/faults'
import QuantityField from '../../ui/fields/QuantityField.vue'
import TextField from '../../ui/fields/TextField.vue'
import SideFields from './SideFields.vue'
import type { PlanForm } from './usePlanForm'
import PushButton from '../../ui/fields/PushButton.vue'

/** A space by its numbers; the drawing beside it follows. */
const props = defineProps<{ form: PlanForm }>()
const emit = defineEmits<{ save: []; cancel: [] }>()

const { t } = useI18n()
const { atField } = useFaultText()
const { typed, faults, plan } = props.form
const faultAt = (field: string) => {
  const fault = own(faults.value, field)
  return fault && atField(fault)
}

/** Names of a rectangle's sides; those of another shape are counted. */
const sideNames = computed(() =>
  typed.sides.map((_, index) =>
    typed.isFree ? t('place.sideNumber', { number: index + 1 }) : t(`place.side${index}`),
  ),
)
const sideOptions = computed(() =>
  sideNames.value.map((label, index) => ({ value: String(index), label })),
)
const doorFault = computed(() => faultAt('door.sideIndex'))
</script>

<template>
  <form v-opened class="space-form" @submit.prevent="emit('save')">
    <div class="field-grid">
      <template v-if="!typed.isFree">
        <QuantityField
          v-model="typed.widthMm"
          dimension="length"
          :label="t('place.width')"
          :fault="faultAt('corners.1.xMm') ?? faultAt('corners')"
        />
        <QuantityField
          v-model="typed.depthMm"
          dimension="length"
          :label="t('place.depth')"
          :fault="faultAt('corners.2.yMm')"
        />
      </template>
      <TextField
        v-model="typed.facing"
        :label="t('place.facing')"
        :hint="t('place.facingHint')"
        :fault="faultAt('facingDeg')"
      />
    </div>
    <fieldset class="part-fields">
      <legend>{{ t('place.skyline') }}</legend>
      <div class="skyline-fields">
        <TextField
          v-for="(side, index) in ['Left', 'Ahead', 'Right'] as const"
          :key="side"
          v-model="typed.skyline[index]!"
          :label="t(`place.skyline${side}`)"
          :fault="faultAt(`skyline.${index}.elevationDeg`)"
        />
      </div>
      <p class="field-note">{{ t('place.skylineHint') }}</p>
    </fieldset>
    <el-checkbox
      :model-value="typed.isFree"
      :label="t('place.isFree')"
      @update:model-value="(value: unknown) => form.setFree(value === true)"
    />
    <p v-if="typed.isFree && faultAt('corners')" class="field-note strong" role="alert">
      {{ faultAt('corners') }}
    </p>
    <div v-for="(side, index) in typed.sides" :key="index">
      <div v-if="typed.isFree && typed.corners[index]" class="corner-fields">
        <QuantityField
          v-model="typed.corners[index].xMm"
          dimension="length"
          :label="t('place.cornerX')"
          :fault="faultAt(`corners.${index}.xMm`)"
        />
        <QuantityField
          v-model="typed.corners[index].yMm"
          dimension="length"
          :label="t('place.cornerY')"
          :fault="faultAt(`corners.${index}.yMm`)"
        />
        <PushButton
          size="small"
          :icon="Plus"
          :aria-label="t('place.addCorner', { number: index + 1 })"
          @click="form.addCorner(index)"
        />
        <PushButton
          v-if="typed.corners.length > 3"
          size="small"
          :icon="Delete"
          :aria-label="t('place.removeCorner', { number: index + 1 })"
          @click="form.removeCorner(index)"
        />
      </div>
      <SideFields
        v-model:kind="side.kind"
        v-model:height-mm="side.heightMm"
        v-model:solid-mm="side.solidMm"
        v-model:rail-mm="side.railMm"
        :label="sideNames[index] ?? ''"
        :fault-at="(field) => faultAt(`sides.${index}.${field}`)"
      />
    </div>

    <el-checkbox v-model="typed.hasDoor" :label="t('place.hasDoor')" />
    <div v-if="typed.hasDoor" class="field-grid">
      <div>
        <ChoiceField v-model="typed.doorSide" :label="t('place.doorSide')" :options="sideOptions" />
        <p v-if="doorFault" class="field-note strong" role="alert">{{ doorFault }}</p>
      </div>
      <QuantityField
        v-model="typed.doorFromMm"
        dimension="length"
        :label="t('place.doorFrom')"
        :fault="faultAt('door.fromMm')"
      />
      <QuantityField
        v-model="typed.doorWidthMm"
        dimension="length"
        :label="t('place.doorWidth')"
        :fault="faultAt('door.widthMm')"
      />
    </div>
    <el-checkbox v-model="typed.hasSlab" :label="t('place.hasSlab')" />
    <div v-if="typed.hasSlab" class="field-grid">
      <QuantityField
        v-model="typed.slabHeightMm"
        dimension="length"
        :label="t('place.slabHeight')"
        :fault="faultAt('slab.heightMm')"
      />
      <QuantityField
        v-model="typed.slabToMm"
        dimension="length"
        :label="t('place.slabTo')"
        :fault="faultAt('slab.toYMm')"
      />
    </div>
    <el-checkbox v-model="typed.isEarth" :label="t('place.isEarth')" />
    <div v-if="!typed.isEarth" class="field-grid">
      <TextField
        v-model="typed.allowed"
        :label="t('place.allowed')"
        :hint="t('place.allowedHint')"
        :fault="faultAt('allowedKnM2')"
      />
      <TextField
        v-model="typed.allowedEdge"
        :label="t('place.allowedEdge')"
        :fault="faultAt('allowedKnM')"
      />
    </div>
    <fieldset v-for="(shelf, index) in typed.shelves" :key="shelf.id" class="part-fields">
      <legend>{{ t('place.shelf') }}</legend>
      <div class="field-grid">
        <TextField
          v-model="shelf.name"
          :label="t('form.name')"
          :fault="faultAt(`shelves.${index}.name`)"
        />
        <TextField
          v-model="shelf.limitText"
          :label="t('place.shelfLimit')"
          :hint="t('place.shelfLimitHint')"
          :fault="faultAt(`shelves.${index}.limitKg`)"
        />
        <QuantityField
          v-for="name in ['xMm', 'yMm', 'lengthMm', 'widthMm', 'heightMm'] as const"
          :key="name"
          v-model="shelf[name]"
          dimension="length"
          :label="t(`place.shelfField.${name}`)"
          :fault="faultAt(`shelves.${index}.${name}`)"
        />
        <PushButton class="form-check" :icon="Delete" @click="typed.shelves.splice(index, 1)">
          {{ t('pot.delete') }}
        </PushButton>
      </div>
    </fieldset>
    <PushButton size="small" :icon="Plus" @click="form.addShelf(t('place.shelf'))">
      {{ t('place.addShelf') }}
    </PushButton>
    <div class="form-actions row">
      <PushButton type="primary" native-type="submit" :disabled="!plan">
        {{ t('place.keep') }}
      </PushButton>
      <PushButton @click="emit('cancel')">{{ t('form.cancel') }}</PushButton>
    </div>
  </form>
</template>

<style>
.skyline-fields {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 0 10px;
}
.corner-fields {
  display: grid;
  grid-template-columns: 1fr 1fr auto auto;
  gap: 0 8px;
  align-items: center;
}
</style>
