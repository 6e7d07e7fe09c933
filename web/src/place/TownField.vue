<script setup lang="ts">
import { ref, shallowRef, useId, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Town } from '@rimbo/core'
import { useFaultText } from '../ui/words/faults'
import { regionOf } from '../ui/words/region'
import { useTowns } from './useTowns'

/** A town, found by the beginning of its name; the list comes with the first letter. */
const emit = defineEmits<{ chosen: [town: Town] }>()
const { t, locale } = useI18n()
const { ofError } = useFaultText()
const { ask } = useTowns()
const id = useId()

const MOST = 7
const found = shallowRef<readonly Town[]>([])
const isLooking = ref(false)
const note = ref('')
const region = regionOf()
const countries = new Intl.DisplayNames([locale.value], { type: 'region' })
const whereIs = ({ country, state }: Town) =>
  [state, countries.of(country) ?? country].filter(Boolean).join(', ')

let last = ''
async function suggest(typed: string): Promise<void> {
  last = typed
  note.value = ''
  if (!typed.trim()) {
    found.value = []
    return
  }
  isLooking.value = !found.value.length
  try {
    const towns = await ask((work) => work.find(typed, MOST, region))
    if (typed !== last) return
    if (!towns.length) note.value = t('start.noTown')
    found.value = towns
  } catch (error) {
    note.value = ofError(error)
  }
  isLooking.value = false
}
const chosen = shallowRef<Town>()
watch(chosen, (town) => town && emit('chosen', town))
</script>

<template>
  <div class="field town-field" :class="{ 'field-wrong': note }">
    <label :for="id">{{ t('start.town') }}</label>
    <el-select
      :id="id"
      v-model="chosen"
      :remote-method="suggest"
      :loading="isLooking"
      :loading-text="t('start.looking')"
      :no-data-text="t('start.townHint')"
      :placeholder="t('start.townHint')"
      :aria-label="t('start.town')"
      :aria-describedby="`${id}-note`"
      filterable
      remote
      default-first-option
      value-key="latitudeDeg"
    >
      <el-option v-for="(town, index) in found" :key="index" :value="town" :label="town.name">
        <span class="town-name">{{ town.name }}</span>
        <span class="soft">{{ whereIs(town) }}</span>
      </el-option>
    </el-select>
    <p :id="`${id}-note`" class="field-note" role="status">{{ note }}</p>
  </div>
</template>

<style>
.town-name {
  margin-right: 8px;
  font-weight: 600;
}
</style>
