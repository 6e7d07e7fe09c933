<script setup lang="ts">
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Check } from '@element-plus/icons-vue'
import {
  edits,
  faultsOf,
  InputError,
  liftingCaution,
  recordFaults,
  recordSchema,
  type Fault,
  type PotToday,
  type RecordKind,
} from '@rimbo/core'
import { useGardenStore } from '../stores/garden'
import { useTodayStore } from '../stores/today'
import PushButton from '../ui/fields/PushButton.vue'
import TextField from '../ui/fields/TextField.vue'
import { useFaultText } from '../ui/words/faults'
import { useFormat } from '../ui/words/format'
import { isFor, nurseryForms, recordForms, type RecordForm } from './forms'
import PhotoAdd from './PhotoAdd.vue'
import RecordField from './RecordField.vue'

/** What happened at a pot, or in the nursery where there is none: a tap on what, a tap to record it. */
const props = defineProps<{ pot?: PotToday }>()
const emit = defineEmits<{ recorded: [kind: RecordKind] }>()

const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { mass } = useFormat()
const { atField } = useFaultText()

const open = shallowRef<RecordForm>()
const values = ref<Record<string, unknown>>({})
const note = ref('')
const date = ref('')
const time = ref('')
const faults = shallowRef<readonly Fault[]>([])

const forms = computed(() =>
  props.pot ? recordForms.filter((form) => isFor(form, props.pot!)) : nurseryForms,
)
const groups = computed(() =>
  (['plant', 'pot', 'seen'] as const)
    .map((group) => ({ group, forms: forms.value.filter((form) => form.group === group) }))
    .filter((one) => one.forms.length),
)

function begin(form: RecordForm): void {
  if (open.value === form) return close()
  open.value = form
  values.value = { ...(props.pot && form.usual?.(props.pot)) }
  note.value = ''
  date.value = now.value.slice(0, 10)
  time.value = now.value.slice(11, 16)
  faults.value = []
  void nextTick(() => formAt.value[0]?.scrollIntoView({ block: 'nearest' }))
}
const formAt = ref<readonly HTMLElement[]>([])
function close(): void {
  open.value = undefined
}
watch(() => props.pot?.container.id, close)

/** The record as it stands in the form, without what was left empty. */
const draft = computed(() => {
  if (!open.value) return undefined
  const given = Object.fromEntries(
    Object.entries(values.value).filter(
      ([, value]) => value !== undefined && value !== '' && value !== false,
    ),
  )
  return {
    ...given,
    ...(props.pot && open.value.also?.(values.value, props.pot)),
    id: 'new',
    kind: open.value.kind,
    at: `${date.value}T${time.value}`,
    ...(props.pot && { containerId: props.pot.container.id }),
    ...(note.value.trim() && { note: note.value.trim() }),
  }
})

const faultOf = (field: string): string | undefined => {
  const found = faults.value.find(({ path }) => path[0] === field)
  return found && atField(found)
}

async function record(): Promise<void> {
  if (!draft.value || !garden.value) return
  const read = recordSchema.safeParse(draft.value, { reportInput: true })
  faults.value = read.error
    ? faultsOf(read.error)
    : recordFaults(garden.value, read.data, now.value)
  if (faults.value.length || !read.data) return
  const one = { ...read.data, id: nanoid() }
  try {
    await store.edit(edits.recordOne(one, props.pot?.container.code ?? t('happened.nursery')))
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    faults.value = error.faults
    return
  }
  close()
  emit('recorded', one.kind)
}

/** A photo of a pot with one planting is of that as well. */
const photoOf = ({ container, plants }: PotToday) => ({
  containerId: container.id,
  plantingId: plants.length === 1 ? plants[0]!.planting.id : undefined,
})

const caution = computed(() => {
  const key = open.value?.caution
  if (!key || !props.pot) return undefined
  if (key !== 'liftCaution') return t(`happened.${key}`)
  const { wateredKg } = props.pot.mass
  return liftingCaution(wateredKg)
    ? t('happened.liftCaution', { mass: mass(wateredKg * 1000) })
    : undefined
})
</script>

<template>
  <div class="record-here">
    <template v-for="{ group, forms: listed } in groups" :key="group">
      <p class="record-here-group">{{ t(`happened.group.${group}`) }}</p>
      <div class="row" role="group" :aria-label="t(`happened.group.${group}`)">
        <PushButton
          v-for="form in listed"
          :key="form.kind"
          size="small"
          :aria-pressed="open === form"
          :type="open === form ? 'primary' : 'default'"
          @click="begin(form)"
          >{{ t(`kind.${form.kind}`) }}</PushButton
        >
      </div>
      <form
        v-if="open && open.group === group"
        ref="formAt"
        class="record-here-form"
        @submit.prevent="record"
        @keydown.esc="close"
      >
        <RecordField
          v-for="field in open.fields"
          :key="`${open.kind}-${field.field}`"
          v-model="values[field.field]"
          :kind="open.kind"
          :field="field"
          :pot="pot"
          :fault="faultOf(field.field)"
        />
        <div class="record-here-when">
          <TextField v-model="date" type="date" :label="t('happened.on')" :fault="faultOf('at')" />
          <TextField v-model="time" type="time" :label="t('happened.at')" />
        </div>
        <TextField v-model="note" :label="t('happened.note')" :fault="faultOf('note')" />
        <p v-if="caution" class="record-here-caution">{{ caution }}</p>
        <div class="row">
          <PushButton native-type="submit" type="primary" :icon="Check" :loading="isSaving">{{
            t('happened.record')
          }}</PushButton>
          <PushButton @click="close">{{ t('happened.cancel') }}</PushButton>
        </div>
      </form>
    </template>
    <template v-if="pot">
      <p class="record-here-group">{{ t('photos.title') }}</p>
      <PhotoAdd :of="photoOf(pot)" :code="pot.container.code" />
    </template>
  </div>
</template>

<style>
.record-here-group {
  margin: 10px 0 4px;
  font-size: 13px;
  color: var(--ink-soft);
}
.record-here-form {
  margin: 10px 0 4px;
  padding: 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
}
.record-here-when {
  display: grid;
  grid-template-columns: 3fr 2fr;
  gap: 10px;
}
.record-here-caution {
  margin: 0 0 10px;
  font-size: 13px;
}
</style>
