<script setup lang="ts">
import { computed, onMounted, reactive, shallowReactive } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Minus } from '@element-plus/icons-vue'
import { edits, potToday, usualContainers, type PotToday } from '@rimbo/core'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import { inTurns } from '../../turnByTurn'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'
import { useUsualPots } from './useUsualPots'

/** Step two: usual containers in section, a tap for each that is there. */
const props = defineProps<{ isOpen: boolean }>()
const emit = defineEmits<{ done: [] }>()
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { date } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { water } = useFormat()
const { nameOf, containerOf, containersOf } = useUsualPots()

const counts = reactive(new Map<string, number>())
const total = computed(() => [...counts.values()].reduce((sum, count) => sum + count, 0))
const add = (id: string, by: 1 | -1) =>
  counts.set(id, Math.max(0, Math.min(99, (counts.get(id) ?? 0) + by)))

/** Drawn one by one: the first can be tapped while the last is still to come. */
const drawn = shallowReactive(new Map<string, PotToday>())
onMounted(() =>
  inTurns(
    usualContainers.map((usual) => () => {
      if (!garden.value) return
      const container = containerOf(usual, usual.id, 'P', garden.value.spaces[0]!.id)
      // An empty garden about it: nothing else is asked than what it holds.
      const alone = { ...garden.value, containers: [], plantings: [], records: [] }
      drawn.set(usual.id, potToday(alone, container, date.value))
    }),
  ),
)

const summary = computed(() => {
  const pots = garden.value?.containers ?? []
  return t(
    'start.have',
    { count: pots.length, what: pots.map(({ name }) => name).join('; ') },
    pots.length,
  )
})

async function keep(): Promise<void> {
  if (!garden.value || isSaving.value) return
  if (total.value) await store.edit(edits.addUsual(containersOf(garden.value, counts, nanoid)))
  counts.clear()
  emit('done')
}
</script>

<template>
  <template v-if="props.isOpen">
    <p class="soft">{{ t('start.potsText') }}</p>
    <ul class="usual-pots">
      <li v-for="usual in usualContainers" :key="usual.id" :data-usual="usual.id">
        <button
          type="button"
          class="usual-pot"
          :class="{ 'usual-pot-chosen': counts.get(usual.id) }"
          @click="add(usual.id, 1)"
        >
          <SectionFigure
            v-if="drawn.get(usual.id)"
            :pot="drawn.get(usual.id)!"
            :width="76"
            :height="64"
            :label="nameOf(usual)"
            container-only
            aria-hidden="true"
          />
          <span v-else class="usual-pot-waits"></span>
          <span class="usual-pot-name">{{ nameOf(usual) }}</span>
          <span v-if="drawn.get(usual.id)" class="usual-pot-holds">{{
            t('start.holds', { volume: water(drawn.get(usual.id)!.volumes.rootVolumeL) })
          }}</span>
        </button>
        <template v-if="counts.get(usual.id)">
          <strong class="usual-pot-count">{{ counts.get(usual.id) }} ×</strong>
          <PushButton
            class="usual-pot-less"
            size="small"
            :icon="Minus"
            :aria-label="t('start.removeOne', { name: nameOf(usual) })"
            @click="add(usual.id, -1)"
          />
        </template>
      </li>
    </ul>
    <div class="row start-go">
      <PushButton type="primary" :disabled="!total && !garden?.containers.length" @click="keep">{{
        t('start.takePots', { count: total }, total)
      }}</PushButton>
      <router-link to="/line-up">{{ t('start.measure') }}</router-link>
    </div>
  </template>
  <p v-else>{{ summary }}</p>
</template>

<style>
.usual-pots {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(116px, 1fr));
  gap: 8px;
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
}
.usual-pots li {
  position: relative;
}
.usual-pot {
  display: flex;
  flex-direction: column;
  align-items: center;
  width: 100%;
  height: 100%;
  padding: 6px 4px;
  font: inherit;
  line-height: 1.2;
  color: inherit;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 3px;
  cursor: pointer;
}
.usual-pot:hover {
  background: var(--hover);
}
.usual-pot-chosen {
  border-color: var(--accent);
  box-shadow: 0 0 0 1px var(--accent) inset;
}
.usual-pot-waits {
  height: 64px;
}
.usual-pot-name {
  font-weight: 600;
}
.usual-pot-holds {
  font-size: 13px;
  color: var(--ink-soft);
}
.usual-pot-count {
  position: absolute;
  top: 6px;
  left: 8px;
  pointer-events: none;
}
.usual-pots .usual-pot-less {
  position: absolute;
  top: 4px;
  right: 4px;
  min-width: 36px;
  min-height: 36px;
  padding: 4px;
}
</style>
