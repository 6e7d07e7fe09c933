<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  edits,
  faultsOf,
  InputError,
  own,
  recordFaults,
  recordSchema,
  type Fault,
  type GardenRecord,
  type RecordOf,
} from '@rimbo/core'
import { fieldsToChange } from '../../records/formsToChange'
import PhotoAdd from '../../records/PhotoAdd.vue'
import PhotoFrame from '../../records/PhotoFrame.vue'
import RecordField from '../../records/RecordField.vue'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import PushButton from '../../ui/fields/PushButton.vue'
import TextField from '../../ui/fields/TextField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { useRecordWords } from '../../ui/words/recordWords'

/** One record: changed in its place, its earlier forms below it, or moved to the bin. */
const props = defineProps<{ record: GardenRecord }>()
const emit = defineEmits<{ close: [] }>()

const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { now, today } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { day } = useFormat()
const { whatWords } = useRecordWords()
const { atField } = useFaultText()

const NO_POT = 'none'
const values = ref<Record<string, unknown>>({})
const containerId = ref<string>()
const date = ref('')
const time = ref('')
const note = ref('')
const faults = shallowRef<readonly Fault[]>([])
watch(
  () => props.record.id,
  () => {
    values.value = { ...props.record }
    containerId.value = props.record.containerId ?? NO_POT
    date.value = props.record.at.slice(0, 10)
    time.value = props.record.at.slice(11)
    note.value = props.record.note ?? ''
    faults.value = []
  },
  { immediate: true },
)

const pot = computed(() =>
  today.value?.pots.find(({ container }) => container.id === containerId.value),
)
/** Plants are chosen among those that stand in the pot now: others stay as they are. */
const fields = computed(() =>
  fieldsToChange(props.record.kind).filter(
    ({ as, field }) =>
      as !== 'plants' ||
      !own(values.value, field) ||
      pot.value?.plants.some(({ planting }) => planting.id === own(values.value, field)),
  ),
)
const potOptions = computed(() => {
  const pots = garden.value?.containers ?? []
  const isGone = containerId.value !== NO_POT && !pots.some(({ id }) => id === containerId.value)
  return [
    { value: NO_POT, label: t('happened.none') },
    ...(isGone ? [{ value: containerId.value!, label: t('book.potGone') }] : []),
    ...pots.map(({ id, code, name }) => ({ value: id, label: `${code} · ${name}` })),
  ]
})
const faultOf = (field: string) => {
  const found = faults.value.find(({ path }) => path[0] === field)
  return found && atField(found)
}
const otherFaults = computed(() =>
  faults.value.filter(
    ({ path }) => ![...fields.value.map(({ field }) => field), 'at', 'note'].includes(`${path[0]}`),
  ),
)

const edited = computed(() => {
  const given = Object.fromEntries(
    Object.entries(values.value).filter(([, one]) => one !== undefined && one !== ''),
  )
  const { containerId: _pot, note: _note, ...rest } = given
  return {
    ...rest,
    at: `${date.value}T${time.value}`,
    ...(containerId.value !== NO_POT && { containerId: containerId.value }),
    ...(note.value.trim() && { note: note.value.trim() }),
  }
})

async function save(): Promise<void> {
  if (!garden.value) return
  const read = recordSchema.safeParse(edited.value, { reportInput: true })
  const others = {
    ...garden.value,
    records: garden.value.records.filter(({ id }) => id !== props.record.id),
  }
  faults.value = read.error ? faultsOf(read.error) : recordFaults(others, read.data, now.value)
  if (faults.value.length || !read.data) return
  try {
    await store.edit(edits.changeRecord(read.data, props.record, now.value))
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    faults.value = error.faults.length ? error.faults : [{ path: [], code: error.code, params: {} }]
    return
  }
  emit('close')
}
async function remove(): Promise<void> {
  await store.edit(edits.removeRecord(props.record.id, now.value))
  emit('close')
}

const photosOfCheck = computed(
  () =>
    (garden.value?.records ?? []).filter(
      (one) => one.kind === 'photo' && one.checkId === props.record.id,
    ) as RecordOf<'photo'>[],
)

/** How it stood before, the last form first. */
const earlier = computed(() =>
  [...(props.record.earlier ?? [])].reverse().flatMap(({ changedAt, was }) => {
    const read = recordSchema.safeParse({ ...was, id: props.record.id })
    return read.data ? [{ changedAt, record: read.data }] : []
  }),
)
const moment = (at: string) =>
  `${day(at, { day: 'numeric', month: 'short', year: 'numeric' })}, ${at.slice(11)}`
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t('book.editThis', { kind: t(`kind.${record.kind}`) })"
    width="min(480px, 94vw)"
    @close="emit('close')"
  >
    <form @submit.prevent="save">
      <RecordField
        v-for="field in fields"
        :key="field.field"
        v-model="values[field.field]"
        :kind="record.kind"
        :field="field"
        :pot="pot"
        :fault="faultOf(field.field)"
      />
      <ChoiceField v-model="containerId" :label="t('book.pot')" :options="potOptions" />
      <div class="record-here-when">
        <TextField v-model="date" type="date" :label="t('happened.on')" :fault="faultOf('at')" />
        <TextField v-model="time" type="time" :label="t('happened.at')" />
      </div>
      <TextField v-model="note" :label="t('happened.note')" :fault="faultOf('note')" />
      <p v-for="(fault, index) in otherFaults" :key="index" class="strong" role="alert">
        {{ atField(fault) }}
      </p>
      <div class="row">
        <PushButton native-type="submit" type="primary" :loading="isSaving">{{
          t('book.saveChange')
        }}</PushButton>
        <PushButton @click="emit('close')">{{ t('happened.cancel') }}</PushButton>
        <PushButton class="edit-record-delete" @click="remove">{{ t('book.toBin') }}</PushButton>
      </div>
    </form>
    <PhotoFrame v-if="record.kind === 'photo'" :photo="record" :words="whatWords(record)" />
    <section v-if="record.kind === 'check'" class="edit-record-earlier">
      <h3>{{ t('photos.title') }}</h3>
      <PhotoFrame
        v-for="photo in photosOfCheck"
        :key="photo.id"
        :photo="photo"
        :words="moment(photo.at)"
      />
      <PhotoAdd
        :of="{ containerId: record.containerId, checkId: record.id }"
        :code="pot?.container.code ?? '–'"
      />
    </section>
    <section v-if="earlier.length" class="edit-record-earlier">
      <h3>{{ t('book.earlier') }}</h3>
      <ul>
        <li v-for="(one, index) in earlier" :key="index">
          {{ t('book.until', { moment: moment(one.changedAt) }) }}
          <strong>{{ t(`kind.${one.record.kind}`) }}</strong>
          {{ whatWords(one.record) }}
          <span class="soft">{{ moment(one.record.at) }} {{ one.record.note }}</span>
        </li>
      </ul>
    </section>
  </el-dialog>
</template>

<style>
.edit-record-delete {
  margin-left: auto;
}
.edit-record-earlier {
  margin-top: 14px;
  border-top: 1px solid var(--line);
}
.edit-record-earlier h3 {
  margin: 10px 0 4px;
  font-size: 15px;
}
.edit-record-earlier ul {
  margin: 0;
  padding-left: 18px;
}
</style>
