<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import {
  closeSeason,
  closingOf,
  edits,
  mixFates,
  potsAtClose,
  removals,
  type MixFate,
  type PlantFate,
  plantFates,
  type SeasonOf,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'
import { usePotWords } from '../../ui/words/potWords'

/** One guided look at each pot at the end of its season. */
const props = defineProps<{ season: SeasonOf }>()
const emit = defineEmits<{ close: [] }>()
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { now, today } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { mass } = useFormat()
const { plantWords } = usePotWords()

const pots = computed(() =>
  garden.value ? potsAtClose(garden.value, props.season, now.value) : [],
)
const potOf = (id: string) => today.value?.pots.find(({ container }) => container.id === id)

interface Chosen {
  plants: PlantFate | undefined
  mix: MixFate | undefined
  isWashed: boolean
}
const chosen = reactive(
  new Map<string, Chosen>(
    pots.value.map(({ containerId, standing }) => [
      containerId,
      {
        plants: standing.length ? 'remove' : 'leave',
        mix: standing.length ? 'recharge' : 'leave',
        isWashed: false,
      },
    ]),
  ),
)
const why = ref<(typeof removals)[number] | undefined>('cropOver')
const plantOptions = plantFates.map((value) => ({ value, label: t(`closing.plant.${value}`) }))
const mixOptions = mixFates.map((value) => ({ value, label: t(`closing.fate.${value}`) }))
const whyOptions = removals
  .filter((value) => value !== 'moved')
  .map((value) => ({ value, label: t(`removal.${value}`) }))

/** The records that this would write. */
const records = computed(() => {
  if (!garden.value) return []
  const decided = pots.value.flatMap((pot) => {
    const one = chosen.get(pot.containerId)
    return one
      ? [closingOf(garden.value!, pot, { ...one, why: why.value ?? 'cropOver' }, now.value)]
      : []
  })
  return closeSeason(garden.value, decided, now.value, nanoid)
})
const touched = computed(() => new Set(records.value.map(({ containerId }) => containerId)).size)

const gave = ({ pickedG, pickedCount }: (typeof pots.value)[number]) =>
  [
    pickedG > 0 ? mass(pickedG) : '',
    pickedCount > 0 ? t('closing.count', { n: pickedCount }, pickedCount) : '',
  ]
    .filter(Boolean)
    .join(' · ') || t('closing.nothing')

async function close(): Promise<void> {
  await store.edit(edits.recordClosing(records.value, props.season.id))
  emit('close')
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t('closing.title', { season: season.id })"
    width="min(980px, 96vw)"
    top="5vh"
    @close="emit('close')"
  >
    <p class="soft">{{ t('closing.about') }}</p>
    <div class="closing-pots">
      <section v-for="pot in pots" :key="pot.containerId" class="closing-pot">
        <h3>
          {{ potOf(pot.containerId)?.container.code }}
          <span v-if="potOf(pot.containerId)" class="soft">{{
            plantWords(potOf(pot.containerId)!)
          }}</span>
        </h3>
        <p class="closing-gave">
          {{ t('closing.gave') }}: {{ gave(pot) }} ·
          {{ t('closing.seasons', { n: pot.mixSeasons }, pot.mixSeasons) }}
        </p>
        <div class="closing-fields">
          <ChoiceField
            v-if="pot.standing.length"
            v-model="chosen.get(pot.containerId)!.plants"
            :label="t('closing.plants')"
            :options="plantOptions"
          />
          <ChoiceField
            v-model="chosen.get(pot.containerId)!.mix"
            :label="t('closing.mix')"
            :options="mixOptions"
          />
          <el-checkbox
            v-model="chosen.get(pot.containerId)!.isWashed"
            :label="t('closing.washed')"
          />
        </div>
      </section>
    </div>
    <ChoiceField v-model="why" :label="t('closing.why')" :options="whyOptions" />
    <p class="soft">{{ t('closing.compost') }}</p>
    <p>{{ t('closing.caution') }}</p>
    <div class="row">
      <PushButton type="primary" :disabled="!touched" :loading="isSaving" @click="close">{{
        t('closing.close', { n: touched }, touched)
      }}</PushButton>
      <PushButton @click="emit('close')">{{ t('closing.cancel') }}</PushButton>
    </div>
  </el-dialog>
</template>

<style>
.closing-pots {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 12px;
  margin: 12px 0;
}
.closing-pot {
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 10px 12px;
}
.closing-pot h3 {
  margin: 0;
}
.closing-gave {
  margin: 4px 0 8px;
  font-size: 13px;
}
</style>
