<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import {
  edits,
  faultsOf,
  InputError,
  planTrial,
  trialDiffers,
  trialSchema,
  trialThings,
  type Fault,
  type Garden,
  type Trial,
  type TrialThing,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { vOpened } from '../../ui/fields/opened'
import PushButton from '../../ui/fields/PushButton.vue'
import TextField from '../../ui/fields/TextField.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'

/** A trial as it is set up: which pots against which, what differs, and how much they can tell. */
const props = defineProps<{ garden: Garden; trial: Trial | undefined }>()
const emit = defineEmits<{ close: [] }>()
const store = useGardenStore()
const { isSaving } = storeToRefs(store)
const { date } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { share, number } = useFormat()
const { atField } = useFaultText()

const name = ref(props.trial?.name ?? '')
const differsIn = ref<TrialThing | undefined>(props.trial?.differsIn ?? 'mix')
const a = ref<string[]>([...(props.trial?.a ?? [])])
const b = ref<string[]>([...(props.trial?.b ?? [])])
const isPaired = ref(props.trial?.isPaired ?? false)
const from = ref(props.trial?.from ?? date.value)
const to = ref(props.trial?.to ?? '')
const faults = shallowRef<readonly Fault[]>([])
const id = props.trial?.id ?? nanoid()

const things = computed(() =>
  trialThings.map((value) => ({ value, label: t(`trials.thing.${value}`) })),
)
const draft = computed(() => ({
  ...props.trial,
  id,
  name: name.value.trim(),
  differsIn: differsIn.value,
  a: a.value,
  b: b.value,
  isPaired: isPaired.value && a.value.length === b.value.length ? true : undefined,
  from: from.value,
  to: to.value || undefined,
}))
const given = computed(() =>
  Object.fromEntries(Object.entries(draft.value).filter(([, one]) => one !== undefined)),
)
const plantsEach = computed(() => Math.min(a.value.length, b.value.length))
const tells = computed(() => planTrial({ plantsEach: plantsEach.value }).tellsShare)
/** In what the pots differ beside what they are meant to. */
const alsoDiffers = computed(() => {
  const read = trialSchema.safeParse({ ...given.value, name: name.value.trim() || '–' })
  return read.data
    ? trialDiffers(props.garden, read.data).filter((thing) => thing !== differsIn.value)
    : []
})
const faultOf = (field: string) => {
  const found = faults.value.find(({ path }) => path[0] === field)
  return found && atField(found)
}
const sideWords = { a, b }
function toggle(side: 'a' | 'b', containerId: string): void {
  const list = sideWords[side]
  const other = sideWords[side === 'a' ? 'b' : 'a']
  other.value = other.value.filter((one) => one !== containerId)
  list.value = list.value.includes(containerId)
    ? list.value.filter((one) => one !== containerId)
    : [...list.value, containerId]
}

async function save(): Promise<void> {
  const read = trialSchema.safeParse(given.value, { reportInput: true })
  faults.value = read.error ? faultsOf(read.error) : []
  if (!read.data) return
  try {
    await store.edit(edits.keepTrial(read.data, props.trial, !props.trial))
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    faults.value = error.faults.length ? error.faults : [{ path: [], code: error.code, params: {} }]
    return
  }
  emit('close')
}
</script>

<template>
  <form v-opened class="trial-form" @submit.prevent="save">
    <div class="trial-fields">
      <TextField v-model="name" :label="t('trials.name')" :fault="faultOf('name')" />
      <ChoiceField v-model="differsIn" :label="t('trials.differsIn')" :options="things" />
      <TextField v-model="from" type="date" :label="t('trials.from')" :fault="faultOf('from')" />
      <TextField v-model="to" type="date" :label="t('trials.to')" :fault="faultOf('to')" />
    </div>
    <fieldset v-for="side in ['a', 'b'] as const" :key="side" class="trial-side">
      <legend>{{ t(`trials.pots.${side}`) }}</legend>
      <div class="row">
        <PushButton
          v-for="pot in garden.containers"
          :key="pot.id"
          size="small"
          :type="(side === 'a' ? a : b).includes(pot.id) ? 'primary' : 'default'"
          :aria-pressed="(side === 'a' ? a : b).includes(pot.id)"
          @click="toggle(side, pot.id)"
          >{{ pot.code }}</PushButton
        >
      </div>
      <p v-if="faultOf(side)" class="strong" role="alert">{{ faultOf(side) }}</p>
    </fieldset>
    <el-checkbox
      v-if="a.length && a.length === b.length"
      v-model="isPaired"
      :label="t('trials.paired')"
    />
    <p role="status">
      {{
        plantsEach < 2
          ? t('trials.oneEach')
          : t('trials.canTell', { n: number(plantsEach), share: share(tells) })
      }}
    </p>
    <p v-if="alsoDiffers.length" class="strong" role="status">
      {{
        t('trials.alsoDiffers', {
          things: alsoDiffers.map((thing) => t(`trials.thing.${thing}`)).join(', '),
        })
      }}
    </p>
    <div class="row">
      <PushButton native-type="submit" type="primary" :loading="isSaving">{{
        t('trials.save')
      }}</PushButton>
      <PushButton @click="emit('close')">{{ t('happened.cancel') }}</PushButton>
    </div>
  </form>
</template>

<style>
.trial-form {
  margin: 12px 0;
  padding: 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
}
.trial-fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
  gap: 0 14px;
}
.trial-side {
  margin: 0 0 8px;
  padding: 0;
  border: 0;
}
.trial-side legend {
  margin-bottom: 4px;
  font-weight: 600;
}
</style>
