<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  edits,
  faultsOf,
  fieldSchema,
  guessNormals,
  normalsSchema,
  placeSchema,
  type Garden,
} from '@rimbo/core'
import { useGardenStore } from '../stores/garden'
import { useFaultText } from '../ui/words/faults'
import { useFormat } from '../ui/words/format'
import NumberField from '../ui/fields/NumberField.vue'
import QuantityField from '../ui/fields/QuantityField.vue'
import TextField from '../ui/fields/TextField.vue'
import PushButton from '../ui/fields/PushButton.vue'

/** The normals of the place, month by month, and its frost dates. */
const props = defineProps<{ garden: Garden }>()
const emit = defineEmits<{ close: [] }>()
const store = useGardenStore()
const { t } = useI18n()
const { system, day } = useFormat()
const { atField } = useFaultText()

interface Row {
  tempMaxC: number | undefined
  tempMinC: number | undefined
  rainMm: number | undefined
  wetDays: number | undefined
}
const tenth = (value: number) => Math.round(value * 10) / 10
const rows = reactive<Row[]>(
  (props.garden.normals ?? guessNormals(props.garden.place)).map((month) => ({
    tempMaxC: tenth(month.tempMaxC),
    tempMinC: tenth(month.tempMinC),
    rainMm: month.rainMm,
    wetDays: month.wetDays,
  })),
)
const rowsAtStart = rows.map((row) => ({ ...row }))
const frostsAtStart = props.garden.place
const lastFrost = ref(frostsAtStart.lastFrost ?? '')
const firstFrost = ref(frostsAtStart.firstFrost ?? '')
const monthName = (index: number) =>
  day(`2025-${String(index + 1).padStart(2, '0')}-15`, { month: 'long' })

const checked = computed(() => normalsSchema.safeParse(rows, { reportInput: true }))
const frosts = computed(() =>
  placeSchema.pick({ lastFrost: true, firstFrost: true }).safeParse(
    {
      ...(lastFrost.value.trim() ? { lastFrost: lastFrost.value.trim() } : {}),
      ...(firstFrost.value.trim() ? { firstFrost: firstFrost.value.trim() } : {}),
    },
    { reportInput: true },
  ),
)
const faults = computed(() =>
  [checked.value, frosts.value].flatMap((one) => (one.success ? [] : faultsOf(one.error))),
)
const faultAt = (...path: (string | number)[]) => {
  const found = faults.value.find((fault) => fault.path.join('.') === path.join('.'))
  return found && atField(found)
}
const isReady = computed(() => checked.value.success && frosts.value.success)

async function save(): Promise<void> {
  const { data: normals } = checked.value
  const { data: dates } = frosts.value
  if (!normals || !dates) return
  await store.edit(
    edits.keepNormals(
      { normals, frosts: dates },
      { normals: rowsAtStart as typeof normals, frosts: frostsAtStart },
    ),
  )
  emit('close')
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t('normals.dialog')"
    width="680"
    top="4vh"
    @close="emit('close')"
  >
    <p class="soft">{{ t('normals.text') }}</p>
    <form @submit.prevent="save">
      <table class="normals">
        <thead>
          <tr>
            <th>{{ t('normals.month') }}</th>
            <th>{{ t('normals.tempMaxC') }}</th>
            <th>{{ t('normals.tempMinC') }}</th>
            <th>{{ t('normals.rainMm') }}</th>
            <th>{{ t('normals.wetDays') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, index) in rows" :key="index">
            <th scope="row">{{ monthName(index) }}</th>
            <td v-for="name in ['tempMaxC', 'tempMinC'] as const" :key="name">
              <QuantityField
                v-model="row[name]"
                dimension="temperature"
                :schema="fieldSchema(normalsSchema, 0, name)"
                :label="`${monthName(index)}, ${t(`normals.${name}`)}`"
                :fault="faultAt(index, name)"
              />
            </td>
            <td>
              <QuantityField
                v-model="row.rainMm"
                dimension="length"
                :schema="fieldSchema(normalsSchema, 0, 'rainMm')"
                :bare="system === 'us' ? 'in' : 'mm'"
                :label="`${monthName(index)}, ${t('normals.rainMm')}`"
                :fault="faultAt(index, 'rainMm')"
              />
            </td>
            <td>
              <NumberField
                v-model="row.wetDays"
                :schema="fieldSchema(normalsSchema, 0, 'wetDays')"
                :label="`${monthName(index)}, ${t('normals.wetDays')}`"
                :fault="faultAt(index, 'wetDays')"
              />
            </td>
          </tr>
        </tbody>
      </table>
      <div class="field-grid">
        <TextField
          v-model="lastFrost"
          :label="t('normals.lastFrost')"
          :hint="t('normals.frostHint')"
          :fault="faultAt('lastFrost')"
        />
        <TextField
          v-model="firstFrost"
          :label="t('normals.firstFrost')"
          :hint="t('normals.frostHint')"
          :fault="faultAt('firstFrost')"
        />
      </div>
      <PushButton type="primary" native-type="submit" :disabled="!isReady">{{
        t('normals.save')
      }}</PushButton>
      <PushButton @click="emit('close')">{{ t('form.cancel') }}</PushButton>
    </form>
  </el-dialog>
</template>

<style>
.normals td {
  padding: 1px 6px 1px 0;
}
.normals .field {
  margin: 0;
}
/* The column and the month name each cell; its label is for who hears it. */
.normals .field label {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.normals .field-note:empty {
  display: none;
}
</style>
