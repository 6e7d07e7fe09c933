<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { differing, isFields, own, type MergeConflict, type TwoForms } from '@rimbo/core'
import { useGardenStore, type GardenMerged } from '../stores/garden'
import PushButton from './fields/PushButton.vue'
import { useFormat } from './words/format'

/** What came of a garden that went on in two places: what is new here, and what both have changed. */
const props = defineProps<{ merged: GardenMerged }>()
const emit = defineEmits<{ close: [] }>()
const store = useGardenStore()
const i18n = useI18n()
const { t } = i18n
const { day } = useFormat()

const SHOWN = 30
const shown = computed(() => props.merged.conflicts.slice(0, SHOWN))
const more = computed(() => props.merged.conflicts.length - shown.value.length)

const listName = (list: string) =>
  i18n.te(`settings.table.${list}`) ? t(`settings.table.${list}`) : t(`merge.field.${list}`)
/** What a thing is known by, as far as it says. */
function nameOf(thing: unknown): string {
  if (!isFields(thing)) return ''
  const record = own(thing, 'record')
  if (isFields(record)) return nameOf(record)
  const said = ['code', 'name', 'text'].map((field) => own(thing, field))
  const kind = own(thing, 'kind')
  const at = own(thing, 'at') ?? own(thing, 'date') ?? own(thing, 'plantedOn')
  return [
    ...said,
    typeof kind === 'string' && i18n.te(`kind.${kind}`) && t(`kind.${kind}`),
    typeof at === 'string' && day(at, { dateStyle: 'medium' }),
  ]
    .filter((one) => typeof one === 'string' && one !== '')
    .join(' · ')
}
const titleOf = ({ path: [list], one, other }: MergeConflict) =>
  [listName(list!), nameOf(one) || nameOf(other)].filter(Boolean).join(': ')
const fieldName = (field: string) => (i18n.te(`field.${field}`) ? t(`field.${field}`) : field)
const isShort = (value: unknown): value is string | number | boolean =>
  ['string', 'number', 'boolean'].includes(typeof value)
function valueWords(value: unknown): string {
  if (value === undefined) return t('merge.nothing')
  return isShort(value) ? String(value) : t('merge.notShown')
}
const differences = (conflict: MergeConflict) =>
  differing(conflict).map(({ field, one, other }: TwoForms) =>
    t('merge.forms', {
      field: fieldName(field),
      here: valueWords(one),
      there: valueWords(other),
    }),
  )

async function undo(): Promise<void> {
  await store.undo()
  emit('close')
}
/** Not merged after all: as it came in, whatever was here. */
/** Nothing was done since: what is taken back is this. */
const isLastStep = computed(() => store.undoLabel?.code === 'change.merge')
async function takeTheirs(): Promise<void> {
  await store.replaceBy(props.merged.incoming)
  emit('close')
}
</script>

<template>
  <section class="merge-report" role="status" :aria-label="t('merge.title')">
    <h3>{{ t('merge.title') }}</h3>
    <p v-if="!merged.lists.length && !merged.conflicts.length">{{ t('merge.same') }}</p>
    <ul v-if="merged.lists.length">
      <li v-for="one in merged.lists" :key="one.list">
        {{
          t('merge.list', {
            list: listName(one.list),
            added: one.added,
            changed: one.changed,
            removed: one.removed,
          })
        }}
      </li>
    </ul>
    <template v-if="shown.length">
      <p class="strong">
        {{ t('merge.conflicts', { n: merged.conflicts.length }, merged.conflicts.length) }}
      </p>
      <ul class="merge-conflicts">
        <li v-for="(conflict, index) in shown" :key="index">
          <strong>{{ titleOf(conflict) }}</strong>
          {{ t(`merge.taken.${conflict.taken}`) }}
          <span v-for="said in differences(conflict)" :key="said" class="soft merge-forms">{{
            said
          }}</span>
        </li>
      </ul>
      <p v-if="more > 0">{{ t('settings.moreFaults', { count: more }) }}</p>
    </template>
    <div class="row">
      <PushButton v-if="isLastStep" @click="undo">{{ t('merge.undo') }}</PushButton>
      <PushButton @click="takeTheirs">{{ t('merge.takeTheirs') }}</PushButton>
      <PushButton type="primary" @click="emit('close')">{{ t('merge.good') }}</PushButton>
    </div>
  </section>
</template>

<style>
.merge-report {
  margin: 10px 0;
  padding: 4px 14px 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
}
.merge-report h3 {
  margin: 8px 0 4px;
}
.merge-report ul {
  margin: 4px 0 8px;
  padding-left: 20px;
}
.merge-forms {
  display: block;
  overflow-wrap: anywhere;
}
</style>
