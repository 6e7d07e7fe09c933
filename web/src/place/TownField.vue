<script setup lang="ts">
import { ref, useId } from 'vue'
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
interface Suggested {
  readonly value: string
  readonly town: Town
}
const typed = ref('')
const note = ref('')
const region = regionOf()
const countries = new Intl.DisplayNames([locale.value], { type: 'region' })
const whereIs = ({ country, state }: Town) =>
  [state, countries.of(country) ?? country].filter(Boolean).join(', ')

async function suggest(text: string, show: (found: Suggested[]) => void): Promise<void> {
  note.value = ''
  if (!text.trim()) return show([])
  try {
    const towns = await ask((work) => work.find(text, MOST, region))
    if (text !== typed.value) return
    if (!towns.length) note.value = t('start.noTown')
    show(towns.map((town) => ({ value: town.name, town })))
  } catch (error) {
    note.value = ofError(error)
    show([])
  }
}
function choose({ town }: Record<string, unknown>): void {
  note.value = ''
  emit('chosen', town as Town)
}
</script>

<template>
  <div class="field town-field" :class="{ 'field-wrong': note }">
    <label :for="id">{{ t('start.town') }}</label>
    <el-autocomplete
      :id="id"
      v-model="typed"
      :fetch-suggestions="suggest"
      :trigger-on-focus="false"
      :debounce="120"
      :placeholder="t('start.townHint')"
      highlight-first-item
      fit-input-width
      value-key="value"
      autocomplete="off"
      :aria-describedby="`${id}-note`"
      @select="choose"
    >
      <template #default="{ item }">
        <span class="town-name">{{ item.town.name }}</span>
        <span class="soft">{{ whereIs(item.town) }}</span>
      </template>
    </el-autocomplete>
    <p :id="`${id}-note`" class="field-note" role="status">{{ note }}</p>
  </div>
</template>

<style>
.town-field .el-autocomplete {
  width: 100%;
}
.town-name {
  margin-right: 8px;
  font-weight: 600;
}
</style>
