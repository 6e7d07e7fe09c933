<script setup lang="ts">
import { computed, reactive, ref, shallowRef, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Minus } from '@element-plus/icons-vue'
import {
  cultivars,
  edits,
  kindsToGrow,
  requireIn,
  varietyOf,
  whichGoesWhere,
  type GoesInto,
  type PlantingDay,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import PushButton from '../../ui/fields/PushButton.vue'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import { useReasonText } from '../../ui/words/reasons'
import type { StartWork } from '../../workers/start.worker'
import { useWorker } from '../../workers/useWorker'

/** Step three: what is to grow, by kind; which goes where, and when it goes in. */
const props = defineProps<{ isOpen: boolean }>()
const emit = defineEmits<{ done: [] }>()
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { now, date } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { share } = useFormat()
const { varietyName } = useNames()
const { textOf } = useReasonText()
const { ofError } = useFaultText()

const counts = reactive(new Map<string, number>())
const MOST_PLANTS = 60
const add = (id: string, by: 1 | -1) =>
  counts.set(id, Math.max(0, Math.min(MOST_PLANTS, (counts.get(id) ?? 0) + by)))
const byName = ref<string>()
watch(byName, (id) => {
  if (id) add(id, 1)
  byName.value = undefined
})
const nameOf = (id: string) => {
  const variety = garden.value && varietyOf(garden.value, id)
  return variety ? varietyName(variety) : id
}
const wanted = computed(() =>
  [...counts].flatMap(([varietyId, count]) => (count ? [{ varietyId, count }] : [])),
)
/** Varieties that were chosen by name are shown as chips too. */
const named = computed(() =>
  cultivars.flatMap(({ id }) => (counts.get(id) ? [{ id, name: nameOf(id) }] : [])),
)
const where = computed(() =>
  garden.value && props.isOpen ? whichGoesWhere(garden.value, wanted.value) : undefined,
)

/** When each of them goes in: years of weather are looked at, apart from the page. */
const asked = shallowRef<readonly GoesInto[]>([])
const days = useWorker<StartWork, PlantingDay[]>(
  () => new Worker(new URL('../../workers/start.worker.ts', import.meta.url), { type: 'module' }),
  (work) => work.plantingDays(garden.value!, asked.value, date.value),
)
watch(
  () => where.value?.placed,
  (placed) => {
    asked.value = placed ?? []
    if (placed?.length) void days.start()
  },
)
const dayOf = (index: number) => days.result.value?.[index]

const when = ref<'now' | 'plan'>()
const proposed = computed(() =>
  days.result.value?.some(({ isNow }) => isNow) ? ('now' as const) : ('plan' as const),
)
const chosen = computed({
  get: () => when.value ?? proposed.value,
  set: (value) => (when.value = value),
})
const isReady = computed(
  () =>
    !!where.value?.placed.length &&
    !days.isRunning.value &&
    (days.result.value?.length === where.value.placed.length || !!when.value),
)

const potName = ({ containerId }: GoesInto) => {
  const { code, name } = requireIn(garden.value!.containers, containerId)
  return `${code}, ${name}`
}
const leftOut = computed(() => (where.value?.leftOut ?? []).map(nameOf).join(', '))
const summary = computed(() => {
  const plantings = garden.value?.plantings ?? []
  const count = plantings.reduce((sum, one) => sum + one.count, 0)
  return t(
    'start.grow',
    { count, what: plantings.map((one) => nameOf(one.varietyId)).join('; ') },
    count,
  )
})

async function keep(): Promise<void> {
  if (isSaving.value) return
  if (!wanted.value.length) {
    emit('done')
    return
  }
  const plantings = (where.value?.placed ?? []).map(({ containerId, varietyId }, index) => {
    const safe = dayOf(index)
    const plantedOn = chosen.value === 'plan' && safe ? safe.on : date.value
    return { id: nanoid(), containerId, varietyId, count: 1, plantedOn }
  })
  await store.edit(edits.plantAll(plantings, now.value, nanoid))
  counts.clear()
  emit('done')
}
</script>

<template>
  <template v-if="props.isOpen">
    <p class="soft">{{ t('start.plantsText') }}</p>
    <div v-for="{ group, kinds } in kindsToGrow" :key="group" class="kinds">
      <h3>{{ t(`start.group.${group}`) }}</h3>
      <div class="row">
        <span v-for="kind in kinds" :key="kind.id" class="kind" :data-kind="kind.id">
          <PushButton :type="counts.get(kind.id) ? 'primary' : 'default'" @click="add(kind.id, 1)"
            >{{ varietyName(kind)
            }}<template v-if="counts.get(kind.id)">
              × {{ counts.get(kind.id) }}</template
            ></PushButton
          >
          <PushButton
            v-if="counts.get(kind.id)"
            :icon="Minus"
            :aria-label="t('start.removeOne', { name: varietyName(kind) })"
            @click="add(kind.id, -1)"
          />
        </span>
      </div>
    </div>
    <div class="kinds">
      <h3>{{ t('start.byName') }}</h3>
      <div class="row">
        <select v-model="byName" class="kind-names" :aria-label="t('start.byName')">
          <option :value="undefined" disabled>{{ t('start.byName') }}</option>
          <option v-for="one in cultivars" :key="one.id" :value="one.id">
            {{ varietyName(one) }}
          </option>
        </select>
        <span v-for="{ id, name } in named" :key="id" class="kind">
          <PushButton type="primary" @click="add(id, 1)"
            >{{ name }} × {{ counts.get(id) }}</PushButton
          >
          <PushButton
            :icon="Minus"
            :aria-label="t('start.removeOne', { name })"
            @click="add(id, -1)"
          />
        </span>
      </div>
    </div>
    <template v-if="where?.placed.length">
      <h3>{{ t('start.goesWhere') }}</h3>
      <ul class="goes-where">
        <li
          v-for="(one, index) in where.placed"
          :key="index"
          :class="`goes-${one.judgement.verdict}`"
        >
          {{
            t('start.goesInto', {
              plant: nameOf(one.varietyId),
              pot: potName(one),
              verdict: t(`start.verdict.${one.judgement.verdict}`, {
                share: share(one.judgement.value),
              }),
            })
          }}
          <template v-if="dayOf(index) && !days.isRunning.value">
            <span v-for="reason in dayOf(index)!.reasons" :key="reason.code" class="soft">
              {{ textOf(reason) }}
            </span>
          </template>
        </li>
      </ul>
      <p v-if="days.failure.value" class="strong" role="alert">{{ ofError(days.failure.value) }}</p>
      <p v-if="leftOut" class="strong">{{ t('start.leftOut', { plants: leftOut }) }}</p>
      <div class="row start-when">
        <span class="field-label">{{ t('start.when') }}</span>
        <SwitchButtons
          v-model="chosen"
          :options="[
            { value: 'now', label: t('start.nowOption') },
            { value: 'plan', label: t('start.planOption') },
          ]"
          :label="t('start.when')"
        />
        <span v-if="days.isRunning.value" class="soft" role="status">{{ t('start.working') }}</span>
      </div>
    </template>
    <div class="row start-go">
      <PushButton
        type="primary"
        :disabled="wanted.length ? !isReady : !garden?.plantings.length"
        @click="keep"
        >{{
          t(chosen === 'now' ? 'start.takePlants' : 'start.plan', where?.placed.length ?? 1)
        }}</PushButton
      >
    </div>
  </template>
  <p v-else>{{ summary }}</p>
</template>

<style>
.kinds h3 {
  margin: 0 0 4px;
}
.kinds {
  margin-bottom: 10px;
}
.kind {
  display: inline-flex;
  gap: 2px;
}
.kind .push-button + .push-button {
  margin-left: 0;
}
.kind-names {
  width: 220px;
  min-height: 36px;
  padding: 4px 8px;
  font: inherit;
  color: inherit;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 3px;
}
.goes-where {
  margin: 0 0 10px;
  padding: 0;
  list-style: none;
}
.goes-where li {
  padding: 4px 0 4px 10px;
  border-left: 4px solid var(--line);
}
.goes-where .goes-good {
  border-color: var(--leaf, var(--wet-ink));
}
.goes-where .goes-poor {
  border-color: var(--accent);
}
.start-when {
  margin-bottom: 12px;
}
.start-when .field-label {
  margin: 0;
}
</style>
