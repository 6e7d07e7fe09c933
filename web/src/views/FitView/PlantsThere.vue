<script setup lang="ts">
import { ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import { Delete } from '@element-plus/icons-vue'
import { edits, removals, type Planting, type PotToday } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'

/** The plants in a pot, and taking them out. */
const props = defineProps<{ pot: PotToday }>()
const store = useGardenStore()
const { now, date } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { day } = useFormat()
const { varietyName } = useNames()

/** Planting of which it is asked why it is taken out. */
const leaving = ref<string>()
const whys = [...removals.filter((why) => why !== 'moved'), 'mistake'] as const
async function takeOut({ id }: Planting, why: (typeof whys)[number]): Promise<void> {
  const { id: containerId, code } = props.pot.container
  leaving.value = undefined
  const record = { id: nanoid(), at: now.value, containerId, plantingId: id } as const
  await store.edit(
    why === 'mistake'
      ? edits.takeOut({ id }, code)
      : edits.recordOne({ ...record, kind: 'remove', why }, code),
  )
}
/** What is only planned is struck off; of what stood there it is asked why it is taken out. */
async function ask(planting: Planting): Promise<void> {
  if (planting.plantedOn > date.value) await takeOut(planting, 'mistake')
  else leaving.value = leaving.value === planting.id ? undefined : planting.id
}
</script>

<template>
  <ul v-if="pot.plants.length" class="fit-plants">
    <li v-for="{ planting, variety } in pot.plants" :key="planting.id">
      {{ varietyName(variety) }} × {{ planting.count }},
      {{ t('fit.since', { day: day(planting.plantedOn, { day: 'numeric', month: 'long' }) }) }}
      <PushButton
        size="small"
        :icon="Delete"
        :aria-label="t('fit.takeOut', { name: varietyName(variety) })"
        :aria-expanded="leaving === planting.id"
        @click="ask(planting)"
      />
      <span v-if="leaving === planting.id" class="row" role="group" :aria-label="t('happened.why')">
        <PushButton v-for="why in whys" :key="why" size="small" @click="takeOut(planting, why)">{{
          t(why === 'mistake' ? 'fit.mistake' : `removal.${why}`)
        }}</PushButton>
      </span>
    </li>
  </ul>
  <p v-else class="soft">{{ t('fit.nothingThere') }}</p>
</template>

<style>
.fit-plants {
  padding: 0;
  list-style: none;
}
</style>
